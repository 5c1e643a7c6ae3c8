import type { Quantity } from '@/core/base/quantity';
import { ADDRESS_RULE, idKey, makesAddress, partIdSchema } from '../ids';
import { PART_KINDS, partSchema, type Part, type PartKind } from '../parts';
import { completePart } from '../parts/class-part';
import { valueAt } from '@/core/decide';
import { withValueAt } from '../parts/with-value-at';
import { parse, type Problem } from '../problems';
import { plainCell } from './cell-text';
import { columnFields, columnName, readHeader, unitsOf, type Column } from './columns';

export type RowOutcome =
  | { readonly kind: 'new' | 'changed'; readonly part: Part }
  | { readonly kind: 'same'; readonly id: string }
  | { readonly kind: 'refused'; readonly problems: readonly RowProblem[] };

/** What is wrong with a cell: its column, what stands there, and what could. */
export interface RowProblem {
  readonly column: string;
  readonly given: string;
  readonly reason:
    | 'not-a-kind'
    | 'no-such-column'
    | 'not-a-number'
    | 'unknown-unit'
    | 'not-allowed'
    | 'too-many-cells'
    | 'twice'
    | 'not-an-id'
    | 'like-another'
    | 'other-kind';
  readonly allowed: string;
}

export type HeaderOutcome =
  | { readonly ok: true; readonly columns: readonly Column[] }
  | { readonly ok: false; readonly found: readonly string[] };

/** A table of parts has a column `kind`; anything else is another table. */
export function readPartsHeader(cells: readonly string[]): HeaderOutcome {
  const columns = cells.map(readHeader);
  return columns.some(({ kind }) => kind === 'kind') ? { ok: true, columns } : { ok: false, found: cells.slice(0, 12) };
}

/** Figures closer than this are the same figure written out and read back. */
const SAME = 1e-9;

/**
 * One row against the Box: new, changed, the same, or refused with the reason at its cell. An empty cell says nothing; a
 * row without an id is a new part, which `newId` names.
 */
export function readPartRow(
  columns: readonly Column[],
  cells: readonly string[],
  box: ReadonlyMap<string, Part>,
  /** ids of the Box as a person reads them, see `idKey` */
  alike: ReadonlyMap<string, string>,
  newId: () => string,
): RowOutcome {
  const problems: RowProblem[] = [];
  const refuse = (column: string, given: string, reason: RowProblem['reason'], allowed = '') =>
    problems.push({ column, given, reason, allowed });
  const cell = (column: Column | undefined) => (column ? (cells[column.at] ?? '').trim() : '');
  const of = (kind: Column['kind']) => columns.find((column) => column.kind === kind);

  const kind = cell(of('kind'));
  if (!isKind(kind))
    return {
      kind: 'refused',
      problems: [{ column: 'kind', given: kind, reason: 'not-a-kind', allowed: PART_KINDS.join(', ') }],
    };
  if (cells.slice(columns.length).some((extra) => extra.trim() !== ''))
    refuse('', cells[columns.length]!, 'too-many-cells', String(columns.length));

  const id = cell(of('id'));
  const held = id === '' ? undefined : box.get(id);
  if (held && held.kind !== kind) refuse('id', id, 'other-kind', held.kind);
  if (id !== '' && !held) {
    const like = alike.get(idKey(id));
    if (!makesAddress(id)) refuse('id', id.slice(0, 80), 'not-an-id', ADDRESS_RULE);
    else if (like !== undefined) refuse('id', id, 'like-another', like);
  }
  if (problems.length > 0) return { kind: 'refused', problems };
  const byName = new Map(columnFields(kind).map((field) => [columnName(field.path), field]));
  let part: object = held ?? { id: id === '' ? newId() : id, kind };
  for (const column of columns) {
    const text = cell(column);
    if (text === '') continue;
    if (column.kind === 'price') {
      const price = /^(\d+(?:[.,]\d{1,2})?)\s*([A-Z]{3})$/.exec(text);
      if (price)
        part = withValueAt(part, 'price', {
          minor: Math.round(100 * Number(price[1]!.replace(',', '.'))),
          currency: price[2]!,
        });
      else refuse('price', text, 'not-allowed', '12.50 EUR');
      continue;
    }
    if (!('name' in column)) continue;
    const field = byName.get(column.name);
    if (!field) {
      refuse(column.name, text, 'no-such-column', [...byName.keys()].join(', '));
      continue;
    }
    if (column.kind === 'origin' || column.kind === 'spread') continue;
    if (field.kind !== 'quantity') {
      const number = Number(text);
      if (field.kind === 'whole' && !Number.isInteger(number)) refuse(column.name, text, 'not-a-number');
      else part = withValueAt(part, field.path, field.kind === 'whole' ? number : plainCell(text));
      continue;
    }
    const factor = unitsOf(field)[column.unit ?? ''] ?? (column.unit === null && field.unit === '1' ? 1 : undefined);
    const number = /^[-+]?(\d+([.,]\d*)?|[.,]\d+)(e[-+]?\d+)?$/i.test(text)
      ? Number(text.replace(',', '.'))
      : Number.NaN;
    if (factor === undefined)
      refuse(column.name, column.unit ?? '', 'unknown-unit', Object.keys(unitsOf(field)).join(', '));
    else if (Number.isNaN(number)) refuse(column.name, text, 'not-a-number');
    else
      part = withValueAt(
        part,
        field.path,
        quantityOf(
          valueAt(part, field.path) as Quantity | undefined,
          number * factor,
          field.unit,
          column.name,
          columns,
          cell,
        ),
      );
  }
  if (problems.length > 0) return { kind: 'refused', problems };
  const result = held
    ? parse(partSchema, part)
    : completePart({ ...(part as { kind: PartKind }), id: partIdSchema.parse((part as { id: string }).id) });
  if (!result.ok) return { kind: 'refused', problems: result.problems.map(refusedField) };
  if (held)
    return JSON.stringify(result.data) === JSON.stringify(partSchema.parse(held))
      ? { kind: 'same', id: held.id }
      : { kind: 'changed', part: result.data };
  return { kind: 'new', part: result.data };
}

const isKind = (text: string): text is PartKind => (PART_KINDS as readonly string[]).includes(text);

/** A figure that only went through the file stays as it is to the last digit. */
function quantityOf(
  held: Quantity | undefined,
  value: number,
  unit: string,
  name: string,
  columns: readonly Column[],
  cell: (column: Column | undefined) => string,
): Quantity {
  const beside = (kind: 'origin' | 'spread') =>
    cell(columns.find((column) => column.kind === kind && column.name === name));
  const [origin, spread] = [beside('origin'), beside('spread')];
  const same = held !== undefined && Math.abs(value - held.value) <= SAME * Math.abs(held.value);
  const provenance = (origin === '' ? (same ? held.provenance : 'label') : origin) as Quantity['provenance'];
  const relative =
    spread === ''
      ? same && provenance === held.provenance
        ? held.spread
        : undefined
      : Number(spread.replace(',', '.')) / 100;
  const kept =
    same && relative !== undefined && held.spread !== undefined && Math.abs(relative - held.spread) <= SAME
      ? held.spread
      : relative;
  return { value: same ? held.value : value, unit, provenance, ...(kept === undefined ? {} : { spread: kept }) };
}

const refusedField = ({ path, given, allowed }: Problem): RowProblem => ({
  column: columnName(path.replace(/\.(value|provenance|spread)$/, '')),
  given: given === undefined ? '' : String(given),
  reason: 'not-allowed',
  allowed:
    'options' in allowed
      ? allowed.options.join(', ')
      : 'rule' in allowed
        ? allowed.rule
        : 'bound' in allowed
          ? `${allowed.kind} ${allowed.bound}`
          : allowed.kind,
});
