import { useI18n } from '@/i18n/client';
import { verdictText } from '@/i18n/setup-text';
import type { Measured } from '@/server/actions/box';
import { Link } from '@/ui/link';

/** After a measurement: which marks of which setups it moved. */
export function MovedSetups({ saved }: { readonly saved: Measured }) {
  const { t } = useI18n();
  return (
    <div role="status">
      <p className="font-semibold">{t('guide.written')}</p>
      {saved.setups.length === 0 && <p>{t('guide.usedNowhere')}</p>}
      <ul className="mt-2">
        {saved.setups.map(({ setupId, name, fished, marks }) => (
          <li key={setupId} className="border-t border-faint py-1">
            <Link href={`/bench/${setupId}`} className="underline">
              {name}
            </Link>
            :{' '}
            {marks.length === 0
              ? t('guide.nothingMoved')
              : marks
                  .map(({ verdict, then, now }) =>
                    t('guide.moved', {
                      verdict: verdictText({ t }, verdict, fished),
                      then: t(`mark.${then}`),
                      now: t(`mark.${now}`),
                    }),
                  )
                  .join('; ')}
          </li>
        ))}
      </ul>
    </div>
  );
}
