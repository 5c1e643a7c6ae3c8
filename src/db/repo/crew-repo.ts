import { and, desc, eq, gt, lt, sql } from 'drizzle-orm';
import type { Role } from '@/domain/crew/roles';
import { shownSchema, type Shown } from '@/domain/crew/shown';
import type { AnglerId, BenchId } from '@/domain/ids';
import type { Db, Tx } from '../client';
import { angler, bench, link, member, session, user } from '../schema';

export interface Membership {
  readonly benchId: BenchId;
  readonly benchName: string;
  readonly role: Role;
  /** null: the bench was emptied or replaced since, and has no such angler any more */
  readonly anglerId: AnglerId | null;
}

/** The benches that somebody belongs to, the longest first. */
export async function membershipsOf(db: Db | Tx, userId: string): Promise<Membership[]> {
  return db
    .select({ benchId: member.benchId, benchName: bench.name, role: member.role, anglerId: angler.id })
    .from(member)
    .innerJoin(bench, eq(bench.id, member.benchId))
    .leftJoin(angler, and(eq(angler.benchId, member.benchId), eq(angler.id, member.anglerId)))
    .where(eq(member.userId, userId))
    .orderBy(member.since, member.benchId);
}

export interface MemberRow {
  readonly userId: string;
  readonly name: string;
  readonly role: Role;
  readonly anglerId: AnglerId;
  readonly since: Date;
}

export async function listMembers(db: Db | Tx, benchId: BenchId): Promise<MemberRow[]> {
  return db
    .select({
      userId: member.userId,
      name: user.name,
      role: member.role,
      anglerId: member.anglerId,
      since: member.since,
    })
    .from(member)
    .innerJoin(user, eq(user.id, member.userId))
    .where(eq(member.benchId, benchId))
    .orderBy(member.since, member.userId);
}

export async function insertMember(
  tx: Tx,
  row: Pick<MemberRow, 'userId' | 'role' | 'anglerId' | 'since'> & { readonly benchId: BenchId },
): Promise<void> {
  await tx.insert(member).values(row);
}

export async function setRole(tx: Tx, benchId: BenchId, userId: string, role: Role): Promise<void> {
  await tx
    .update(member)
    .set({ role })
    .where(and(eq(member.benchId, benchId), eq(member.userId, userId)));
}

export async function removeMember(tx: Tx, benchId: BenchId, userId: string): Promise<void> {
  await tx.delete(member).where(and(eq(member.benchId, benchId), eq(member.userId, userId)));
}

/** Ends every session of somebody: each of their devices signs in anew. */
export async function endSessions(tx: Tx, userId: string): Promise<void> {
  await tx.delete(session).where(eq(session.userId, userId));
}

/** All benches of this database, the oldest first: those of who is alone. */
export async function listBenches(db: Db | Tx): Promise<{ readonly id: BenchId; readonly name: string }[]> {
  return db.select({ id: bench.id, name: bench.name }).from(bench).orderBy(bench.createdAt, bench.id);
}

/** What a link leads to: an invitation to be something, or the one thing that it shows. */
export type LinkTo =
  | { readonly kind: 'invitation'; readonly role: Exclude<Role, 'owner'> }
  | { readonly kind: 'guest'; readonly shown: Shown };

export interface LinkRow {
  readonly id: string;
  readonly benchId: BenchId;
  readonly to: LinkTo;
  readonly name: string;
  readonly madeBy: AnglerId | null;
  readonly madeAt: Date;
  readonly until: Date;
}

type StoredLink = typeof link.$inferSelect;

function linkOf({ role, shows, thingId, hash: _, ...row }: StoredLink): LinkRow | null {
  if (role === 'builder' || role === 'mate') return { ...row, to: { kind: 'invitation', role } };
  const shown = shownSchema.safeParse(thingId === null ? { kind: shows } : { kind: shows, id: thingId });
  return shown.success ? { ...row, to: { kind: 'guest', shown: shown.data } } : null;
}

export async function insertLink(tx: Tx, { to, ...row }: LinkRow, hash: string): Promise<void> {
  await tx.insert(link).values({
    ...row,
    hash,
    role: to.kind === 'invitation' ? to.role : null,
    shows: to.kind === 'guest' ? to.shown.kind : null,
    thingId: to.kind === 'guest' && to.shown.kind !== 'helm' ? to.shown.id : null,
  });
}

/** The link whose secret has this hash; null once it is over. */
export async function findLink(db: Db | Tx, hash: string, now: Date): Promise<LinkRow | null> {
  const [row] = await db
    .select()
    .from(link)
    .where(and(eq(link.hash, hash), gt(link.until, now)));
  return row ? linkOf(row) : null;
}

export async function listLinks(db: Db | Tx, benchId: BenchId, now: Date): Promise<LinkRow[]> {
  const rows = await db
    .select()
    .from(link)
    .where(and(eq(link.benchId, benchId), gt(link.until, now)))
    .orderBy(desc(link.madeAt));
  return rows.flatMap((row) => linkOf(row) ?? []);
}

/** Ends a link; true if it was there. An invitation that is taken is ended by the same statement, so that two cannot take it. */
export async function removeLink(tx: Tx, benchId: BenchId, id: string): Promise<boolean> {
  const [{ affectedRows }] = await tx.delete(link).where(and(eq(link.benchId, benchId), eq(link.id, id)));
  return affectedRows === 1;
}

export async function forgetOldLinks(db: Db | Tx, now: Date): Promise<void> {
  await db.delete(link).where(lt(link.until, sql`${now} - interval 30 day`));
}
