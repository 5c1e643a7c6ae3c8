'use client';

import { useId, type ComponentProps } from 'react';

export interface TextFieldProps extends Omit<ComponentProps<'input'>, 'onChange'> {
  readonly label: string;
  readonly suffix?: string;
  readonly error?: string | null;
  readonly onValueChange: (value: string) => void;
}

/** A labelled line of text; an error stands under it and is read with it. */
export function TextField({ label, suffix, error = null, onValueChange, className, ...rest }: TextFieldProps) {
  const id = useId();
  return (
    <div className={className} data-state={error ? 'invalid' : 'valid'}>
      <label htmlFor={id} className="narrow block text-[12px] text-dim">
        {label}
      </label>
      <span
        className={`flex items-baseline border-b ${error ? 'border-ink border-b-2' : 'border-faint'} focus-within:border-ink`}
      >
        <input
          id={id}
          {...rest}
          aria-invalid={error ? true : undefined}
          aria-describedby={error ? `${id}-error` : undefined}
          onChange={(event) => onValueChange(event.target.value)}
          className="min-h-7 w-full min-w-0 bg-transparent text-[15px] outline-offset-1"
        />
        {suffix && <span className="narrow pl-1 text-[12px] text-dim">{suffix}</span>}
      </span>
      {error && (
        <p id={`${id}-error`} className="semi-narrow mt-0.5 text-[12px]">
          {error}
        </p>
      )}
    </div>
  );
}
