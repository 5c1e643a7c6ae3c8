import 'server-only';
import { listLeaders } from '@/db/repo';
import type { Leader } from '@/domain/leader';
import { currentBench } from '../current-bench';
import { database } from '../database';
import { getQuiverPage, type QuiverSetup } from './quiver-page';
import type { Part } from '@/domain/parts';

export interface TyingPage {
  readonly setups: readonly QuiverSetup[];
  readonly box: readonly Part[];
  readonly leaders: readonly Leader[];
  /** where a card's code leads; null: nobody set an address that others can reach */
  readonly publicUrl: string | null;
}

/** Every setup, the Box, and the leaders that were tied. */
export async function getTyingPage(): Promise<TyingPage> {
  const [{ setups, box }, leaders] = await Promise.all([getQuiverPage(), listLeaders(database(), await currentBench())]);
  const url = process.env['PUBLIC_URL'] ?? '';
  // An address of this machine alone opens nothing on a phone.
  const isLocal = /\/\/(127\.|localhost|\[::1\])/.test(url);
  return { setups, box, leaders, publicUrl: url === '' || isLocal ? null : url };
}
