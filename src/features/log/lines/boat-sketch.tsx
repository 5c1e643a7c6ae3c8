const ROW_PX = 82;

/** The boat between the two sides, with a stroke out to each line. */
export function BoatSketch({
  rows,
  left,
  right,
  facing,
  wake,
}: {
  readonly rows: number;
  readonly left: number;
  readonly right: number;
  readonly facing: 'forward' | 'aft';
  readonly wake: string;
}) {
  const height = Math.max(2, rows) * ROW_PX;
  const hullTop = 8;
  const hullBottom = Math.min(height * 0.62, 190);
  const middle = (i: number) => i * ROW_PX + ROW_PX / 2 - 4;
  const yOnHull = (i: number) => Math.min(hullBottom - 4, Math.max(hullTop + 30, middle(i)));
  const turned = facing === 'aft' ? `matrix(1 0 0 -1 0 ${height})` : undefined;
  const strokes = (count: number, x: number, hullX: number) =>
    Array.from({ length: count }, (_, i) => {
      const row = facing === 'aft' ? count - 1 - i : i;
      return (
        <path
          key={`${x} ${i}`}
          d={`M${hullX},${yOnHull(row)}L${x},${middle(row)}`}
          className="stroke-ink"
          fill="none"
        />
      );
    });
  return (
    <svg viewBox={`0 0 56 ${height}`} className="w-full self-start" style={{ height }} aria-hidden="true">
      <g transform={turned}>
        <path
          d={`M28,${hullTop}C40,${hullTop + 22} 42,${hullTop + 44} 41,${hullBottom}H15C14,${hullTop + 44} 16,${hullTop + 22} 28,${hullTop}z`}
          className="fill-bait stroke-ink"
        />
        <rect
          x="21"
          y={hullTop + 42}
          width="14"
          height={Math.max(20, hullBottom - hullTop - 76)}
          className="stroke-ink"
          fill="none"
        />
        {strokes(left, 0, 15)}
        {strokes(right, 56, 41)}
        {[0, 1, 2].map((i) => (
          <path
            key={i}
            d={`M${18 - i * 3},${hullBottom + 12 + i * 10}Q28,${hullBottom + 18 + i * 10} ${38 + i * 3},${hullBottom + 12 + i * 10}`}
            className="stroke-faint"
            fill="none"
          />
        ))}
      </g>
      <text x="28" y={facing === 'aft' ? 14 : height - 6} textAnchor="middle" className="narrow fill-dim text-[11px]">
        {wake}
      </text>
    </svg>
  );
}
