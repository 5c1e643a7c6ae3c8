import { betaOf, betaQuantile } from '@/core/base/stats';
import { trialLive, type TrialLive } from '@/core/afloat';
import type { SetupId } from '../ids';
import { HELD_BY } from '../log/event-choices';
import type { Trip } from '../log/trip';

type Held = (typeof HELD_BY)[number];

export interface HeldBy {
  readonly setupId: SetupId | null;
  /** fish of which it is known which hook held them */
  readonly fish: number;
  readonly hooks: readonly {
    readonly hook: Held;
    readonly count: number;
    readonly share: number;
    /** 5 % to 95 % */
    readonly interval: readonly [number, number];
  }[];
  /** the two that held most of those that held alone: both met the same fish */
  readonly pair: { readonly a: Held; readonly b: Held; readonly live: TrialLive } | null;
}

/** Which hook held, of each setup and of all together (null), the most fish first. */
export function heldByOf(trips: readonly Pick<Trip, 'strikes'>[]): readonly HeldBy[] {
  const strikes = trips.flatMap((trip) =>
    trip.strikes.flatMap(({ gear, told }) =>
      gear && told?.heldBy ? [{ setupId: gear.setupId, hook: told.heldBy }] : [],
    ),
  );
  const setups = [...new Set(strikes.map(({ setupId }) => setupId))];
  const sums = [null, ...setups].map((setupId): HeldBy => {
    const own = strikes.filter((each) => setupId === null || each.setupId === setupId).map(({ hook }) => hook);
    const count = (hook: Held) => own.filter((each) => each === hook).length;
    const alone = (['front', 'middle', 'tail'] as const).toSorted((x, y) => count(y) - count(x));
    const [b, a] = [alone[0]!, alone[1]!];
    return {
      setupId,
      fish: own.length,
      hooks: HELD_BY.map((hook) => ({
        hook,
        count: count(hook),
        share: own.length === 0 ? 0 : count(hook) / own.length,
        interval: intervalOf(count(hook), own.length),
      })),
      pair:
        count(a) === 0
          ? null
          : {
              a,
              b,
              live: trialLive(
                own.flatMap((hook) =>
                  hook === a || hook === b
                    ? [{ version: hook === a ? ('a' as const) : ('b' as const), aLines: 1, bLines: 1 }]
                    : [],
                ),
              ),
            },
    };
  });
  return sums.filter(({ fish }) => fish > 0).sort((x, y) => y.fish - x.fish);
}

/** Of Beta(½ + hits, ½ + misses). */
function intervalOf(hits: number, of: number): readonly [number, number] {
  const share = betaOf(hits + 0.5, of - hits + 0.5);
  const at = (below: number) => Math.sin(betaQuantile(share, below)) ** 2;
  return [at(0.05), at(0.95)];
}
