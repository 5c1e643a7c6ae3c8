import type { Limits } from '@/core/base/guard';
import type { Measure } from '@/core/base/measure';
import { QuantityField } from '@/features/fields/quantity-field';

export interface FigureFieldProps {
  readonly field: string;
  readonly label: string;
  readonly measure: Measure;
  readonly value: number;
  readonly limits: Limits;
  readonly onFigure: (value: number, field: string) => void;
}

/** A figure that may not be empty. */
export const FigureField = ({ field, onFigure, ...rest }: FigureFieldProps) => (
  <QuantityField {...rest} onValueChange={(next) => next !== null && onFigure(next, field)} />
);
