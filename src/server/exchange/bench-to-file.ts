import {
  findAngler,
  findBench,
  findHouseDocument,
  findRevision,
  listAllMovements,
  listAllParts,
  listAllReadings,
  listAllSetups,
  listDecks,
  listLeaders,
  listRevisions,
} from '@/db/repo';
import type { Db, Tx } from '@/db/client';
import { benchFileSchema, type BenchFile } from '@/domain/bench-file';
import type { BenchId } from '@/domain/ids';

const iso = (date: Date) => date.toISOString();
const isoOrNull = (date: Date | null) => (date ? iso(date) : null);

/** All of a bench as a file, in an order that does not depend on when it was read. */
export async function benchToFile(db: Db | Tx, benchId: BenchId): Promise<BenchFile | null> {
  const bench = await findBench(db, benchId);
  if (!bench) return null;
  const [parts, readings, movements, setups] = await Promise.all([
    listAllParts(db, benchId),
    listAllReadings(db, benchId),
    listAllMovements(db, benchId),
    listAllSetups(db, benchId),
  ]);
  return benchFileSchema.parse({
    version: 1,
    kind: 'bench',
    id: bench.id,
    name: bench.name,
    angler: await findAngler(db, benchId),
    house: await findHouseDocument(db, benchId),
    parts: parts.map(({ part, updatedAt, archivedAt }) => ({
      part,
      updatedAt: iso(updatedAt),
      archivedAt: isoOrNull(archivedAt),
    })),
    readings: readings.map(({ takenAt, ...rest }) => ({ ...rest, takenAt: iso(takenAt) })),
    movements: movements.map(({ at, ...rest }) => ({ ...rest, at: iso(at) })),
    setups: await Promise.all(
      setups.map(async ({ id, name, createdAt, archivedAt }) => {
        const numbers = (await listRevisions(db, benchId, id)).map(({ number }) => number).reverse();
        const revisions = await Promise.all(
          numbers.map(async (number) => {
            const { partsThen, savedAt, ...rest } = (await findRevision(db, benchId, id, number))!;
            return { ...rest, savedAt: iso(savedAt), partsThen: [...partsThen].sort((a, b) => (a.id < b.id ? -1 : 1)) };
          }),
        );
        return { id, name, createdAt: iso(createdAt), archivedAt: isoOrNull(archivedAt), revisions };
      }),
    ),
    decks: (await listDecks(db, benchId)).map(({ deck, createdAt }) => ({ deck, createdAt: iso(createdAt) })),
    leaders: await listLeaders(db, benchId),
  });
}
