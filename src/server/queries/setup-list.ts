import 'server-only';
import type { Verdict, VerdictName } from '@/core/judge';
import { listAllSetups } from '@/db/repo';
import type { SetupId } from '@/domain/ids';
import { shortCode } from '@/domain/short-code';
import { asking } from '../asking';
import { evaluated } from '../setups/evaluated';
import { newestSetups, type BrokenSetup } from '../setups/newest-setups';

export interface SetupLine {
  readonly id: SetupId;
  readonly name: string;
  readonly number: number;
  readonly savedAt: Date;
  readonly verdicts: Readonly<Record<VerdictName, Verdict>>;
}

export interface SetupLines {
  readonly setups: readonly SetupLine[];
  readonly broken: readonly BrokenSetup[];
  /** put away, to be brought back */
  readonly putAway: readonly { readonly id: SetupId; readonly name: string }[];
}

export async function getSetupList(): Promise<SetupLines> {
  return asking(async (db, benchId) => {
    const [newest, all] = await Promise.all([newestSetups(db, benchId), listAllSetups(db, benchId)]);
    const { whole, broken } = evaluated(newest);
    return {
      setups: whole.map(({ setup: { id, name, number, savedAt }, evaluation: { verdicts } }) => ({
        id,
        name,
        number,
        savedAt,
        verdicts,
      })),
      broken,
      putAway: all.filter(({ archivedAt }) => archivedAt !== null).map(({ id, name }) => ({ id, name })),
    };
  });
}

/** The setup that a code typed from a card means; null: none of this bench. */
export async function findByShortCode(code: string): Promise<SetupId | null> {
  return asking(async (db, benchId) => {
    const found = (await listAllSetups(db, benchId)).find(({ id }) => shortCode(id) === code.toUpperCase());
    return found?.id ?? null;
  });
}
