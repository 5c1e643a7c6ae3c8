/** A mark told by its shape alone: filled, half filled, crossed, dotted. */
export type MarkShape = 'filled' | 'half' | 'crossed' | 'dotted';

export function Mark({ shape, size = 15 }: { readonly shape: MarkShape; readonly size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 15 15" aria-hidden="true" className="shrink-0" stroke="currentColor">
      {shape === 'filled' && <rect x="1.5" y="1.5" width="12" height="12" fill="currentColor" />}
      {shape === 'half' && (
        <>
          <rect x="1.5" y="1.5" width="12" height="12" fill="none" strokeWidth="1.4" />
          <path d="M1.5,13.5 L13.5,13.5 L13.5,1.5z" fill="currentColor" stroke="none" />
        </>
      )}
      {shape === 'crossed' && (
        <>
          <rect x="1.5" y="1.5" width="12" height="12" fill="none" strokeWidth="1.4" />
          <path d="M3,3 L12,12 M12,3 L3,12" strokeWidth="1.8" fill="none" />
        </>
      )}
      {shape === 'dotted' && (
        <rect x="1.5" y="1.5" width="12" height="12" fill="none" strokeWidth="1.6" strokeDasharray="1.6 2.2" />
      )}
    </svg>
  );
}
