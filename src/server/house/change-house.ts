import { isDeepStrictEqual } from 'node:util';
import {
  findHouseRows,
  isAuthor,
  lockBench,
  putAngler,
  putCraft,
  putHouseDocument,
  removeAngler,
  removeCraft,
  type AnglerRow,
  type CraftRow,
  type HouseRows,
} from '@/db/repo';
import type { Tx } from '@/db/client';
import type { Craft, HouseDocumentName } from '@/domain/house';
import { entryProblems, type EntryChange, type HouseChange, type RefusedChange } from '@/domain/house-entries';
import { idKey, makesAddress, ADDRESS_RULE, type AnglerId, type BenchId } from '@/domain/ids';
import { readHouse, type ReadHouse } from './house';

export interface HouseChanged extends ReadHouse {
  readonly refused: readonly RefusedChange[];
}

type Refusal = Omit<RefusedChange, 'at'>;
type Entries = Readonly<Record<string, unknown>>;

const refusal = (why: Refusal['why'], stands: unknown = null, problems: Refusal['problems'] = []): Refusal => ({
  why,
  stands,
  problems,
});

/**
 * Makes the changes that can still be made. An entry that was changed since the page loaded it is left alone and reported,
 * with its value now. Two pages that change different entries both have their way.
 */
export async function changeHouse(
  tx: Tx,
  benchId: BenchId,
  changes: readonly HouseChange[],
  now: Date,
): Promise<HouseChanged> {
  await lockBench(tx, benchId);
  const refused: RefusedChange[] = [];
  for (const [at, change] of changes.entries()) {
    const rows = await findHouseRows(tx, benchId);
    const why = await make(tx, benchId, rows, change, now);
    if (why) refused.push({ at, ...why });
  }
  return { ...(await readHouse(tx, benchId)), refused };
}

async function make(
  tx: Tx,
  benchId: BenchId,
  rows: HouseRows,
  change: HouseChange,
  now: Date,
): Promise<Refusal | null> {
  switch (change.kind) {
    case 'entry':
      return changeEntry(tx, benchId, rows, change, now);
    case 'add-craft':
      return addCraft(tx, benchId, rows, change.craft, now);
    case 'remove-craft':
      await removeCraft(tx, benchId, change.id);
      return null;
    case 'add-angler': {
      if (!makesAddress(change.id)) return notAnAddress(change.id);
      if (rows.anglers.some(({ id }) => idKey(id) === idKey(change.id))) return null;
      const usual = !rows.anglers.some((each) => each.usual);
      await putAngler(tx, benchId, { id: change.id, name: change.name, usual, entries: {} }, now);
      return null;
    }
    case 'name-angler': {
      const angler = rows.anglers.find(({ id }) => id === change.id);
      if (!angler) return refusal('not-there');
      if (angler.name === change.to) return null;
      if (angler.name !== change.from) return refusal('changed-meanwhile', angler.name);
      await putAngler(tx, benchId, { ...angler, name: change.to }, now);
      return null;
    }
    case 'remove-angler': {
      const angler = rows.anglers.find(({ id }) => id === change.id);
      if (!angler) return null;
      if (angler.usual || (await isAuthor(tx, benchId, change.id))) return refusal('in-use', angler.name);
      await removeAngler(tx, benchId, change.id);
      return null;
    }
    case 'usual-angler':
      return makeUsual(tx, benchId, rows.anglers, change.id, now);
    default:
      return change satisfies never;
  }
}

const notAnAddress = (given: string): Refusal =>
  refusal('not-allowed', null, [{ path: 'id', given, allowed: { kind: 'rule', rule: ADDRESS_RULE } }]);

async function addCraft(
  tx: Tx,
  benchId: BenchId,
  { crafts }: HouseRows,
  craft: Craft,
  now: Date,
): Promise<Refusal | null> {
  if (!makesAddress(craft.id)) return notAnAddress(craft.id);
  const before = crafts.find(({ id }) => idKey(id) === idKey(craft.id));
  if (before) return isDeepStrictEqual(before.entries, craft) ? null : refusal('changed-meanwhile', before.entries);
  if (crafts.length >= MOST_CRAFTS)
    return refusal('not-allowed', null, [
      { path: 'crafts', given: crafts.length + 1, allowed: { kind: 'at-most', bound: MOST_CRAFTS, of: 'items' } },
    ]);
  await putCraft(tx, benchId, craft.id, crafts.length, craft, now);
  return null;
}

const MOST_CRAFTS = 20;

async function makeUsual(
  tx: Tx,
  benchId: BenchId,
  anglers: readonly AnglerRow[],
  id: AnglerId,
  now: Date,
): Promise<Refusal | null> {
  const next = anglers.find((each) => each.id === id);
  if (!next) return refusal('not-there');
  for (const before of anglers.filter(({ usual }) => usual))
    await putAngler(tx, benchId, { ...before, usual: false }, now);
  await putAngler(tx, benchId, { ...next, usual: true }, now);
  return null;
}

async function changeEntry(
  tx: Tx,
  benchId: BenchId,
  rows: HouseRows,
  { document, id, key, from, to }: EntryChange,
  now: Date,
): Promise<Refusal | null> {
  const holder = holderOf(tx, benchId, rows, document, id, now);
  if (!holder) return refusal('not-there');
  const stands = holder.entries[key] ?? null;
  const wanted = to ?? null;
  if (isDeepStrictEqual(stands, wanted)) return null;
  if (!isDeepStrictEqual(stands, from ?? null)) return refusal('changed-meanwhile', stands);
  const problems = wanted === null ? [] : entryProblems(document, key, wanted);
  if (problems.length > 0) return refusal('not-allowed', stands, problems);
  const { [key]: _, ...others } = holder.entries;
  await holder.put(wanted === null ? others : { ...others, [key]: wanted });
  return null;
}

interface Holder {
  readonly entries: Entries;
  readonly put: (entries: Entries) => Promise<void>;
}

/** The record that an entry stands in, and the way to write it; null: there is none. */
function holderOf(
  tx: Tx,
  benchId: BenchId,
  { documents, crafts, anglers }: HouseRows,
  document: EntryChange['document'],
  id: string,
  now: Date,
): Holder | null {
  if (document === 'craft') {
    const position = crafts.findIndex((craft: CraftRow) => craft.id === id);
    const craft = crafts[position];
    return craft
      ? { entries: craft.entries, put: (entries) => putCraft(tx, benchId, craft.id, position, entries, now) }
      : null;
  }
  if (document === 'angler') {
    const angler = anglers.find((each) => each.id === id);
    return angler
      ? { entries: angler.entries, put: (entries) => putAngler(tx, benchId, { ...angler, entries }, now) }
      : null;
  }
  const name: HouseDocumentName = document;
  return { entries: documents[name].entries, put: (entries) => putHouseDocument(tx, benchId, name, entries, now) };
}
