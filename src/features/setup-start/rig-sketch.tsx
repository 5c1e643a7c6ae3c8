import { drawDetail } from '@/core/show';
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
          return (
            <path
              key={i}
              className={`pen-${p.pen}`}
              d={`M${p.points.map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`).join('L')}${p.closed ? 'Z' : ''}`}
            />
          );
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
