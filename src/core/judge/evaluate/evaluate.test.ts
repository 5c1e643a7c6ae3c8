import { describe, expect, it } from 'vitest';
import { demoFile, demoFiles } from '../../../../tests/helpers/demo';
import { castFit, hookset } from '../../strike';
import { sink } from '../../water';
import { evaluate } from './evaluate';
import { lineRiggedN, readRig } from '../../rig';
import type { CastPresentation, Part, Presentation, Setup } from '../../tackle';
import { hooksetInput } from './set';
import { changedReadings } from './changed-readings';
import { whatMoved } from './what-moved';
import { withPart } from './with-part';

const wall: Setup = demoFile('setup-drowned-wall');
const partOf = <K extends Part['kind']>(setup: Setup, kind: K) =>
  setup.parts.find((part): part is Extract<Part, { kind: K }> => part.kind === kind)!;
const presenting = (change: Partial<CastPresentation>, setup = wall): Setup => ({
  ...setup,
  presentation: { ...setup.presentation, ...change } as Presentation,
});
const castOf = (setup: Setup): CastPresentation => {
  if (setup.presentation.kind !== 'cast') throw new Error('not cast');
  return setup.presentation;
};
const marks = (setup: Setup) =>
  Object.fromEntries(Object.entries(evaluate(setup).verdicts).map(([name, { mark }]) => [name, mark]));

describe('evaluate: the demo bench says what it is meant to say', () => {
  it.each([
    ['setup-drowned-wall', { throw: 'sound', fall: 'sound', set: 'sound', hold: 'sound' }, 'set-ruled-by-drag'],
    ['setup-lily-bay', { throw: 'sound', fall: 'sound', set: 'fails', hold: 'sound' }, 'set-ruled-by-leverage'],
    ['setup-long-flat', { throw: 'sound', fall: 'sound', set: 'fails', hold: 'fails' }, 'hold-no-window'],
    ['setup-evening-edge', { throw: 'sound', fall: 'sound', set: 'edge', hold: 'sound' }, 'set-ruled-by-drag'],
    ['setup-feather', { throw: 'fails', set: 'fails' }, 'throw-does-not-load'],
  ] as const)('%s', (id, expected, reason) => {
    const setup = demoFile(id);
    expect(marks(setup)).toMatchObject(expected);
    expect(
      Object.values(evaluate(setup).verdicts).flatMap((verdict) => verdict.reasons.map(({ code }) => code)),
    ).toContain(reason);
  });

  it('fails the long cast by stretch: the same rig sets at ten metres', () => {
    const setup = demoFile('setup-long-flat');
    const near = evaluate(presenting({ distanceM: 10 }, setup)).verdicts.set;
    expect(near.value!).toBeGreaterThan(2 * evaluate(setup).verdicts.set.value!);
  });

  it('fails the wrist by leverage: two hands set it', () => {
    const setup = demoFile('setup-lily-bay');
    const { sweep } = setup.presentation;
    const twoHands = evaluate(presenting({ sweep: { ...sweep, way: 'two-hand' } }, setup));
    expect(twoHands.verdicts.set.value!).toBeGreaterThan(2 * evaluate(setup).verdicts.set.value!);
    expect(twoHands.figures.set!.hookset.ruledBy).not.toBe('leverage');
  });
});

describe('evaluate: figures are those of the single models', () => {
  it.each(demoFiles.map(({ id, revision, file }) => [id, revision, file] as const))('%s %d', (_id, _revision, file) => {
    const rig = readRig(file);
    const { figures, castMassKg, verdicts } = evaluate(file);
    if (file.presentation.kind !== 'cast') return;
    const input = hooksetInput(rig, file.presentation, null);
    if (input.kind !== 'ready') throw new Error('the demo reels hold enough line');
    const { curve: _curve, ...alone } = hookset(input.input);
    expect(figures.set!.hookset).toEqual(alone);
    expect(figures.throw!.castFit).toEqual(
      castFit({
        rod: rig.rod,
        massKg: castMassKg,
        ratingKg: rig.ratingKg,
        style: file.presentation.castStyle,
        weakestN: lineRiggedN(rig),
      }),
    );
    const row = figures.fall!.free.table.find(({ depthM }) => depthM === file.presentation.depthM);
    if (figures.fall!.free.outcome === 'sinks')
      expect(verdicts.fall.value).toBeCloseTo(file.presentation.depthM / row!.timeS!, 12);
    expect(figures.fall!.free.netWeightN).toBeCloseTo(
      sink({
        water: file.presentation.water,
        bodies: rig.bodies,
        line: { diameterM: 1e-4, densityKgPm3: 1000, tangentialCt: 0 },
        mode: 'free',
        depthsM: [1],
      }).netWeightN,
      12,
    );
  });

  it('is pure: the same file twice gives the same bytes, and leaves the file as it was', () => {
    const before = JSON.stringify(wall);
    expect(JSON.stringify(evaluate(wall))).toBe(JSON.stringify(evaluate(wall)));
    expect(JSON.stringify(wall)).toBe(before);
  });
});

describe('evaluate: each choice reaches its verdict', () => {
  const value = (name: 'throw' | 'fall' | 'set' | 'hold', setup: Setup) => evaluate(setup).verdicts[name].value!;

  it('salt water slows the fall, dense cover weakens the set, a softer mouth eases it', () => {
    expect(value('fall', presenting({ water: { temperatureC: 9, salinity: 35 } }))).toBeLessThan(value('fall', wall));
    expect(value('set', presenting({ cover: 'dense' }))).toBeCloseTo(0.6 * value('set', wall), 6);
    expect(value('set', presenting({ mouth: 'soft' }))).toBeGreaterThan(value('set', wall));
  });

  it('a locked clutch cannot tell Hold and frees Set', () => {
    const locked = presenting({ clutchN: null });
    expect(evaluate(locked).verdicts.hold).toMatchObject({ mark: 'cant-tell', value: null });
    expect(evaluate(locked).figures.set!.clutchNowN).toBeNull();
    expect(value('set', locked)).toBeGreaterThanOrEqual(value('set', wall));
  });

  it('a break wanted elsewhere is an edge, and says both places', () => {
    const { mark, reasons } = evaluate(presenting({ wanted: { ...castOf(wall).wanted, breakAt: 'line' } })).verdicts
      .hold;
    expect(mark).toBe('edge');
    expect(reasons[0]).toMatchObject({
      code: 'hold-breaks-elsewhere',
      facts: { joint: 'leader-knot', wanted: 'line' },
    });
  });

  it('more line out than the reel holds cannot be judged, with both lengths', () => {
    const { figures, verdicts } = evaluate(presenting({ distanceM: 149 }));
    expect(figures.set).toBeUndefined();
    expect(verdicts.set).toMatchObject({ mark: 'cant-tell', value: null, reasons: [{ code: 'set-line-too-short' }] });
  });

  it('a rod whose print and bend disagree cannot tell Throw', () => {
    const rod = partOf(wall, 'rod');
    const light = {
      ...rod,
      rating: { loKg: { ...rod.rating!.loKg, value: 0.001 }, hiKg: { ...rod.rating!.hiKg, value: 0.004 } },
    };
    const { mark, reasons } = evaluate(withPart(wall, 'rod', light)).verdicts.throw;
    expect(mark).toBe('cant-tell');
    expect(reasons[0]!.code).toBe('throw-disagreement');
  });

  it('a floating bait that outweighs nothing fails Fall with its lift', () => {
    const bait = partOf(wall, 'soft-bait');
    const cork = { ...bait, material: 'soft-floating' as const, massKg: { ...bait.massKg, value: 0.4 } };
    expect(evaluate(withPart(wall, 'bait', cork)).verdicts.fall).toMatchObject({
      mark: 'fails',
      reasons: [{ code: 'fall-floats' }],
    });
  });

  it('marks a fall by its window: sound inside, edge within a fifth, fails beyond', () => {
    const rate = value('fall', wall);
    const mark = (fromMps: number, toMps: number) =>
      evaluate(presenting({ wanted: { ...castOf(wall).wanted, fall: { kind: 'own', fromMps, toMps } } })).verdicts.fall
        .mark;
    expect(mark(rate * 0.9, rate * 1.1)).toBe('sound');
    expect(mark(rate / 0.85, rate * 2)).toBe('edge');
    expect(mark(rate / 0.75, rate * 2)).toBe('fails');
    expect(mark(rate / 4, rate / 1.15)).toBe('edge');
    expect(mark(rate / 4, rate / 1.25)).toBe('fails');
  });
});

describe('readRig', () => {
  it('ties the leader knot in the weaker line and the hook knot in the leader', () => {
    const rig = readRig(wall);
    expect(rig.knots.map(({ material }) => material)).toEqual(['fluorocarbon', 'fluorocarbon']);
    expect(rig.chain.joints.map(({ name }) => name)).toEqual(['line', 'leader-knot', 'leader', 'hook-knot', 'hook']);
    expect(rig.chain.joints[1]!.strengthN).toBeCloseTo(0.82 * rig.pieces[1]!.line.strengthN, 9);
    // The doubled-eye knot was pulled in fluorocarbon: the measurement wins over the class.
    expect(rig.chain.joints[3]!.strengthN).toBeCloseTo(0.88 * rig.pieces[1]!.line.strengthN, 9);
  });

  it('without a leader ties in the main line', () =>
    expect(readRig(demoFile('setup-long-flat')).knots).toMatchObject([{ material: 'nylon' }]));

  it('takes the hands off the printed length unless the working length was measured', () => {
    const rod = partOf(wall, 'rod');
    expect(readRig(wall).rod.lengthM).toBeCloseTo(2.18 - 0.3, 12);
    expect(
      readRig(withPart(wall, 'rod', { ...rod, workingLengthM: { value: 1.8, unit: 'm', provenance: 'measured' } })).rod
        .lengthM,
    ).toBe(1.8);
  });

  it('splits a head into metal and wire that weigh the whole', () => {
    const rig = readRig(demoFile('setup-long-flat'));
    const mass = rig.bodies.reduce((sum, body) => sum + body.massKg, 0);
    expect(mass).toBeCloseTo(rig.castMassKg, 12);
    expect(rig.bodies).toHaveLength(3);
  });
});

describe('whatMoved', () => {
  const evening = demoFiles.find((each) => each.id === 'setup-evening-edge' && each.newest)!;

  it('names the reading that moved a mark', () =>
    expect(whatMoved(evening.file, evening.fileThen.parts)).toMatchObject([
      {
        verdict: 'set',
        then: 'sound',
        now: 'edge',
        because: [
          {
            partId: 'hook-worm-offset-4x0-regular',
            path: 'wireM',
            then: { provenance: 'label' },
            now: { provenance: 'measured' },
          },
        ],
      },
    ]));

  it('is silent where a reading moved no mark, and where none changed', () => {
    const first = demoFiles.find((each) => each.id === 'setup-drowned-wall' && each.revision === 1)!;
    expect(changedReadings(first.fileThen.parts, first.file.parts)).toHaveLength(1);
    expect(whatMoved(first.file, first.fileThen.parts)).toEqual([]);
    expect(whatMoved(wall, wall.parts)).toEqual([]);
  });

  it('names of two readings only the one that moved the mark', () => {
    const bait = partOf(evening.file, 'soft-bait');
    const then = evening.fileThen.parts.map((part) =>
      part.id === bait.id ? { ...bait, massKg: { ...bait.massKg, value: bait.massKg.value * 1.01 } } : part,
    );
    expect(changedReadings(then, evening.file.parts)).toHaveLength(2);
    expect(whatMoved(evening.file, then)).toMatchObject([{ verdict: 'set', because: [{ path: 'wireM' }] }]);
    expect(whatMoved(evening.file, then)[0]!.because).toHaveLength(1);
  });

  it('names a rod that was hung since, and a figure that was not known before', () => {
    const rod = partOf(wall, 'rod');
    const hung = { ...rod, stiffness: { kind: 'class', power: 'light', action: 'slow' } } as const;
    const moved = whatMoved(
      wall,
      wall.parts.map((part) => (part.id === rod.id ? hung : part)),
    );
    expect(moved.map(({ verdict }) => verdict)).toContain('set');
    for (const { because } of moved)
      expect(because).toEqual([{ partId: rod.id, path: 'stiffness', then: null, now: null }]);
    const line = partOf(wall, 'line');
    const tested = { ...line, eaN: { value: 5000, unit: 'N', provenance: 'measured' } } as const;
    expect(
      changedReadings(
        wall.parts,
        wall.parts.map((part) => (part.id === line.id ? tested : part)),
      ),
    ).toEqual([{ partId: line.id, path: 'eaN', then: null, now: tested.eaN }]);
    expect(
      changedReadings(
        wall.parts,
        wall.parts.map((part) => ({ ...part, name: 'other' })),
      ),
    ).toEqual([]);
  });
});

it('Set’s scale ends where the first danger begins: sound to 1.3 below it, fails above', () => {
  const { limits } = evaluate(wall).verdicts.set;
  const { hookset } = evaluate(wall).figures.set!;
  const least =
    Math.min(
      hookset.openingMargin!,
      hookset.tearMargin!,
      hookset.strengthMargin! * (hookset.tensionN / hookset.atHookN),
    ) *
    (hookset.atHookN / hookset.neededN);
  expect(limits!.failsAbove).toBeCloseTo(least, 6);
  expect(limits!.soundTo! * 1.3).toBeCloseTo(limits!.failsAbove!, 9);
});
