/** How far a long computation has come, along the upper edge of what it is for; the parent is the frame. */
export function ProgressEdge({
  progress,
  label,
}: {
  readonly progress: { readonly done: number; readonly of: number } | null;
  readonly label: string;
}) {
  if (!progress) return null;
  return (
    <span
      role="progressbar"
      aria-label={label}
      aria-valuemin={0}
      aria-valuemax={progress.of}
      aria-valuenow={progress.done}
      className="pointer-events-none absolute inset-x-0 top-0 h-[3px]"
    >
      <span className="block h-full bg-ink" style={{ width: `${(100 * progress.done) / progress.of}%` }} />
    </span>
  );
}
