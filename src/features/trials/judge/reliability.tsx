'use client';

import type { Judged } from '@/core/afloat';
import { useI18n } from '@/i18n/client';
import { linear, logarithmic } from '@/ui/scale';

const [W, H] = [460, 240];
const [LEFT, RIGHT, TOP, BOTTOM] = [40, 12, 12, 34];
/** Margins from a quarter to eight times what is needed are drawn. */
const [LEAST, MOST] = [0.25, 8];
const TICKS = [0.25, 0.5, 1, 2, 4, 8] as const;
const SHARES = [0, 0.25, 0.5, 0.75, 1] as const;

/** How many came to it at each predicted margin: the bench's own curve, this user's, and what was counted. */
export function Reliability({ judged, label }: { readonly judged: Judged; readonly label: string }) {
  const { t, number, percent } = useI18n();
  const x = logarithmic([LEAST, MOST], [LEFT, W - RIGHT], 'clamped');
  const y = linear([0, 1], [H - BOTTOM, TOP]);
  const curve = (a: number, b: number) =>
    Array.from({ length: 61 }, (_, i) => {
      const margin = LEAST * (MOST / LEAST) ** (i / 60);
      const share = 1 / (1 + Math.exp(-(a + b * Math.log(margin))));
      return `${x(margin).toFixed(1)},${y(share).toFixed(1)}`;
    }).join(' ');
  const most = Math.max(1, ...judged.bins.map(({ of }) => of));
  return (
    <svg viewBox={`0 0 ${W} ${H}`} className="block h-auto w-full max-w-[560px]" role="img" aria-label={label}>
      {SHARES.map((share) => (
        <g key={share}>
          <line x1={LEFT} x2={W - RIGHT} y1={y(share)} y2={y(share)} stroke="var(--faint)" />
          <text x={LEFT - 6} y={y(share) + 4} textAnchor="end" fontSize="11.5" fill="var(--dim)">
            {percent(share)}
          </text>
        </g>
      ))}
      {TICKS.map((tick) => (
        <text key={tick} x={x(tick)} y={H - 18} textAnchor="middle" fontSize="11.5" fill="var(--dim)">
          {number(tick, tick < 1 ? 2 : 0)}
        </text>
      ))}
      <text x={(LEFT + W - RIGHT) / 2} y={H - 4} textAnchor="middle" fontSize="11.5" fill="var(--dim)">
        {t('trials.judge.margin')}
      </text>
      <polyline points={curve(0.8, 1.5)} fill="none" stroke="var(--dim)" strokeWidth="1.5" strokeDasharray="5 4" />
      {judged.bins.length > 0 && (
        <polyline points={curve(judged.a, judged.b)} fill="none" stroke="var(--ink)" strokeWidth="2.5" />
      )}
      {judged.bins.map(({ from, to, of, hooked }) => {
        const middle = Math.sqrt(Math.max(LEAST, from) * Math.min(MOST, to ?? MOST));
        return (
          <g key={from}>
            <circle
              cx={x(middle)}
              cy={y(hooked / of)}
              r={4 + 7 * Math.sqrt(of / most)}
              fill="var(--hi)"
              stroke="var(--ink)"
              strokeWidth="1.5"
            />
            <text x={x(middle)} y={y(hooked / of) + 4} textAnchor="middle" fontSize="11" fill="var(--on-hi)">
              {of}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
