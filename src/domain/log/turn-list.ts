import type { Trip } from './trip';

/** Whose turn the next strike is: after whoever had the last one. Null where nobody was named. */
export function nextAngler({ crew, strikes }: Pick<Trip, 'crew' | 'strikes'>): string | null {
  if (crew.length === 0) return null;
  const last = strikes.findLast(({ angler }) => angler !== null)?.angler;
  return crew[(last === undefined || last === null ? 0 : crew.indexOf(last) + 1) % crew.length]!;
}

/** The list after somebody gave their turn away: they stand behind the next one. */
export function turnPassed(crew: readonly string[], angler: string): readonly string[] {
  const at = crew.indexOf(angler);
  if (at < 0 || crew.length < 2) return crew;
  const next = (at + 1) % crew.length;
  return crew.map((name, i) => (i === at ? crew[next]! : i === next ? angler : name));
}
