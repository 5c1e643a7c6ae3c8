import 'server-only';
import { findBench } from '@/db/repo';
import { pageQuery, PageFailedError } from '../page-query';

export async function getBenchName(): Promise<string> {
  return pageQuery(async (db, benchId) => (await findBench(db, benchId))?.name ?? '');
}

/** For the frame of every page, which must stand even while the database is away; the page inside says so. */
export async function benchNameIfUp(): Promise<string> {
  try {
    return await getBenchName();
  } catch (error) {
    if (error instanceof PageFailedError) return '';
    throw error;
  }
}
