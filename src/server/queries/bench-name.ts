import 'server-only';
import { connectionProblem } from '@/db/connection-problem';
import { findBench } from '@/db/repo';
import { currentBench } from '../current-bench';
import { database } from '../database';

export async function getBenchName(): Promise<string> {
  const bench = await findBench(database(), await currentBench());
  return bench?.name ?? '';
}

/** For the frame of every page, which must stand even while the database is away; the page inside says so. */
export async function benchNameIfUp(): Promise<string> {
  try {
    return await getBenchName();
  } catch (error) {
    if (connectionProblem(error)) return '';
    throw error;
  }
}
