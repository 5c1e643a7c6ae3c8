import 'server-only';
import { helmRepo, listParts, planRepo, spreadRepo, trialRepo, waterRepo, type BrokenRow } from '@/db/repo';
import type { RodPart } from '@/core/tackle';
import type { Helm } from '@/domain/helm/helm';
import type { House } from '@/domain/house';
import type { SetupId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { sharedSetups, type SharedSetups } from '@/domain/packed-setups';
import type { DayPlan } from '@/domain/plan/plan';
import type { SpreadDocument } from '@/domain/spread/spread';
import type { TrialDocument } from '@/domain/trials/trial-document';
import { keptPageQuery } from '../page-query';
import { newestSetups } from '../setups/newest-setups';

export interface LogSetup {
  readonly id: SetupId;
  readonly name: string;
  /** which revision is newest, from 1 */
  readonly number: number;
  readonly isTowed: boolean;
}

export interface LogPage {
  readonly helm: { readonly document: Helm; readonly version: number } | null;
  readonly spreads: readonly SpreadDocument[];
  /** the last of them last, by their day */
  readonly plans: readonly DayPlan[];
  readonly waters: readonly { readonly id: string; readonly name: string }[];
  readonly setups: readonly LogSetup[];
  /** what is towed */
  readonly towed: SharedSetups;
  readonly rods: readonly RodPart[];
  /** what may take a lure's place */
  readonly lures: readonly Part[];
  readonly house: House;
  /** trials that go on and have a plan */
  readonly trials: readonly TrialDocument[];
  readonly broken: readonly BrokenRow[];
}

const LURES: ReadonlySet<Part['kind']> = new Set([
  'soft-bait',
  'hard-lure',
  'spoon',
  'topwater',
  'trolled-fly',
  'skirted-jig',
  'natural-bait',
]);
const MOST_PLANS = 10;

/** All that a phone needs on the water: it opens this page before it leaves, and has it without a server. */
export async function getLogPage(): Promise<LogPage> {
  return keptPageQuery('log', ['log'], async (db, benchId) => {
    const [helms, spreads, plans, waters, trials, newest, box] = await Promise.all([
      helmRepo.list(db, benchId),
      spreadRepo.list(db, benchId),
      planRepo.list(db, benchId),
      waterRepo.list(db, benchId),
      trialRepo.list(db, benchId),
      newestSetups(db, benchId),
      listParts(db, benchId),
    ]);
    const first = helms.rows[0];
    return {
      helm: first ? { document: first.document, version: first.version } : null,
      spreads: spreads.rows.map(({ document }) => document),
      plans: plans.rows
        .map(({ document }) => document)
        .sort((a, b) => a.date.localeCompare(b.date))
        .slice(-MOST_PLANS),
      waters: waters.rows.map(({ document: { id, name } }) => ({ id, name })),
      setups: newest.setups.map(({ id, name, number, file }) => ({
        id,
        name,
        number,
        isTowed: file.presentation.kind === 'towed',
      })),
      towed: sharedSetups(newest.setups.filter(({ file }) => file.presentation.kind === 'towed')),
      rods: box.flatMap((part): RodPart[] => (part.kind === 'rod' ? [part] : [])),
      lures: box.filter(({ kind }) => LURES.has(kind)),
      house: newest.house,
      trials: trials.rows.flatMap(({ document }) => (document.plan && !document.closed ? [document] : [])),
      broken: [...helms.broken, ...spreads.broken, ...plans.broken],
    };
  });
}
