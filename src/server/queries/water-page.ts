import 'server-only';
import type { SetupId } from '@/domain/ids';
import type { SetupFile } from '@/domain/setup';
import { keptPageQuery } from '../page-query';
import { marked } from '../setups/marked';
import { newestSetups, type BrokenSetup } from '../setups/newest-setups';

/** So many lines in one picture can still be told apart. */
const MOST_IN_PICTURE = 4;

export interface WaterSetup {
  readonly id: SetupId;
  readonly name: string;
  readonly number: number;
  readonly version: number;
  readonly file: SetupFile;
}

export interface WaterPage {
  /** in the picture, in the order asked */
  readonly shown: readonly WaterSetup[];
  /** all that could be */
  readonly all: readonly { readonly id: SetupId; readonly name: string; readonly fished: 'cast' | 'towed' }[];
  readonly broken: readonly BrokenSetup[];
}

/** The setups asked for, at most four; without any, the first that is towed, else the first. */
export async function getWaterPage(asked: readonly string[]): Promise<WaterPage> {
  return keptPageQuery('bench', ['water', asked], async (db, benchId) => {
    const { whole, broken } = await marked(db, await newestSetups(db, benchId));
    const all: readonly WaterSetup[] = whole.map(({ setup }) => setup);
    const wanted = asked.flatMap((id) => all.filter((setup) => setup.id === id)).slice(0, MOST_IN_PICTURE);
    const first = all.find(({ file }) => file.presentation.kind === 'towed') ?? all[0];
    return {
      shown: wanted.length > 0 ? wanted : first ? [first] : [],
      all: all.map(({ id, name, file }) => ({ id, name, fished: file.presentation.kind })),
      broken,
    };
  });
}
