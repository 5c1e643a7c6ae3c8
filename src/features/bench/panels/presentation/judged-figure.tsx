import type { Measure } from '@/core/base/measure';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import { FigureField } from './figure-field';

export interface JudgedFigureProps {
  readonly field: 'fishHoldsS' | 'lineAngleRad' | 'contactShare';
  readonly measure: Measure;
  /** undefined: as the method has it; null: not judged */
  readonly value: number | null | undefined;
  /** where one's own figure starts from */
  readonly start: number;
  readonly onValue: (value: number | null | undefined, field: string) => void;
}

/** A figure that is judged as the method has it, by one's own wish, or not at all. */
export function JudgedFigure({ field, measure, value, start, onValue }: JudgedFigureProps) {
  const { t } = useI18n();
  const kind = value === undefined ? 'usual' : value === null ? 'unjudged' : 'own';
  return (
    <>
      <ChoiceField
        label={t(`presentation.${field}`)}
        value={kind}
        options={(['usual', 'own', 'unjudged'] as const).map((each) => ({ value: each, label: t(`judged.${each}`) }))}
        onValueChange={(next) => onValue(next === 'usual' ? undefined : next === 'own' ? start : null, field)}
      />
      {typeof value === 'number' && (
        <FigureField field={field} measure={measure} value={value} onFigure={(next, f) => onValue(next, f)} />
      )}
    </>
  );
}
