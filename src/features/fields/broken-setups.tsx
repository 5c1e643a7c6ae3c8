'use client';

import { useI18n } from '@/i18n/client';
import { faultText } from '@/i18n/problem-text';
import type { BrokenSetup } from '@/server/setups/newest-setups';
import { Link } from '@/ui/link';

/** Setups that cannot be worked out: by name, what is wrong, and the way to where it is mended. The view goes on without them. */
export function BrokenSetups({ broken }: { readonly broken: readonly BrokenSetup[] }) {
  const { t } = useI18n();
  if (broken.length === 0) return null;
  return (
    <details className="border border-ink bg-sheet px-2.5 print:hidden" data-testid="broken-setups">
      <summary className="semi-narrow min-h-8 cursor-pointer leading-8">
        {t('broken.setups', { count: broken.length })}: {broken.map(({ name }) => name).join(', ')}
      </summary>
      <ul className="pb-1">
        {broken.map(({ id, name, faults }) => (
          <li key={id} className="semi-narrow border-t border-faint py-1 text-[14px]">
            <b className="font-semibold">{name}</b>: {faultText(t, faults)}{' '}
            <Link className="underline" href={`/bench/${encodeURIComponent(id)}`}>
              {t('broken.mend')}
            </Link>
          </li>
        ))}
      </ul>
    </details>
  );
}
