import { and, count, eq, lt, sql } from 'drizzle-orm';
import type { Db, Tx } from '../client';
import { account, passkey, rateLimit, recoveryCode, session, user, verification } from '../schema';

export async function countUsers(db: Db | Tx): Promise<number> {
  const [row] = await db.select({ users: count() }).from(user);
  return row?.users ?? 0;
}

export async function findUserByName(db: Db | Tx, nameKey: string): Promise<{ readonly id: string } | null> {
  const [row] = await db.select({ id: user.id }).from(user).where(eq(user.username, nameKey));
  return row ?? null;
}

/** Preferences as in a Cookie header; null: never chosen. */
export async function findPreferences(db: Db | Tx, userId: string): Promise<string | null> {
  const [row] = await db.select({ preferences: user.preferences }).from(user).where(eq(user.id, userId));
  return row?.preferences ?? null;
}

export async function putPreferences(db: Db | Tx, userId: string, preferences: string): Promise<void> {
  await db.update(user).set({ preferences }).where(eq(user.id, userId));
}

/** New codes take the place of all earlier ones. */
export async function putRecoveryCodes(tx: Tx, userId: string, hashes: readonly string[]): Promise<void> {
  await tx.delete(recoveryCode).where(eq(recoveryCode.userId, userId));
  await tx.insert(recoveryCode).values(hashes.map((hash) => ({ userId, hash })));
}

/** Uses a code up; false where it is none. */
export async function takeRecoveryCode(tx: Tx, userId: string, hash: string): Promise<boolean> {
  const [{ affectedRows }] = await tx
    .delete(recoveryCode)
    .where(and(eq(recoveryCode.userId, userId), eq(recoveryCode.hash, hash)));
  return affectedRows === 1;
}

export async function countRecoveryCodes(db: Db | Tx, userId: string): Promise<number> {
  const [row] = await db.select({ codes: count() }).from(recoveryCode).where(eq(recoveryCode.userId, userId));
  return row?.codes ?? 0;
}

export interface AccountRow {
  readonly userId: string;
  readonly name: string;
  readonly nameKey: string;
  readonly passwordHash: string;
  readonly now: Date;
}

/** Somebody who signs in by password, as the library that signs people in would write it. */
export async function insertAccount(tx: Tx, { userId, name, nameKey, passwordHash, now }: AccountRow): Promise<void> {
  const times = { createdAt: now, updatedAt: now };
  await tx.insert(user).values({ id: userId, name, username: nameKey, email: `${userId}@ferula.invalid`, ...times });
  await tx.insert(account).values({
    id: crypto.randomUUID(),
    accountId: userId,
    providerId: 'credential',
    userId,
    password: passwordHash,
    ...times,
  });
}

/** Null: nobody of this id, or somebody without a password. */
export async function findPasswordHash(db: Db | Tx, userId: string): Promise<string | null> {
  const [row] = await db
    .select({ password: account.password })
    .from(account)
    .where(and(eq(account.userId, userId), eq(account.providerId, 'credential')));
  return row?.password ?? null;
}

/** Somebody goes, with sessions, passkeys, recovery codes and memberships. */
export async function deleteUser(tx: Tx, userId: string): Promise<void> {
  await tx.delete(user).where(eq(user.id, userId));
}

export async function putPassword(tx: Tx, userId: string, passwordHash: string, now: Date): Promise<void> {
  await tx
    .update(account)
    .set({ password: passwordHash, updatedAt: now })
    .where(and(eq(account.userId, userId), eq(account.providerId, 'credential')));
}

/** Counts a try; false once there were too many in this span of time. One statement, so that tries at once are all counted. */
export async function countTry(
  db: Db | Tx,
  key: string,
  { most, withinS }: { readonly most: number; readonly withinS: number },
  nowMs: number,
): Promise<boolean> {
  const isOver = sql`${rateLimit.lastRequest} < ${nowMs - withinS * 1000}`;
  await db
    .insert(rateLimit)
    .values({ id: crypto.randomUUID(), key, count: 1, lastRequest: nowMs })
    // The time is that of the first try of the span: whoever goes on trying gets a new span all the same.
    .onDuplicateKeyUpdate({
      set: {
        count: sql`if(${isOver}, 1, ${rateLimit.count} + 1)`,
        lastRequest: sql`if(${isOver}, ${nowMs}, ${rateLimit.lastRequest})`,
      },
    });
  const [row] = await db.select({ count: rateLimit.count }).from(rateLimit).where(eq(rateLimit.key, key));
  return (row?.count ?? 0) <= most;
}

/** Tries at something that succeeded are forgotten. */
export async function forgetTries(db: Db | Tx, key: string): Promise<void> {
  await db.delete(rateLimit).where(eq(rateLimit.key, key));
}

export interface PasskeyHead {
  readonly id: string;
  readonly name: string;
  readonly since: string | null;
}

export async function listPasskeys(db: Db | Tx, userId: string): Promise<PasskeyHead[]> {
  const rows = await db
    .select({ id: passkey.id, name: passkey.name, createdAt: passkey.createdAt })
    .from(passkey)
    .where(eq(passkey.userId, userId))
    .orderBy(passkey.createdAt, passkey.id);
  return rows.map(({ id, name, createdAt }) => ({ id, name: name ?? '', since: createdAt?.toISOString() ?? null }));
}

/** Sessions and questions that ended, and tries of days ago. */
export async function forgetOldSignIns(db: Db | Tx, now: Date): Promise<void> {
  await db.delete(session).where(lt(session.expiresAt, now));
  await db.delete(verification).where(lt(verification.expiresAt, now));
  await db.delete(rateLimit).where(lt(rateLimit.lastRequest, now.getTime() - 2 * 86_400_000));
}
