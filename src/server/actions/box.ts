'use server';

import { z } from 'zod';
import { listAnglers, listMovements, listReadings } from '@/db/repo';
import type { Angler } from '@/domain/angler';
import { partIdSchema, type AnglerId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { changeBox, changesSchema, type ChangedPart } from '../box/change-box';
import { measureAngler, measureAnglerInput, measureInput, measurePart } from '../box/measure-part';
import { mendPart, mendPartInput } from '../box/mend-part';
import { mergeInput, mergeParts, unmergeInput, unmergeParts } from '../box/merge-parts';
import { moveStock, moveStockInput } from '../box/move-stock';
import type { MovedSetup } from '../box/setups-of-parts';
import { breaking, change, refused, reply, type Reply } from '../reply';

export async function changeBoxAction(sent: unknown): Promise<Reply<readonly ChangedPart[], 'stale' | 'breaks'>> {
  return change<z.infer<typeof changesSchema>, readonly ChangedPart[], 'stale' | 'breaks'>(
    'change-box',
    'edit',
    changesSchema,
    sent,
    async ({ changes, reason }, { tx, benchId, now, authorId }) => {
      const outcome = await changeBox(tx, benchId, changes, reason, now, authorId);
      switch (outcome.kind) {
        case 'changed':
          return { ok: true, data: outcome.parts };
        case 'bad-input':
          return refused('bad-input', outcome.problems);
        case 'breaks':
          return breaking(outcome.setups);
        case 'stale':
          return refused('stale');
        default:
          return outcome satisfies never;
      }
    },
  );
}

export interface Measured {
  readonly part: Part;
  readonly version: number;
  readonly setups: readonly MovedSetup[];
}

export async function measurePartAction(sent: unknown): Promise<Reply<Measured, 'stale' | 'not-found' | 'breaks'>> {
  return change<z.infer<typeof measureInput>, Measured, 'stale' | 'not-found' | 'breaks'>(
    'measure-part',
    'edit',
    measureInput,
    sent,
    async (input, { tx, benchId, now, authorId }) => {
      const outcome = await measurePart(tx, benchId, input, now, authorId);
      switch (outcome.kind) {
        case 'measured': {
          const { part, version, setups } = outcome;
          return { ok: true, data: { part, version, setups } };
        }
        case 'bad-input':
          return refused('bad-input', outcome.problems);
        case 'breaks':
          return breaking(outcome.setups);
        case 'stale':
        case 'not-found':
          return refused(outcome.kind);
        default:
          return outcome satisfies never;
      }
    },
  );
}

/** Keeps what a guide tells of the angler; what was not measured this time stays. */
export async function measureAnglerAction(sent: unknown): Promise<Reply<Angler, 'not-found'>> {
  return change<z.infer<typeof measureAnglerInput>, Angler, 'not-found'>(
    'measure-angler',
    'own',
    measureAnglerInput,
    sent,
    async (input, { tx, benchId, now }) => {
      const outcome = await measureAngler(tx, benchId, input, now);
      if (outcome.kind === 'measured') return { ok: true, data: outcome.figures };
      return outcome.kind === 'bad-input' ? refused('bad-input', outcome.problems) : refused('not-found');
    },
  );
}

export interface Moved {
  readonly part: Part;
  readonly version: number;
}

export async function moveStockAction(sent: unknown): Promise<Reply<Moved, 'not-so-much' | 'not-found'>> {
  return change<z.infer<typeof moveStockInput>, Moved, 'not-so-much' | 'not-found'>(
    'move-stock',
    'edit',
    moveStockInput,
    sent,
    async (input, { tx, benchId, now, authorId }) => {
      const outcome = await moveStock(tx, benchId, input, now, authorId);
      return outcome.kind === 'moved'
        ? { ok: true, data: { part: outcome.part, version: outcome.version } }
        : refused(outcome.kind);
    },
  );
}

const mergeSchema = z.strictObject({ merge: mergeInput, reason: z.string().trim().min(1).max(400) });

/** Answers with what taking it back needs; the names of the setups are for the page. */
export async function mergePartsAction(
  sent: unknown,
): Promise<
  Reply<{ readonly setups: readonly { readonly name: string }[] }, 'not-found' | 'other-kind' | 'breaks' | 'stale'>
> {
  return change<
    z.infer<typeof mergeSchema>,
    { readonly setups: readonly { readonly name: string }[] },
    'not-found' | 'other-kind' | 'breaks' | 'stale'
  >('merge-parts', 'edit', mergeSchema, sent, async ({ merge, reason }, { tx, benchId, now, authorId }) => {
    const outcome = await mergeParts(tx, benchId, merge, reason, now, authorId);
    if (outcome.kind === 'merged') return { ok: true, data: outcome.merged };
    return outcome.kind === 'breaks' ? breaking(outcome.setups) : refused(outcome.kind);
  });
}

export async function unmergePartsAction(sent: unknown): Promise<Reply<null, 'not-found' | 'stale'>> {
  return change<z.infer<typeof unmergeInput>, null, 'not-found' | 'stale'>(
    'unmerge-parts',
    'edit',
    unmergeInput,
    sent,
    async (input, { tx, benchId, now, authorId }) => {
      const outcome = await unmergeParts(tx, benchId, input, now, authorId);
      return outcome.kind === 'taken-back' ? { ok: true, data: null } : refused(outcome.kind);
    },
  );
}

/** Makes a part of a record that cannot be read. */
export async function mendPartAction(sent: unknown): Promise<Reply<Moved, 'stale' | 'not-found' | 'breaks'>> {
  return change<z.infer<typeof mendPartInput>, Moved, 'stale' | 'not-found' | 'breaks'>(
    'mend-part',
    'edit',
    mendPartInput,
    sent,
    async (input, { tx, benchId, now }) => {
      const outcome = await mendPart(tx, benchId, input, now);
      if (outcome.kind === 'mended') return { ok: true, data: { part: outcome.part, version: outcome.version } };
      return outcome.kind === 'bad-input' ? refused('bad-input', outcome.problems) : refused(outcome.kind);
    },
  );
}

export interface PartHistory {
  readonly readings: readonly {
    readonly guide: string;
    readonly before: Record<string, unknown>;
    readonly after: Record<string, unknown>;
    readonly takenAt: string;
    readonly by: string | null;
  }[];
  readonly movements: readonly {
    readonly amount: number;
    readonly reason: string;
    readonly at: string;
    readonly by: string | null;
  }[];
  /** readings that cannot be shown */
  readonly unreadable: number;
}

/** What was measured of a part and how its stock moved, newest first. */
export async function partHistory(raw: unknown): Promise<Reply<PartHistory>> {
  return reply('bench', z.strictObject({ partId: partIdSchema }), raw, async ({ partId }, { db, benchId }) => {
    const [readings, movements, anglers] = await Promise.all([
      listReadings(db, benchId, partId),
      listMovements(db, benchId, partId),
      listAnglers(db, benchId),
    ]);
    const by = (author: AnglerId | null) => anglers.find(({ id }) => id === author)?.name || null;
    return {
      ok: true,
      data: {
        readings: readings.rows.map(({ guide, before, after, takenAt, authorId }) => ({
          guide,
          before,
          after,
          takenAt: takenAt.toISOString(),
          by: by(authorId),
        })),
        movements: movements.map(({ amount, reason, at, authorId }) => ({
          amount,
          reason,
          at: at.toISOString(),
          by: by(authorId),
        })),
        unreadable: readings.broken.length,
      },
    };
  });
}
