import { and, eq, sql } from 'drizzle-orm';
import { DOCUMENTS, sealed } from '@/domain/documents';
import { openedOnce } from '../read-once';
import { HOUSE_SCHEMAS, type HouseDocumentName } from '@/domain/house';
import { anglerIdSchema, type AnglerId, type BenchId } from '@/domain/ids';
import type { Problem } from '@/domain/problems';
import type { Db, Tx } from '../client';
import { angler, craft, houseDocument, movement, reading, revision } from '../schema';

type Entries = Readonly<Record<string, unknown>>;

/** A record of entries as it is stored; `problems` where it is not even that. */
export interface StoredEntries {
  readonly entries: Entries;
  readonly problems: readonly Problem[];
}

export interface CraftRow extends StoredEntries {
  readonly id: string;
}

export interface AnglerRow extends StoredEntries {
  readonly id: AnglerId;
  readonly name: string;
  readonly usual: boolean;
}

/** All that a bench holds to as it is stored; which entries can be used is for `server/house` to say. */
export interface HouseRows {
  readonly documents: Readonly<Record<HouseDocumentName, StoredEntries>>;
  readonly crafts: readonly CraftRow[];
  readonly anglers: readonly AnglerRow[];
}

const NO_PROBLEMS: readonly Problem[] = [];
const NO_ENTRIES: StoredEntries = { entries: {}, problems: NO_PROBLEMS };

const entriesOf = (stored: unknown): StoredEntries => {
  const result = openedOnce(DOCUMENTS.house, stored);
  return result.ok
    ? { entries: result.data, problems: NO_PROBLEMS }
    : { entries: NO_ENTRIES.entries, problems: result.problems };
};

export async function findHouseRows(db: Db | Tx, benchId: BenchId): Promise<HouseRows> {
  const documents = await db
    .select({ name: houseDocument.name, document: houseDocument.document })
    .from(houseDocument)
    .where(eq(houseDocument.benchId, benchId));
  const crafts = await db
    .select({ id: craft.id, document: craft.document })
    .from(craft)
    .where(eq(craft.benchId, benchId))
    .orderBy(craft.position, craft.id);
  const anglers = await listAnglers(db, benchId);
  const byName = new Map<string, unknown>(documents.map(({ name, document }) => [name, document]));
  const names = Object.keys(HOUSE_SCHEMAS) as HouseDocumentName[];
  return {
    documents: Object.fromEntries(
      names.map((name) => [name, byName.has(name) ? entriesOf(byName.get(name)) : NO_ENTRIES]),
    ) as Record<HouseDocumentName, StoredEntries>,
    crafts: crafts.map(({ id, document }) => ({ id, ...entriesOf(document) })),
    anglers,
  };
}

export async function listAnglers(db: Db | Tx, benchId: BenchId): Promise<AnglerRow[]> {
  const rows = await db
    .select({ id: angler.id, name: angler.name, usual: angler.usual, document: angler.document })
    .from(angler)
    .where(eq(angler.benchId, benchId))
    .orderBy(angler.id);
  return rows.map(({ document, usual, ...row }) => ({ ...row, usual: usual === 1, ...entriesOf(document) }));
}

/** Who is taken to have done what is done now; null where nobody is named. */
export async function usualAnglerId(db: Db | Tx, benchId: BenchId): Promise<AnglerId | null> {
  const [row] = await db
    .select({ id: angler.id })
    .from(angler)
    .where(and(eq(angler.benchId, benchId), eq(angler.usual, 1)));
  return row?.id ?? null;
}

export async function putHouseDocument(
  tx: Tx,
  benchId: BenchId,
  name: HouseDocumentName,
  entries: Entries,
  now: Date,
): Promise<void> {
  const document = sealed(DOCUMENTS.house, entries);
  await tx
    .insert(houseDocument)
    .values({ benchId, name, document, version: 1, updatedAt: now })
    .onDuplicateKeyUpdate({ set: { document, version: sql`${houseDocument.version} + 1`, updatedAt: now } });
}

export async function putCraft(
  tx: Tx,
  benchId: BenchId,
  id: string,
  position: number,
  entries: Entries,
  now: Date,
): Promise<void> {
  const document = sealed(DOCUMENTS.house, entries);
  await tx
    .insert(craft)
    .values({ benchId, id, position, document, version: 1, updatedAt: now })
    .onDuplicateKeyUpdate({ set: { document, version: sql`${craft.version} + 1`, updatedAt: now } });
}

export async function removeCraft(tx: Tx, benchId: BenchId, id: string): Promise<void> {
  await tx.delete(craft).where(and(eq(craft.benchId, benchId), eq(craft.id, id)));
}

export async function putAngler(
  tx: Tx,
  benchId: BenchId,
  { id, name, usual, entries }: Omit<AnglerRow, 'problems'>,
  now: Date,
): Promise<void> {
  const document = sealed(DOCUMENTS.house, entries);
  // One bench has one usual angler: whoever was it before must have stepped back first.
  const row = { name, usual: usual ? 1 : null, document, updatedAt: now };
  await tx
    .insert(angler)
    .values({ benchId, id, version: 1, ...row })
    .onDuplicateKeyUpdate({ set: { ...row, version: sql`${angler.version} + 1` } });
}

export async function removeAngler(tx: Tx, benchId: BenchId, id: AnglerId): Promise<void> {
  await tx.delete(angler).where(and(eq(angler.benchId, benchId), eq(angler.id, id)));
}

/** The id of the first angler of a bench, and of one that came from before anglers had ids. */
export const FIRST_ANGLER: AnglerId = anglerIdSchema.parse('angler-1');

/** Whether anything kept names the angler as who did it. */
export async function isAuthor(tx: Tx, benchId: BenchId, id: AnglerId): Promise<boolean> {
  for (const table of [revision, reading, movement]) {
    const [row] = await tx
      .select({ benchId: table.benchId })
      .from(table)
      .where(and(eq(table.benchId, benchId), eq(table.authorId, id)))
      .limit(1);
    if (row) return true;
  }
  return false;
}
