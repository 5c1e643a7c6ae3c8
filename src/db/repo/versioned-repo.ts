import { and, eq } from 'drizzle-orm';
import { DOCUMENTS, sealed, type DocumentKind } from '@/domain/documents';
import type { BenchId } from '@/domain/ids';
import type { Db, Tx } from '../client';
import { deck, helm, plan, spread, trial, water } from '../schema';
import type { versionedDocuments } from '../schema/versioned-documents';
import { listedBy, type Listed } from './listed';

export interface StoredDocument<D> {
  readonly document: D;
  readonly version: number;
  readonly createdAt: Date;
}

type Table<Id extends string> = ReturnType<typeof versionedDocuments<Id>>;

/** Documents of a bench that are saved whole: a save or a removal says which version it has seen. */
const versionedRepo = <Id extends string, D extends { readonly id: Id }>(table: Table<Id>, kind: DocumentKind<D>) => {
  const row = (benchId: BenchId, id: Id, version: number | null) =>
    and(eq(table.benchId, benchId), eq(table.id, id), version === null ? undefined : eq(table.version, version));
  return {
    /** the oldest first */
    list: async (db: Db | Tx, benchId: BenchId): Promise<Listed<StoredDocument<D>>> => {
      const rows = await db
        .select({ id: table.id, document: table.document, version: table.version, createdAt: table.createdAt })
        .from(table)
        .where(eq(table.benchId, benchId))
        .orderBy(table.createdAt, table.id);
      return listedBy(kind, rows, (document, { version, createdAt }) => ({ document, version, createdAt }));
    },
    insert: async (db: Db | Tx, benchId: BenchId, document: D, createdAt: Date): Promise<void> => {
      await db
        .insert(table)
        .values({ id: document.id, benchId, version: 0, document: sealed(kind, document), createdAt });
    },
    replace: async (db: Db | Tx, benchId: BenchId, document: D, expected: number): Promise<'changed' | 'stale'> => {
      const [{ affectedRows }] = await db
        .update(table)
        .set({ document: sealed(kind, document), version: expected + 1 })
        .where(row(benchId, document.id, expected));
      return affectedRows === 1 ? 'changed' : 'stale';
    },
    /** `expected` null: whatever version it has, as one that cannot be read */
    remove: async (db: Db | Tx, benchId: BenchId, id: Id, expected: number | null): Promise<'removed' | 'stale'> => {
      const [{ affectedRows }] = await db.delete(table).where(row(benchId, id, expected));
      return affectedRows === 1 ? 'removed' : 'stale';
    },
  };
};

export const deckRepo = versionedRepo(deck, DOCUMENTS.deck);
export const helmRepo = versionedRepo(helm, DOCUMENTS.helm);
export const planRepo = versionedRepo(plan, DOCUMENTS.plan);
export const spreadRepo = versionedRepo(spread, DOCUMENTS.spread);
export const trialRepo = versionedRepo(trial, DOCUMENTS.trial);
export const waterRepo = versionedRepo(water, DOCUMENTS.water);

export type VersionedRepo<Id extends string, D extends { readonly id: Id }> = ReturnType<typeof versionedRepo<Id, D>>;
