import { deflateSync, inflateSync } from 'node:zlib';
import { and, desc, eq, gte, lt, sql } from 'drizzle-orm';
import { DOCUMENTS, sealed } from '@/domain/documents';
import type { HelmEvent } from '@/domain/helm/helm-event';
import type { AnglerId, BenchId } from '@/domain/ids';
import { BLOCK_S, blockStart, packedBlock, unpackedBlock, type BlockValues } from '@/domain/instruments/blocks';
import type { Db, Tx } from '../client';
import { helmEvent, instrumentBlock, lease } from '../schema';
import { listedBy, type Listed } from './listed';

/** A block of readings takes the place of what stood there: it is the same ten minutes, further on. */
export async function keepBlock(db: Db | Tx, benchId: BenchId, startS: number, values: BlockValues): Promise<void> {
  const body = deflateSync(Buffer.from(packedBlock(values)));
  await db.insert(instrumentBlock).values({ benchId, startS, body }).onDuplicateKeyUpdate({ set: { body } });
}

export interface Block {
  readonly startS: number;
  readonly values: BlockValues;
}

/** Blocks that touch a span of time; one that cannot be read is counted and left out. */
export async function blocksIn(
  db: Db | Tx,
  benchId: BenchId,
  { fromS, toS }: { readonly fromS: number; readonly toS: number },
): Promise<{ readonly blocks: readonly Block[]; readonly broken: number }> {
  const rows = await db
    .select({ startS: instrumentBlock.startS, body: instrumentBlock.body })
    .from(instrumentBlock)
    .where(
      and(
        eq(instrumentBlock.benchId, benchId),
        gte(instrumentBlock.startS, blockStart(fromS)),
        lt(instrumentBlock.startS, toS),
      ),
    )
    .orderBy(instrumentBlock.startS);
  const blocks = rows.flatMap(({ startS, body }): Block[] => {
    try {
      return [{ startS, values: unpackedBlock(inflateSync(body, { maxOutputLength: MOST_BYTES }).toString()) }];
    } catch {
      return [];
    }
  });
  return { blocks, broken: rows.length - blocks.length };
}

/** What ten minutes of all channels can come to, with room. */
const MOST_BYTES = 30 * 20 * BLOCK_S;

/** Adds an event; the same one again changes nothing. */
export async function addHelmEvent(
  db: Db | Tx,
  benchId: BenchId,
  event: HelmEvent,
  authorId: AnglerId | null = null,
): Promise<void> {
  await db
    .insert(helmEvent)
    .ignore()
    .values({ benchId, id: event.id, atS: event.atS, authorId, document: sealed(DOCUMENTS.helmEvent, event) });
}

/** Events from a time on, the newest first, `most` of them. */
export async function listHelmEvents(
  db: Db | Tx,
  benchId: BenchId,
  { fromS, most }: { readonly fromS: number; readonly most: number },
): Promise<Listed<HelmEvent>> {
  const rows = await db
    .select({ id: helmEvent.id, document: helmEvent.document })
    .from(helmEvent)
    .where(and(eq(helmEvent.benchId, benchId), gte(helmEvent.atS, fromS)))
    .orderBy(desc(helmEvent.atS), helmEvent.id)
    .limit(most);
  return listedBy(DOCUMENTS.helmEvent, rows, (document) => document);
}

/** Takes a lease, or keeps it; false while another holds it. */
export async function holdLease(
  db: Db,
  {
    name,
    holder,
    forMs,
    now,
  }: { readonly name: string; readonly holder: string; readonly forMs: number; readonly now: Date },
): Promise<boolean> {
  const until = new Date(now.getTime() + forMs);
  const [{ affectedRows }] = await db
    .update(lease)
    .set({ holder, until })
    .where(and(eq(lease.name, name), sql`(${lease.holder} = ${holder} or ${lease.until} < ${now})`));
  if (affectedRows > 0) return true;
  await db.insert(lease).ignore().values({ name, holder, until });
  const [row] = await db.select({ holder: lease.holder }).from(lease).where(eq(lease.name, name));
  return row?.holder === holder;
}

/** Leases that ended a day ago: whoever held them was killed. */
export async function forgetOldLeases(db: Db, now: Date): Promise<void> {
  await db.delete(lease).where(lt(lease.until, new Date(now.getTime() - 86_400_000)));
}

export async function endLease(db: Db, name: string, holder: string): Promise<void> {
  await db.delete(lease).where(and(eq(lease.name, name), eq(lease.holder, holder)));
}
