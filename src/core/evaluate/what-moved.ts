import { quantitiesOf, type Quantity } from '../quantity';
import { evaluate } from './evaluate';
import type { Part, Setup } from './setup';
import { VERDICT_NAMES, type Mark, type VerdictName } from './verdict';

/** A reading that stands otherwise now than it did. */
export interface Reading {
  readonly partId: string;
  /** as `massKg` or `rating.loKg` */
  readonly path: string;
  readonly then: Quantity;
  readonly now: Quantity;
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
  const alone = readings.map((reading) => evaluate({ ...then, parts: then.parts.map((part) => applyReading(part, reading)) }).verdicts);
  return changed.map((verdict) => {
    const movers = readings.filter((_, i) => alone[i]![verdict].mark === after[verdict].mark);
    return { verdict, then: before[verdict].mark, now: after[verdict].mark, because: movers.length > 0 ? movers : readings };
  });
}

/** The readings that differ between two states of the same parts. */
export function changedReadings(then: readonly Part[], now: readonly Part[]): readonly Reading[] {
  return now.flatMap((part) => {
    const old = then.find((each) => each.id === part.id);
    if (!old) return [];
    const before = new Map(quantitiesOf(old));
    return quantitiesOf(part).flatMap(([path, quantity]) => {
      const was = before.get(path);
      return was && was.value !== quantity.value ? [{ partId: part.id, path, then: was, now: quantity }] : [];
    });
  });
}

const withParts = (parts: readonly Part[], others: readonly Part[]) => parts.map((part) => others.find((other) => other.id === part.id) ?? part);

function applyReading<T extends Part>(part: T, reading: Reading): T {
  return part.id === reading.partId ? (withQuantity(part, reading.path.split('.'), reading.now) as T) : part;
}

function withQuantity(value: object, [key, ...rest]: readonly string[], quantity: Quantity): object {
  if (key === undefined) return quantity;
  const inner = (value as Record<string, object>)[key] ?? {};
  return { ...value, [key]: withQuantity(inner, rest, quantity) };
}
