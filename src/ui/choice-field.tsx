'use client';

import { useId } from 'react';

export interface ChoiceFieldProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly onValueChange: (value: T) => void;
  readonly className?: string;
}

/** One of a few words; the browser's own list, which every phone and reader knows. */
export function ChoiceField<T extends string>({
  label,
  value,
  options,
  onValueChange,
  className,
}: ChoiceFieldProps<T>) {
  const id = useId();
  return (
    <div className={className}>
      <label htmlFor={id} className="narrow block text-[12px] text-dim">
        {label}
      </label>
      <select
        id={id}
        value={value}
        onChange={(event) => {
          const chosen = options.find((option) => option.value === event.target.value);
          if (chosen) onValueChange(chosen.value);
        }}
        className="min-h-7 w-full border-b border-faint bg-sheet pr-5 text-[15px] text-ellipsis"
      >
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </select>
    </div>
  );
}
