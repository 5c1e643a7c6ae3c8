import { useI18n } from '@/i18n/client';
import { roundStep, type ColumnScale } from './column-scale';

/** No nearer to each other stand the figures of the depth axis, where at least one fits [px]. */
const DEPTHS_APART_PX = 16;
const MOST_DEPTHS = 6;

/** The note on the scale stands at the left of the axis [px]. */
const NOTE_PX = 215;

export function Axes({
  extent,
  scale: { x, y },
  width,
  height,
}: {
  readonly extent: { readonly leftM: number; readonly rightM: number; readonly deepM: number };
  readonly scale: ColumnScale;
  readonly width: number;
  readonly height: number;
}) {
  const { inUnit, fromUnit, number, unitLabel } = useAxisUnits();
  const ticks = (from: number, to: number, measure: 'depth' | 'distance', count: number) => {
    const [a, b] = [inUnit(from, measure), inUnit(to, measure)];
    const step = roundStep(b - a, count);
    return Array.from({ length: Math.floor(b / step) }, (_, i) => (i + 1) * step).map((value) => ({
      value,
      m: fromUnit(value, measure),
    }));
  };
  const depths = Math.max(2, Math.min(MOST_DEPTHS, Math.floor((y(extent.deepM) - y(0)) / DEPTHS_APART_PX)));
  return (
    <g className="axes">
      {ticks(0, extent.deepM, 'depth', depths)
        .filter(({ m }) => y(m) < height - 14)
        .map(({ value, m }) => (
          <g key={`z${value}`}>
            <path d={`M40,${y(m)}H${width}`} className="grid" />
            <text x={36} y={y(m) + 4} textAnchor="end">
              {number(value, 1)}
            </text>
          </g>
        ))}
      <text x={36} y={y(0) + 4} textAnchor="end">
        0 {unitLabel('depth')}
      </text>
      {ticks(0, extent.rightM, 'distance', 7)
        .filter(({ m }) => x(m) < width - 50 && x(m) > NOTE_PX)
        .map(({ value, m }) => (
          <g key={`x${value}`}>
            <path d={`M${x(m)},${height - 20}v5`} className="tick" />
            <text x={x(m)} y={height - 5} textAnchor="middle">
              {number(value, 0)}
            </text>
          </g>
        ))}
      <text x={width - 8} y={height - 5} textAnchor="end">
        {unitLabel('distance')}
      </text>
    </g>
  );
}

/** Figures of an axis stand in the user's unit. */
function useAxisUnits() {
  const { inUnit, number, unitLabel } = useI18n();
  return {
    inUnit,
    number,
    unitLabel,
    fromUnit: (value: number, measure: 'depth' | 'distance') => value / inUnit(1, measure),
  };
}
