import type { TripEventOf } from './trip-event';

type Told = TripEventOf<'told'>;

/** What is known of a strike, without when it was said. */
export type Known = Omit<Told, 'id' | 'kind' | 'atS' | 'of'>;

export const NOTHING_KNOWN: Known = {
  outcome: 'hooked',
  lost: null,
  lostBy: null,
  heldBy: null,
  species: null,
  lengthM: null,
  isKept: null,
  note: '',
};

export const knownOf = (told: Told | null): Known | null => {
  if (!told) return null;
  const { id: _, kind: __, atS: ___, of: ____, ...known } = told;
  return known;
};

/** Known of a strike with something more: what no longer fits the outcome goes with it. */
export function knownWith(before: Known | null, more: Partial<Known>): Known {
  const next: Known = { ...NOTHING_KNOWN, ...before, ...more };
  const held = next.outcome === 'hooked' || next.outcome === 'lost' || next.outcome === 'landed';
  return {
    ...next,
    ...(next.outcome === 'lost' ? {} : { lost: null, lostBy: null, brokeAt: undefined }),
    ...(next.lostBy === 'broke' ? {} : { brokeAt: undefined }),
    ...(held ? {} : { heldBy: null }),
    ...(next.outcome === 'landed' ? {} : { isKept: null }),
  };
}

export interface Tally {
  readonly species: string;
  readonly angler: string;
  readonly kept: number;
  readonly released: number;
}

/** Landed fish by species and angler, kept and released. */
export function tallyOf(
  strikes: readonly { readonly told: Told | null; readonly angler: string | null }[],
): readonly Tally[] {
  const found = new Map<string, Tally>();
  for (const { told, angler } of strikes) {
    if (told?.outcome !== 'landed') continue;
    const [species, name] = [told.species ?? '', angler ?? ''];
    const key = `${species}\n${name}`;
    const before = found.get(key) ?? { species, angler: name, kept: 0, released: 0 };
    found.set(key, {
      ...before,
      kept: before.kept + (told.isKept === true ? 1 : 0),
      released: before.released + (told.isKept === true ? 0 : 1),
    });
  }
  return [...found.values()].sort((a, b) => a.species.localeCompare(b.species) || a.angler.localeCompare(b.angler));
}
