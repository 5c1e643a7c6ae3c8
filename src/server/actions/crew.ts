'use server';

import { cookies } from 'next/headers';
import { z } from 'zod';
import { demoBenchId } from '@/db/load-demo';
import {
  deleteBench,
  endSessions,
  insertBench,
  insertLink,
  listLinks,
  listMembers,
  lockBench,
  removeLink,
  removeMember,
  setRole,
} from '@/db/repo';
import { may, ROLES } from '@/domain/crew/roles';
import { LINK_HOURS, shownSchema } from '@/domain/crew/shown';
import { benchIdSchema, type BenchId } from '@/domain/ids';
import { BENCH_COOKIE, signedIn } from '../access';
import { benchesOf } from '../crew/benches';
import { addMember } from '../crew/members';
import { hashOf } from '../crew/secrets';
import { isCrewOn } from '../crew/mode';
import { database } from '../database';
import { LASTING_COOKIE } from '../lasting-cookie';
import { change, refused, type Reply } from '../reply';

const hours = z.number().refine((value) => (LINK_HOURS as readonly number[]).includes(value));
/** Made by the page that asks, so that it stands in no answer that is kept. */
const secret = z.string().regex(/^[\w-]{32,64}$/);
const linkName = z.string().trim().max(60);

const inviteInput = z.strictObject({ role: z.enum(['builder', 'mate']), name: linkName, hours, secret });
const guestInput = z.strictObject({ shown: shownSchema, name: linkName, hours, secret });

/** An invitation that makes one person a member. */
export async function inviteAction(sent: unknown): Promise<Reply<null>> {
  return change<z.infer<typeof inviteInput>, null>(
    'invite',
    'crew',
    inviteInput,
    sent,
    async ({ role, ...link }, { tx, benchId, now, authorId }) => {
      await insertLink(tx, linkRow(link, { kind: 'invitation', role }, benchId, authorId, now), hashOf(link.secret));
      return { ok: true, data: null };
    },
  );
}

/** A link to one thing, for whoever has it. */
export async function shareAction(sent: unknown): Promise<Reply<null>> {
  return change<z.infer<typeof guestInput>, null>(
    'share',
    'edit',
    guestInput,
    sent,
    async ({ shown, ...link }, { tx, benchId, now, authorId }) => {
      await insertLink(tx, linkRow(link, { kind: 'guest', shown }, benchId, authorId, now), hashOf(link.secret));
      return { ok: true, data: null };
    },
  );
}

const HOUR_MS = 3_600_000;

const linkRow = (
  { name, hours: lasting }: { readonly name: string; readonly hours: number },
  to: Parameters<typeof insertLink>[1]['to'],
  benchId: BenchId,
  madeBy: Parameters<typeof insertLink>[1]['madeBy'],
  now: Date,
) => ({
  id: crypto.randomUUID(),
  benchId,
  to,
  name,
  madeBy,
  madeAt: now,
  until: new Date(now.getTime() + lasting * HOUR_MS),
});

const idInput = z.strictObject({ id: z.string().min(1).max(64) });

/** Ends a guest's link; an owner ends invitations too. */
export async function endLinkAction(sent: unknown): Promise<Reply<null>> {
  return change<z.infer<typeof idInput>, null>(
    'end-link',
    'edit',
    idInput,
    sent,
    async ({ id }, { tx, benchId, now, access }) => {
      const link = (await listLinks(tx, benchId, now)).find((each) => each.id === id);
      if (link && (link.to.kind === 'guest' || may(access.role, 'crew'))) await removeLink(tx, benchId, id);
      return { ok: true, data: null };
    },
  );
}

const roleInput = z.strictObject({ userId: z.string().min(1).max(64), role: z.enum(ROLES).nullable() });

/** Gives a member another role, or with null sends them away; a bench keeps one owner at least. */
export async function setRoleAction(sent: unknown): Promise<Reply<null, 'last-owner' | 'not-found'>> {
  return change<z.infer<typeof roleInput>, null, 'last-owner' | 'not-found'>(
    'set-role',
    'crew',
    roleInput,
    sent,
    async ({ userId, role }, { tx, benchId }) => {
      await lockBench(tx, benchId);
      const members = await listMembers(tx, benchId);
      const member = members.find((each) => each.userId === userId);
      if (!member) return role === null ? { ok: true, data: null } : refused('not-found');
      const otherOwners = members.filter((each) => each.role === 'owner' && each.userId !== userId);
      if (member.role === 'owner' && role !== 'owner' && otherOwners.length === 0) return refused('last-owner');
      if (role === null) await removeMember(tx, benchId, userId);
      else await setRole(tx, benchId, userId, role);
      return { ok: true, data: null };
    },
  );
}

/** Signs all devices of whoever asks out, this one too. */
export async function signOutEverywhereAction(sent: unknown): Promise<Reply<null>> {
  return change<Record<string, never>, null>(
    'sign-out-everywhere',
    'own',
    z.strictObject({}),
    sent,
    async (_, { tx, access }) => {
      if (access.userId) await endSessions(tx, access.userId);
      return { ok: true, data: null };
    },
  );
}

const nameInput = z.strictObject({ name: z.string().trim().min(1).max(120) });

/** Another bench, empty, owned by whoever makes it; the browser goes there. */
export async function makeBenchAction(sent: unknown): Promise<Reply<{ readonly benchId: string }>> {
  const made = await change<z.infer<typeof nameInput>, { readonly benchId: string }>(
    'make-bench',
    'own',
    nameInput,
    sent,
    async ({ name }, { tx, now, access }) => {
      const benchId = benchIdSchema.parse(`bench-${crypto.randomUUID()}`);
      await insertBench(tx, { id: benchId, name, createdAt: now });
      const user = await signedIn();
      if (access.userId && user)
        await addMember(tx, { benchId, userId: access.userId, name: user.name, role: 'owner' }, now);
      return { ok: true, data: { benchId } };
    },
  );
  if (made.ok) await goTo(made.data.benchId);
  return made;
}

const benchInput = z.strictObject({ id: benchIdSchema });

/** Deletes a bench that one owns and that is not open. The first one stays, since Ferula opens at it: it can be emptied. */
export async function deleteBenchAction(sent: unknown): Promise<Reply<null, 'not-found'>> {
  return change<z.infer<typeof benchInput>, null, 'not-found'>(
    'delete-bench',
    'own',
    benchInput,
    sent,
    async ({ id }, { tx, benchId, access }) => {
      const own = await benchesOf(tx, access.userId);
      const mayGo = own.some((each) => each.id === id && each.role === 'owner');
      if (!mayGo || id === benchId || id === demoBenchId) return refused('not-found');
      await lockBench(tx, id);
      await deleteBench(tx, id);
      return { ok: true, data: null };
    },
  );
}

/** Goes to another bench of one's own; no other is ever said to be there. */
export async function chooseBenchAction(sent: unknown): Promise<{ readonly ok: boolean }> {
  const asked = benchIdSchema.safeParse(sent);
  if (!asked.success) return { ok: false };
  const user = await signedIn();
  if (isCrewOn(process.env) && !user) return { ok: false };
  const own = await benchesOf(database(), user?.id ?? null);
  if (!own.some(({ id }) => id === asked.data)) return { ok: false };
  await goTo(asked.data);
  return { ok: true };
}

async function goTo(benchId: string): Promise<void> {
  (await cookies()).set(BENCH_COOKIE, benchId, { ...LASTING_COOKIE, httpOnly: true });
}
