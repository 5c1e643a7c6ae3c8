import 'server-only';
import { listAllSetups } from '@/db/repo';
import type { SetupId } from '@/domain/ids';
import type { Marks } from '@/domain/marks';
import { shortCode } from '@/domain/short-code';
import { keptPageQuery, pageQuery } from '../page-query';
import { marked } from '../setups/marked';
import { newestSetups, type BrokenSetup } from '../setups/newest-setups';

export interface SetupLine {
  readonly id: SetupId;
  readonly name: string;
  readonly number: number;
  readonly savedAt: Date;
  readonly marks: Marks;
}

/** What is asked of the list: words that the name holds, and which page of what is found. */
export interface ListAsk {
  readonly find: string;
  readonly page: number;
}

export interface SetupLines {
  readonly setups: readonly SetupLine[];
  readonly broken: readonly BrokenSetup[];
  /** put away, to be brought back */
  readonly putAway: readonly { readonly id: SetupId; readonly name: string }[];
  readonly find: string;
  /** from one */
  readonly page: number;
  readonly pages: number;
  readonly found: number;
}

const ROWS_A_PAGE = 100;

const plain = (text: string) => text.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase();

/** One page of the setups by name, with the marks of their newest revisions. */
export async function getSetupList(ask: ListAsk): Promise<SetupLines> {
  return keptPageQuery('bench', ['setup list', ask], async (db, benchId) => {
    const all = await listAllSetups(db, benchId);
    const words = plain(ask.find).split(/\s+/);
    const found = all
      .filter(({ archivedAt, name }) => archivedAt === null && words.every((word) => plain(name).includes(word)))
      .sort((a, b) => a.name.localeCompare(b.name));
    const pages = Math.max(1, Math.ceil(found.length / ROWS_A_PAGE));
    const page = Math.min(ask.page, pages);
    const ids = found.slice((page - 1) * ROWS_A_PAGE, page * ROWS_A_PAGE).map(({ id }) => id);
    const { whole, broken } = await marked(db, await newestSetups(db, benchId, ids));
    return {
      setups: whole.map(({ setup: { id, name, number, savedAt }, result: marks }) => ({
        id,
        name,
        number,
        savedAt,
        marks,
      })),
      broken,
      putAway: all.filter(({ archivedAt }) => archivedAt !== null).map(({ id, name }) => ({ id, name })),
      find: ask.find,
      page,
      pages,
      found: found.length,
    };
  });
}

/** Every setup that was not put away, by name. */
export async function getSetupNames(): Promise<readonly { readonly id: SetupId; readonly name: string }[]> {
  return keptPageQuery('bench', ['setup names'], async (db, benchId) =>
    (await listAllSetups(db, benchId))
      .filter(({ archivedAt }) => archivedAt === null)
      .map(({ id, name }) => ({ id, name }))
      .sort((a, b) => a.name.localeCompare(b.name)),
  );
}

/** The setup that a code typed from a card means; null: none of this bench. */
export async function findByShortCode(code: string): Promise<SetupId | null> {
  return pageQuery('bench', async (db, benchId) => {
    const found = (await listAllSetups(db, benchId)).find(({ id }) => shortCode(id) === code.toUpperCase());
    return found?.id ?? null;
  });
}
