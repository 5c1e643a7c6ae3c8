'use client';

import type { PlanKept } from '@/domain/trials/plan-kept';
import type { TrialDocument } from '@/domain/trials/trial-document';
import { clockText } from '@/features/fields/readout';
import { useI18n } from '@/i18n/client';

/** Which version on which line when, and how far that was kept to. */
export function PlanSection({ trial, kept }: { readonly trial: TrialDocument; readonly kept: readonly PlanKept[] }) {
  const i18n = useI18n();
  const { t, number, date } = i18n;
  const { plan } = trial;
  if (!plan) return null;
  const first = plan.spells[0]!;
  const anglers = new Set(plan.lines.flatMap(({ levels }) => levels['angler'] ?? []));
  return (
    <section data-testid="trial-plan">
      <h2 className="narrow mb-1 border-b border-ink text-[15px] font-semibold">
        {t('trials.plan.on', { day: date(new Date(first.fromS * 1000)) })}
      </h2>
      <div role="region" tabIndex={0} aria-label={t('trials.plan.title')} className="overflow-x-auto">
        <table className="narrow w-full text-[14px]">
          <thead>
            <tr className="text-left text-[12.5px] text-dim">
              <th className="font-normal">{t('trials.plan.line')}</th>
              {plan.spells.map(({ fromS }) => (
                <th key={fromS} className="px-2 text-center font-normal">
                  {clockText(i18n, fromS)}
                </th>
              ))}
              <th className="px-2 text-right font-normal">{t('trials.plan.kept')}</th>
            </tr>
          </thead>
          <tbody>
            {plan.lines.map(({ line, levels }) => {
              const own = kept.find((each) => each.line === line);
              const whole = own ? own.asPlannedH + own.otherH + own.neitherH : 0;
              return (
                <tr key={line} className="border-t border-faint">
                  <th scope="row" className="py-1 text-left font-semibold">
                    {line}
                    <span className="ml-2 font-normal text-dim">
                      {Object.values(levels)
                        .filter((each) => each !== '')
                        .slice(0, 2)
                        .join(', ')}
                    </span>
                  </th>
                  {plan.spells.map(({ fromS, lines }) => {
                    const version = lines.find((each) => each.line === line)?.version;
                    return (
                      <td key={fromS} className="px-2 text-center font-semibold">
                        {version?.toUpperCase() ?? '–'}
                      </td>
                    );
                  })}
                  <td className="px-2 text-right">
                    {own && whole > 0
                      ? t('trials.plan.keptShare', {
                          percent: number((100 * own.asPlannedH) / whole, 0),
                          hours: number(whole, 1),
                        })
                      : t('trials.plan.notFished')}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      <p className="semi-narrow mt-1 text-[13.5px] text-dim">
        {anglers.size > 1 ? t('trials.plan.anglers') : t('trials.plan.swap')}
      </p>
    </section>
  );
}
