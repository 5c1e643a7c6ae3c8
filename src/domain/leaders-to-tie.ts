import type { SetupId } from './ids';
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

/** One to fish and one to spare: a leader that is lost costs a change of rigs, two cost the evening. */
const FOR_A_DAY = 2;

/** How many leaders of each setup are still to tie for a day: what hangs ready or is on a rod in the same revision counts. */
export function toTieForDay(
  setups: readonly { readonly id: SetupId; readonly number: number }[],
  leaders: readonly Leader[],
): Readonly<Record<string, number>> {
  return Object.fromEntries(
    setups.map(({ id, number }) => {
      const ready = leaders.filter(
        (each) => each.setupId === id && each.number === number && (each.state === 'tied' || each.state === 'in-use'),
      );
      return [id, Math.max(0, FOR_A_DAY - ready.length)];
    }),
  );
}
