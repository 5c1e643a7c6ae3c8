import 'server-only';
import { findBench, findLink } from '@/db/repo';
import type { Role } from '@/domain/crew/roles';
import { signedIn } from '../access';
import { database } from '../database';
import { isCrewOn } from './mode';
import { takesPasskeys } from './reach';
import { hashOf } from './secrets';

/** How people come in here. */
export const wayIn = (): { readonly isOn: boolean; readonly takesPasskeys: boolean } => ({
  isOn: isCrewOn(process.env),
  takesPasskeys: takesPasskeys(process.env),
});

/** What an invitation leads to; who has its secret may know. */
export async function findInvitation(secret: string): Promise<{
  readonly invitation: { readonly benchName: string; readonly role: Role } | null;
  readonly userName: string | null;
}> {
  const [found, user] = await Promise.all([findLink(database(), hashOf(secret), new Date()), signedIn()]);
  const bench = found?.to.kind === 'invitation' ? await findBench(database(), found.benchId) : null;
  return {
    invitation: found?.to.kind === 'invitation' && bench ? { benchName: bench.name, role: found.to.role } : null,
    userName: user?.name ?? null,
  };
}
