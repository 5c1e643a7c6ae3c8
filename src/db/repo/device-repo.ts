import { and, eq, gt, isNull, lt, sql } from 'drizzle-orm';
import type { Db, Tx } from '../client';
import { device, pairingCode } from '../schema';

export interface Device {
  readonly id: string;
  readonly name: string;
  readonly pairedAt: Date;
}

/** There is one code at a time. */
const ONLY = 1;
/** After so many wrong ones the code is void. */
const MOST_TRIES = 5;

/** Devices that are let in, the newest first. */
export async function listDevices(db: Db | Tx): Promise<Device[]> {
  const rows = await db
    .select({ id: device.id, name: device.name, pairedAt: device.pairedAt })
    .from(device)
    .where(isNull(device.revokedAt));
  return rows.sort((a, b) => b.pairedAt.getTime() - a.pairedAt.getTime());
}

export async function insertDevice(db: Db | Tx, row: Device): Promise<void> {
  await db.insert(device).values(row);
}

export async function revokeDevice(db: Db | Tx, id: string, at: Date): Promise<void> {
  await db.update(device).set({ revokedAt: at }).where(eq(device.id, id));
}

/** A new code takes the place of the one before it. */
export async function putPairingCode(db: Db | Tx, hash: string, until: Date): Promise<void> {
  const values = { hash, until, tries: 0 };
  await db
    .insert(pairingCode)
    .values({ id: ONLY, ...values })
    .onDuplicateKeyUpdate({ set: values });
}

/** Takes the code if it is the right one, which uses it up; a wrong one is counted. */
export async function takePairingCode(tx: Tx, hash: string, now: Date): Promise<'taken' | 'wrong'> {
  const live = and(eq(pairingCode.id, ONLY), gt(pairingCode.until, now), lt(pairingCode.tries, MOST_TRIES));
  const [{ affectedRows }] = await tx.delete(pairingCode).where(and(live, eq(pairingCode.hash, hash)));
  if (affectedRows === 1) return 'taken';
  await tx
    .update(pairingCode)
    .set({ tries: sql`${pairingCode.tries} + 1` })
    .where(eq(pairingCode.id, ONLY));
  return 'wrong';
}
