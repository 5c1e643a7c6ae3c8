import { axisSteps } from '@/features/fields/nice-steps';
import { useI18n } from '@/i18n/client';
import type { ColumnScale } from './column-scale';

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
  const { inUnit, number, unitLabel } = useI18n();
  const ticks = (from: number, to: number, measure: 'depth' | 'distance', count: number) =>
    axisSteps(to, (to - from) / count, measure, { inUnit }).map((m) => ({ value: inUnit(m, measure), m }));
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
