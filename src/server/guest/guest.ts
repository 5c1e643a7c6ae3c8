import 'server-only';
import { findBench, findLink, listAnglers, type LinkRow } from '@/db/repo';
import { may } from '@/domain/crew/roles';
import type { Shown } from '@/domain/crew/shown';
import { accessTo, NoAccessError, signedIn } from '../access';
import { hashOf } from '../crew/secrets';
import { database } from '../database';

/** What a guest's link allows: one thing of one bench. Every way that guests have asks here first. */
export interface Guest {
  readonly benchId: LinkRow['benchId'];
  readonly shown: Shown;
  readonly until: Date;
  /** who shows it; empty where nobody is named */
  readonly by: string;
}

/** Null: there is no such link, or it has ended. */
export async function guestOf(secret: string): Promise<Guest | null> {
  const link = await findLink(database(), hashOf(secret), new Date());
  if (link?.to.kind !== 'guest') return null;
  const { benchId, until, madeBy } = link;
  const [bench, anglers] = await Promise.all([findBench(database(), benchId), listAnglers(database(), benchId)]);
  const by = anglers.find(({ id }) => id === madeBy)?.name || bench?.name || '';
  return { benchId, shown: link.to.shown, until, by };
}

/** The bench into which whoever looks could take a copy; null: none, or the thing is of that bench. */
export async function benchToTakeInto(guest: Guest): Promise<{ readonly id: string; readonly name: string } | null> {
  try {
    if (!(await signedIn())) return null;
    const { benchId, role } = await accessTo('own');
    if (!may(role, 'edit') || benchId === guest.benchId) return null;
    return { id: benchId, name: (await findBench(database(), benchId))?.name ?? '' };
  } catch (error) {
    if (error instanceof NoAccessError) return null;
    throw error;
  }
}
