import { linear } from './scale';

/** A zone of a scale, up to `to` on its axis. */
export interface ScaleZone {
  readonly to: number;
  readonly tone: 'ok' | 'edge' | 'bad';
}

export interface ScaleBarProps {
  readonly from: number;
  readonly to: number;
  readonly zones: readonly ScaleZone[];
  readonly ticks: readonly { readonly at: number; readonly label: string }[];
  /** null: nothing to point at */
  readonly value: number | null;
  /** where the value lies nine times in ten */
  readonly range?: readonly [number, number] | null;
  readonly label: string;
}

const WIDTH = 164;
const TONE = { ok: 'fill-ok', edge: 'fill-edge', bad: 'fill-bad' } as const;

/** A short scale with its zones, the limits' figures under it and a pin at the value. */
export function ScaleBar({ from, to, zones, ticks, value, range = null, label }: ScaleBarProps) {
  const x = linear([from, to], [0, WIDTH], 'clamped');
  return (
    <svg viewBox={`0 0 ${WIDTH} 36`} className="w-full max-w-[240px] overflow-visible" role="img" aria-label={label}>
      {zones.map((zone, i) => {
        const start = i === 0 ? from : zones[i - 1]!.to;
        return (
          <rect
            key={i}
            x={x(start)}
            y="10"
            width={Math.max(0, x(zone.to) - x(start))}
            height="9"
            className={TONE[zone.tone]}
          />
        );
      })}
      <line x1="0" x2={WIDTH} y1="19" y2="19" className="stroke-ink" />
      {range && (
        <path
          d={`M${x(range[0])},11.5 v6 M${x(range[0])},14.5 H${x(range[1])} M${x(range[1])},11.5 v6`}
          className="stroke-ink"
          fill="none"
          strokeWidth="1.3"
        />
      )}
      {value !== null && (
        <>
          <line x1={x(value)} x2={x(value)} y1="1" y2="20" className="stroke-ink" strokeWidth="2.5" />
          <line x1={x(value) - 8} x2={x(value) + 8} y1="5" y2="5" className="stroke-ink" strokeWidth="2.5" />
        </>
      )}
      {ticks.map((tick) => (
        <text key={tick.at} x={x(tick.at)} y="32" textAnchor="middle" className="narrow fill-dim text-[10.5px]">
          {tick.label}
        </text>
      ))}
    </svg>
  );
}
