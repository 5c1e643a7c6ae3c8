import { beforeAll, describe, expect, it } from 'vitest';
import { demoFile, demoFiles } from '../../../tests/helpers/demo';
import { loadMixedInteger } from '@/core/base/numeric';
import { demoParts } from '@/db/demo';
import { partSchema } from '../parts';
import { toTieAgain, toTieForDay } from '../leaders-to-tie';
import { leaderSchema, type Leader } from '../leader';
import { shortCode } from '../short-code';
import { movementsOf, planBatch } from './plan';

beforeAll(() => loadMixedInteger());

const wall = demoFile('setup-drowned-wall');
const minnow = demoFile('setup-crimped-minnow');

describe('plan of a batch', () => {
  it('takes leaders of one line off its spools together, and moves stock by what is cut and taken', () => {
    const plan = planBatch(
      [
        { setup: wall, count: 4 },
        { setup: minnow, count: 3 },
      ],
      demoParts,
    );
    expect(plan.outcome).toBe('ok');
    expect(plan.lines).toHaveLength(1);
    const moves = new Map(movementsOf(plan).map(({ partId, amount }) => [partId, amount]));
    expect(moves.get('line-fluorocarbon-37')).toBeCloseTo(-(4 * 1.39 + 3 * 1.34), 9);
    expect(moves.get('crimp-1_6')).toBe(-6);
    // Nobody counts tungsten bullets in the demo: there is no stock to take from.
    expect(moves.has('weight-tungsten-10')).toBe(false);
  });

  it('uses the short rest of the same line first', () => {
    const rest = partSchema.parse({
      ...demoParts.find(({ id }) => id === 'line-fluorocarbon-37'),
      id: 'line-rest',
      lengthM: { value: 3.5, unit: 'm', provenance: 'measured' },
    });
    const { lines } = planBatch([{ setup: wall, count: 2 }], [...demoParts, rest]);
    const at = lines[0]!.spools.findIndex(({ id }) => id === 'line-rest');
    expect(lines[0]!.cutting.cuts[at]).toEqual([2]);
    expect(lines[0]!.cutting.wasteM).toBe(0);
  });

  it('is short of line, of pieces, and of what the Box never held', () => {
    expect(planBatch([{ setup: wall, count: 60 }], demoParts).lines[0]!.cutting.missing[0]).toBeGreaterThan(0);
    expect(planBatch([{ setup: minnow, count: 20 }], demoParts)).toMatchObject({ outcome: 'short' });
    expect(planBatch([{ setup: wall, count: 1 }], []).outcome).toBe('short');
  });

  it('plans every demo setup that has a leader', () => {
    for (const { id, file } of demoFiles.filter(({ newest }) => newest))
      expect(planBatch([{ setup: file, count: 1 }], demoParts).outcome, id).toBe('ok');
  });
});

describe('what is still to tie', () => {
  const leader = (n: number, state: string, number = 1) =>
    leaderSchema.parse({
      id: `l${n}`,
      setupId: 'a',
      name: 'A',
      number,
      lengthM: 1,
      linePartId: 'x',
      breaksN: 50,
      state,
      tiedAt: '2026-11-26T10:00:00.000Z',
    });
  it('again: as many as are frayed', () => {
    expect(toTieAgain([leader(1, 'frayed'), leader(2, 'tied'), leader(3, 'frayed'), leader(4, 'retired')])).toEqual([
      { setupId: 'a', name: 'A', count: 2 },
    ]);
    expect(toTieAgain([leader(1, 'tied')])).toEqual([]);
  });
  it('for a day: one to fish and one to spare, less what hangs ready in the same revision', () => {
    const setup = { id: leader(1, 'tied').setupId, number: 2 };
    const still = (...leaders: Leader[]) => toTieForDay([setup], leaders);
    expect(toTieForDay([], [leader(1, 'tied', 2)])).toEqual({});
    expect(still()).toEqual({ a: 2 });
    expect(still(leader(1, 'tied', 2), leader(2, 'frayed', 2), leader(3, 'tied', 1))).toEqual({ a: 1 });
    expect(still(leader(1, 'tied', 2), leader(2, 'in-use', 2), leader(3, 'tied', 2))).toEqual({ a: 0 });
  });
});

it('short codes are five signs, the same for the same setup, and none alike in the demo', () => {
  const codes = demoFiles.filter(({ newest }) => newest).map(({ id }) => shortCode(id));
  for (const code of codes) expect(code).toMatch(/^[2-9A-HJKMNP-TV-Z]{5}$/);
  expect(new Set(codes).size).toBe(codes.length);
});
