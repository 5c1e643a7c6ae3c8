import 'server-only';
import { listLeaders, listParts, type BrokenRow } from '@/db/repo';
import type { Leader } from '@/domain/leader';
import type { Part } from '@/domain/parts';
import { keptPageQuery } from '../page-query';
import { marked } from '../setups/marked';
import { newestSetups, type BrokenSetup } from '../setups/newest-setups';
import type { QuiverSetup } from './quiver-page';

export type { BrokenRow };

export interface TyingPage {
  readonly setups: readonly QuiverSetup[];
  readonly broken: readonly BrokenSetup[];
  readonly box: readonly Part[];
  readonly leaders: readonly Leader[];
  readonly brokenLeaders: readonly BrokenRow[];
  /** where a card's code leads; null: nobody set an address that others can reach */
  readonly publicUrl: string | null;
  /** setups whose leaders the batch begins with */
  readonly asked: readonly string[];
}

/** Every setup, the Box, and the leaders that were tied. */
export async function getTyingPage(
  asked: readonly string[] = [],
  need: 'bench' | 'cards' = 'bench',
): Promise<TyingPage> {
  return keptPageQuery(need, ['tying', asked], async (db, benchId) => {
    const [newest, box, leaders] = await Promise.all([
      newestSetups(db, benchId),
      listParts(db, benchId),
      listLeaders(db, benchId),
    ]);
    const { whole, broken } = await marked(db, newest);
    const url = process.env['PUBLIC_URL'] ?? '';
    // An address of this machine alone opens nothing on a phone.
    const isLocal = /\/\/(127\.|localhost|\[::1\])/.test(url);
    return {
      setups: whole.map(({ setup }) => setup),
      broken,
      box,
      leaders: leaders.rows,
      brokenLeaders: leaders.broken,
      asked,
      publicUrl: url === '' || isLocal ? null : url,
    };
  });
}
