import 'server-only';
import { z } from 'zod';
import { isDuplicateKey } from '@/db/connection-problem';
import { countTry, findLink, forgetTries, membershipsOf, removeLink } from '@/db/repo';
import { transact } from '@/db/transact';
import { memberNameSchema, nameKey, passwordSchema } from '@/domain/crew/names';
import { signedIn } from '../access';
import { database } from '../database';
import { withBody } from '../json-body';
import { makeAccount, recoverAccount } from './accounts';
import { tooMany } from './auth-route';
import { addMember } from './members';
import { hashOf } from './secrets';

const secretSchema = z.string().min(16).max(64);
const account = { name: memberNameSchema, password: passwordSchema };

/** An invitation is taken by somebody new, who gets an account, or by whoever is signed in. */
const joinSchema = z.discriminatedUnion('as', [
  z.strictObject({ as: z.literal('new'), secret: secretSchema, ...account }),
  z.strictObject({ as: z.literal('signed-in'), secret: secretSchema }),
]);

type Joined =
  | { readonly code: 'joined'; readonly codes: readonly string[] }
  | { readonly code: 'over' | 'name-taken' | 'signed-out' };

const STATUS = { joined: 200, over: 410, 'name-taken': 409, 'signed-out': 401 } as const;

/** Takes an invitation, once: a second taker finds that it is over. Recovery codes of a new account are shown this once. */
export const join = (request: Request): Promise<Response> =>
  withBody(request, joinSchema, async (asked) => {
    const user = asked.as === 'signed-in' ? await signedIn() : null;
    const now = new Date();
    const joined = await transact(database(), async (tx): Promise<Joined> => {
      const invitation = await findLink(tx, hashOf(asked.secret), now);
      if (invitation?.to.kind !== 'invitation') return { code: 'over' };
      const { benchId, id, to } = invitation;
      if (asked.as === 'signed-in') {
        if (!user) return { code: 'signed-out' };
        const isMember = (await membershipsOf(tx, user.id)).some((each) => each.benchId === benchId);
        if (isMember) return { code: 'joined', codes: [] };
        if (!(await removeLink(tx, benchId, id))) return { code: 'over' };
        await addMember(tx, { benchId, userId: user.id, name: user.name, role: to.role }, now);
        return { code: 'joined', codes: [] };
      }
      if (!(await removeLink(tx, benchId, id))) return { code: 'over' };
      const made = await makeAccount(tx, asked, now);
      if (!made) throw new NameTaken();
      await addMember(tx, { benchId, userId: made.userId, name: asked.name, role: to.role }, now);
      return { code: 'joined', codes: made.codes };
    }).catch((error: unknown): Joined => {
      if (error instanceof NameTaken || isDuplicateKey(error)) return { code: 'name-taken' };
      throw error;
    });
    return Response.json(joined, { status: STATUS[joined.code] });
  });

/** Thrown so that the invitation is not used up. */
class NameTaken extends Error {}

const recoverSchema = z.strictObject({ code: z.string().min(12).max(40), ...account });
const RECOVER_TRIES = { most: 5, withinS: 3600 } as const;

/** A new password by a recovery code; every session of the account ends. */
export const recover = (request: Request): Promise<Response> =>
  withBody(request, recoverSchema, async (asked) => {
    const key = `recover ${nameKey(asked.name)}`;
    if (!(await countTry(database(), key, RECOVER_TRIES, Date.now()))) return tooMany(RECOVER_TRIES.withinS);
    const isRight = await transact(database(), (tx) => recoverAccount(tx, asked, new Date()));
    if (!isRight) return Response.json({ code: 'wrong' }, { status: 403 });
    await forgetTries(database(), key);
    await forgetTries(database(), `sign-in ${nameKey(asked.name)}`);
    return Response.json({ code: 'recovered' });
  });
