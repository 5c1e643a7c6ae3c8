'use server';

import { z } from 'zod';
import { listMovements, listReadings } from '@/db/repo';
import { partIdSchema } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { changeBox, changesSchema, type ChangedPart } from '../box/change-box';
import { measureInput, measurePart } from '../box/measure-part';
import { mergeInput, mergeParts } from '../box/merge-parts';
import { moveStock, moveStockInput } from '../box/move-stock';
import type { MovedSetup } from '../box/setups-of-parts';
import { refused, reply, type Reply } from '../reply';

export async function changeBoxAction(raw: unknown): Promise<Reply<readonly ChangedPart[], 'stale'>> {
  return reply(changesSchema, raw, async ({ changes, reason }, { db, benchId, now }) => {
    const outcome = await changeBox(db, benchId, changes, reason, now);
    return outcome.kind === 'changed' ? { ok: true, data: outcome.parts } : refused('stale');
  });
}

export interface Measured {
  readonly part: Part;
  readonly version: number;
  readonly setups: readonly MovedSetup[];
}

export async function measurePartAction(raw: unknown): Promise<Reply<Measured, 'stale' | 'not-found'>> {
  return reply<z.infer<typeof measureInput>, Measured, 'stale' | 'not-found'>(
    measureInput,
    raw,
    async (input, { db, benchId, now }) => {
      const outcome = await measurePart(db, benchId, input, now);
      if (outcome.kind === 'bad-input') return { ok: false, code: 'bad-input', fields: outcome.problems };
      return outcome.kind === 'measured' ? { ok: true, data: outcome } : refused(outcome.kind);
    },
  );
}

export async function moveStockAction(
  raw: unknown,
): Promise<Reply<{ readonly part: Part; readonly version: number }, 'not-so-much' | 'not-found'>> {
  return reply<z.infer<typeof moveStockInput>, { part: Part; version: number }, 'not-so-much' | 'not-found'>(
    moveStockInput,
    raw,
    async (input, { db, benchId, now }) => {
      const outcome = await moveStock(db, benchId, input, now);
      return outcome.kind === 'moved' ? { ok: true, data: outcome } : refused(outcome.kind);
    },
  );
}

export async function mergePartsAction(raw: unknown): Promise<Reply<readonly string[], 'not-found' | 'other-kind'>> {
  const schema = z.strictObject({ merge: mergeInput, reason: z.string().trim().min(1).max(400) });
  return reply<z.infer<typeof schema>, readonly string[], 'not-found' | 'other-kind'>(
    schema,
    raw,
    async ({ merge, reason }, { db, benchId, now }) => {
      const outcome = await mergeParts(db, benchId, merge, reason, now);
      return outcome.kind === 'merged' ? { ok: true, data: outcome.setups } : refused(outcome.kind);
    },
  );
}

export interface PartHistory {
  readonly readings: readonly {
    readonly guide: string;
    readonly before: Record<string, unknown>;
    readonly after: Record<string, unknown>;
    readonly takenAt: string;
  }[];
  readonly movements: readonly { readonly amount: number; readonly reason: string; readonly at: string }[];
}

/** What was measured of a part and how its stock moved, newest first. */
export async function partHistory(raw: unknown): Promise<Reply<PartHistory>> {
  return reply(z.strictObject({ partId: partIdSchema }), raw, async ({ partId }, { db, benchId }) => {
    const [readings, movements] = await Promise.all([
      listReadings(db, benchId, partId),
      listMovements(db, benchId, partId),
    ]);
    return {
      ok: true,
      data: {
        readings: readings.map(({ guide, before, after, takenAt }) => ({
          guide,
          before,
          after,
          takenAt: takenAt.toISOString(),
        })),
        movements: movements.map(({ amount, reason, at }) => ({ amount, reason, at: at.toISOString() })),
      },
    };
  });
}
