import type { ReactNode } from 'react';

/** A button of a panel, large enough for a thumb. */
export function PanelButton({
  strong = false,
  disabled = false,
  onClick,
  children,
}: {
  readonly strong?: boolean;
  readonly disabled?: boolean;
  readonly onClick: () => void;
  readonly children: ReactNode;
}) {
  return (
    <button
      type="button"
      disabled={disabled}
      onClick={onClick}
      className={`semi-narrow min-h-11 border border-ink px-3 text-[15px] disabled:border-faint disabled:text-dim ${strong ? 'bg-hi text-on-hi disabled:bg-transparent' : 'hover:bg-paper'}`}
    >
      {children}
    </button>
  );
}
