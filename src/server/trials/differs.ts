import 'server-only';
import type { Db } from '@/db/client';
import { setupIdSchema, type BenchId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { differences, isOneSetup, type ElseDiffers } from '@/domain/trials/else-differs';
import type { TrialDocument } from '@/domain/trials/trial-document';
import { accessTo } from '../access';
import { database } from '../database';
import { routeResponse } from '../route-response';
import { fileKey, gearFiles, tripContext, type TripContext } from '../trips/gear-known';

/** What differs between the setups of two versions; null: they are not told by setups, or one cannot be read. */
export interface Differs {
  readonly differs: readonly ElseDiffers[] | null;
  /** parts that are named in it */
  readonly parts: readonly Part[];
}

const UNTOLD: Differs = { differs: null, parts: [] };

export async function differsOf(
  db: Db,
  benchId: BenchId,
  trial: Pick<TrialDocument, 'a' | 'b'>,
  context: TripContext,
): Promise<Differs> {
  const [a, b] = [trial.a.pick, trial.b.pick];
  if (a.by !== 'gear' || b.by !== 'gear' || isOneSetup(trial)) return UNTOLD;
  const files = await gearFiles(db, benchId, [a, b], context);
  const [was, is] = [files[fileKey(a)], files[fileKey(b)]];
  return was && is
    ? { differs: differences(was, is, context.house.crafts), parts: [...was.parts, ...is.parts] }
    : UNTOLD;
}

/** The same for versions that are still being chosen: `a` and `b` by setup, `ar` and `br` by revision. */
export const differsRoute = (request: Request): Promise<Response> =>
  routeResponse(async () => {
    const { benchId } = await accessTo('bench');
    const asked = new URL(request.url).searchParams;
    const version = (side: 'a' | 'b'): TrialDocument['a'] | null => {
      const setupId = setupIdSchema.safeParse(asked.get(side));
      const revision = Number(asked.get(`${side}r`) ?? NaN);
      if (!setupId.success) return null;
      const named = Number.isInteger(revision) && revision > 0 ? { revision } : {};
      return { name: side, pick: { by: 'gear', setupId: setupId.data, ...named } };
    };
    const [a, b] = [version('a'), version('b')];
    if (!a || !b) return Response.json(UNTOLD);
    const db = database();
    return Response.json(await differsOf(db, benchId, { a, b }, await tripContext(db, benchId)));
  });
