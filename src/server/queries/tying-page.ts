import 'server-only';
import { listLeaders, listParts } from '@/db/repo';
import type { Leader } from '@/domain/leader';
import { currentBench } from '../current-bench';
import { database } from '../database';
import { newestSetups } from '../newest-setups';
import type { QuiverSetup } from './quiver-page';
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
  const db = database();
  const benchId = await currentBench();
  const [setups, box, leaders] = await Promise.all([
    newestSetups(db, benchId),
    listParts(db, benchId),
    listLeaders(db, benchId),
  ]);
  const url = process.env['PUBLIC_URL'] ?? '';
  // An address of this machine alone opens nothing on a phone.
  const isLocal = /\/\/(127\.|localhost|\[::1\])/.test(url);
  return { setups, box, leaders, publicUrl: url === '' || isLocal ? null : url };
}
