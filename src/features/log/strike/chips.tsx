'use client';

import type { ReactNode } from 'react';

/** One of a few, each large enough for a glove; touching the chosen one again takes it back where that may be. */
export function Chips<T extends string>({
  label,
  options,
  value,
  wide = false,
  onChoose,
}: {
  readonly label: string;
  readonly options: readonly { readonly value: T; readonly label: string; readonly icon?: ReactNode }[];
  readonly value: T | null;
  /** more to a row */
  readonly wide?: boolean;
  readonly onChoose: (value: T) => void;
}) {
  return (
    <div
      role="group"
      aria-label={label}
      className={`grid border-t border-ink ${wide ? 'grid-cols-3 sm:grid-cols-6' : 'grid-cols-4'}`}
    >
      {options.map((option) => {
        const isOn = option.value === value;
        return (
          <button
            key={option.value}
            type="button"
            aria-pressed={isOn}
            onClick={() => onChoose(option.value)}
            className={`narrow min-h-14 border-b border-r border-faint px-1 text-center text-[15px] leading-tight last:border-r-0 ${isOn ? 'bg-hi font-semibold text-on-hi outline outline-2 -outline-offset-2 outline-ink' : 'hover:bg-paper'}`}
          >
            {option.icon}
            {option.label}
          </button>
        );
      })}
    </div>
  );
}
