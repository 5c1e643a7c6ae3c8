import 'server-only';
import { findBench } from '@/db/repo';
import type { Role } from '@/domain/crew/roles';
import { signedIn } from '../access';
import { keptAnswer } from '../kept-answers';
import { pageQuery, PageFailedError } from '../page-query';

/** What stands around every page: whose bench it is, and who is there as what. */
export interface Frame {
  readonly benchId: string;
  readonly benchName: string;
  readonly role: Role;
  /** null where nobody signs in */
  readonly userName: string | null;
}

export async function getFrame(): Promise<Frame> {
  return pageQuery('own', async (db, benchId, { role }) => {
    const [bench, user] = await Promise.all([keptAnswer(benchId, ['bench'], () => findBench(db, benchId)), signedIn()]);
    return { benchId, benchName: bench?.name ?? '', role, userName: user?.name ?? null };
  });
}

/** The frame must stand even while the database is away; the page inside says so. */
export async function frameIfUp(): Promise<Frame | null> {
  try {
    return await getFrame();
  } catch (error) {
    if (error instanceof PageFailedError) return null;
    throw error;
  }
}
