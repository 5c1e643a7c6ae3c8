import { findParts, listNewest, type ReadRevision } from '@/db/repo';
import type { Db, Tx } from '@/db/client';
import type { House } from '@/domain/house';
import type { BenchId, PartId, SetupId } from '@/domain/ids';
import type { SetupFile } from '@/domain/setup';
import { findHouse } from '../house/house';
import { setupFileFrom, type Fault } from './setup-file';

interface Head {
  readonly id: SetupId;
  readonly name: string;
  readonly version: number;
  readonly number: number;
  readonly savedAt: Date;
}

/** A setup at its newest revision, as a file with today's readings. */
export interface NewestSetup extends Head {
  readonly file: SetupFile;
}

/** A setup that cannot be worked out, in its place by name, with what is wrong. */
export interface BrokenSetup extends Head {
  readonly faults: readonly Fault[];
}

export interface NewestSetups {
  /** what they are judged in */
  readonly house: House;
  readonly setups: readonly NewestSetup[];
  readonly broken: readonly BrokenSetup[];
}

/** The setups of a bench that are not put away, or some of them. Each is read by itself: a broken one costs the others nothing. */
export async function newestSetups(db: Db | Tx, benchId: BenchId, only?: readonly SetupId[]): Promise<NewestSetups> {
  const newest = only?.length === 0 ? [] : await listNewest(db, benchId, only);
  const [parts, house] = await Promise.all([
    findParts(
      db,
      benchId,
      newest.flatMap(({ revision }) => partIdsOf(revision)),
    ),
    findHouse(db, benchId),
  ]);
  const setups: NewestSetup[] = [];
  const broken: BrokenSetup[] = [];
  for (const { id, name, version, revision } of newest) {
    const head = { id, name, version, number: revision.number, savedAt: revision.savedAt };
    const outcome = setupFileFrom(name, revision, parts, house);
    if (outcome.kind === 'file') setups.push({ ...head, file: outcome.file });
    else broken.push({ ...head, faults: outcome.faults });
  }
  return { setups, broken, house };
}

export const partIdsOf = ({ whole }: ReadRevision): readonly PartId[] =>
  whole.ok ? whole.data.chain.map(({ partId }) => partId) : [];
