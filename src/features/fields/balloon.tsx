export function Balloon({
  x,
  y,
  text,
  on,
}: {
  readonly x: number;
  readonly y: number;
  readonly text: string;
  readonly on: boolean;
}) {
  return (
    <g className="balloon" data-on={on}>
      <circle cx={x} cy={y} r={9} />
      <text x={x} y={y + 4} textAnchor="middle">
        {text}
      </text>
    </g>
  );
}
