'use client';

import { knotSteps } from '@/core/show';
import type { KnotPattern } from '@/core/tackle/defaults/knots';
import { PrimitiveShapes } from '@/features/fields/outline-view';
import { useI18n } from '@/i18n/client';

/** A knot step by step: the standing line full, the tag end dashed, each figure with what the hands do. */
export function KnotFigures({ pattern }: { readonly pattern: KnotPattern }) {
  const { t } = useI18n();
  const steps = knotSteps(pattern, 'knot');
  return (
    <section aria-label={t('tying.drawKnot')} className="border-t border-faint pt-1">
      <ol className="grid gap-x-4 gap-y-2 sm:grid-cols-2 lg:grid-cols-3">
        {steps.map(({ primitives, tag, standing, box }, i) => (
          <li key={i} className="grid grid-cols-[18px_minmax(0,1fr)]">
            <span className="text-[13px] font-semibold">{i + 1}</span>
            <div>
              <svg
                viewBox={`${box.left - 3} ${box.top - 5} ${box.right - box.left + 6} ${box.bottom - box.top + 10}`}
                className="drawing h-20 w-full"
                preserveAspectRatio="xMinYMid meet"
                aria-hidden="true"
              >
                <PrimitiveShapes primitives={primitives} />
                <text x={standing[0]} y={standing[1] - 2.4} style={{ fontSize: 3.6 }}>
                  {t('tying.standing')}
                </text>
                {i < steps.length - 1 && (
                  <text x={tag[0]} y={tag[1] + (tag[1] < 0 ? -1.8 : 4.6)} textAnchor="middle" style={{ fontSize: 3.6 }}>
                    {t('tying.tagEnd')}
                  </text>
                )}
              </svg>
              <p className="semi-narrow text-[13.5px] leading-tight">
                {t(`tying.knot.${pattern}.${i}` as 'tying.knot.wrapped-eye.0')}
              </p>
            </div>
          </li>
        ))}
      </ol>
    </section>
  );
}
