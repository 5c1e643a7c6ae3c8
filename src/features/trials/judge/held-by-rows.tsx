'use client';

import { useI18n } from '@/i18n/client';
import type { JudgePage } from '@/server/queries/bench-judged';

const W = 110;

/** Which hook held the fish, of each setup and of all. */
export function HeldByRows({ held }: { readonly held: JudgePage['heldBy'] }) {
  const { t, number, percent } = useI18n();
  return (
    <section data-testid="held-by">
      <h2 className="narrow mb-1 border-b border-ink text-[16px] font-semibold">{t('trials.held.title')}</h2>
      {held.length === 0 ? (
        <p className="semi-narrow text-[15px] text-dim">{t('trials.held.none')}</p>
      ) : (
        <div role="region" tabIndex={0} aria-label={t('trials.held.title')} className="overflow-x-auto">
          <table className="narrow w-full min-w-[720px] text-[14px]">
            <thead>
              <tr className="text-left text-[12.5px] text-dim">
                <th className="font-normal">{t('common.setup')}</th>
                <th className="px-2 text-right font-normal">{t('trials.held.fish')}</th>
                {held[0]!.hooks.map(({ hook }) => (
                  <th key={hook} className="px-2 font-normal">
                    {t(`trials.hook.${hook}`)}
                  </th>
                ))}
                <th className="font-normal">{t('trials.held.pair')}</th>
              </tr>
            </thead>
            <tbody>
              {held.map(({ setupId, name, fish, hooks, pair }) => (
                <tr key={setupId ?? 'all'} className="border-t border-faint">
                  <th scope="row" className="py-1 text-left font-semibold">
                    {name ?? t('trials.held.all')}
                  </th>
                  <td className="px-2 text-right">{fish}</td>
                  {hooks.map(({ hook, count, share, interval }) => (
                    <td key={hook} className="px-2">
                      <span className="block">
                        {percent(share)} <span className="text-dim">({count})</span>
                      </span>
                      <svg viewBox={`0 0 ${W} 10`} className="h-2.5 w-[110px]" aria-hidden="true">
                        <path d={`M0,5H${W}`} stroke="var(--faint)" />
                        <line
                          x1={W * interval[0]}
                          x2={W * interval[1]}
                          y1="5"
                          y2="5"
                          stroke="var(--ink)"
                          strokeWidth="3"
                        />
                        <rect x={W * share - 2} y="1" width="4" height="8" fill="var(--hi)" stroke="var(--ink)" />
                      </svg>
                    </td>
                  ))}
                  <td className="semi-narrow text-[13.5px]">
                    {pair &&
                      (pair.live.outcome === 'not-yet'
                        ? t('trials.held.notYet', {
                            a: t(`trials.hook.${pair.b}`),
                            b: t(`trials.hook.${pair.a}`),
                            evidence: number(pair.live.evidence, 1),
                          })
                        : t('trials.held.better', {
                            hook: t(`trials.hook.${pair.live.outcome === 'b-better' ? pair.b : pair.a}`),
                            other: t(`trials.hook.${pair.live.outcome === 'b-better' ? pair.a : pair.b}`),
                          }))}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  );
}
