'use client';

import type { TrialResult } from '@/domain/trials/result';
import { isShare, type TrialDocument } from '@/domain/trials/trial-document';
import { useI18n } from '@/i18n/client';
import type { TrialsPage } from '@/server/queries/trials-page';
import { betterOf, nameOf, pickText } from '../words';

/** Both versions side by side with what they have to show. */
export function VersionTiles({
  trial,
  result,
  setups,
}: {
  readonly trial: TrialDocument;
  readonly result: TrialResult | null;
  readonly setups: TrialsPage['setups'];
}) {
  const i18n = useI18n();
  const { t, number } = i18n;
  const better = trial.closed ? trial.closed.better : result && betterOf(result);
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      {(['a', 'b'] as const).map((side) => {
        const arm = result?.counts[side];
        const isHook = trial.a.pick.by === 'hook';
        return (
          <section
            key={side}
            aria-label={nameOf(trial, side)}
            data-testid={`version-${side}`}
            className={`flex gap-3 border border-ink bg-sheet p-2.5 ${better === side ? 'border-2' : ''}`}
          >
            <span className={`semi-narrow text-[44px] font-semibold leading-none ${better === side ? '' : 'text-dim'}`}>
              {side.toUpperCase()}
            </span>
            <div className="min-w-0">
              <h2 className="semi-narrow text-[17px] font-semibold leading-tight">{trial[side].name}</h2>
              <p className="narrow text-[13.5px] text-dim">{pickText(i18n, trial[side].pick, setups)}</p>
              {arm && (
                <p className="semi-narrow mt-1 text-[15px]">
                  {isShare(trial.counted)
                    ? t('trials.tile.share', {
                        hits: arm.hits,
                        of: arm.of,
                        percent: arm.of > 0 ? number((100 * arm.hits) / arm.of, 0) : '–',
                      })
                    : isHook
                      ? t('trials.tile.hook', { count: arm.counted })
                      : t(`trials.tile.${trial.exposure}`, {
                          count: arm.counted,
                          exposure: number(arm.exposure, trial.exposure === 'hours' ? 1 : 0),
                          rate: arm.exposure > 0 ? number(arm.counted / arm.exposure, 2) : '–',
                        })}
                </p>
              )}
            </div>
          </section>
        );
      })}
    </div>
  );
}
