import { parse, type Problem, type Result } from '../problems';
import { completePart } from './class-part';
import { fieldsOf } from './fields';
import { PART_KINDS, partSchema, type Part, type PartKind } from './index';

/**
 * A part made of a record that cannot be read: every field that can stand is kept, every other is as the class has it.
 * Fails where not even the kind is known.
 */
export function mendedPart(id: string, kind: string, stored: unknown): Result<Part> {
  if (!(PART_KINDS as readonly string[]).includes(kind)) return failed('kind', kind, PART_KINDS);
  const bare = completePart({ id, kind: kind as PartKind });
  if (!bare.ok) return bare;
  const known = new Set([...Object.keys(bare.data), ...fieldsOf(kind as PartKind).map(({ path }) => topOf(path))]);
  let kept: Record<string, unknown> = Object.fromEntries(
    Object.entries(recordIn(stored)).filter(([field]) => known.has(field)),
  );
  kept = { ...kept, id, kind };
  for (;;) {
    const result = parse(partSchema, { ...bare.data, ...kept });
    if (result.ok) return result;
    const wrong = new Set(result.problems.map(({ path }) => topOf(path)));
    const rest = Object.fromEntries(
      Object.entries(kept).filter(([field]) => !wrong.has(field) || field === 'id' || field === 'kind'),
    );
    if (Object.keys(rest).length === Object.keys(kept).length) return result;
    kept = { ...rest, id, kind };
  }
}

const failed = (path: string, given: unknown, options: readonly string[]): Result<Part> => {
  const problem: Problem = { path, given, allowed: { kind: 'one-of', options } };
  return { ok: false, problems: [problem] };
};

const topOf = (path: string): string => path.split(/[.[]/)[0]!;

function recordIn(stored: unknown): Record<string, unknown> {
  const data = typeof stored === 'object' && stored !== null && 'data' in stored ? stored.data : stored;
  return typeof data === 'object' && data !== null && !Array.isArray(data) ? { ...data } : {};
}
