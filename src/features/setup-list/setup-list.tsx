import Link from 'next/link';
import { VERDICT_NAMES, type Mark as MarkWord } from '@/core/evaluate';
import { revisionLetter } from '@/domain/revision-letter';
import { getI18n } from '@/i18n/server';
import type { SetupLine } from '@/server/queries/setup-list';
import { Mark, type MarkShape } from '@/ui/mark';

const SHAPE = { sound: 'filled', edge: 'half', fails: 'crossed', 'cant-tell': 'dotted' } as const satisfies Record<MarkWord, MarkShape>;

/** The setups of the bench with the marks of their newest revisions. */
export async function SetupList({ setups }: { readonly setups: readonly SetupLine[] }) {
  const { t, date } = await getI18n();
  const names = VERDICT_NAMES.filter((name) => name !== 'balance');
  return (
    <main id="main" tabIndex={-1} className="outline-none mx-auto max-w-4xl px-3 py-4">
      <h1 className="narrow mb-3 text-[20px] font-semibold">{t('list.title')}</h1>
      {setups.length === 0 ? (
        <p>{t('list.empty')}</p>
      ) : (
        <div className="overflow-x-auto border border-ink bg-sheet" tabIndex={0} role="group" aria-label={t('list.title')}>
          <table className="w-full border-collapse text-[14px]">
            <thead className="narrow text-left text-[12px] text-dim">
              <tr>
                <th className="px-3 py-1.5 font-normal">{t('list.name')}</th>
                <th className="px-2 font-normal">{t('list.revision')}</th>
                <th className="px-2 font-normal">{t('list.date')}</th>
                {names.map((name) => (
                  <th key={name} className="px-2 font-normal">{t(`verdict.${name}`)}</th>
                ))}
              </tr>
            </thead>
            <tbody>
              {setups.map((setup) => (
                <tr key={setup.id} className="border-t border-faint">
                  <td className="semi-narrow p-0">
                    <Link href={`/bench/${setup.id}`} className="flex min-h-10 items-center px-3 font-semibold hover:underline">{setup.name}</Link>
                  </td>
                  <td className="px-2">{revisionLetter(setup.number)}</td>
                  <td className="narrow whitespace-nowrap px-2">{date(setup.savedAt, 'full')}</td>
                  {names.map((name) => {
                    const { mark } = setup.verdicts[name];
                    return (
                      <td key={name} className="px-2">
                        <span className="narrow flex items-center gap-1.5 whitespace-nowrap">
                          <Mark shape={SHAPE[mark]} size={13} /> {t(`mark.${mark}`)}
                        </span>
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </main>
  );
}
