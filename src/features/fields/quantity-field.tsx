'use client';

import { useState } from 'react';
import type { Limits } from '@/core/base/guard';
import type { Measure } from '@/core/base/measure';
import { useI18n, type I18n } from '@/i18n/client';
import { TextField } from '@/ui/text-field';

export interface QuantityFieldProps {
  readonly label: string;
  readonly measure: Measure;
  /** SI; null only where the field may be empty */
  readonly value: number | null;
  readonly limits: Limits;
  /** what an empty field means; absent: it may not be empty */
  readonly emptyMeans?: string;
  readonly onValueChange: (value: number | null) => void;
}

/** A figure read as anglers write it; what cannot be read is said and changes nothing. */
export function QuantityField({ label, measure, value, limits, emptyMeans, onValueChange }: QuantityFieldProps) {
  const i18n = useI18n();
  // The text as typed while the field has it, or null: then it follows the value.
  const [typed, setTyped] = useState<string | null>(null);
  const shown = value === null ? null : i18n.show(value, measure);
  const judged = typed === null ? null : judge(typed, { measure, limits, mayBeEmpty: emptyMeans !== undefined }, i18n);
  return (
    <TextField
      label={label}
      suffix={typed === null && shown ? shown.unit : i18n.unitLabel(measure)}
      placeholder={emptyMeans ?? ''}
      inputMode="text"
      autoComplete="off"
      value={typed ?? shown?.number ?? ''}
      error={judged?.error ?? null}
      onValueChange={(text) => {
        setTyped(text);
        const next = judge(text, { measure, limits, mayBeEmpty: emptyMeans !== undefined }, i18n);
        if (next.error === null) onValueChange(next.value);
      }}
      onBlur={() => {
        if (judged?.error === null) setTyped(null);
      }}
    />
  );
}

interface Asked {
  readonly measure: Measure;
  readonly limits: Limits;
  readonly mayBeEmpty: boolean;
}

export function judge(
  text: string,
  { measure, limits, mayBeEmpty }: Asked,
  { t, format, unitLabel, read }: Pick<I18n, 't' | 'format' | 'unitLabel' | 'read'>,
): { readonly value: number | null; readonly error: string | null } {
  const outcome = read(text, measure);
  const range = { min: format(limits.min, measure), max: format(limits.max, measure) };
  switch (outcome.kind) {
    case 'empty':
      return mayBeEmpty ? { value: null, error: null } : { value: null, error: t('problem.empty', range) };
    case 'not-a-number':
      return { value: null, error: t('problem.not-a-number', { given: outcome.given }) };
    case 'unknown-unit':
      return { value: null, error: t('problem.unknown-unit', { given: outcome.given, unit: unitLabel(measure) }) };
    case 'read': {
      const { value } = outcome;
      const inside = (limits.exclusiveMin === true ? value > limits.min : value >= limits.min) && value <= limits.max;
      return inside
        ? { value, error: null }
        : { value: null, error: t('problem.range', { given: format(value, measure), ...range }) };
    }
    default:
      return outcome satisfies never;
  }
}
