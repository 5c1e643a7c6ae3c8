import type { Limits } from '@/core/base/guard';
import type { Measure } from '@/core/base/measure';
import { PRESENTATION_LIMITS } from '@/domain/presentation-limits';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';

type OwnLimits = keyof typeof PRESENTATION_LIMITS;

/** The field is its name in the presentation, under which its label and, unless they are given, its limits are found. */
export type FigureFieldProps = {
  readonly measure: Measure;
  readonly value: number;
  readonly onFigure: (value: number, field: string) => void;
} & ({ readonly field: OwnLimits; readonly limits?: undefined } | { readonly field: string; readonly limits: Limits });

/** A figure of the presentation that may not be empty. */
export function FigureField({ field, measure, value, limits, onFigure }: FigureFieldProps) {
  const { t } = useI18n();
  return (
    <QuantityField
      label={t(`presentation.${field}` as 'presentation.depthM')}
      measure={measure}
      value={value}
      limits={limits ?? PRESENTATION_LIMITS[field as OwnLimits]}
      onValueChange={(next) => next !== null && onFigure(next, field)}
    />
  );
}
