import 'server-only';
import { listBox, listParts, listPartUses, type BoxPart, type BrokenPart } from '@/db/repo';
import type { PartId } from '@/domain/ids';
import { packed, type Packed } from '@/domain/packed';
import { guidesOf, type Guide } from '@/domain/guides';
import { PART_KINDS, type Part, type PartKind } from '@/domain/parts';
import { keptPageQuery } from '../page-query';

export type { BoxPart, BrokenPart };

export interface BoxPage {
  readonly parts: Packed<readonly BoxPart[]>;
  /** entries that cannot be read */
  readonly broken: readonly BrokenPart[];
  /** what can be measured of each kind, the measurement that narrows most first */
  readonly guidesOf: Readonly<Record<PartKind, readonly Guide[]>>;
  /** setups whose newest revision uses the part, by part id */
  readonly uses: Readonly<Record<PartId, readonly { readonly id: string; readonly name: string }[]>>;
}

const GUIDES_OF_KIND = Object.fromEntries(PART_KINDS.map((kind) => [kind, guidesOf(kind)])) as BoxPage['guidesOf'];

export async function getBoxPage(): Promise<BoxPage> {
  return keptPageQuery('bench', ['box'], async (db, benchId) => {
    const [box, used] = await Promise.all([listBox(db, benchId), listPartUses(db, benchId)]);
    const uses: Record<PartId, { id: string; name: string }[]> = {};
    for (const { partId, setupId, name } of used) (uses[partId] ??= []).push({ id: setupId, name });
    return { parts: packed(box.rows), broken: box.broken, uses, guidesOf: GUIDES_OF_KIND };
  });
}

/** The parts alone, for whoever builds from them. */
export async function getBox(): Promise<readonly Part[]> {
  return keptPageQuery('bench', ['parts'], (db, benchId) => listParts(db, benchId));
}
