/**
 * The bench that this page is of, as the frame around it says. What a page sends names it, since another window of this browser may
 * have gone to another bench since.
 */
export const pageBench = (): string | undefined =>
  document.querySelector<HTMLElement>('[data-bench]')?.dataset['bench'] || undefined;

/** The same as a header of a request to a route. */
export function benchHeader(): Record<string, string> {
  const bench = pageBench();
  return bench ? { 'x-ferula-bench': bench } : {};
}

/** The bench from before there were several: what browsers kept of it has no bench in its name. */
const FIRST = 'slipway';

/** What a browser keeps for one bench, by a name of its own. */
export function nameInBench(name: string): string {
  const bench = pageBench();
  return bench === undefined || bench === FIRST ? name : `${name} ${bench}`;
}
