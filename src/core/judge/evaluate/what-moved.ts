import { quantitiesOf, type Quantity } from '../../base/quantity';
import { evaluate } from './evaluate';
import type { Part, Setup } from '../../tackle';
import { VERDICT_NAMES, type Mark, type VerdictName } from '../verdict';

/** Something known of a part that stands otherwise now than it did. */
export interface Reading {
  readonly partId: string;
  /** as `massKg` or `rating.loKg`; a field as a whole, as `stiffness`, where it is of another build now */
  readonly path: string;
  /** null: it was no figure, or not known */
  readonly then: Quantity | null;
  readonly now: Quantity | null;
}

export interface MovedMark {
  readonly verdict: VerdictName;
  readonly then: Mark;
  readonly now: Mark;
  /** the readings of which each alone moves the mark; all that changed, when only several together do */
  readonly because: readonly Reading[];
}

/** Which marks stand otherwise with today's parts than with the parts as they were, and which reading moved each. */
export function whatMoved(setup: Setup, partsThen: readonly Part[]): readonly MovedMark[] {
  const then = { ...setup, parts: withParts(setup.parts, partsThen) };
  const readings = changedReadings(then.parts, setup.parts);
  if (readings.length === 0) return [];
  const before = evaluate(then).verdicts;
  const after = evaluate(setup).verdicts;
  const changed = VERDICT_NAMES.filter((name) => before[name].mark !== after[name].mark);
  if (changed.length === 0) return [];
  const alone = readings.map(
    (reading) =>
      evaluate({ ...then, parts: then.parts.map((part) => applyReading(part, reading, setup.parts)) }).verdicts,
  );
  return changed.map((verdict) => {
    const movers = readings.filter((_, i) => alone[i]![verdict].mark === after[verdict].mark);
    return {
      verdict,
      then: before[verdict].mark,
      now: after[verdict].mark,
      because: movers.length > 0 ? movers : readings,
    };
  });
}

/** What differs between two states of the same parts: figure by figure, or a whole field where its build changed. */
export function changedReadings(then: readonly Part[], now: readonly Part[]): readonly Reading[] {
  return now.flatMap((part) => {
    const old = then.find((each) => each.id === part.id);
    return old
      ? Object.keys({ ...old, ...part }).flatMap((key) =>
          NOT_READ.has(key) ? [] : changesIn(part.id, key, fieldOf(old, key), fieldOf(part, key)),
        )
      : [];
  });
}

/** What is said of a part but not known of it: no verdict hangs on these. */
const NOT_READ = new Set(['id', 'kind', 'name', 'words', 'price', 'left']);

const fieldOf = (part: Part, key: string): unknown => (part as unknown as Record<string, unknown>)[key];

function changesIn(partId: string, key: string, was: unknown, is: unknown): Reading[] {
  const [before, after] = [new Map(quantitiesOf({ [key]: was })), quantitiesOf({ [key]: is })];
  const sameBuild = before.size > 0 && before.size === after.length && after.every(([path]) => before.has(path));
  if (sameBuild)
    return after.flatMap(([path, now]) =>
      before.get(path)!.value === now.value ? [] : [{ partId, path, then: before.get(path)!, now }],
    );
  return JSON.stringify(was) === JSON.stringify(is)
    ? []
    : [{ partId, path: key, then: before.get(key) ?? null, now: new Map(after).get(key) ?? null }];
}

const withParts = (parts: readonly Part[], others: readonly Part[]) =>
  parts.map((part) => others.find((other) => other.id === part.id) ?? part);

function applyReading<T extends Part>(part: T, { partId, path, now }: Reading, today: readonly Part[]): T {
  const current = today.find(({ id }) => id === part.id);
  if (part.id !== partId || !current) return part;
  if (path.includes('.') && now) return withQuantity(part, path.split('.'), now) as T;
  return { ...part, [path]: fieldOf(current, path) };
}

function withQuantity(value: object, [key, ...rest]: readonly string[], quantity: Quantity): object {
  if (key === undefined) return quantity;
  const inner = (value as Record<string, object>)[key] ?? {};
  return { ...value, [key]: withQuantity(inner, rest, quantity) };
}
