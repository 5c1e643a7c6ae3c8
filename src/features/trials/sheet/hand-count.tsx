'use client';

import {
  EXPOSURE_LIMITS,
  isShare,
  LINES_LIMITS,
  type TrialDocument,
  type TrialTouch,
} from '@/domain/trials/trial-document';
import { useI18n } from '@/i18n/client';
import { NumberField } from './number-field';

/** One touch counts one: for what the log does not have. */
export function HandCount({
  trial,
  lines,
  onLines,
  onTouch,
  onUndo,
  onByHand,
}: {
  readonly trial: TrialDocument;
  /** how many fish each version now */
  readonly lines: Readonly<Record<'a' | 'b', number>>;
  readonly onLines: (lines: Readonly<Record<'a' | 'b', number>>) => void;
  readonly onTouch: (touch: Omit<TrialTouch, 'id' | 'atS'>) => void;
  readonly onUndo: () => void;
  readonly onByHand: (byHand: TrialDocument['byHand']) => void;
}) {
  const { t } = useI18n();
  const share = isShare(trial.counted);
  const touch = (version: 'a' | 'b', hit?: boolean) =>
    onTouch({ version, aLines: lines.a, bLines: lines.b, ...(hit === undefined ? {} : { hit }) });
  const count = (version: 'a' | 'b', hit?: boolean) =>
    trial.touches.filter((each) => each.version === version && (hit === undefined || each.hit === hit)).length;
  return (
    <section aria-label={t('trials.hand.title')} data-testid="hand-count" className="print:hidden">
      <h2 className="narrow mb-1 border-b border-ink text-[15px] font-semibold">{t('trials.hand.title')}</h2>
      <div className="grid grid-cols-2 gap-2">
        {(['a', 'b'] as const).map((version) => (
          <div key={version} className="flex flex-col gap-1.5">
            {share ? (
              <div className="grid grid-cols-2 gap-1.5">
                {([true, false] as const).map((hit) => (
                  <Touch
                    key={String(hit)}
                    title={`${version.toUpperCase()} ${t(`trials.hand.${trial.counted as 'landed-of-hooked'}.${hit ? 'hit' : 'miss'}`)}`}
                    count={count(version, hit)}
                    onTouch={() => touch(version, hit)}
                  />
                ))}
              </div>
            ) : (
              <>
                <Touch title={version.toUpperCase()} count={count(version)} onTouch={() => touch(version)} />
                {trial.a.pick.by !== 'hook' && trial.way === 'together' && (
                  <NumberField
                    label={t('trials.hand.lines', { version: version.toUpperCase() })}
                    value={lines[version]}
                    limits={LINES_LIMITS}
                    whole
                    onValueChange={(value) => value !== null && onLines({ ...lines, [version]: value })}
                  />
                )}
                {trial.a.pick.by !== 'hook' && (
                  <NumberField
                    label={t(`trials.hand.${trial.exposure}`, { version: version.toUpperCase() })}
                    value={trial.byHand[version]}
                    limits={EXPOSURE_LIMITS}
                    onValueChange={(value) => value !== null && onByHand({ ...trial.byHand, [version]: value })}
                  />
                )}
              </>
            )}
          </div>
        ))}
      </div>
      <div className="mt-1.5 flex flex-wrap items-center gap-2">
        <button
          type="button"
          disabled={trial.touches.length === 0}
          onClick={onUndo}
          className="narrow min-h-9 border border-ink px-2 text-[14px] disabled:border-faint disabled:text-dim"
        >
          {t('trials.hand.undo')}
        </button>
        <p className="semi-narrow text-[13.5px] text-dim">
          {t(trial.way === 'together' || share ? 'trials.hand.together' : 'trials.hand.inTurn')}
        </p>
      </div>
    </section>
  );
}

function Touch({
  title,
  count,
  onTouch,
}: {
  readonly title: string;
  readonly count: number;
  readonly onTouch: () => void;
}) {
  return (
    <button
      type="button"
      onClick={onTouch}
      className="narrow flex min-h-14 items-baseline justify-between gap-2 border border-ink bg-sheet px-3 py-2 text-left hover:bg-paper"
    >
      <span className="text-[17px] font-semibold">{title}</span>
      <span className="text-[24px] font-semibold leading-none">{count}</span>
    </button>
  );
}
