'use client';

/** A box to tick, with its words beside it. */
export function CheckField({
  label,
  checked,
  disabled = false,
  onChange,
}: {
  readonly label: string;
  readonly checked: boolean;
  readonly disabled?: boolean;
  readonly onChange: (on: boolean) => void;
}) {
  return (
    <label className={`semi-narrow flex min-h-9 items-center gap-2 text-[15px] ${disabled ? 'text-dim' : ''}`}>
      <input
        type="checkbox"
        checked={checked}
        disabled={disabled}
        onChange={(event) => onChange(event.target.checked)}
        className="size-[18px]"
      />
      {label}
    </label>
  );
}
