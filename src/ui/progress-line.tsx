/** A thin line that fills as a long computation comes along; null: it has begun. */
export function ProgressLine({ label, share }: { readonly label: string; readonly share: number | null }) {
  return (
    <div className="mb-2">
      <p role="status" className="narrow text-[12.5px] text-dim">
        {label}
      </p>
      <div className="h-[3px] bg-faint" aria-hidden="true">
        <div className="h-full bg-ink" style={{ width: `${Math.round(100 * (share ?? 0))}%` }} />
      </div>
    </div>
  );
}
