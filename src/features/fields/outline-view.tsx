import type { PartOutline, Primitive, Pt } from '@/core/show';

const round = (value: number) => Math.round(value * 100) / 100;

export const pathData = (points: readonly Pt[], closed: boolean) =>
  `M${points.map(([x, y]) => `${round(x)},${round(y)}`).join('L')}${closed ? 'Z' : ''}`;

/** A part alone; with `wireMm` its wire as thick as it is, for a sheet at true scale. */
export function OutlineShapes({
  outline,
  isTrueWire = false,
}: {
  readonly outline: PartOutline;
  readonly isTrueWire?: boolean;
}) {
  return <PrimitiveShapes primitives={outline.primitives} wireMm={isTrueWire ? outline.wireMm : null} />;
}

/** Lines and circles of a drawing with their pens. */
export function PrimitiveShapes({
  primitives,
  wireMm = null,
}: {
  readonly primitives: readonly Primitive[];
  readonly wireMm?: number | null;
}) {
  return primitives.map((p, i) => <Shape key={i} p={p} wireMm={wireMm} />);
}

function Shape({ p, wireMm }: { readonly p: Primitive; readonly wireMm: number | null }) {
  const style = wireMm !== null && 'pen' in p && p.pen === 'hook' ? { strokeWidth: wireMm } : undefined;
  if (p.kind === 'path') return <path d={pathData(p.points, p.closed)} className={`pen-${p.pen}`} style={style} />;
  if (p.kind === 'circle')
    return (
      <circle cx={round(p.at[0])} cy={round(p.at[1])} r={round(p.radius)} className={`pen-${p.pen}`} style={style} />
    );
  return null;
}
