import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { demoFile, demoFiles } from '../../../../tests/helpers/demo';
import { loadMixedInteger } from '../../base/numeric';
import { sampleOf } from '@/domain/sample-rig';
import { cutList, cuttingStock, leadersOf, linksOnMainLine, sizing, tyingSteps } from '.';

beforeAll(() => loadMixedInteger());

/** Every way of putting single pieces on spools, as a slow oracle: the least waste. */
function leastWaste(pieces: readonly number[], stock: readonly number[], usefulM: number): number | null {
  let best: number | null = null;
  const left = [...stock];
  const put = (i: number): void => {
    if (i === pieces.length) {
      const waste = left.reduce(
        (sum, rest, j) => sum + (rest < stock[j]! - 1e-9 && rest < usefulM - 1e-9 ? rest : 0),
        0,
      );
      if (best === null || waste < best) best = waste;
      return;
    }
    for (let j = 0; j < left.length; j += 1) {
      if (left[j]! < pieces[i]! - 1e-9) continue;
      left[j] = left[j]! - pieces[i]!;
      put(i + 1);
      left[j] = left[j]! + pieces[i]!;
    }
  };
  put(0);
  return best;
}

describe('cutting stock', () => {
  const decimetres = (min: number, max: number) => fc.integer({ min, max }).map((value) => value / 10);
  it('wastes no more than trying every way does', () =>
    fc.assert(
      fc.property(
        fc.array(decimetres(3, 25), { minLength: 1, maxLength: 5 }),
        fc.array(decimetres(5, 60), { minLength: 1, maxLength: 3 }),
        (pieces, stock) => {
          const answer = cuttingStock({
            pieces: pieces.map((lengthM) => ({ lengthM, count: 1 })),
            stock: stock.map((lengthM) => ({ lengthM })),
            usefulM: 0.6,
          });
          const least = leastWaste(pieces, stock, 0.6);
          expect(answer.outcome === 'short').toBe(least === null);
          if (least !== null) expect(answer.wasteM).toBeCloseTo(least, 6);
          answer.leftM.forEach((left) => expect(left).toBeGreaterThan(-1e-6));
          pieces.forEach((_, i) =>
            expect(answer.cuts.reduce((sum, row) => sum + row[i]!, 0) + answer.missing[i]!).toBe(1),
          );
        },
      ),
      { numRuns: 40 },
    ));
  it('takes the rest that just does, and leaves the long spool whole', () => {
    const { cuts, leftM, wasteM } = cuttingStock({
      pieces: [{ lengthM: 1.1, count: 3 }],
      stock: [{ lengthM: 20 }, { lengthM: 3.3 }],
    });
    expect(cuts).toEqual([[0], [3]]);
    expect(leftM[0]).toBe(20);
    expect(wasteM).toBeCloseTo(0, 9);
  });
  it('cuts what it can when there is too little, and says what is missing', () =>
    expect(
      cuttingStock({
        pieces: [
          { lengthM: 2, count: 3 },
          { lengthM: 1, count: 1 },
        ],
        stock: [{ lengthM: 5.5 }],
      }),
    ).toMatchObject({ outcome: 'short', missing: [1, 0], cuts: [[2, 1]] }));
  it('has nothing to do for nothing', () =>
    expect(cuttingStock({ pieces: [], stock: [{ lengthM: 5 }] })).toMatchObject({
      outcome: 'optimal',
      wasteM: 0,
      leftM: [5],
    }));
  it('refuses by name', () =>
    expect(() => cuttingStock({ pieces: [{ lengthM: 0, count: 1 }], stock: [{ lengthM: 1 }] })).toThrow(
      /pieces\[0\]\.lengthM/,
    ));
});

describe('cut list', () => {
  const wall = demoFile('setup-drowned-wall');
  it('adds to a leader what its ends and trims take', () => {
    const { pieces, take } = cutList([{ setup: wall, count: 4 }]);
    // Bare to the main line 0.15, a doubled eye 0.12, trimmed twice 0.01.
    expect(pieces).toHaveLength(1);
    expect(pieces[0]).toMatchObject({
      partId: 'line-fluorocarbon-37',
      count: 4,
      lengthM: 1.1,
      nearM: 0.15,
      farM: 0.12,
      trimM: 0.02,
    });
    expect(pieces[0]!.cutM).toBeCloseTo(1.39, 12);
    expect(take).toEqual([
      { partId: 'weight-tungsten-10', pieces: 4 },
      { partId: 'hook-worm-offset-3x0-regular', pieces: 4 },
    ]);
  });
  it('takes the user’s own allowances, and refuses one beyond reason', () => {
    expect(cutList([{ setup: wall, count: 1 }], { bare: 0.3 }).pieces[0]!.cutM).toBeCloseTo(1.54, 12);
    expect(() => cutList([{ setup: wall, count: 1 }], { bare: 2 })).toThrow(/allowances\.bare/);
    expect(() => cutList([{ setup: wall, count: 0 }])).toThrow(/batch\[0\]\.count/);
  });
  it('reads crimps at both ends of a trolled minnow', () => {
    const [leader] = leadersOf(demoFile('setup-crimped-minnow'));
    expect(leader).toMatchObject({
      lengthM: 1.2,
      near: { kind: 'crimp', toId: 'swivel' },
      far: { kind: 'crimp', toId: 'lure' },
    });
    expect(
      cutList([{ setup: demoFile('setup-crimped-minnow'), count: 2 }]).take.find(({ partId }) =>
        partId.startsWith('crimp'),
      )!.pieces,
    ).toBe(4);
  });
  it('finds the leaders of every demo setup, each with ends and a length', () => {
    for (const { id, file } of demoFiles) {
      const leaders = leadersOf(file);
      expect(leaders.length, id).toBe(file.chain.filter(({ kind }) => kind === 'leader').length);
      for (const { jointId, threaded } of leaders)
        for (const on of threaded)
          expect(file.chain.findIndex(({ id: each }) => each === on)).toBeGreaterThan(
            file.chain.findIndex(({ id: each }) => each === jointId) - 3,
          );
    }
  });
});

describe('tying by steps', () => {
  const steps = tyingSteps(demoFile('setup-drowned-wall'));
  it('cuts, ties the far end, threads, and leaves the near end for the water', () =>
    expect(steps.map(({ kind, end }) => (end ? `${kind} ${end}` : kind))).toEqual([
      'cut',
      'tie far',
      'test far',
      'trim far',
      'thread',
      'leave near',
      'wind',
    ]));
  it('holds what is on the line in its order from the near end', () =>
    expect(steps.at(-1)!.onLine).toEqual(['weight', 'hook-knot', 'hook']));
  it('crimps with the crimper, and tests each crimp', () => {
    const crimped = tyingSteps(demoFile('setup-crimped-minnow'));
    expect(crimped.filter(({ kind }) => kind === 'crimp').map(({ tool, end }) => `${tool} ${end}`)).toEqual([
      'crimper far',
      'crimper near',
    ]);
    expect(crimped.filter(({ kind }) => kind === 'test')).toHaveLength(2);
  });
  it('never ties a knot before what slides behind it is on', () => {
    for (const { file } of demoFiles) {
      for (const leader of leadersOf(file)) {
        const own = tyingSteps(file).filter(({ leaderId }) => leaderId === leader.jointId);
        const near = own.findIndex(({ end, kind }) => end === 'near' && kind !== 'leave');
        for (const id of leader.threaded) {
          const at = own.findIndex(({ kind, jointId }) => kind === 'thread' && jointId === id);
          expect(at).toBeGreaterThan(-1);
          if (near >= 0) expect(at).toBeLessThan(near);
        }
      }
    }
  });
});

it('sizes crimp, loop and ring by the line', () => {
  const { crimpBoreM, loopM, ringN } = sizing({ diameterM: 0.6e-3, strengthN: 180 });
  expect(crimpBoreM).toEqual([1.2e-3, expect.closeTo(1.92e-3, 9)]);
  expect(loopM).toEqual([6e-3, expect.closeTo(0.018, 9)]);
  expect(ringN).toEqual([180, 900]);
  expect(() => sizing({ diameterM: 0, strengthN: 1 })).toThrow(/diameterM/);
});

describe('a swivel that stays on the main line', () => {
  const minnow = demoFile('setup-crimped-minnow');
  const swivel = minnow.chain.find((joint) => joint.id === 'swivel')!;
  const taken = (sharesLink: boolean) =>
    cutList([{ setup: minnow, count: 6, sharesLink }]).take.find(({ partId }) => partId === swivel.partId)!.pieces;
  it('is taken once and not for every leader', () => {
    expect(taken(false)).toBe(6);
    expect(taken(true)).toBe(1);
  });
  it('lets a leader that was tied to it end in a loop', () => {
    const spoon = sampleOf('spoon');
    expect(leadersOf(spoon)[0]!.near).toMatchObject({ kind: 'doubled-eye', toId: 'swivel' });
    expect(leadersOf(spoon, true)[0]!.near).toEqual({ kind: 'loop', jointId: null, toId: 'swivel' });
    expect(tyingSteps(spoon, undefined, true).some(({ kind, end }) => kind === 'loop' && end === 'near')).toBe(true);
  });
  it('names the links between main line and leader, crimps apart', () => {
    expect(linksOnMainLine(minnow)).toEqual(['swivel']);
    expect(linksOnMainLine(sampleOf('jig-head'))).toEqual([]);
  });
});

it('pinches a weight on with pliers, so far above the end, and never threads it', () => {
  const sample = sampleOf('pinched-weight');
  const part = sample.parts.find(({ kind }) => kind === 'line')!;
  const at = sample.chain.findIndex(({ kind }) => kind === 'weight');
  const chain = sample.chain.toSpliced(at, 0, { id: 'leader', kind: 'leader', partId: part.id, lengthM: 1 });
  const steps = tyingSteps({ ...sample, chain });
  expect(steps.filter(({ jointId, kind }) => jointId === 'weight' && kind !== 'test')).toMatchObject([
    { kind: 'pinch', tool: 'pliers', lengthM: 0.4 },
  ]);
});

it('ties the second of two legs to the swivel that it starts at', () => {
  const legs = leadersOf(sampleOf('two-legs'));
  expect(legs.map(({ near }) => near.toId)).toEqual(['swivel', 'swivel']);
  expect(legs.map(({ far }) => far.toId)).toEqual(['short-hook', 'hook']);
});
