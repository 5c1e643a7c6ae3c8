import { drawDetail, type Pt } from '@/core/show';
import { evaluate } from '@/core/judge';
import { readRig } from '@/core/rig';
import type { RigId } from '@/domain/rigs';
import { sampleOf } from '@/domain/sample-rig';

const SIZE = { widthMm: 150, heightMm: 58 } as const;
/** What the drawing leaves free for dimensions and balloons, which a sketch has none of. */
const CROP = { x: 4, y: 8, widthMm: 138, heightMm: 42 } as const;

/** A built-in rig with class parts in its places, drawn as the Bench draws it, without its words. */
export function RigSketch({ rig }: { readonly rig: RigId }) {
  const sample = sampleOf(rig);
  const { figures } = evaluate(sample);
  const { primitives } = drawDetail({
    rig: readRig(sample),
    chain: sample.chain,
    presentation: sample.presentation,
    figures,
    ...SIZE,
  });
  return (
    <svg
      viewBox={`${CROP.x} ${CROP.y} ${CROP.widthMm} ${CROP.heightMm}`}
      className="drawing block h-20 w-full"
      aria-hidden="true"
    >
      {primitives.map((p, i) => {
        if (p.kind === 'path' && p.pen !== 'extension')
          return <path key={i} className={`pen-${p.pen}`} d={shortPath(p.points, p.closed)} />;
        if (p.kind === 'circle')
          return (
            <circle
              key={i}
              className={`pen-${p.pen}`}
              cx={p.at[0].toFixed(1)}
              cy={p.at[1].toFixed(1)}
              r={p.radius.toFixed(2)}
            />
          );
        return null;
      })}
    </svg>
  );
}

/** A path in steps of a tenth from point to point, which is a third of the text: thirty sketches come with the page. */
function shortPath(points: readonly Pt[], closed: boolean): string {
  let [atX, atY] = [0, 0];
  const steps = points.flatMap(([x, y]): string[] => {
    const [dx, dy] = [Math.round(10 * x) - atX, Math.round(10 * y) - atY];
    if (dx === 0 && dy === 0) return [];
    [atX, atY] = [atX + dx, atY + dy];
    return [`${dx / 10},${dy / 10}`];
  });
  return `m${steps.join(' ')}${closed ? 'z' : ''}`;
}
