import type { Quantity } from '@/core/base/quantity';
import { PART_KINDS, type Part } from '../parts';
import { valueAt } from '@/core/decide';
import { quotedCell } from './cell-text';
import { columnFields, columnName, headerOf, unitsOf, writtenUnit } from './columns';

/** Twelve digits: more than any scale reads, and the same number comes back. */
const DIGITS = 12;

/** Parts as a table, a header and a row each; a column stands only where some part fills it. */
export function partsToRows(parts: readonly Part[]): string[][] {
  const cells = parts.map(cellsOf);
  const used = new Set(cells.flatMap((row) => [...row.keys()]));
  const header = ['kind', 'id', 'price', ...orderedHeaders()].filter((name) => used.has(name));
  return [header, ...cells.map((row) => header.map((name) => row.get(name) ?? ''))];
}

/** Every header of every kind once, in the order of the fields. */
function orderedHeaders(): string[] {
  const headers = PART_KINDS.flatMap((kind) =>
    columnFields(kind).flatMap((field) => [
      headerOf(field),
      ...(field.kind === 'quantity'
        ? [`${columnName(field.path)} origin`, `${columnName(field.path)} spread [%]`]
        : []),
    ]),
  );
  return [...new Set(headers)];
}

function cellsOf(part: Part): ReadonlyMap<string, string> {
  const cells = new Map<string, string>([
    ['kind', part.kind],
    ['id', part.id],
  ]);
  if (part.price) cells.set('price', `${(part.price.minor / 100).toFixed(2)} ${part.price.currency}`);
  for (const field of columnFields(part.kind)) {
    const held = valueAt(part, field.path);
    if (held === undefined || held === null) continue;
    if (field.kind !== 'quantity') {
      cells.set(headerOf(field), field.kind === 'whole' ? String(held) : quotedCell(String(held)));
      continue;
    }
    const { value, provenance, spread } = held as Quantity;
    const number = (figure: number) => String(Number(figure.toPrecision(DIGITS)));
    cells.set(headerOf(field), number(value / unitsOf(field)[writtenUnit(field)]!));
    cells.set(`${columnName(field.path)} origin`, provenance);
    if (spread !== undefined) cells.set(`${columnName(field.path)} spread [%]`, number(spread * 100));
  }
  return cells;
}
