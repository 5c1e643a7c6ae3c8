'use client';

import { useState } from 'react';
import type { Limits } from '@/core/base/guard';
import { useI18n } from '@/i18n/client';
import { TextField } from '@/ui/text-field';

/** A number without a unit; what cannot be read is said and changes nothing. */
export function NumberField({
  label,
  value,
  limits,
  whole = false,
  suffix = '',
  onValueChange,
  className = '',
}: {
  readonly label: string;
  readonly value: number | null;
  readonly limits: Limits;
  readonly whole?: boolean;
  readonly suffix?: string;
  readonly onValueChange: (value: number | null) => void;
  readonly className?: string;
}) {
  const { t, number } = useI18n();
  const [typed, setTyped] = useState<string | null>(null);
  const read = (text: string): number | null => {
    const given = Number(text.trim().replace(',', '.'));
    const fits =
      text.trim() !== '' && given >= limits.min && given <= limits.max && (!whole || Number.isInteger(given));
    return fits ? given : null;
  };
  const error = typed !== null && read(typed) === null;
  return (
    <TextField
      className={className}
      label={label}
      suffix={suffix}
      inputMode="decimal"
      autoComplete="off"
      value={typed ?? (value === null ? '' : String(value).replace('.', number(1.5, 1).charAt(1)))}
      error={
        error
          ? t(whole ? 'trials.field.whole' : 'trials.field.number', {
              min: number(limits.min, 2),
              max: number(limits.max, 2),
            })
          : null
      }
      onValueChange={(text) => {
        setTyped(text);
        const next = read(text);
        if (next !== null) onValueChange(next);
      }}
      onBlur={() => !error && setTyped(null)}
    />
  );
}
