/** A bar from the middle: to the right what is gained, to the left what is lost; `share` runs from −1 to 1. */
export function SignedBar({ share, width = 34 }: { readonly share: number; readonly width?: number }) {
  const half = width / 2;
  const length = Math.min(1, Math.abs(share)) * half;
  return (
    <svg width={width} height="10" viewBox={`0 0 ${width} 10`} aria-hidden="true" className="shrink-0">
      <line x1={half} x2={half} y1="0" y2="10" stroke="currentColor" strokeWidth="0.8" />
      {share > 0 && <rect x={half} y="2" width={length} height="6" fill="currentColor" />}
      {share < 0 && (
        <rect
          x={half - length + 0.6}
          y="2.6"
          width={Math.max(0, length - 1.2)}
          height="4.8"
          fill="none"
          stroke="currentColor"
          strokeWidth="1.2"
        />
      )}
    </svg>
  );
}
