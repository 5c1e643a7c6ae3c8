import { z } from 'zod';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Db } from '@/db/client';
import { demoBenchId, resetDemo } from '@/db/load-demo';
import { addTripEvents, deckRepo, FIRST_ANGLER, listBox, listParts } from '@/db/repo';
import { transact } from '@/db/transact';
import { deckSchema } from '@/domain/deck';
import { benchFileSchema, type BenchFile } from '@/domain/bench-file';
import { anglerIdSchema, type BenchId, tripIdSchema } from '@/domain/ids';
import { parse } from '@/domain/problems';
import { benchFileAsNow } from '@/domain/upgrades';
import { changeBox } from '@/server/box/change-box';
import { measurePart } from '@/server/box/measure-part';
import { moveStock } from '@/server/box/move-stock';
import { benchToFile } from '@/server/exchange/bench-to-file';
import { compareBench, fileToBench } from '@/server/exchange/file-to-bench';
import { changeHouse } from '@/server/house/change-house';
import { setupFileOf } from '@/server/setups/setup-page';
import { aBench, demoDatabase } from '../helpers/database';

let db: Db;
let close: () => Promise<void>;
beforeAll(async () => {
  ({ db, close } = await demoDatabase());
});
afterAll(() => close());

const now = new Date('2026-11-25T10:00:00.123Z');
const put = (benchId: BenchId, file: BenchFile) => transact(db, (tx) => fileToBench(tx, benchId, file, now));
const fileOf = async () => (await benchToFile(db, demoBenchId))!;

/** A bench on which everything happened: a measurement, a movement, a part put away, one added. */
async function livedIn(): Promise<BenchFile> {
  const { rows: parts } = await listBox(db, demoBenchId);
  const hook = parts.find(({ part }) => part.kind === 'hook')!;
  const line = parts.find(({ part }) => part.kind === 'line')!;
  const knot = parts.find(({ part }) => part.kind === 'knot')!;
  await transact(db, async (tx) => {
    const raw = { rows: [{ readingM: 0.00111 }], asked: { path: 'wireM', stepM: 1e-5 } };
    const measuring = { partId: hook.part.id, expectedVersion: hook.version, guide: 'calliper', raw } as const;
    expect(await measurePart(tx, demoBenchId, measuring, now, FIRST_ANGLER)).toMatchObject({ kind: 'measured' });
    await moveStock(tx, demoBenchId, { partId: line.part.id, amount: -12.5, reason: 'leaders' }, now, FIRST_ANGLER);
    const peakMomentNm = { value: 41, unit: 'N·m', provenance: 'measured', spread: 0.06 };
    await changeHouse(
      tx,
      demoBenchId,
      [
        { kind: 'entry', document: 'angler', id: FIRST_ANGLER, key: 'peakMomentNm', from: null, to: peakMomentNm },
        { kind: 'add-angler', id: anglerIdSchema.parse('mate'), name: 'Mate' },
      ],
      now,
    );
    await changeBox(tx, demoBenchId, [{ id: knot.part.id, part: null, expectedVersion: knot.version }], 'test', now);
  });
  await deckRepo.insert(
    db,
    demoBenchId,
    deckSchema.parse({
      id: 'deck-morning',
      name: 'Early',
      entries: [{ setupId: 'setup-drowned-wall', rodId: 'rod-heron', reelId: 'reel-cast' }],
    }),
    now,
  );
  const seen = { kind: 'seen', id: '0b7c3c1e-7f6f-4b70-9d69-000000000001', atS: 1_781_411_400, what: 'birds' } as const;
  await addTripEvents(db, demoBenchId, [{ tripId: tripIdSchema.parse('trip-dawn'), event: seen, behindS: 7 }]);
  return fileOf();
}

describe('a bench as a file', () => {
  it('goes out, is reset, comes in, and is the same record by record', async () => {
    const before = await livedIn();
    await resetDemo(db);
    const demo = await fileOf();
    expect(demo).not.toEqual(before);
    await put(demoBenchId, benchFileSchema.parse(JSON.parse(JSON.stringify(before))));
    const after = await fileOf();
    for (const key of [
      'parts',
      'readings',
      'movements',
      'setups',
      'decks',
      'plans',
      'waters',
      'spreads',
      'trials',
      'helms',
      'trips',
    ] as const) {
      expect(after[key]).toHaveLength(before[key].length);
      before[key].forEach((record, i) => expect(after[key][i], `${key}[${i}]`).toEqual(record));
    }
    expect(after.anglers[0]!.figures.peakMomentNm?.value).toBe(41);
    expect(after.movements[0]!.authorId).toBe(FIRST_ANGLER);
    expect(after).toEqual(before);
  });

  it('a deck is written over only by who saw it as it stands', async () => {
    const { document: deck, version } = (await deckRepo.list(db, demoBenchId)).rows.find(
      (each) => each.document.id === 'deck-morning',
    )!;
    expect(await deckRepo.replace(db, demoBenchId, { ...deck, name: 'Morning' }, version)).toBe('changed');
    expect(await deckRepo.replace(db, demoBenchId, { ...deck, name: 'Noon' }, version)).toBe('stale');
    expect(
      (await deckRepo.list(db, demoBenchId)).rows.map((each) => [each.document.name, each.version]),
    ).toContainEqual(['Morning', version + 1]);
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
      [{ ...file, version: 3 }, 'version'],
      [
        {
          ...file,
          parts: [first, { ...first!, part: { ...first!.part, id: `${first!.part.id.toUpperCase()}` } }, ...rest],
        },
        'parts[1].part.id',
      ],
      [{ ...file, parts: [{ ...first!, part: { ...first!.part, id: 'a/b?c#d' } }, ...rest] }, 'parts[0].part.id'],
      [{ ...file, setups: [{ ...file.setups[0]!, id: 'new' }] }, 'setups[0].id'],
      [
        { ...file, setups: [{ ...file.setups[0]!, revisions: [{ ...file.setups[0]!.revisions[0]!, partsThen: [] }] }] },
        'setups[0].revisions[0].chain[0].partId',
      ],
      [{ ...file, movements: [...file.movements, file.movements[0]] }, `movements[${file.movements.length}].id`],
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
    const parsed = parse(benchFileSchema, broken);
    expect(parsed.ok ? [] : parsed.problems.map(({ path }) => path)).toContain('setups[1].revisions[0].id');
    await expect(put(demoBenchId, broken)).rejects.toThrow();
    expect(await fileOf()).toEqual(file);
  });

  it('has a schema from which one can be written by hand', async () => {
    const schema = z.toJSONSchema(benchFileSchema, { io: 'input', unrepresentable: 'any' });
    expect(Object.keys(schema.properties ?? {})).toEqual([
      'version',
      'kind',
      'id',
      'name',
      'anglers',
      'house',
      'parts',
      'readings',
      'movements',
      'setups',
      'decks',
      'plans',
      'waters',
      'spreads',
      'trials',
      'helms',
      'trips',
      'leaders',
      'unreadable',
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
    const file = benchFileSchema.parse(benchFileAsNow(byHand));
    const benchId = await aBench(db);
    await put(benchId, file);
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
  const outcome = await transact(db, (tx) => changeBox(tx, benchId, changes, 'bulk', now));
  expect(outcome).toMatchObject({ kind: 'changed' });
  expect(await listParts(db, benchId)).toHaveLength(10_000);
});
