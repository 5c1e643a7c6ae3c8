import 'server-only';
import { createHash } from 'node:crypto';
import { spreadRepo, trialRepo, tripsMadeOf, type BrokenRow } from '@/db/repo';
import type { Db } from '@/db/client';
import { keepNewest } from '@/domain/keep-newest';
import type { House } from '@/domain/house';
import { spreadFactors, type LineFactors } from '@/domain/trials/line-factors';
import type { BenchId, SetupId } from '@/domain/ids';
import type { TriedTrip } from '@/domain/trials/slices';
import { ownRate, type OwnRate } from '@/domain/trials/own-rate';
import { resultOf, type TrialResult } from '@/domain/trials/result';
import { planKept, type PlanKept } from '@/domain/trials/plan-kept';
import type { TrialDocument } from '@/domain/trials/trial-document';
import type { SpreadDocument } from '@/domain/spread/spread';
import { towPointsOf } from '@/domain/spread/tow-points';
import { logFailure } from '../log';
import { pageQuery } from '../page-query';
import { differsOf, type Differs } from '../trials/differs';
import { TrialTrips } from '../trials/tried-trips';

/** A trial as the ledger shows it. */
export interface LedgerLine {
  readonly trial: TrialDocument;
  readonly version: number;
  /** null: it could not be worked out */
  readonly standing:
    (Pick<TrialResult, 'verdict' | 'evidence'> & { readonly counted: readonly [a: number, b: number] }) | null;
}

export interface OpenTrial extends LedgerLine, Differs {
  readonly result: TrialResult | null;
  readonly kept: readonly PlanKept[];
}

export interface TrialsPage {
  readonly ledger: readonly LedgerLine[];
  readonly broken: readonly BrokenRow[];
  /** the one that is open; null: none, or it is not there */
  readonly open: OpenTrial | null;
  readonly setups: readonly { readonly id: SetupId; readonly name: string; readonly number: number }[];
  readonly spreads: readonly { readonly id: string; readonly name: string; readonly lines: readonly LineFactors[] }[];
  readonly anglers: readonly string[];
  /** what the log says was put on in place of a setup's own lure or colour */
  readonly changes: Readonly<Record<'lure' | 'colour' | 'leader', readonly string[]>>;
  readonly own: OwnRate;
  readonly schools: House['schools'];
}

/** The ledger of all trials, and one of them whole. */
export const getTrialsPage = (asked: string | null): Promise<TrialsPage> =>
  pageQuery('bench', async (db, benchId) => {
    const [{ rows, broken }, trips, spreads] = await Promise.all([
      trialRepo.list(db, benchId),
      TrialTrips.of(db, benchId),
      spreadRepo.list(db, benchId),
    ]);
    const worked = new Map<string, TrialResult | null>();
    const madeOf = await madeOfAll(db, benchId, trips);
    for (const { document } of rows) worked.set(document.id, await worksOut(benchId, document, trips, madeOf));
    const ledger = rows.toReversed().map(({ document: trial, version }): LedgerLine => {
      const result = worked.get(trial.id) ?? null;
      const standing = result && {
        verdict: result.verdict,
        evidence: result.evidence,
        counted: [countedOf(result, 'a'), countedOf(result, 'b')] as const,
      };
      return { trial, version, standing };
    });
    const line = ledger.find(({ trial }) => trial.id === asked) ?? null;
    const all = await trips.all();
    const { house, setups } = trips.context;
    const crew = [...new Set(all.flatMap(({ trip }) => trip.crew))];
    return {
      ledger,
      broken,
      open: line && {
        ...line,
        result: worked.get(line.trial.id) ?? null,
        kept: planKept(line.trial, await trips.forTrial(line.trial)),
        ...(await differsOf(db, benchId, line.trial, trips.context)),
      },
      setups: setups.map(({ id, name, number }) => ({ id, name, number })),
      spreads: spreads.rows.map(({ document }) => {
        const craft = house.crafts.find(({ id }) => id === document.craftId) ?? null;
        return {
          id: document.id,
          name: document.name,
          lines: spreadFactors(document, craft ? towPointsOf(craft) : [], (line) => rodNameOf(trips, line)),
        };
      }),
      anglers: crew,
      changes: {
        lure: changedTo(all, 'lure'),
        colour: changedTo(all, 'colour'),
        leader: changedTo(all, 'leader'),
      },
      own: ownRate(all),
      schools: house.schools,
    };
  });

/** Everything that a trial's result is made of besides itself: entries, names and calibrations. */
async function madeOfAll(db: Db, benchId: BenchId, { context }: TrialTrips): Promise<string> {
  const { house, setups, rods, helms } = context;
  const said = JSON.stringify([
    [...(await tripsMadeOf(db, benchId))],
    // A part that was measured anew runs at another depth.
    setups,
    rods.map(({ id, name }) => [id, name]),
    house,
    helms,
  ]);
  return createHash('sha256').update(said).digest('hex');
}

/** Worked out once for a trial as it stands and trips as they are: over two hundred days one takes a second. */
const known = new Map<string, { readonly madeOf: string; readonly result: TrialResult | null }>();
const MOST_KNOWN = 500;

async function worksOut(
  benchId: BenchId,
  trial: TrialDocument,
  trips: TrialTrips,
  tripsMadeOf: string,
): Promise<TrialResult | null> {
  const key = `${benchId} ${trial.id}`;
  const madeOf = `${tripsMadeOf} ${JSON.stringify(trial)}`;
  const before = known.get(key);
  if (before?.madeOf === madeOf) return before.result;
  const result = await resultNow(trial, trips);
  keepNewest(known, key, { madeOf, result }, MOST_KNOWN);
  return result;
}

/** One trial that cannot be worked out takes nothing down but itself. */
async function resultNow(trial: TrialDocument, trips: TrialTrips): Promise<TrialResult | null> {
  try {
    return resultOf(trial, await trips.forTrial(trial));
  } catch (error) {
    logFailure(error);
    return null;
  }
}

const countedOf = ({ counts }: TrialResult, side: 'a' | 'b'): number =>
  counts[side].of > 0 ? counts[side].hits : counts[side].counted;

function rodNameOf(
  { context: { setups, rods } }: TrialTrips,
  { setupId, rodId }: SpreadDocument['lines'][number],
): string {
  const own = rodId ?? setups.find(({ id }) => id === setupId)?.file.chain.find(({ kind }) => kind === 'rod')?.partId;
  return rods.find(({ id }) => id === own)?.name ?? own ?? '';
}

function changedTo(trips: readonly TriedTrip[], what: 'lure' | 'colour' | 'leader'): readonly string[] {
  const names = trips.flatMap(({ trip }) => trip.stretches.map(({ gear }) => gear.changed[what]?.name ?? ''));
  return [...new Set(names)].filter((name) => name !== '').sort();
}
