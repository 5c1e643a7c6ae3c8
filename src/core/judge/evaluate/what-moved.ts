import type { Quantity } from '../../base/quantity';
import { changedReadings, fieldOf, type Reading } from './changed-readings';
import { evaluate } from './evaluate';
import type { Part, Setup } from '../../tackle';
import { VERDICT_NAMES, type Mark, type VerdictName } from '../verdict';

export interface MovedMark {
  readonly verdict: VerdictName;
  readonly then: Mark;
  readonly now: Mark;
  /** the readings of which each alone moves the mark; all that changed, when only several together do */
  readonly because: readonly Reading[];
}

/** Which marks are different with today's parts than with the parts as they were, and which reading changed each. */
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
