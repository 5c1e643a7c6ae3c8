import 'server-only';
import { z } from 'zod';
import type { VersionedRepo } from '@/db/repo';
import { change, refused, type Reply } from './reply';

const version = z.number().int().min(0);

export interface Kept<D> {
  readonly document: D;
  readonly version: number;
}

/** How documents of one kind that are saved whole are kept and removed; another's change since is not written over. */
export function keepVersioned<Id extends string, D extends { readonly id: Id }>(
  name: string,
  schema: z.ZodType<D>,
  /** throws where a text is no such id */
  idOf: (text: unknown) => Id,
  repo: VersionedRepo<Id, D>,
) {
  const saved = z.strictObject({
    document: schema,
    /** null: it is new, and is given an id of its own */ expectedVersion: version.nullable(),
  });
  /** `expectedVersion` null removes one that cannot be read */
  const removed = z.strictObject({ id: z.string().min(1).max(64), expectedVersion: version.nullable() });
  return {
    save: (sent: unknown): Promise<Reply<Kept<D>, 'stale'>> =>
      change<z.infer<typeof saved>, Kept<D>, 'stale'>(
        `save-${name}`,
        'edit',
        saved,
        sent,
        async ({ document, expectedVersion }, { tx, benchId, now }) => {
          if (expectedVersion === null) {
            const made = { ...document, id: idOf(`${name}-${crypto.randomUUID()}`) };
            await repo.insert(tx, benchId, made, now);
            return { ok: true, data: { document: made, version: 0 } };
          }
          return (await repo.replace(tx, benchId, document, expectedVersion)) === 'changed'
            ? { ok: true, data: { document, version: expectedVersion + 1 } }
            : refused('stale');
        },
      ),
    remove: (sent: unknown): Promise<Reply<null, 'stale'>> =>
      change<z.infer<typeof removed>, null, 'stale'>(
        `remove-${name}`,
        'edit',
        removed,
        sent,
        async ({ id, expectedVersion }, { tx, benchId }) =>
          (await repo.remove(tx, benchId, idOf(id), expectedVersion)) === 'removed'
            ? { ok: true, data: null }
            : refused('stale'),
      ),
  };
}
