import 'server-only';
import { demoBenchId } from '@/db/load-demo';
import type { BenchId } from '@/domain/ids';

/** Whose bench this request is for: there is one until people sign in. Every query and action asks here first. */
export async function currentBench(): Promise<BenchId> {
  return demoBenchId;
}
