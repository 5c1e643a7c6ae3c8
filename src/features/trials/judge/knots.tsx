'use client';

import { useI18n } from '@/i18n/client';
import type { JudgePage } from '@/server/queries/bench-judged';

/** What knots kept of their line by the class, and by the user's own pull tests. */
export function Knots({ knots }: { readonly knots: JudgePage['knots'] }) {
  const { t, number, percent } = useI18n();
  return (
    <section aria-label={t('trials.knots.title')} data-testid="knots">
      <h2 className="narrow mb-1 border-b border-ink text-[16px] font-semibold">{t('trials.knots.title')}</h2>
      {knots.length === 0 ? (
        <p className="semi-narrow text-[15px]">{t('trials.knots.none')}</p>
      ) : (
        <table className="narrow w-full text-[14px]">
          <thead>
            <tr className="text-left text-[12.5px] text-dim">
              <th className="font-normal">{t('trials.knots.knot')}</th>
              <th className="px-2 text-right font-normal">{t('trials.knots.predicted')}</th>
              <th className="px-2 text-right font-normal">{t('trials.knots.measured')}</th>
            </tr>
          </thead>
          <tbody>
            {knots.map(({ knot, material, predicted, measured, spread }, i) => (
              <tr key={i} className="border-t border-faint">
                <th scope="row" className="py-0.5 text-left font-semibold">
                  {knot}, {t(`word.${material as 'braid'}`)}
                </th>
                <td className="px-2 text-right">{percent(predicted)}</td>
                <td className="px-2 text-right font-semibold">
                  {percent(measured)}
                  {spread === null ? '' : ` ± ${number(100 * spread * measured, 0)}`}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
