import 'server-only';
import { listParts, spreadRepo, type BrokenRow } from '@/db/repo';
import type { RodPart } from '@/core/tackle';
import type { House } from '@/domain/house';
import { packedList, type Packed } from '@/domain/packed';
import { packedSetups, type PackedSetups } from '@/domain/packed-setups';
import type { SpreadDocument } from '@/domain/spread/spread';
import { keptPageQuery } from '../page-query';
import { marked } from '../setups/marked';
import { newestSetups, type BrokenSetup } from '../setups/newest-setups';
import type { Db } from '@/db/client';
import type { BenchId } from '@/domain/ids';

/** What the address names: a spread, or setups and a craft to begin one with. */
export interface SpreadAsked {
  readonly spread: string | null;
  readonly setups: readonly string[];
  readonly craft: string | null;
  /** how the first setup ran when it was struck; null: as the setup says */
  readonly again: AskedAgain | null;
}

export interface AskedAgain {
  readonly pointId: string | null;
  readonly lineM: number | null;
  readonly cableM: number | null;
  readonly speedMps: number | null;
}

export interface SpreadPage {
  readonly setups: PackedSetups;
  readonly rods: Packed<readonly RodPart[]>;
  readonly house: House;
  readonly spreads: readonly { readonly spread: SpreadDocument; readonly version: number }[];
  readonly brokenSetups: readonly BrokenSetup[];
  readonly brokenSpreads: readonly BrokenRow[];
  readonly asked: SpreadAsked;
}

/** Every setup that is towed, the rods of the Box, the craft and house rules, and the spreads that were kept. */
export async function getSpreadPage(asked: SpreadAsked, need: 'bench' | 'cards' = 'bench'): Promise<SpreadPage> {
  return keptPageQuery(need, ['spread', asked], (db, benchId) => spreadPage(db, benchId, asked));
}

export async function spreadPage(db: Db, benchId: BenchId, asked: SpreadAsked): Promise<SpreadPage> {
  const [newest, box, spreads] = await Promise.all([
    newestSetups(db, benchId),
    listParts(db, benchId),
    spreadRepo.list(db, benchId),
  ]);
  const { whole, broken } = await marked(db, newest);
  return {
    setups: packedSetups(whole.flatMap(({ setup }) => (setup.file.presentation.kind === 'towed' ? [setup] : []))),
    rods: packedList(box.flatMap((part): RodPart[] => (part.kind === 'rod' ? [part] : []))),
    house: newest.house,
    spreads: spreads.rows.map(({ document: spread, version }) => ({ spread, version })),
    brokenSetups: broken,
    brokenSpreads: spreads.broken,
    asked,
  };
}
