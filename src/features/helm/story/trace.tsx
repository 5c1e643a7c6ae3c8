'use client';

import type { Track } from '@/domain/helm/tracks';
import { since } from '@/domain/helm/tracks';
import { linear } from '@/ui/scale';

const [WIDTH, HEIGHT] = [340, 58];

/** A channel against time, with the moment at which it changed. */
export function Trace({
  track,
  fromS,
  toS,
  atS,
  labels,
}: {
  readonly track: Track;
  readonly fromS: number;
  readonly toS: number;
  readonly atS: number | null;
  readonly labels: { readonly before: string; readonly after: string; readonly at: string };
}) {
  const { tS, values } = since(track, fromS);
  const shown = tS.map((t, i) => [t, values[i]!] as const).filter(([t]) => t <= toS);
  if (shown.length < 2) return null;
  const [least, most] = [Math.min(...shown.map(([, v]) => v)), Math.max(...shown.map(([, v]) => v))];
  const x = linear([fromS, toS], [0, WIDTH - 8]);
  const y = linear([least, most], [46, 16]);
  // A gap in the readings is a gap in the line.
  const path = shown
    .map(([t, v], i) => `${i === 0 || t - shown[i - 1]![0] > 5 ? 'M' : 'L'}${x(t).toFixed(1)},${y(v).toFixed(1)}`)
    .join('');
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="column block w-full max-w-[360px]" aria-hidden="true">
      <path d={`M0,${HEIGHT - 4}H${WIDTH - 8}`} className="tick" />
      {atS !== null && (
        <path d={`M${x(atS)},4V${HEIGHT - 4}`} className="needle" strokeWidth="2" strokeDasharray="4 3" />
      )}
      <path d={path} fill="none" stroke="var(--ink)" strokeWidth="1.3" />
      <text x={2} y={12} className="dim">
        {labels.before}
      </text>
      <text x={WIDTH - 10} y={12} textAnchor="end" className="dim">
        {labels.after}
      </text>
      {atS !== null && (
        <text x={x(atS) + 5} y={HEIGHT - 8} fontWeight="650">
          {labels.at}
        </text>
      )}
    </svg>
  );
}
