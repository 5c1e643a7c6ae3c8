import { z } from 'zod';
import type { Part } from '../parts';
import type { Problem, Result } from '../problems';
import { GUIDE_DEFINITIONS } from './definitions';
import { judgeRows, type Asked, type Found } from './guide';
import { guidesOf } from './kinds';
import type { Guide } from './names';

const name = z.string().min(1).max(40);

/** What was read at the bench or on the water, before anything was made of it: SI figures by column, and what was asked once. */
export const rawReadingSchema = z.strictObject({
  rows: z.array(z.record(name, z.number())).min(1).max(500),
  asked: z.record(name, z.union([z.number(), z.string().max(64), z.null()])),
});

export type RawReading = z.infer<typeof rawReadingSchema>;

/** What a guide finds in a raw reading of a part: the same on the page and on the server. A row that cannot be is a problem. */
export function findIn(guide: Guide, part: Part, { rows, asked }: RawReading): Result<Found> {
  const problem = (
    path: string,
    given: unknown,
    rule: string,
  ): { readonly ok: false; readonly problems: readonly Problem[] } => ({
    ok: false,
    problems: [{ path, given, allowed: { kind: 'rule', rule } }],
  });
  if (!guidesOf(part.kind).includes(guide)) return problem('guide', guide, `one of ${guidesOf(part.kind).join(', ')}`);
  const definition = GUIDE_DEFINITIONS[guide];
  for (const ask of definition.asks(part)) {
    const given = asked[ask.name] ?? null;
    if (ask.kind === 'choice' && !(typeof given === 'string' && ask.options.includes(given)))
      return problem(`asked.${ask.name}`, given, `one of ${ask.options.join(', ')}`);
    if (ask.kind !== 'choice' && typeof given === 'string') return problem(`asked.${ask.name}`, given, 'a number');
  }
  const columns = definition.columns(part);
  for (const [i, row] of rows.entries()) {
    const missing = columns.find(({ name: column, optional }) => !optional && row[column] === undefined);
    if (missing) return problem(`rows[${i}].${missing.name}`, undefined, 'a number');
    const extra = Object.keys(row).find((key) => !columns.some(({ name: column }) => column === key));
    if (extra)
      return problem(`rows[${i}].${extra}`, row[extra], `one of ${columns.map((column) => column.name).join(', ')}`);
  }
  const { found, refused, problem: figure } = judgeRows(definition, part, rows, askedOf(asked));
  const [first] = refused;
  if (first)
    return problem(
      `rows[${first[0]}].${first[1].column}`,
      rows[first[0]]![first[1].column],
      `${first[1].min} to ${first[1].max}`,
    );
  if (figure) return problem(`asked.${figure.field}`, asked[figure.field], `${figure.min} to ${figure.max}`);
  return found ? { ok: true, data: found } : problem('rows', rows, 'one reading at least');
}

const askedOf = (asked: RawReading['asked']): Asked => ({
  figure: (key) => (typeof asked[key] === 'number' ? asked[key] : null),
  word: (key) => String(asked[key] ?? ''),
});
