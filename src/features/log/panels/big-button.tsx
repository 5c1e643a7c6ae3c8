import type { ReactNode } from 'react';

/** A button for a wet glove: 56 pixels at least. */
export function BigButton({
  title,
  hint,
  on = false,
  disabled = false,
  onClick,
}: {
  readonly title: ReactNode;
  readonly hint?: string;
  readonly on?: boolean;
  readonly disabled?: boolean;
  readonly onClick: () => void;
}) {
  return (
    <button
      type="button"
      disabled={disabled}
      onClick={onClick}
      className={`narrow min-h-14 w-full border border-ink px-3 py-1 text-left text-[17px] leading-tight disabled:border-faint disabled:text-dim ${on ? 'bg-hi text-on-hi' : 'bg-sheet hover:bg-paper'}`}
    >
      <span className="block font-semibold">{title}</span>
      {hint && <span className={`block text-[13px] ${on ? '' : 'text-dim'}`}>{hint}</span>}
    </button>
  );
}
