export function PlainField({
  label,
  value,
  limits,
  onValue,
}: {
  readonly label: string;
  readonly value: number;
  readonly limits: { readonly min: number; readonly max: number };
  readonly onValue: (value: number) => void;
}) {
  return (
    <label className="block">
      <span className="narrow block text-[12px] text-dim">{label}</span>
      <input
        type="number"
        value={value}
        min={limits.min}
        max={limits.max}
        onChange={(event) => onValue(Math.min(limits.max, Math.max(limits.min, Number(event.target.value) || 0)))}
        className="min-h-7 w-full border-b border-faint bg-transparent text-[15px]"
      />
    </label>
  );
}
