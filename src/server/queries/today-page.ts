import 'server-only';
import { listParts } from '@/db/repo';
import type { House } from '@/domain/house';
import { packed, type Packed } from '@/domain/packed';
import type { Part } from '@/domain/parts';
import { pageQuery } from '../page-query';
import { marked } from '../setups/marked';
import { newestSetups, type BrokenSetup, type NewestSetup } from '../setups/newest-setups';

export type TodaySetup = Pick<NewestSetup, 'id' | 'name' | 'file'>;

export interface TodayPage {
  readonly setups: Packed<readonly TodaySetup[]>;
  readonly box: Packed<readonly Part[]>;
  readonly crafts: House['crafts'];
  readonly sheet: House['sheet'];
  readonly broken: readonly BrokenSetup[];
}

/** Every setup at its newest revision, what would mend it, and what the bench holds to. */
export async function getTodayPage(): Promise<TodayPage> {
  return pageQuery(async (db, benchId) => {
    const [newest, box] = await Promise.all([newestSetups(db, benchId), listParts(db, benchId)]);
    const { whole, broken } = await marked(db, newest);
    const setups = whole.map(({ setup: { id, name, file } }): TodaySetup => ({ id, name, file }));
    const house = setups[0]?.file.house;
    return {
      setups: packed(setups),
      box: packed(box),
      crafts: house?.crafts ?? [],
      sheet: house?.sheet ?? {},
      broken,
    };
  });
}
