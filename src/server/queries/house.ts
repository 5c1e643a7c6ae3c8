import 'server-only';
import { asking } from '../asking';
import { findHouse, readHouse, type ReadHouse } from '../house/house';
import type { House } from '@/domain/house';

export async function getHouse(): Promise<House> {
  return asking(findHouse);
}

/** With what cannot be used and the anglers, for Rules. */
export async function getRules(): Promise<ReadHouse> {
  return asking(readHouse);
}
