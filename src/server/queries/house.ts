import 'server-only';
import { trialRepo } from '@/db/repo';
import type { TrialRule } from '@/domain/trials/trial-document';
import { keptPageQuery } from '../page-query';
import { findHouse, readHouse, type ReadHouse } from '../house/house';
import type { House } from '@/domain/house';

export async function getHouse(): Promise<House> {
  return keptPageQuery('bench', ['house'], findHouse);
}

/** With what cannot be used and the anglers, for Rules. */
export async function getRules(): Promise<ReadHouse> {
  return keptPageQuery('bench', ['rules'], readHouse);
}

/** What settled trials made a rule of the house, the newest first. */
export const getTrialRules = (): Promise<readonly TrialRule[]> =>
  keptPageQuery('bench', ['trial rules'], async (db, benchId) => {
    const { rows } = await trialRepo.list(db, benchId);
    return rows
      .flatMap(({ document: { id, name, closed } }): TrialRule[] =>
        closed && (closed.rule !== '' || closed.school) ? [{ id, name, ...closed }] : [],
      )
      .sort((a, b) => b.atS - a.atS);
  });
