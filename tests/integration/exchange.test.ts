import { z } from 'zod';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Db } from '@/db/client';
import { demoBenchId, loadDemo, resetDemo } from '@/db/load-demo';
import { insertDeck, listBox, listDecks, listParts, putAngler, replaceDeck } from '@/db/repo';
import { deckSchema } from '@/domain/deck';
import { benchFileSchema, type BenchFile } from '@/domain/bench-file';
import { parse } from '@/domain/problems';
import { changeBox } from '@/server/box/change-box';
import { measurePart } from '@/server/box/measure-part';
import { moveStock } from '@/server/box/move-stock';
import { benchToFile } from '@/server/exchange/bench-to-file';
import { compareBench, fileToBench } from '@/server/exchange/file-to-bench';
import { setupFileOf } from '@/server/setup-page';
import { aBench, emptyDatabase } from '../helpers/database';

let db: Db;
let close: () => Promise<void>;
beforeAll(async () => {
  ({ db, close } = await emptyDatabase());
  await loadDemo(db);
});
afterAll(() => close());

const now = new Date('2026-11-25T10:00:00.123Z');
const fileOf = async () => (await benchToFile(db, demoBenchId))!;

/** A bench on which everything happened: a measurement, a movement, a part put away, one added. */
async function livedIn(): Promise<BenchFile> {
  const parts = await listBox(db, demoBenchId);
  const hook = parts.find(({ part }) => part.kind === 'hook')!;
  const line = parts.find(({ part }) => part.kind === 'line')!;
  const knot = parts.find(({ part }) => part.kind === 'knot')!;
  await measurePart(
    db,
    demoBenchId,
    {
      partId: hook.part.id,
      expectedVersion: hook.version,
      guide: 'calliper',
      after: { wireM: { value: 0.00111, unit: 'm', provenance: 'measured', spread: 0.01 } },
    },
    now,
  );
  await moveStock(db, demoBenchId, { partId: line.part.id, amount: -12.5, reason: 'leaders' }, now);
  await putAngler(
    db,
    demoBenchId,
    { peakMomentNm: { value: 41, unit: 'N·m', provenance: 'measured', spread: 0.06 } },
    now,
  );
  await changeBox(db, demoBenchId, [{ id: knot.part.id, part: null, expectedVersion: knot.version }], 'test', now);
  await insertDeck(
    db,
    demoBenchId,
    deckSchema.parse({
      id: 'deck-evening',
      name: 'Evening',
      entries: [{ setupId: 'setup-drowned-wall', rodId: 'rod-heron', reelId: 'reel-cast' }],
    }),
    now,
  );
  return fileOf();
}

describe('a bench as a file', () => {
  it('goes out, is reset, comes in, and is the same record by record', async () => {
    const before = await livedIn();
    await resetDemo(db);
    const demo = await fileOf();
    expect(demo).not.toEqual(before);
    await fileToBench(db, demoBenchId, benchFileSchema.parse(JSON.parse(JSON.stringify(before))));
    const after = await fileOf();
    for (const key of ['parts', 'readings', 'movements', 'setups', 'decks'] as const) {
      expect(after[key]).toHaveLength(before[key].length);
      before[key].forEach((record, i) => expect(after[key][i], `${key}[${i}]`).toEqual(record));
    }
    expect(after.angler.peakMomentNm?.value).toBe(41);
    expect(after).toEqual(before);
  });

  it('a deck is written over only by who saw it as it stands', async () => {
    const [{ deck, version }] = (await listDecks(db, demoBenchId)) as [Awaited<ReturnType<typeof listDecks>>[number]];
    expect(await replaceDeck(db, demoBenchId, { ...deck, name: 'Morning' }, version)).toBe('changed');
    expect(await replaceDeck(db, demoBenchId, { ...deck, name: 'Noon' }, version)).toBe('stale');
    expect((await listDecks(db, demoBenchId)).map((each) => [each.deck.name, each.version])).toEqual([
      ['Morning', version + 1],
    ]);
  });

  it('says beforehand what would change', async () => {
    const file = await fileOf();
    const same = compareBench(file, file);
    expect(same).toMatchObject({
      parts: { fresh: 0, changed: 0, gone: 0, same: file.parts.length },
      setups: { same: file.setups.length },
    });
    const other = {
      ...file,
      parts: file.parts.slice(1).map((row, i) => (i === 0 ? { ...row, part: { ...row.part, words: 'other' } } : row)),
    };
    expect(compareBench(file, other).parts).toEqual({ fresh: 0, changed: 1, same: file.parts.length - 2, gone: 1 });
  });

  it('is refused whole when one thing is wrong, at its path', async () => {
    const file = await fileOf();
    const [first, ...rest] = file.parts;
    for (const [bad, path] of [
      [{ ...file, version: 2 }, 'version'],
      [{ ...file, parts: [first, first, ...rest] }, 'parts[1].part.id'],
      [
        {
          ...file,
          movements: [{ id: 'm', partId: 'nowhere', amount: 1, reason: 'x', at: '2026-01-01T00:00:00.000Z' }],
        },
        'movements[0].partId',
      ],
      [
        { ...file, setups: [{ ...file.setups[0]!, revisions: [{ ...file.setups[0]!.revisions[0]!, number: 4 }] }] },
        'setups[0].revisions[0].number',
      ],
    ] as const) {
      const parsed = parse(benchFileSchema, bad);
      expect(parsed.ok ? [] : parsed.problems.map((problem) => problem.path)).toContain(path);
    }
    const broken = {
      ...file,
      setups: [
        { ...file.setups[0]!, revisions: [{ ...file.setups[0]!.revisions[0]!, id: file.setups[1]!.revisions[0]!.id }] },
        ...file.setups.slice(1),
      ],
    };
    await expect(fileToBench(db, demoBenchId, broken)).rejects.toThrow();
    expect(await fileOf()).toEqual(file);
  });

  it('has a schema from which one can be written by hand', async () => {
    const schema = z.toJSONSchema(benchFileSchema, { io: 'input', unrepresentable: 'any' });
    expect(Object.keys(schema.properties ?? {})).toEqual([
      'version',
      'kind',
      'id',
      'name',
      'angler',
      'house',
      'parts',
      'readings',
      'movements',
      'setups',
      'decks',
      'leaders',
    ]);
    const byHand = {
      version: 1,
      kind: 'bench',
      id: 'shed',
      name: 'Winter shed',
      angler: {},
      readings: [],
      movements: [],
      setups: [],
      parts: [
        {
          updatedAt: '2026-01-05T08:00:00.000Z',
          archivedAt: null,
          part: {
            id: 'lead-10',
            kind: 'weight',
            shape: 'bullet',
            material: 'lead',
            massKg: { value: 0.01, unit: 'kg', provenance: 'label' },
          },
        },
      ],
    };
    const file = benchFileSchema.parse(byHand);
    const benchId = await aBench(db);
    await fileToBench(db, benchId, file);
    expect((await listParts(db, benchId)).map(({ id }) => id)).toEqual(['lead-10']);
    expect(await setupFileOf(db, benchId, 'none' as never)).toBeNull();
  });
});

it('ten thousand parts go in at once', async () => {
  const benchId = await aBench(db);
  const [weight] = (await listParts(db, demoBenchId)).filter(({ kind }) => kind === 'weight');
  const changes = Array.from({ length: 10_000 }, (_, i) => ({
    id: `bulk-${i}` as never,
    part: { ...weight!, id: `bulk-${i}` as never },
    expectedVersion: null,
  }));
  expect(await changeBox(db, benchId, changes, 'bulk', now)).toMatchObject({ kind: 'changed' });
  expect(await listParts(db, benchId)).toHaveLength(10_000);
});
