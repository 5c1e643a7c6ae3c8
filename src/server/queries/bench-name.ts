import 'server-only';
import { findBench } from '@/db/repo';
import { currentBench } from '../current-bench';
import { database } from '../database';

export async function getBenchName(): Promise<string> {
  const bench = await findBench(database(), await currentBench());
  return bench?.name ?? '';
}
