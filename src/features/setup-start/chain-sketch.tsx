export interface SketchSlot {
  readonly id: string;
  readonly name: string;
  readonly isThere: boolean;
}

const STEP = 112;
const Y = 26;

/** The empty sheet filling up: a line from rod to bait, a place drawn full when its part is chosen, dashed while it is missing. */
export function ChainSketch({ slots, label }: { readonly slots: readonly SketchSlot[]; readonly label: string }) {
  const width = slots.length * STEP;
  return (
    <div className="overflow-x-auto border border-ink bg-sheet" tabIndex={0} role="group" aria-label={label}>
      <svg viewBox={`0 0 ${width} 64`} className="h-16 w-full min-w-[700px]" role="img" aria-label={label}>
        <line x1={STEP / 2} x2={width - STEP / 2} y1={Y} y2={Y} className="stroke-faint" />
        {slots.map(({ id, name, isThere }, i) => {
          const x = (i + 0.5) * STEP;
          return (
            <g key={id}>
              <rect
                x={x - 15}
                y={Y - 13}
                width="30"
                height="26"
                className={isThere ? 'fill-bait stroke-ink' : 'fill-sheet stroke-ink'}
                strokeDasharray={isThere ? undefined : '3 3'}
              />
              <text x={x} y={Y + 5} textAnchor="middle" className="fill-ink text-[13px] font-semibold">
                {i + 1}
              </text>
              <text
                x={x}
                y="56"
                textAnchor="middle"
                className={`narrow text-[13px] ${isThere ? 'fill-ink' : 'fill-dim'}`}
              >
                {name}
              </text>
            </g>
          );
        })}
      </svg>
    </div>
  );
}
