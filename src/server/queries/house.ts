import 'server-only';
import { pageQuery } from '../page-query';
import { findHouse, readHouse, type ReadHouse } from '../house/house';
import type { House } from '@/domain/house';

export async function getHouse(): Promise<House> {
  return pageQuery(findHouse);
}

/** With what cannot be used and the anglers, for Rules. */
export async function getRules(): Promise<ReadHouse> {
  return pageQuery(readHouse);
}
