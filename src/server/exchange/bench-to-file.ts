import {
  deckRepo,
  findBench,
  findPartsThen,
  listAllMovements,
  listAllParts,
  listAllReadings,
  listAllSetups,
  listLeaders,
  listRevisions,
  planRepo,
  helmRepo,
  listTripEvents,
  listTrips,
  spreadRepo,
  trialRepo,
  waterRepo,
  type BrokenRow,
} from '@/db/repo';
import type { Db, Tx } from '@/db/client';
import { readTogether } from '@/db/transact';
import { BENCH_FILE_VERSION, type BenchFile } from '@/domain/bench-file';
import type { GUIDES } from '@/domain/guides';
import type { BenchId, PartId } from '@/domain/ids';
import { readHouse } from '../house/house';

const iso = (date: Date) => date.toISOString();
const isoOrNull = (date: Date | null) => (date ? iso(date) : null);

/**
 * All of a bench as a file, in an order that does not depend on when it was read, as it stood at one moment. Rows that
 * cannot be read are in it as they stand, under `unreadable`.
 */
export async function benchToFile(db: Db | Tx, benchId: BenchId): Promise<BenchFile | null> {
  return readTogether(db, (tx) => fileOf(tx, benchId));
}

async function fileOf(tx: Tx, benchId: BenchId): Promise<BenchFile | null> {
  const bench = await findBench(tx, benchId);
  if (!bench) return null;
  const parts = await listAllParts(tx, benchId);
  const readings = await listAllReadings(tx, benchId);
  const movements = await listAllMovements(tx, benchId);
  const decks = await deckRepo.list(tx, benchId);
  const plans = await planRepo.list(tx, benchId);
  const waters = await waterRepo.list(tx, benchId);
  const spreads = await spreadRepo.list(tx, benchId);
  const trials = await trialRepo.list(tx, benchId);
  const helms = await helmRepo.list(tx, benchId);
  const trips: BenchFile['trips'] = [];
  const brokenEvents: BrokenRow[] = [];
  for (const { tripId } of await listTrips(tx, benchId)) {
    const { rows, broken: bad } = await listTripEvents(tx, benchId, tripId);
    trips.push({ id: tripId, events: [...rows] });
    brokenEvents.push(...bad);
  }
  const leaders = await listLeaders(tx, benchId);
  const { house, anglers, broken } = await readHouse(tx, benchId);
  const { angler: _, ...houseDocument } = house;
  const unreadable: BenchFile['unreadable'] = [];
  const note = (record: string, rows: readonly Pick<BrokenRow, 'id' | 'stored'>[]) =>
    unreadable.push(...rows.map(({ id, stored }) => ({ record, id, stored })));
  note('part', parts.broken);
  note('reading', readings.broken);
  note('deck', decks.broken);
  note('plan', plans.broken);
  note('water', waters.broken);
  note('spread', spreads.broken);
  note('trial', trials.broken);
  note('helm', helms.broken);
  note('trip event', brokenEvents);
  note('leader', leaders.broken);
  note(
    'house',
    broken.map(({ document: name, id, key, given }) => ({ id: [name, id, key].join(' ').slice(0, 64), stored: given })),
  );
  const known = new Set<string>(parts.rows.map(({ part }) => part.id));
  const setups: BenchFile['setups'] = [];
  for (const { id, name, createdAt, archivedAt } of await listAllSetups(tx, benchId)) {
    const all = (await listRevisions(tx, benchId, id)).reverse();
    const then = await findPartsThen(
      tx,
      benchId,
      all.map((revision) => revision.id),
    );
    const revisions: BenchFile['setups'][number]['revisions'] = [];
    for (const { id: revisionId, number, reason, savedAt, authorId, whole } of all) {
      const { parts: partsThen, broken: badParts } = then.get(revisionId) ?? { parts: [], broken: [] };
      const usable = whole.ok && badParts.length === 0 && partsThen.every((part) => known.has(part.id));
      if (!usable) {
        note('revision', [{ id: revisionId, stored: { setupId: id, number, reason, whole, partsThen, badParts } }]);
        continue;
      }
      revisions.push({
        id: revisionId,
        // A revision that cannot be read leaves no gap in the numbers.
        number: revisions.length + 1,
        reason,
        savedAt: iso(savedAt),
        authorId,
        chain: [...whole.data.chain],
        presentation: whole.data.presentation,
        partsThen: [...partsThen],
      });
    }
    if (revisions.length > 0)
      setups.push({ id, name, createdAt: iso(createdAt), archivedAt: isoOrNull(archivedAt), revisions });
  }
  const stays = ({ partId }: { readonly partId: PartId }) => known.has(partId);
  return {
    version: BENCH_FILE_VERSION,
    kind: 'bench',
    id: bench.id,
    name: bench.name,
    anglers: anglers.map(({ id, name, usual, figures }) => ({ id, name, usual, figures })),
    house: houseDocument,
    parts: parts.rows.map(({ part, updatedAt, archivedAt }) => ({
      part,
      updatedAt: iso(updatedAt),
      archivedAt: isoOrNull(archivedAt),
    })),
    readings: readings.rows.filter(stays).map(({ takenAt, guide, ...rest }) => ({
      ...rest,
      guide: guide as (typeof GUIDES)[number],
      takenAt: iso(takenAt),
    })),
    movements: movements.filter(stays).map(({ at, ...rest }) => ({ ...rest, at: iso(at) })),
    setups,
    decks: decks.rows.map(({ document: deck, createdAt }) => ({ deck, createdAt: iso(createdAt) })),
    plans: plans.rows.map(({ document: plan, createdAt }) => ({ plan, createdAt: iso(createdAt) })),
    waters: waters.rows.map(({ document: water, createdAt }) => ({ water, createdAt: iso(createdAt) })),
    spreads: spreads.rows.map(({ document: spread, createdAt }) => ({ spread, createdAt: iso(createdAt) })),
    trials: trials.rows.map(({ document: trial, createdAt }) => ({ trial, createdAt: iso(createdAt) })),
    helms: helms.rows.map(({ document: helm, createdAt }) => ({ helm, createdAt: iso(createdAt) })),
    trips,
    leaders: [...leaders.rows],
    unreadable,
  };
}
