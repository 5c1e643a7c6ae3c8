import { useI18n } from '@/i18n/client';
import type { Found } from '@/domain/guides';
import { linear } from '@/ui/scale';

const W = 230;
const H = 130;
const LEFT = 38;
const BOTTOM = 24;

/** The readings, and the curve that was fitted to them. */
export function FitPlot({ plot, label }: { readonly plot: NonNullable<Found['plot']>; readonly label: string }) {
  const { format, unitLabel } = useI18n();
  const all = [...plot.points, ...plot.curve];
  const maxX = Math.max(...all.map(([x]) => x));
  const maxY = Math.max(...all.map(([, y]) => y), 1e-12);
  const across = linear([0, maxX], [LEFT, W - 8]);
  const up = linear([0, maxY], [H - BOTTOM, 10]);
  const at = ([x, y]: readonly [number, number]) => `${across(x).toFixed(1)},${up(Math.max(0, y)).toFixed(1)}`;
  return (
    <svg viewBox={`0 0 ${W} ${H}`} role="img" aria-label={label} className="h-auto w-full max-w-[300px]">
      <path d={`M${LEFT},6V${H - BOTTOM}H${W - 4}`} className="fill-none stroke-ink" />
      <polyline points={plot.curve.map(at).join(' ')} className="fill-none stroke-ink" strokeWidth="1.4" />
      {plot.points.map((point, i) => {
        const [x, y] = at(point).split(',').map(Number) as [number, number];
        return (
          <path
            key={i}
            d={`M${x - 3.5},${y - 3.5}l7,7M${x + 3.5},${y - 3.5}l-7,7`}
            className="stroke-ink"
            strokeWidth="1.4"
          />
        );
      })}
      <text x={LEFT - 4} y="14" textAnchor="end" className="narrow fill-dim text-[10px]">
        {format(maxY, plot.y)}
      </text>
      <text x={W - 6} y={H - 10} textAnchor="end" className="narrow fill-dim text-[10px]">
        {plot.x === 'ratio' ? maxX.toFixed(1) : format(maxX, plot.x)}
      </text>
      <text x={LEFT} y={H - 10} className="narrow fill-dim text-[10px]">
        0 {plot.x === 'ratio' ? '' : unitLabel(plot.x)}
      </text>
    </svg>
  );
}
