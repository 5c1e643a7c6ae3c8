'use client';

import { useId } from 'react';

export interface TimeFieldProps {
  readonly label: string;
  /** `07:10`; empty where none is said */
  readonly value: string;
  readonly onValueChange: (value: string) => void;
  readonly className?: string;
}

/** A time of day in the browser's own field. */
export function TimeField({ label, value, onValueChange, className }: TimeFieldProps) {
  const id = useId();
  return (
    <div className={className}>
      <label htmlFor={id} className="narrow block text-[12px] text-dim">
        {label}
      </label>
      <input
        id={id}
        type="time"
        value={value}
        onChange={(event) => onValueChange(event.target.value)}
        className="min-h-7 w-full min-w-0 border-b border-faint bg-transparent text-[15px]"
      />
    </div>
  );
}
