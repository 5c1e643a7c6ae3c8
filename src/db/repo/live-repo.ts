import { and, count, eq, gt, like, lt, ne, sql } from 'drizzle-orm';
import type { BenchId } from '@/domain/ids';
import type { Db } from '../client';
import { helm, lease, liveMessage } from '../schema';

/** How far back the others' messages are looked for [s]: longer than any of them takes to be seen. */
const SEEN_WITHIN_S = 3;
const KEPT_S = 30;

export async function putLiveMessage(db: Db, benchId: BenchId, origin: string, body: string): Promise<void> {
  await db.insert(liveMessage).values({ benchId, origin, body });
}

/** What others told within the last seconds by the database's clock, the oldest first. */
export async function liveMessagesFrom(
  db: Db,
  benchId: BenchId,
  exceptOf: string,
): Promise<{ readonly id: number; readonly body: string }[]> {
  return db
    .select({ id: liveMessage.id, body: liveMessage.body })
    .from(liveMessage)
    .where(
      and(
        eq(liveMessage.benchId, benchId),
        gt(liveMessage.at, sql`utc_timestamp(3) - interval ${sql.raw(String(SEEN_WITHIN_S))} second`),
        ne(liveMessage.origin, exceptOf),
      ),
    )
    .orderBy(liveMessage.at, liveMessage.id);
}

export async function sweepLiveMessages(db: Db, benchId: BenchId): Promise<void> {
  const old = sql`utc_timestamp(3) - interval ${sql.raw(String(KEPT_S))} second`;
  await db.delete(liveMessage).where(and(eq(liveMessage.benchId, benchId), lt(liveMessage.at, old)));
}

/** How many leases whose names begin so are held now. */
export async function countLeases(db: Db, prefix: string, now: Date): Promise<number> {
  const [row] = await db
    .select({ leases: count() })
    .from(lease)
    .where(and(like(lease.name, `${prefix.replace(/[\\%_]/g, '\\$&')}%`), gt(lease.until, now)));
  return row?.leases ?? 0;
}

/** Benches that have a helm, whose instruments may be read. */
export async function benchesWithHelm(db: Db): Promise<BenchId[]> {
  return (await db.selectDistinct({ benchId: helm.benchId }).from(helm)).map(({ benchId }) => benchId);
}
