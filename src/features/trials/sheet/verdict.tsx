'use client';

import { ENOUGH } from '@/core/afloat';
import type { TrialResult } from '@/domain/trials/result';
import { isShare, type TrialDocument } from '@/domain/trials/trial-document';
import { useI18n } from '@/i18n/client';
import { betterOf, nameOf } from '../words';

/** What the numbers say, as a sentence, and what they do not say. */
export function Verdict({ trial, result }: { readonly trial: TrialDocument; readonly result: TrialResult }) {
  const { t, number } = useI18n();
  const better = betterOf(result);
  const { counts, evidence, alwaysValidP } = result;
  const count = isShare(trial.counted) ? counts.a.of + counts.b.of : counts.a.counted + counts.b.counted;
  return (
    <div data-testid="verdict" data-verdict={result.verdict}>
      <p className="semi-narrow text-[18px] font-semibold leading-snug">
        {count === 0
          ? t('trials.says.nothing')
          : better
            ? t('trials.says.better', { name: nameOf(trial, better) })
            : t('trials.says.notYet')}
      </p>
      <p className="semi-narrow text-[15px]">
        {count > 0 &&
          (better
            ? t('trials.says.chance', { percent: percentText(alwaysValidP, number) })
            : t('trials.says.evidence', { evidence: number(evidence, evidence < 10 ? 1 : 0), enough: ENOUGH }))}
        {counts.doubles > 0 && ` ${t('trials.says.doubles', { count: counts.doubles })}`}
        {(counts.apart.strikes > 0 || counts.apart.exposure > 0.05) &&
          ` ${t(
            trial.a.pick.by === 'hook'
              ? 'trials.says.apartHooks'
              : trial.way === 'together'
                ? 'trials.says.apart'
                : 'trials.says.apartTurn',
            {
              count: counts.apart.strikes,
              hours: number(counts.apart.exposure, 1),
              exposure:
                trial.exposure === 'hours'
                  ? `${number(counts.apart.exposure, 1)} h`
                  : t('trials.says.casts', { count: counts.apart.exposure }),
            },
          )}`}
      </p>
    </div>
  );
}

/** Two digits, and never none: so small a chance is still one. */
function percentText(share: number, number: (value: number, decimals: number) => string): string {
  const percent = 100 * share;
  return percent < 0.001 ? `< ${number(0.001, 3)}` : number(percent, Math.max(0, 1 - Math.floor(Math.log10(percent))));
}
