import { z } from 'zod';
import type { Quantity } from '@/core/base/quantity';
import type { PartId } from '@/domain/ids';
import { partSchema, type Part, type PartKind } from '@/domain/parts';
import { fieldsOf, type PartField } from '@/domain/parts/fields';
import { valueAt } from '@/core/decide';
import { withValueAt } from '@/domain/parts/with-value-at';
import { completePart } from '@/domain/parts/class-part';
import { parse } from '@/domain/problems';
import type { I18n } from '@/i18n/client';
import { measureOfField } from '@/i18n/measure-of-field';

/** What the form holds: text by field name; a quantity's origin under its name with `#`. */
export type FormValues = Readonly<Record<string, string>>;

/** A path as a form library may hold it: dots would nest. */
export const nameOf = (path: string): string => path.replaceAll('.', '/');
export const originOf = (path: string): string => `${nameOf(path)}#`;

/** Fields that a person edits; stock goes by movements, and the id is nobody's business. */
export const editable = (kind: PartKind): readonly PartField[] =>
  fieldsOf(kind).filter(
    ({ path }) => !['id', 'left', 'price.currency'].includes(path) && !(kind === 'line' && path === 'lengthM'),
  );

type Words = Pick<I18n, 'show' | 'read'>;

/** The part as text in the reader's units. */
export function valuesOf(words: Words, part: Part): Record<string, string> {
  return Object.fromEntries(
    editable(part.kind).flatMap((field) => {
      const held = valueAt(part, field.path);
      if (field.path === 'price.minor')
        return [
          [nameOf(field.path), part.price ? `${(part.price.minor / 100).toFixed(2)} ${part.price.currency}` : ''],
        ];
      if (field.kind !== 'quantity')
        return [[nameOf(field.path), held === undefined || held === null ? '' : String(held)]];
      const quantity = held as Quantity | undefined;
      return [
        [
          nameOf(field.path),
          quantity ? words.show(quantity.value, measureOfField(field.path, part.kind).measure).number : '',
        ],
        [originOf(field.path), quantity?.provenance ?? 'label'],
      ];
    }),
  );
}

/** A figure that was not touched keeps its exact value, whatever its rounded text says. */
function quantityOf(
  words: Words,
  part: Part,
  field: Extract<PartField, { kind: 'quantity' }>,
  values: FormValues,
  before: FormValues,
) {
  const held = valueAt(part, field.path) as Quantity | undefined;
  const text = values[nameOf(field.path)]?.trim() ?? '';
  const provenance = values[originOf(field.path)] ?? 'label';
  if (text === '') return { ok: true as const, value: undefined };
  if (held && text === before[nameOf(field.path)])
    return {
      ok: true as const,
      value: provenance === held.provenance ? held : { value: held.value, unit: held.unit, provenance },
    };
  const outcome = words.read(text, measureOfField(field.path, part.kind).measure);
  if (outcome.kind !== 'read') return { ok: false as const, code: outcome.kind, given: outcome.given };
  return { ok: true as const, value: { value: outcome.value, unit: field.unit, provenance } };
}

export interface FieldProblem {
  readonly code: 'empty' | 'not-a-number' | 'unknown-unit' | 'not-allowed' | 'price';
  readonly given: string;
  readonly allowed: string;
}

/** The schema of the form: text in, a part out, each problem at its field. Needed figures that are left empty take class values. */
export const partFormSchema = (words: Words, part: Part) => {
  const before = valuesOf(words, part);
  return z.record(z.string(), z.string()).transform((values, context) => {
    const problem = (path: string, found: FieldProblem) =>
      context.addIssue({ code: 'custom', path: [nameOf(path)], message: JSON.stringify(found) });
    const chosen = (field: PartField) =>
      !field.when || field.when.values.includes(values[nameOf(field.when.path)] ?? '');
    let next: object = {
      id: part.id,
      kind: part.kind,
      ...(part.left === undefined ? {} : { left: part.left }),
      ...(part.kind === 'line' ? { lengthM: part.lengthM } : {}),
    };
    for (const field of editable(part.kind)) {
      const text = values[nameOf(field.path)]?.trim() ?? '';
      if (!chosen(field) || (text === '' && field.kind !== 'quantity')) continue;
      if (field.path === 'price.minor') {
        const price = /^(\d+(?:[.,]\d{1,2})?)\s*([A-Z]{3})$/.exec(text);
        if (price)
          next = withValueAt(next, 'price', {
            minor: Math.round(Number(price[1]!.replace(',', '.')) * 100),
            currency: price[2]!,
          });
        else problem(field.path, { code: 'price', given: text, allowed: '12.50 EUR' });
      } else if (field.kind === 'quantity') {
        const outcome = quantityOf(words, part, field, values, before);
        if (outcome.ok) next = outcome.value === undefined ? next : withValueAt(next, field.path, outcome.value);
        else problem(field.path, { code: outcome.code, given: outcome.given, allowed: '' });
      } else next = withValueAt(next, field.path, field.kind === 'whole' ? Number(text.replace(',', '.')) : text);
    }
    if (part.kind === 'rod' && !('rating' in next)) next = { ...next, rating: null };
    if (part.kind === 'knot' && !('shares' in next)) next = { ...next, shares: {} };
    if (context.issues.length > 0) return z.NEVER;
    const stiffnessOf = part.kind === 'rod' && values[nameOf('stiffness.kind')] === 'taper';
    const completed = stiffnessOf ? parse(partSchema, next) : completePart(next as { id: PartId; kind: PartKind });
    if (completed.ok) return completed.data;
    for (const { path, given, allowed } of completed.problems) {
      problem(path.replace(/\.value$/, ''), {
        code: 'not-allowed',
        given: given === undefined ? '' : String(given),
        allowed: 'rule' in allowed ? allowed.rule : 'bound' in allowed ? String(allowed.bound) : '',
      });
    }
    return z.NEVER;
  });
};
