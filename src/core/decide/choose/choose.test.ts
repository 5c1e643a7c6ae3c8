import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { demoFile, demoFiles } from '../../../../tests/helpers/demo';
import { due } from '../../../../tests/helpers/due';
import { demoParts } from '@/db/demo';
import { changesFor } from '@/domain/remedy/changes';
import { evaluate, roomOf, placeOf, withPart } from '../../judge';
import { InputRangeError, InputRuleError } from '../../base/guard';
import { quantitiesOf } from '../../base/quantity';
import type { Setup } from '../../tackle';
import {
  applyChange,
  finish,
  leavesOf,
  placesOf,
  ranges,
  remedies,
  setupRanges,
  sweep,
  uncertainOf,
  valueAt,
  withValue,
  withValues,
  type RangesInput,
  type Remedies,
} from '.';

const wall = demoFile('setup-drowned-wall');

describe('paths', () => {
  const data = { a: [{ b: 1 }, { b: 2 }], c: { 'x.y': 3 } };
  it('reach into records, lists and keys with dots', () => {
    expect([valueAt(data, 'a[1].b'), valueAt(data, 'c[x.y]'), valueAt(data, 'a[5].b'), valueAt(data, 'd')]).toEqual([
      2,
      3,
      undefined,
      undefined,
    ]);
  });
  it('put values in a copy and share what lies beside', () => {
    const next = withValues(data, [
      ['a[0].b', 7],
      ['a[1].b', 8],
      ['c[x.y]', 9],
    ]);
    expect(next).toEqual({ a: [{ b: 7 }, { b: 8 }], c: { 'x.y': 9 } });
    expect(data.a[0]!.b).toBe(1);
    expect(withValue(data, 'c.z', 4).a).toBe(data.a);
  });
  it('list every leaf by a path that leads back to it, and leave curves alone', () => {
    const leaves = leavesOf({
      ...data,
      shape: [
        [0, 1],
        [1, 2],
      ],
      none: null,
      word: 'w',
    });
    expect(leaves.map(([path]) => path)).toEqual(['a[0].b', 'a[1].b', 'c[x.y]', 'none', 'word']);
    for (const [path, value] of leavesOf(data)) expect(valueAt(data, path)).toBe(value);
  });
});

describe('ranges', () => {
  const of = (input: Partial<RangesInput<{ x: number; y: number }>>) =>
    finish(
      ranges({
        base: { x: 10, y: 4 },
        uncertain: [
          { path: 'x', relativeSd: 0.2 },
          { path: 'y', relativeSd: 0.1 },
        ],
        compute: ({ x, y }) => ({ product: x * y, word: x > 10 ? 'more' : 'less', fixed: 5 }),
        ...input,
      }),
    );

  it('are the quantiles of a log-normal for a single input: 10·e^±1.645σ', () => {
    const sigma = Math.sqrt(Math.log1p(0.04));
    const [figure] = of({ uncertain: [{ path: 'x', relativeSd: 0.2 }], compute: ({ x }) => ({ x }) }).figures;
    expect(figure!.p50).toBeCloseTo(10, 1);
    expect(Math.log(figure!.p95 / 10) / sigma).toBeCloseTo(1.645, 1);
    expect(Math.log(figure!.p5 / 10) / sigma).toBeCloseTo(-1.645, 1);
  });
  it('share a product’s variance as the squares of the spreads', () => {
    const { from } = of({}).figures.find(({ path }) => path === 'product')!;
    expect(from.map(({ path }) => path)).toEqual(['x', 'y']);
    expect(from[0]!.share / from[1]!.share).toBeCloseTo(Math.log1p(0.04) / Math.log1p(0.01), 0);
    expect(from[0]!.share + from[1]!.share).toBeGreaterThan(0.95);
  });
  it('tell how sure a word is, and give a figure that does not move no source', () => {
    const result = of({});
    expect(result.words).toEqual([
      {
        path: 'word',
        word: 'less',
        sure: expect.closeTo(0.5, 1) as number,
        from: [{ path: 'x', share: expect.any(Number) as number }],
      },
    ]);
    expect(result.words[0]!.from[0]!.share).toBeGreaterThan(0.5);
    expect(result.figures.find(({ path }) => path === 'fixed')).toMatchObject({ p5: 5, p95: 5, from: [] });
  });
  it('are the same for the same seed, and others for another', () => {
    expect(of({ seed: 7 })).toEqual(of({ seed: 7 }));
    expect(of({ seed: 8 }).figures[0]!.p5).not.toBe(of({ seed: 7 }).figures[0]!.p5);
  });
  it('hold a share at one, and count the draws that a model refuses', () => {
    const shares = of({
      base: { x: 0.95, y: 1 },
      uncertain: [{ path: 'x', relativeSd: 0.2, most: 1 }],
      compute: ({ x }) => ({ x }),
    });
    expect(shares.figures[0]!.p95).toBe(1);
    const refusing = of({
      compute: ({ x }) => {
        if (x > 10) throw new InputRangeError('x', x, 0, 10);
        return { x };
      },
    });
    expect(refusing.refused / refusing.draws).toBeCloseTo(0.5, 1);
  });
  it('refuse what they cannot draw', () => {
    expect(() => of({ draws: 3 })).toThrow(InputRangeError);
    expect(() => of({ uncertain: [{ path: 'nowhere', relativeSd: 0.1 }] })).toThrow(InputRuleError);
    expect(() => of({ uncertain: [{ path: 'x', relativeSd: -0.1 }] })).toThrow(InputRangeError);
  });
});

describe('what is uncertain in a setup', () => {
  const { setup, uncertain } = uncertainOf(wall);
  it('stands at a path of its own, each with its spread', () => {
    for (const { path } of uncertain) expect(typeof valueAt(setup, path), path).toBe('number');
    const hook = setup.parts.findIndex(({ kind }) => kind === 'hook');
    expect(uncertain.find(({ path }) => path === `parts[${hook}].wireM.value`)!.relativeSd).toBe(0.08);
    expect(uncertain.find(({ path }) => path === 'house.classes[mouths.bony.strengthMpa]')!.relativeSd).toBe(0.25);
  });
  it('holds shares at one, and nothing else', () => {
    const most = (path: string) => uncertain.find((each) => each.path === path)?.most;
    const at = (kind: string) => setup.parts.findIndex((part) => part.kind === kind);
    expect([
      most(`parts[${at('rod')}].stiffness.tipRatio.value`),
      most('house.classes[knots.crossed-wrap.shares.fluorocarbon]'),
    ]).toEqual([1, 1]);
    expect([
      most(`parts[${at('hook')}].wireM.value`),
      most(`parts[${at('reel')}].gearRatio.value`),
      most('house.classes[mouths.bony.strengthMpa]'),
    ]).toEqual([undefined, undefined, undefined]);
  });
  it('takes in the class figures that are read and no limit of a check', () => {
    const classes = uncertain.map(({ path }) => path).filter((path) => path.startsWith('house'));
    expect(classes).toContain('house.classes[sharpness.needle.factor]');
    expect(classes.filter((path) => /checks|fallWindows|mouths\.soft|spread/.test(path))).toEqual([]);
  });
  it('says a rod known by words as the taper that they stand for, and changes no verdict', () => {
    const lily = demoFile('setup-lily-bay');
    expect(evaluate(uncertainOf(lily).setup).verdicts.throw.value).toBe(evaluate(lily).verdicts.throw.value);
    expect(evaluate(uncertainOf(lily).setup).figures.powerN).toBeCloseTo(evaluate(lily).figures.powerN, 4);
    expect(uncertainOf(lily).uncertain.find(({ path }) => path.endsWith('buttEiNm2.value'))!.relativeSd).toBe(0.18);
  });
  it('draws the same whatever order a file lists parts and fields in', () => {
    const turned: Setup = {
      ...wall,
      parts: wall.parts
        .toReversed()
        .map((part) => Object.fromEntries(Object.entries(part).toReversed()) as unknown as typeof part),
    };
    const figures = (file: Setup) =>
      finish(setupRanges(file, { draws: 64 }))
        .figures.filter(({ path }) => path.startsWith('verdicts'))
        .map(({ path, p5, p95 }) => [path, p5, p95]);
    expect(figures(turned)).toEqual(figures(wall));
  });
  it('narrows Set visibly when the hook is measured', () => {
    const width = (file: Setup) => {
      const { p5, p95 } = finish(setupRanges(file, { draws: 128 })).figures.find(
        ({ path }) => path === 'figures.hook.openingN',
      )!;
      return p95 - p5;
    };
    const measured = (setup_: Setup): Setup => ({
      ...setup_,
      parts: setup_.parts.map((part) =>
        part.kind === 'hook'
          ? {
              ...part,
              wireM: { ...part.wireM, provenance: 'measured', spread: 0.015 },
              gapM: { ...part.gapM, provenance: 'measured', spread: 0.02 },
            }
          : part,
      ),
    });
    expect(width(measured(wall))).toBeLessThan(0.4 * width(wall));
  });
});

describe('sweep', () => {
  it('gives at every point what a change by hand gives', () => {
    const axes = [{ path: 'presentation.distanceM', from: 12, to: 48, steps: 4 }];
    const { results, axes: swept } = finish(
      sweep({
        base: wall as Setup,
        axes,
        of: ['verdicts.set.value', 'verdicts.set.mark'],
        compute: (setup) => evaluate(setup),
      }),
    );
    expect(swept[0]!.values).toEqual([12, 24, 36, 48]);
    swept[0]!.values.forEach((distanceM, i) => {
      const { value, mark } = evaluate({ ...wall, presentation: { ...wall.presentation, distanceM } } as Setup).verdicts
        .set;
      expect([results[0]!.values[i], results[1]!.values[i]]).toEqual([value, mark]);
    });
  });
  it('runs the second input within the first, and leaves gaps where the model refuses', () => {
    const compute = ({ x, y }: { x: number; y: number }) => {
      if (x === 1 && y === 0) throw new InputRangeError('y', y, 1, 9);
      return { sum: 10 * x + y };
    };
    const axes = [
      { path: 'x', from: 0, to: 1, steps: 2 },
      { path: 'y', from: 0, to: 2, steps: 3 },
    ];
    expect(finish(sweep({ base: { x: 0, y: 0 }, axes, of: ['sum'], compute })).results[0]!.values).toEqual([
      0,
      1,
      2,
      null,
      11,
      12,
    ]);
  });
  it('refuses an axis or a result that is not there, and too many cells', () => {
    const run =
      (axes: Parameters<typeof sweep>[0]['axes'], of = ['verdicts.set.value']) =>
      () =>
        finish(sweep({ base: wall as Setup, axes, of, compute: (setup) => evaluate(setup) }));
    expect(run([{ path: 'presentation.nothing', from: 0, to: 1, steps: 2 }])).toThrow(InputRuleError);
    expect(run([{ path: 'presentation.distanceM', from: 10, to: 20, steps: 2 }], ['verdicts.none'])).toThrow(
      InputRuleError,
    );
    expect(
      run([
        { path: 'presentation.distanceM', from: 1, to: 2, steps: 400 },
        { path: 'presentation.depthM', from: 1, to: 2, steps: 400 },
      ]),
    ).toThrow(InputRangeError);
  });
});

describe('room', () => {
  const limits = { failsBelow: 1, soundFrom: 1.5, soundTo: 3, failsAbove: 4 };
  it('is counted in widths of the edge on either side', () => {
    expect([
      placeOf({ value: 1.5, limits }),
      placeOf({ value: 1, limits }),
      placeOf({ value: 3, limits }),
      placeOf({ value: 3.5, limits }),
    ]).toEqual([0, -1, 0, -0.5]);
    expect(roomOf({ mark: 'sound', value: 2.2, limits })).toBeCloseTo(0.8, 12);
  });
  it('takes a fifth of the limit where sound has no edge beside it', () =>
    expect(
      placeOf({ value: 6, limits: { failsBelow: null, soundFrom: 5, soundTo: null, failsAbove: null } }),
    ).toBeCloseTo(1, 12));
  it('follows the mark where a check has taken it, and is not told where the mark is not', () => {
    expect([
      roomOf({ mark: 'fails', value: 2, limits }),
      roomOf({ mark: 'edge', value: 2, limits }),
      roomOf({ mark: 'sound', value: null, limits: null }),
      roomOf({ mark: 'cant-tell', value: 2, limits }),
    ]).toEqual([-1.5, -0.5, 1, null]);
  });
  it('grows toward the sound zone from either side', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 1.4, noNaN: true }),
        fc.double({ min: 0.001, max: 0.1, noNaN: true }),
        (value, step) => {
          expect(placeOf({ value: value + step, limits })!).toBeGreaterThan(placeOf({ value, limits })!);
        },
      ),
    );
  });
});

describe('remedies', () => {
  const mend = (setup: Setup, most?: number) => finish(remedies({ setup, ...changesFor(setup, demoParts), most }));

  let ofLilyBay: Remedies['remedies'] = [];
  beforeAll(() => {
    ofLilyBay = mend(demoFile('setup-lily-bay'), 30).remedies;
  });

  const flawed = demoFiles.filter(
    ({ newest, file }) =>
      newest && Object.values(evaluate(file).verdicts).some(({ mark }) => mark === 'fails' || mark === 'edge'),
  );
  it.each(
    due(
      flawed.map(({ id, file }) => [id, file] as const),
      3,
    ),
  )('make %s sound by the first or the second', (_, file) => {
    const { outcome, remedies: found } = mend(file, 2);
    expect(outcome).toBe('ok');
    const sound = found.find(({ makesSound }) => makesSound)!;
    const after = evaluate(sound.changes.reduce(applyChange, file as Setup));
    expect(Object.values(after.verdicts).filter(({ mark }) => mark === 'fails' || mark === 'edge')).toEqual([]);
    expect(sound.changes.every((change) => change.kind !== 'part' || change.from === 'box')).toBe(true);
  });
  it('leave a sound setup alone', () =>
    expect(mend(wall)).toEqual({ outcome: 'nothing-to-mend', remedies: [], tried: 0 }));
  it('say what they spoil, and order what the user has before what is to be found', () => {
    const { remedies: found } = mend(demoFile('setup-long-flat'));
    const cost = found
      .filter(({ makesSound }) => makesSound)
      .map(({ changes }) => changes.filter((change) => change.kind === 'part' && change.from === 'class').length);
    expect(cost).toEqual([...cost].sort((a, b) => a - b));
    for (const { shifts, spoils } of found)
      for (const name of spoils)
        expect(
          shifts.find(({ verdict }) => verdict === name)!.roomGained === null ||
            shifts.find(({ verdict }) => verdict === name)!.roomGained! < 0,
        ).toBe(true);
  });
  it('mend what only two together mend: a rod with a reel for its seat, two crimps of a kind', () => {
    const [feather] = mend(demoFile('setup-feather'), 1).remedies;
    expect(feather!.changes.map(placesOf)).toEqual([['rod'], ['reel']]);
    const loose = demoFiles.find(({ id, revision }) => id === 'setup-crimped-minnow' && revision === 1)!.file;
    expect(mend(loose, 1).remedies[0]!.changes.map(placesOf)).toEqual([['front-crimp', 'rear-crimp']]);
  });
  it('never put two changes at one place', () => {
    for (const { changes } of ofLilyBay) {
      const places = changes.flatMap(placesOf);
      expect(new Set(places).size).toBe(places.length);
    }
  });
  it('offer technique: two hands for the wrist, a shorter cast for nylon', () => {
    const techniques = ofLilyBay.flatMap(({ changes }) =>
      changes.flatMap((change) => (change.kind === 'part' ? [] : [change.technique])),
    );
    expect(techniques).toContain('stronger-sweep');
    expect(
      changesFor(demoFile('setup-long-flat'), []).changes.flatMap((change) =>
        change.kind === 'present' ? [change.technique] : [],
      ),
    ).toEqual(
      expect.arrayContaining(['shorter-cast', 'wind-down-first', 'lower-clutch', 'higher-clutch', 'cast-otherwise']),
    );
  });
  it('look for classes of part, which bear no name, and hold every figure as of its class', () => {
    const classes = changesFor(wall, []).changes.flatMap((change) =>
      change.kind === 'part' && change.from === 'class' ? [change.part] : [],
    );
    expect(new Set(classes.map(({ kind }) => kind))).toEqual(new Set(['rod', 'line', 'hook', 'weight']));
    for (const part of classes) {
      expect('name' in part).toBe(false);
      if (part.kind === 'hook')
        expect(quantitiesOf(part).every(([, { provenance }]) => provenance === 'class')).toBe(true);
    }
  });
  it('change nothing of a setup that they are asked of', () => {
    const before = JSON.stringify(wall);
    const other = demoParts.find((part) => part.kind === 'hook' && part.id !== 'hook-worm-offset-3x0-regular')!;
    expect(applyChange(wall, { kind: 'part', jointIds: ['hook'], part: other, from: 'box' })).toEqual(
      withPart(wall, 'hook', other),
    );
    expect(JSON.stringify(wall)).toBe(before);
  });
  it('refuse to give more than they can', () =>
    expect(() => finish(remedies({ setup: demoFile('setup-feather'), changes: [], most: 0 }))).toThrow(
      InputRangeError,
    ));
});
