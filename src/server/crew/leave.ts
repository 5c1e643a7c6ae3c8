import 'server-only';
import { z } from 'zod';
import {
  countTry,
  countUsers,
  deleteUser,
  endSessions,
  findPasswordHash,
  forgetTries,
  listMembers,
  lockBench,
  membershipsOf,
} from '@/db/repo';
import type { Tx } from '@/db/client';
import { transact } from '@/db/transact';
import { verifyPassword } from 'better-auth/crypto';
import { NoAccessError } from '../access';
import { database } from '../database';
import { withMembersBody } from '../json-body';
import { tooMany } from './auth-route';

const leaveSchema = z.strictObject({ password: z.string().max(200) });
const TRIES = { most: 5, withinS: 600 } as const;

type Left =
  | { readonly code: 'deleted' | 'wrong' }
  /** these benches would have members and nobody who owns them, or nobody at all */
  | { readonly code: 'last-owner'; readonly benches: readonly string[] };

const STATUS = { deleted: 200, wrong: 403, 'last-owner': 409 } as const;

/** Deletes the account of whoever asks and says their password. What they logged and saved stays, under their name. */
export const deleteAccount = (request: Request): Promise<Response> =>
  withMembersBody('own', request, leaveSchema, async ({ password }, { userId }) => {
    if (!userId) throw new NoAccessError('not-allowed');
    const key = `leave ${userId}`;
    if (!(await countTry(database(), key, TRIES, Date.now()))) return tooMany(TRIES.withinS);
    const hash = await findPasswordHash(database(), userId);
    const isRight = hash !== null && (await verifyPassword({ hash, password }));
    const left: Left = isRight ? await transact(database(), (tx) => removeAccount(tx, userId)) : { code: 'wrong' };
    if (left.code === 'deleted') await forgetTries(database(), key);
    return Response.json(left, { status: STATUS[left.code] });
  });

/** The very last account may go: ./ferula crew on then makes the first one anew, which owns every bench. */
async function removeAccount(tx: Tx, userId: string): Promise<Left> {
  const owned = (await membershipsOf(tx, userId)).filter(({ role }) => role === 'owner');
  for (const { benchId } of owned) await lockBench(tx, benchId);
  const isLast = (await countUsers(tx)) === 1;
  const alone: string[] = [];
  for (const { benchId, benchName } of owned) {
    const members = await listMembers(tx, benchId);
    if (!members.some((each) => each.userId !== userId && each.role === 'owner')) alone.push(benchName);
  }
  if (alone.length > 0 && !isLast) return { code: 'last-owner', benches: alone };
  await endSessions(tx, userId);
  await deleteUser(tx, userId);
  return { code: 'deleted' };
}
