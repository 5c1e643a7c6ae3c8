import { insertSetup, listParts, lockBench, putCraft, saveRevision, spreadRepo } from '@/db/repo';
import type { Db, Tx } from '@/db/client';
import { matchCrafts, matchParts, setupsWith, spreadsWith, type Bundle } from '@/domain/exchange/bundle';
import {
  revisionIdSchema,
  setupIdSchema,
  spreadIdSchema,
  type AnglerId,
  type BenchId,
  type SetupId,
} from '@/domain/ids';
import { insertNew } from '../box/insert-new';
import { newestSetups } from '../setups/newest-setups';

/** What of a bench is to be passed on: a setup, a spread with its setups, or all setups, spreads and parts. */
export type Wanted =
  | { readonly kind: 'sheet'; readonly id: string }
  | { readonly kind: 'spread'; readonly id: string }
  | { readonly kind: 'all' };

/** A bundle of a bench; null where what is wanted is not there, or cannot be read. */
export async function bundleOf(db: Db | Tx, benchId: BenchId, wanted: Wanted): Promise<Bundle | null> {
  const [{ setups, house }, spreads, box] = await Promise.all([
    newestSetups(db, benchId),
    spreadRepo.list(db, benchId),
    listParts(db, benchId),
  ]);
  const documents = spreads.rows.map(({ document }) => document);
  const ownSpreads =
    wanted.kind === 'all' ? documents : documents.filter(({ id }) => wanted.kind === 'spread' && id === wanted.id);
  const inSpreads = new Set<string>(ownSpreads.flatMap(({ lines }) => lines.map(({ setupId }) => setupId)));
  const ownSetups = setups.filter(
    ({ id }) => wanted.kind === 'all' || (wanted.kind === 'sheet' ? id === wanted.id : inSpreads.has(id)),
  );
  const isThere = { all: true, sheet: ownSetups.length > 0, spread: ownSpreads.length > 0 }[wanted.kind];
  if (!isThere) return null;
  const used = new Set<string>([
    ...ownSetups.flatMap(({ file }) => file.parts.map(({ id }) => id)),
    ...ownSpreads.flatMap(({ lines }) => lines.flatMap(({ rodId }) => rodId ?? [])),
  ]);
  // A sheet alone is what guests see, and boats stay with the crew.
  const boats = new Set([
    ...ownSpreads.map(({ craftId }) => craftId),
    ...ownSetups.map(({ file }) => file.presentation.craftId),
  ]);
  return {
    version: 1,
    kind: 'bundle',
    parts: box.filter(({ id }) => wanted.kind === 'all' || used.has(id)),
    setups: ownSetups.map(({ id, name, file: { chain, presentation } }) => ({ id, name, chain, presentation })),
    spreads: ownSpreads,
    crafts: wanted.kind === 'sheet' ? [] : house.crafts.filter(({ id }) => boats.has(id)),
  };
}

export interface BundleTaken {
  readonly newParts: number;
  readonly setups: readonly { readonly id: SetupId; readonly name: string; readonly isNew: boolean }[];
  readonly spreads: readonly { readonly id: string; readonly name: string }[];
}

const MOST_CRAFTS = 20;

/** Puts a bundle on a bench, matched with what is there: a setup of the same name, parts and presentation is not made twice. */
export async function takeBundle(
  tx: Tx,
  benchId: BenchId,
  bundle: Bundle,
  { now, authorId, reason }: { readonly now: Date; readonly authorId: AnglerId | null; readonly reason: string },
): Promise<BundleTaken> {
  await lockBench(tx, benchId);
  const box = await listParts(tx, benchId);
  const { setups: there, house } = await newestSetups(tx, benchId);
  const parts = matchParts(bundle.parts, box);
  await insertNew(tx, benchId, [...parts.fresh], now);
  const all = [...box, ...parts.fresh];
  const crafts = matchCrafts(bundle.crafts, house.crafts, MOST_CRAFTS);
  for (const [i, craft] of crafts.fresh.entries())
    await putCraft(tx, benchId, craft.id, house.crafts.length + i, craft, now);
  const idsThere = new Map(there.map((each) => [sameness(each.name, each.file), each.id]));
  const setups: { id: SetupId; name: string; isNew: boolean }[] = [];
  const setupIdOf = new Map<SetupId, SetupId>();
  for (const { id: given, name, chain, presentation } of setupsWith(bundle, parts, crafts.idOf)) {
    const before = idsThere.get(sameness(name, { chain, presentation }));
    const id = before ?? setupIdSchema.parse(`setup-${crypto.randomUUID()}`);
    setupIdOf.set(given, id);
    setups.push({ id, name, isNew: !before });
    if (before) continue;
    const used = new Set<string>(chain.map(({ partId }) => partId));
    await insertSetup(tx, { id, benchId, name, version: 0, createdAt: now });
    await saveRevision(tx, benchId, id, 0, {
      id: revisionIdSchema.parse(crypto.randomUUID()),
      reason,
      chain,
      presentation,
      parts: all.filter((part) => used.has(part.id)),
      authorId,
      savedAt: now,
    });
  }
  const spreads = spreadsWith(bundle, parts, setupIdOf, crafts.idOf).map((spread) => ({
    ...spread,
    id: spreadIdSchema.parse(`spread-${crypto.randomUUID()}`),
  }));
  for (const spread of spreads) await spreadRepo.insert(tx, benchId, spread, now);
  return { newParts: parts.fresh.length, setups, spreads: spreads.map(({ id, name }) => ({ id, name })) };
}

const sameness = (name: string, { chain, presentation }: Pick<Bundle['setups'][number], 'chain' | 'presentation'>) =>
  JSON.stringify([name, chain, presentation]);
