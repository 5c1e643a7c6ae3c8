'use client';

import { ENOUGH } from '@/core/afloat';
import { useI18n } from '@/i18n/client';
import { linear, logarithmic } from '@/ui/scale';

const [W, H] = [640, 190];
const [LEFT, RIGHT, TOP, BOTTOM] = [44, 12, 14, 26];
/** Evidence from a twentieth to a thousand is drawn; what lies beyond stands at the edge. */
const [LEAST, MOST] = [1 / ENOUGH, 1000];
const STEPS = [0.1, 1, ENOUGH, 100, 1000] as const;

/** Evidence against strikes: above the upper line there is a winner, however often one looked. */
export function EvidencePicture({
  path,
  of,
  isShare,
}: {
  readonly path: readonly number[];
  readonly of: number;
  readonly isShare: boolean;
}) {
  const { t, number } = useI18n();
  // The newest strike stands at the right, a single one too.
  const x = linear([Math.min(0, path.length - 2), path.length - 1], [LEFT, W - RIGHT]);
  const y = logarithmic([LEAST, MOST], [H - BOTTOM, TOP], 'clamped');
  const points = [`${LEFT},${y(1)}`, ...path.map((evidence, i) => `${x(i).toFixed(1)},${y(evidence).toFixed(1)}`)];
  const last = path.at(-1);
  return (
    <figure className="m-0" data-testid="evidence-picture">
      <svg
        viewBox={`0 0 ${W} ${H}`}
        className="block h-auto w-full"
        role="img"
        aria-label={t('trials.picture.label', { evidence: number(last ?? 1, 1), enough: ENOUGH })}
      >
        <rect x={LEFT} y={TOP} width={W - LEFT - RIGHT} height={y(ENOUGH) - TOP} fill="var(--hi)" opacity="0.16" />
        {STEPS.map((step) => (
          <g key={step}>
            <line
              x1={LEFT}
              x2={W - RIGHT}
              y1={y(step)}
              y2={y(step)}
              stroke={step === ENOUGH ? 'var(--ink)' : 'var(--faint)'}
              strokeWidth={step === ENOUGH ? 1.5 : 1}
              strokeDasharray={step === ENOUGH ? '7 4' : undefined}
            />
            <text x={LEFT - 6} y={y(step) + 4} textAnchor="end" fontSize="12" fill="var(--dim)">
              {number(step, step < 1 ? 1 : 0)}
            </text>
          </g>
        ))}
        <text x={W - RIGHT - 4} y={y(ENOUGH) - 6} textAnchor="end" fontSize="12.5" fill="var(--ink)">
          {t('trials.picture.enough')}
        </text>
        <polyline points={points.join(' ')} fill="none" stroke="var(--ink)" strokeWidth="2" strokeLinejoin="round" />
        {last !== undefined && (
          <circle cx={x(path.length - 1)} cy={y(last)} r="4.5" fill="var(--hi)" stroke="var(--ink)" strokeWidth="1.5" />
        )}
        <text x={LEFT} y={H - 8} fontSize="12" fill="var(--dim)">
          0
        </text>
        <text x={W - RIGHT} y={H - 8} textAnchor="end" fontSize="12" fill="var(--dim)">
          {t(isShare ? 'trials.picture.pairs' : 'trials.picture.strikes', { count: of })}
        </text>
      </svg>
    </figure>
  );
}
