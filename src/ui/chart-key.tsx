/** A stroke of an SVG path as the type of an ECharts line. */
export const lineType = (stroke: string | undefined) => (stroke ? stroke.split(' ').map(Number) : 'solid');

/** Which stroke of a chart is which: above it, where names of any length wrap. */
export function ChartKey({
  lines,
}: {
  readonly lines: readonly { readonly name: string; readonly stroke: string | undefined }[];
}) {
  return (
    <ul className="narrow flex flex-wrap gap-x-4 text-[13px]">
      {lines.map(({ name, stroke }) => (
        <li key={name} className="flex items-center gap-1.5">
          <svg width="28" height="4" aria-hidden="true">
            <path d="M0 2h28" stroke="currentColor" strokeWidth="1.5" strokeDasharray={stroke} />
          </svg>
          {name}
        </li>
      ))}
    </ul>
  );
}
