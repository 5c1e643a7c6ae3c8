import {
  clearBench,
  deckRepo,
  insertAllParts,
  insertLeaders,
  insertMovements,
  insertReadings,
  insertSetup,
  lockBench,
  planRepo,
  putAngler,
  putCraft,
  putHouseDocument,
  saveRevision,
  setArchived,
  addTripEvents,
  helmRepo,
  spreadRepo,
  trialRepo,
  waterRepo,
} from '@/db/repo';
import type { Tx } from '@/db/client';
import type { BenchFile } from '@/domain/bench-file';
import { HOUSE_SCHEMAS, type HouseDocumentName } from '@/domain/house';
import type { BenchId } from '@/domain/ids';
import { giveMembersAnglers } from '@/db/give-members-anglers';
import { newestSetups, type BrokenSetup } from '../setups/newest-setups';

/** Puts the bench of a file in the place of what is there, and names the setups of it that cannot be worked out. */
export async function fileToBench(
  tx: Tx,
  benchId: BenchId,
  file: BenchFile,
  now: Date,
): Promise<readonly BrokenSetup[]> {
  await lockBench(tx, benchId);
  await clearBench(tx, benchId, file.name);
  for (const { figures, ...angler } of file.anglers) await putAngler(tx, benchId, { ...angler, entries: figures }, now);
  const { crafts, ...documents } = file.house;
  for (const [position, craft] of crafts.entries()) await putCraft(tx, benchId, craft.id, position, craft, now);
  for (const name of Object.keys(HOUSE_SCHEMAS) as HouseDocumentName[])
    await putHouseDocument(tx, benchId, name, documents[name], now);
  await insertAllParts(
    tx,
    benchId,
    file.parts.map(({ part, updatedAt, archivedAt }) => ({
      part,
      updatedAt: new Date(updatedAt),
      archivedAt: archivedAt ? new Date(archivedAt) : null,
    })),
  );
  await insertReadings(
    tx,
    benchId,
    file.readings.map(({ takenAt, ...rest }) => ({ ...rest, takenAt: new Date(takenAt) })),
  );
  await insertMovements(
    tx,
    benchId,
    file.movements.map(({ at, ...rest }) => ({ ...rest, at: new Date(at) })),
  );
  for (const { id, name, createdAt, archivedAt, revisions } of file.setups) {
    await insertSetup(tx, { id, benchId, name, version: 0, createdAt: new Date(createdAt) });
    for (const { id: revisionId, number, savedAt, partsThen, ...rest } of revisions) {
      const outcome = await saveRevision(tx, benchId, id, number - 1, {
        ...rest,
        id: revisionId,
        parts: partsThen,
        savedAt: new Date(savedAt),
      });
      if (outcome.kind !== 'saved') throw new Error(`revision ${number} of ${id} in a new setup is ${outcome.kind}`);
    }
    if (archivedAt) await setArchived(tx, benchId, id, new Date(archivedAt));
  }
  for (const { deck, createdAt } of file.decks) await deckRepo.insert(tx, benchId, deck, new Date(createdAt));
  for (const { plan, createdAt } of file.plans) await planRepo.insert(tx, benchId, plan, new Date(createdAt));
  for (const { water, createdAt } of file.waters) await waterRepo.insert(tx, benchId, water, new Date(createdAt));
  for (const { id, events } of file.trips)
    await addTripEvents(
      tx,
      benchId,
      events.map((event) => ({ tripId: id, event, behindS: 0 })),
    );
  for (const { helm, createdAt } of file.helms) await helmRepo.insert(tx, benchId, helm, new Date(createdAt));
  for (const { spread, createdAt } of file.spreads) await spreadRepo.insert(tx, benchId, spread, new Date(createdAt));
  for (const { trial, createdAt } of file.trials) await trialRepo.insert(tx, benchId, trial, new Date(createdAt));
  await insertLeaders(tx, benchId, file.leaders);
  await giveMembersAnglers(tx, benchId, now);
  return (await newestSetups(tx, benchId)).broken;
}

export interface BenchDifference {
  readonly parts: Counts;
  readonly setups: Counts;
}

interface Counts {
  readonly fresh: number;
  readonly changed: number;
  readonly same: number;
  /** on the bench now and not in the file */
  readonly gone: number;
}

/** What putting the file in place would do, without doing it. */
export function compareBench(now: BenchFile, file: BenchFile): BenchDifference {
  const count = <T extends { id: string }>(before: readonly T[], after: readonly T[]): Counts => {
    const textsBefore = new Map(before.map((each) => [each.id, JSON.stringify(each)]));
    const kinds = after.map((each) =>
      !textsBefore.has(each.id) ? 'fresh' : textsBefore.get(each.id) === JSON.stringify(each) ? 'same' : 'changed',
    );
    const ids = new Set(after.map(({ id }) => id));
    const of = (kind: string) => kinds.filter((each) => each === kind).length;
    return {
      fresh: of('fresh'),
      changed: of('changed'),
      same: of('same'),
      gone: before.filter(({ id }) => !ids.has(id)).length,
    };
  };
  const parts = (of: BenchFile) =>
    of.parts.map(({ part, archivedAt }) => ({ id: part.id as string, part, archivedAt }));
  return { parts: count(parts(now), parts(file)), setups: count(now.setups, file.setups) };
}
