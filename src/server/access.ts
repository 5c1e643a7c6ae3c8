import 'server-only';
import { cache } from 'react';
import { cookies, headers } from 'next/headers';
import { demoBenchId } from '@/db/load-demo';
import { listBenches, membershipsOf } from '@/db/repo';
import { may, type Need, type Role } from '@/domain/crew/roles';
import { benchIdSchema, type AnglerId, type BenchId } from '@/domain/ids';
import { auth } from './crew/auth';
import { isCrewOn } from './crew/mode';
import { database } from './database';
import { metrics } from './metrics';

/** On whose behalf something is done, and on which bench. */
export interface Access {
  readonly benchId: BenchId;
  readonly role: Role;
  /** null where nobody signs in */
  readonly userId: string | null;
  /** the member's own angler; null where nobody signs in */
  readonly anglerId: AnglerId | null;
}

export type NoAccess = 'signed-out' | 'not-allowed' | 'other-bench';

/** Nothing was read and nothing written: whoever asks may not. */
export class NoAccessError extends Error {
  override readonly name = 'NoAccessError';
  constructor(readonly code: NoAccess) {
    super(code);
  }
}

/** In which bench a browser was last. */
export const BENCH_COOKIE = 'ferula-bench';
/** The bench of the page that sends something: another window may have gone to another bench since. */
export const BENCH_HEADER = 'x-ferula-bench';

/**
 * The one place where it is decided who may do what: every page, action and route asks here first.
 *
 * @param claimed the bench that the page which sends this is of; without one that of the header, then that of the cookie
 * @throws {NoAccessError} nobody is signed in, their role is not enough, or the bench that was claimed is none of theirs
 */
export async function accessTo(need: Need, claimed: string | null = null): Promise<Access> {
  const said = claimed ?? (await headers()).get(BENCH_HEADER);
  const cookie = (await cookies()).get(BENCH_COOKIE)?.value ?? null;
  try {
    const access = isCrewOn(process.env) ? await memberAccess(said, cookie) : await aloneAccess(said, cookie);
    if (!may(access.role, need)) throw new NoAccessError('not-allowed');
    return access;
  } catch (error) {
    if (error instanceof NoAccessError) metrics().refused.inc({ why: error.code });
    throw error;
  }
}

/** Who is signed in; null: nobody. Asked once while a page is made. */
export const signedIn = cache(async (): Promise<{ readonly id: string; readonly name: string } | null> => {
  if (!isCrewOn(process.env)) return null;
  const found = await auth().api.getSession({ headers: await headers() });
  return found ? { id: found.user.id, name: found.user.name } : null;
});

async function memberAccess(said: string | null, cookie: string | null): Promise<Access> {
  const user = await signedIn();
  if (!user) throw new NoAccessError('signed-out');
  const memberships = await membershipsOf(database(), user.id);
  const chosen = memberships.find(({ benchId }) => benchId === (said ?? cookie));
  // What was sent for one bench is never done in another.
  if (said !== null && !chosen) throw new NoAccessError('other-bench');
  const own = chosen ?? memberships[0];
  if (!own) throw new NoAccessError('not-allowed');
  return { benchId: own.benchId, role: own.role, userId: user.id, anglerId: own.anglerId };
}

/** Alone, everything is one's own; the demo's bench is there from the first start. */
async function aloneAccess(said: string | null, cookie: string | null): Promise<Access> {
  const asked = benchIdSchema.safeParse(said ?? cookie ?? demoBenchId);
  const owner = { role: 'owner', userId: null, anglerId: null } as const;
  if (asked.success && asked.data === demoBenchId) return { benchId: asked.data, ...owner };
  const chosen = (await listBenches(database())).find(({ id }) => id === asked.data);
  if (said !== null && !chosen) throw new NoAccessError('other-bench');
  return { benchId: chosen?.id ?? demoBenchId, ...owner };
}
