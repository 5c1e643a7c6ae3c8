import 'server-only';
import { findHouse } from '@/db/repo';
import type { House } from '@/domain/house';
import { currentBench } from '../current-bench';
import { database } from '../database';

export async function getHouse(): Promise<House> {
  return findHouse(database(), await currentBench());
}
