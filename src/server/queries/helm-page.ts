import 'server-only';
import { helmRepo, listParts, spreadRepo, type BrokenRow } from '@/db/repo';
import type { RodPart } from '@/core/tackle';
import type { Helm } from '@/domain/helm/helm';
import type { House } from '@/domain/house';
import { packedList, type Packed } from '@/domain/packed';
import { packedSetups, type PackedSetups } from '@/domain/packed-setups';
import type { SpreadDocument } from '@/domain/spread/spread';
import { keptPageQuery } from '../page-query';
import { newestSetups } from '../setups/newest-setups';

export interface HelmPage {
  readonly helm: { readonly document: Helm; readonly version: number } | null;
  readonly spreads: readonly SpreadDocument[];
  /** setups that stand in a spread */
  readonly setups: PackedSetups;
  readonly rods: Packed<readonly RodPart[]>;
  readonly house: House;
  readonly broken: readonly BrokenRow[];
}

/** The helm, and what hangs behind the boat. */
export async function getHelmPage(): Promise<HelmPage> {
  return keptPageQuery('helm', ['helm'], async (db, benchId) => {
    const [helms, spreads, newest, box] = await Promise.all([
      helmRepo.list(db, benchId),
      spreadRepo.list(db, benchId),
      newestSetups(db, benchId),
      listParts(db, benchId),
    ]);
    const documents = spreads.rows.map(({ document }) => document);
    const used = new Set<string>(documents.flatMap(({ lines }) => lines.map(({ setupId }) => setupId)));
    const setups = newest.setups.filter(({ id }) => used.has(id));
    const first = helms.rows[0];
    return {
      helm: first ? { document: first.document, version: first.version } : null,
      spreads: documents,
      setups: packedSetups(setups),
      rods: packedList(box.flatMap((part): RodPart[] => (part.kind === 'rod' ? [part] : []))),
      house: newest.house,
      broken: helms.broken,
    };
  });
}
