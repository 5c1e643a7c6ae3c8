import 'server-only';
import { listAllReadings } from '@/db/repo';
import type { Db } from '@/db/client';
import { evaluate } from '@/core/judge';
import { readRig } from '@/core/rig';
import { tearForceN } from '@/core/strike';
import { KNOTS } from '@/core/tackle/defaults/knots';
import { keepNewest } from '@/domain/keep-newest';
import type { BenchId, SetupId } from '@/domain/ids';
import type { SetupFile } from '@/domain/setup';
import {
  judgeBench,
  judgeDepths,
  type BenchJudged,
  type DepthJudged,
  type Predicted,
} from '@/domain/trials/bench-judged';
import { heldByOf, type HeldBy } from '@/domain/trials/held-by';
import type { TriedTrip } from '@/domain/trials/slices';
import { logFailure } from '../log';
import { pageQuery } from '../page-query';
import { fileKey, gearFiles, type TripContext } from '../trips/gear-known';
import { TrialTrips } from '../trials/tried-trips';

/** A knot that the user pulled: its share of the line by the class, and by the test. */
export interface KnotJudged {
  readonly knot: string;
  readonly material: string;
  readonly predicted: number;
  readonly measured: number;
  readonly spread: number | null;
}

export interface JudgePage {
  readonly margins: BenchJudged;
  readonly depths: DepthJudged;
  readonly knots: readonly KnotJudged[];
  readonly heldBy: readonly (HeldBy & { readonly name: string | null })[];
  readonly strikes: number;
  readonly trips: number;
}

/** What fish, the bottom and the user's own tests say of what the bench predicted. */
export const getJudgePage = (): Promise<JudgePage> =>
  pageQuery('bench', async (db, benchId) => {
    const trips = await TrialTrips.of(db, benchId);
    const all = await trips.all();
    const { house, setups } = trips.context;
    const predicted = await predictions(db, benchId, all, trips.context);
    const strikes = all.flatMap(({ trip }) => trip.strikes);
    return {
      margins: judgeBench(
        strikes.flatMap((strike) => {
          const own = strike.gear && predicted.get(fileKey(strike.gear));
          return own ? [{ strike, predicted: own }] : [];
        }),
        house.classes,
      ),
      depths: judgeDepths(
        all.flatMap(({ trip, gear }) =>
          trip.touched.flatMap(({ atS, lureM, bottomM, gear: own }) =>
            lureM === null || bottomM === null
              ? []
              : [{ setup: gear(own).words.setup, atS, predictedM: lureM, seenM: bottomM }],
          ),
        ),
      ),
      knots: await knotsPulled(db, benchId, trips.context),
      heldBy: heldByOf(all.map(({ trip }) => trip)).map((each) => ({
        ...each,
        name: setups.find(({ id }) => id === each.setupId)?.name ?? each.setupId,
      })),
      strikes: strikes.length,
      trips: all.length,
    };
  });

/** What the bench predicts of every setup that was struck, as it was then. */
async function predictions(
  db: Db,
  benchId: BenchId,
  trips: readonly TriedTrip[],
  context: TripContext,
): Promise<ReadonlyMap<SetupId, Predicted>> {
  const gears = trips.flatMap(({ trip }) => trip.strikes.flatMap(({ gear }) => (gear ? [gear] : [])));
  const files = await gearFiles(db, benchId, gears, context);
  return new Map(
    Object.entries(files).flatMap(([key, file]): [SetupId, Predicted][] => {
      const own = predictedOf(file);
      return own ? [[key as SetupId, own]] : [];
    }),
  );
}

/** Worked out once for a file as it is: the evaluation takes some tens of milliseconds. */
const known = new Map<string, Predicted | null>();
const MOST_KNOWN = 2000;

function predictedOf(file: SetupFile): Predicted | null {
  const key = JSON.stringify(file);
  const before = known.get(key);
  if (before !== undefined) return before;
  const now = predict(file);
  keepNewest(known, key, now, MOST_KNOWN);
  return now;
}

function predict(file: SetupFile): Predicted | null {
  try {
    const { verdicts } = evaluate(file);
    const { presentation } = file;
    const rig = readRig(file);
    const holdsN = Math.min(rig.chain.strengthN, tearForceN(rig.hook.tissue.wireMm, presentation.mouth, rig.classes));
    return {
      setMargin: verdicts.set.value,
      holdMargin: presentation.clutchN ? holdsN / presentation.clutchN : null,
      mouth: presentation.mouth,
    };
  } catch (error) {
    logFailure(error);
    return null;
  }
}

/** Pull tests of knots, each beside what its class keeps. */
async function knotsPulled(db: Db, benchId: BenchId, { box }: TripContext): Promise<readonly KnotJudged[]> {
  const { rows } = await listAllReadings(db, benchId);
  return rows
    .filter(({ guide }) => guide === 'pull-test')
    .flatMap(({ after, partId }): KnotJudged[] =>
      Object.entries(after).flatMap(([path, value]): KnotJudged[] => {
        const material = /^shares\.(\w+)$/.exec(path)?.[1];
        const measured = value as { readonly value?: unknown; readonly spread?: unknown };
        const part = box.find(({ id }) => id === partId);
        if (part?.kind !== 'knot' || !material || typeof measured.value !== 'number') return [];
        const shares: Readonly<Record<string, number>> = KNOTS[part.pattern].shares;
        const predicted = shares[material];
        if (predicted === undefined) return [];
        return [
          {
            knot: part.name || part.pattern,
            material,
            predicted,
            measured: measured.value,
            spread: typeof measured.spread === 'number' ? measured.spread : null,
          },
        ];
      }),
    );
}
