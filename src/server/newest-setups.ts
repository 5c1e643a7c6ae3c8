import { findRevision, listSetups } from '@/db/repo';
import type { Db } from '@/db/client';
import type { BenchId, SetupId } from '@/domain/ids';
import type { SetupFile } from '@/domain/setup';
import { setupFileOf } from './setup-page';

/** A setup at its newest revision, as a file with today's readings. */
export interface NewestSetup {
  readonly id: SetupId;
  readonly name: string;
  readonly version: number;
  readonly number: number;
  readonly savedAt: Date;
  readonly file: SetupFile;
}

/** The setups of a bench that are not put away; `only` some of them. */
export async function newestSetups(
  db: Db,
  benchId: BenchId,
  only: (id: SetupId) => boolean = () => true,
): Promise<readonly NewestSetup[]> {
  const found = await Promise.all(
    (await listSetups(db, benchId))
      .filter(({ id }) => only(id))
      .map(async ({ id, name, version }): Promise<readonly NewestSetup[]> => {
        const [revision, file] = await Promise.all([findRevision(db, benchId, id), setupFileOf(db, benchId, id)]);
        return revision && file
          ? [{ id, name, version, number: revision.number, savedAt: revision.savedAt, file }]
          : [];
      }),
  );
  return found.flat();
}
