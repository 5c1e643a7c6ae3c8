'use client';

import { zodResolver } from '@hookform/resolvers/zod';
import { useMemo } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
import type { Part } from '@/domain/parts';
import type { PartField } from '@/domain/parts/fields';
import type { Catalogue } from '@/i18n/catalogue';
import { useI18n, type I18n } from '@/i18n/client';
import { fieldLabel } from '@/i18n/field-text';
import { measureOfField } from '@/i18n/measure-of-field';
import { partTitle } from '@/i18n/part-text';
import { ChoiceField } from '@/ui/choice-field';
import { DraftBar } from '@/features/fields/draft-bar';
import { useDraft } from '@/features/fields/use-draft';
import { Panel } from '@/ui/panel';
import { TextField } from '@/ui/text-field';
import { editable, nameOf, originOf, partFormSchema, valuesOf, type FieldProblem } from './part-form-values';

/** A text that names its unit itself, as 7'2". */
const NAMES_UNIT = /['′"″]/;

export interface PartFormProps {
  readonly part: Part;
  readonly failure: string | null;
  readonly busy: boolean;
  readonly onClose: () => void;
  /** calls `onDone` once the part is kept */
  readonly onSave: (part: Part, onDone: () => void) => void;
}

/** All that is known of a part, each figure with where it came from. */
export function PartForm({ part, failure, busy, onClose, onSave }: PartFormProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const schema = useMemo(() => partFormSchema(i18n, part), [i18n, part]);
  const { control, handleSubmit, formState, reset } = useForm<Record<string, string>, unknown, Part>({
    defaultValues: valuesOf(i18n, part),
    resolver: zodResolver(schema),
    mode: 'onTouched',
  });
  const watched = useWatch({ control });
  const { isDirty } = formState;
  const unsaved = useMemo(() => (isDirty ? watched : null), [isDirty, watched]);
  const draft = useDraft<Record<string, string | undefined>>(`part ${part.id}`, unsaved, (kept) =>
    typeof kept === 'object' && kept !== null ? (kept as Record<string, string>) : null,
  );
  const shown = editable(part.kind).filter(
    (field) => !field.when || field.when.values.includes(watched[nameOf(field.when.path)] ?? ''),
  );
  return (
    <Panel
      open
      side
      onOpenChange={(open) => !open && onClose()}
      title={partTitle(i18n, part)}
      closeLabel={t('common.cancel')}
    >
      <form onSubmit={(event) => void handleSubmit((next) => onSave(next, draft.saved))(event)}>
        <DraftBar
          inside
          offer={draft.offer}
          onTakeUp={() => {
            if (draft.offer) reset(draft.offer.value as Record<string, string>, { keepDefaultValues: true });
            draft.takeUp();
          }}
          onThrowAway={draft.throwAway}
        />
        <p className="semi-narrow mb-2 text-[13px] text-dim">{t('box.formHint')}</p>
        <div className="grid grid-cols-2 gap-x-4 gap-y-2">
          {shown.map((field) => (
            <Field
              key={field.path}
              field={field}
              part={part}
              control={control}
              error={problemText(i18n, part, field, formState.errors[nameOf(field.path)]?.message)}
            />
          ))}
        </div>
        {failure && (
          <p role="alert" className="mt-3 border-l-2 border-ink pl-2 text-[14px]">
            {failure}
          </p>
        )}
        <button
          type="submit"
          disabled={busy}
          className="narrow mt-4 min-h-9 border border-ink bg-hi px-4 font-semibold text-on-hi disabled:opacity-60"
        >
          {t('common.save')}
        </button>
      </form>
    </Panel>
  );
}

interface FieldProps {
  readonly field: PartField;
  readonly part: Part;
  readonly control: ReturnType<typeof useForm<Record<string, string>, unknown, Part>>['control'];
  readonly error: string | null;
}

function Field({ field, part, control, error }: FieldProps) {
  const i18n = useI18n();
  const { t, unitLabel } = i18n;
  const label = fieldLabel(i18n, part.kind, field.path);
  const name = nameOf(field.path);
  if (field.kind === 'choice') {
    const options = [
      ...(field.required ? [] : [{ value: '', label: '–' }]),
      ...field.options.map((value) => ({ value, label: t(`word.${value as keyof Catalogue['word']}`) })),
    ];
    return (
      <Controller
        control={control}
        name={name}
        render={({ field: { value, onChange } }) => (
          <ChoiceField label={label} value={value ?? ''} options={options} onValueChange={onChange} />
        )}
      />
    );
  }
  const wide = field.path === 'name' || field.path === 'words';
  return (
    <div className={wide ? 'col-span-2' : ''}>
      <Controller
        control={control}
        name={name}
        render={({ field: { value, onChange, onBlur, ref } }) => (
          <TextField
            ref={ref}
            label={label}
            value={value ?? ''}
            autoComplete="off"
            onValueChange={onChange}
            onBlur={onBlur}
            error={error}
            {...(field.kind === 'quantity' && !NAMES_UNIT.test(value ?? '')
              ? { suffix: unitLabel(measureOfField(field.path, part.kind).measure) }
              : {})}
          />
        )}
      />
      {field.kind === 'quantity' && (
        <Controller
          control={control}
          name={originOf(field.path)}
          render={({ field: { value, onChange } }) => (
            <select
              aria-label={t('box.originOf', { field: label })}
              value={value ?? 'label'}
              onChange={(event) => onChange(event.target.value)}
              className="narrow min-h-6 bg-sheet text-[12px] text-dim"
            >
              {(['measured', 'label', 'class'] as const).map((origin) => (
                <option key={origin} value={origin}>
                  {t(`provenance.${origin}`)}
                </option>
              ))}
            </select>
          )}
        />
      )}
    </div>
  );
}

function problemText(i18n: I18n, part: Part, field: PartField, message: string | undefined): string | null {
  if (!message) return null;
  const { code, given, allowed } = JSON.parse(message) as FieldProblem;
  const { t, format, unitLabel } = i18n;
  if (field.kind === 'quantity') {
    const { measure } = measureOfField(field.path, part.kind);
    if (code === 'unknown-unit') return t('problem.unknown-unit', { given, unit: unitLabel(measure) });
    if (code === 'not-a-number') return t('problem.not-a-number', { given });
    const range = { min: format(field.min, measure), max: format(field.max, measure) };
    if (given === '') return t('problem.empty', range);
    const value = Number(given);
    return value >= field.min && value <= field.max
      ? t('problem.rule', { given: format(value, measure), allowed })
      : t('problem.range', { given: format(value, measure), ...range });
  }
  return t('problem.rule', { given, allowed });
}
