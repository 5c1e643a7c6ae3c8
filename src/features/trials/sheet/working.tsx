'use client';

import { useI18n } from '@/i18n/client';

const PIECES = ['live', 'share', 'turn', 'totals', 'strata', 'flurry', 'apart'] as const;

/** What each figure means and how it is made, in plain words. */
export function Working({ isShare, way }: { readonly isShare: boolean; readonly way: 'together' | 'in-turn' }) {
  const { t } = useI18n();
  const shown = PIECES.filter(
    (piece) =>
      (piece !== 'live' || !isShare) &&
      (piece !== 'share' || isShare) &&
      (piece !== 'turn' || (way === 'in-turn' && !isShare)),
  );
  return (
    <details className="border-t border-ink pt-1">
      <summary className="narrow min-h-9 cursor-pointer text-[15px] font-semibold">{t('trials.working.title')}</summary>
      <dl className="semi-narrow grid gap-x-4 gap-y-1.5 text-[14px] sm:grid-cols-[170px_1fr]">
        {shown.map((piece) => (
          <div key={piece} className="contents">
            <dt className="narrow font-semibold">{t(`trials.working.${piece}.name`)}</dt>
            <dd>{t(`trials.working.${piece}.text`)}</dd>
          </div>
        ))}
      </dl>
    </details>
  );
}
