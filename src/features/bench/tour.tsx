'use client';

import { useEffect, useState } from 'react';
import { useI18n } from '@/i18n/client';

/** Parts of the Bench in the order in which they are shown; each carries its name as `data-tour`. */
const STOPS = ['joints', 'sheet', 'verdicts', 'candidates', 'keys'] as const;

/** A walk round the Bench that can be left at any step: one part of the page is outlined and told at a time. */
export function Tour({ onLeave }: { readonly onLeave: () => void }) {
  const { t } = useI18n();
  const [at, setAt] = useState(0);
  const stop = STOPS[at]!;
  useEffect(() => {
    const shown = document.querySelector(`[data-tour="${stop}"]`);
    shown?.setAttribute('data-touring', '');
    shown?.scrollIntoView({ block: 'center' });
    return () => shown?.removeAttribute('data-touring');
  }, [stop]);
  const isLast = at === STOPS.length - 1;
  return (
    <section
      aria-label={t('help.tour')}
      className="fixed inset-x-2 bottom-2 z-30 mx-auto max-w-md border-2 border-ink bg-sheet p-3 print:hidden"
    >
      <p role="status">{t(`tour.step.${stop}`)}</p>
      <div className="narrow mt-2 flex items-center gap-2">
        <span className="mr-auto text-[13px] text-dim">{t('tour.of', { at: at + 1, of: STOPS.length })}</span>
        {!isLast && (
          <button type="button" onClick={onLeave} className="min-h-9 px-2 underline underline-offset-2">
            {t('tour.leave')}
          </button>
        )}
        {at > 0 && (
          <button type="button" onClick={() => setAt(at - 1)} className="min-h-9 border border-faint px-3">
            {t('tour.back')}
          </button>
        )}
        <button
          type="button"
          onClick={() => (isLast ? onLeave() : setAt(at + 1))}
          className="min-h-9 border border-ink bg-hi px-3 font-semibold text-on-hi"
        >
          {t(isLast ? 'tour.done' : 'tour.next')}
        </button>
      </div>
    </section>
  );
}
