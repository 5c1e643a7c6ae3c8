import type { Leader } from './leader';

/** What must be made again before the next trip, by setup: as many as are frayed; what is retired was given up. */
export function toTieAgain(
  leaders: readonly Leader[],
): readonly { readonly setupId: Leader['setupId']; readonly name: string; readonly count: number }[] {
  const setups = [...new Set(leaders.map(({ setupId }) => setupId))];
  return setups.flatMap((setupId) => {
    const own = leaders.filter((each) => each.setupId === setupId);
    const count = own.filter(({ state }) => state === 'frayed').length;
    return count === 0 ? [] : [{ setupId, name: own.at(-1)!.name, count }];
  });
}
