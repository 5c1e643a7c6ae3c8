import { describe, expect, it } from 'vitest';
import { demoFile } from '../../../../tests/helpers/demo';
import type { RigId } from '@/domain/rigs';
import { completePart } from '@/domain/parts/class-part';
import { sampleOf } from '@/domain/sample-rig';
import { evaluate } from '../../judge';
import type { Part, Setup } from '../../tackle';
import { readRig, trimmedMassShare } from '.';

const endOf = (setup: Setup) => readRig(setup).ends[0]!;
const parted = (rig: RigId, kind: Part['kind'], change: object): Setup => {
  const sample = sampleOf(rig);
  return {
    ...sample,
    parts: sample.parts.map((part) => (part.kind === kind ? ({ ...part, ...change } as Part) : part)),
  };
};
const figure = (value: number, unit: string) => ({ value, unit, provenance: 'measured' });
const mass = (setup: Setup, name: string) => endOf(setup).masses.find((each) => each.name === name)!;

describe('places of a loose hook in a soft bait', () => {
  const { hooks, body, masses } = endOf(demoFile('setup-drowned-wall'));
  const [hook] = hooks;
  const { spec } = hook!;
  it('puts the point on the back, 96 % up the half height', () =>
    expect(hook!.tip.zM).toBeCloseTo(0.96 * (body!.heightM / 2), 9));
  it('brings it out a shank less leg and half the gap behind the eye', () =>
    expect(hook!.tip.xM - hook!.eye.xM).toBeCloseTo(0.7 * spec.shankM - spec.gapM / 2, 9));
  it('lets the eye stand before the nose', () => expect(hook!.eye.xM).toBeCloseTo(-2.6 * spec.wireM, 12));
  it('weighs the trunk before its middle, and lets the tail drag behind it', () => {
    const bait = masses.find(({ name }) => name === 'bait')!;
    const tail = masses.find(({ name }) => name === 'tail')!;
    expect(bait.xM).toBeCloseTo(0.42 * 0.1 + 0.04 * 0.125, 9);
    expect(tail.xM).toBeCloseTo((0.1 + 0.125) / 2, 9);
    expect(tail.dragAreaM2).toBeCloseTo(0.045 * 0.125 ** 2, 12);
  });
  it('lies lower, buried, and higher, open', () => {
    const at = (point: string) =>
      endOf({
        ...sampleOf('pegged-weedless'),
        chain: sampleOf('pegged-weedless').chain.map((joint) => (joint.kind === 'hook' ? { ...joint, point } : joint)),
      } as Setup).hooks[0]!.tip.zM;
    expect(at('buried')).toBeLessThan(at('skin-hooked'));
    expect(at('skin-hooked')).toBeLessThan(at('open'));
  });
});

describe('places on a head', () => {
  it('sets the shank into the back of the head and the eye on its shoulder', () => {
    const { head, hooks, eye } = endOf(sampleOf('jig-head'));
    expect(hooks[0]!.eye).toEqual({ xM: -0.3 * head!.lengthM, zM: 0 });
    expect(eye.xM).toBeCloseTo(-0.55 * head!.lengthM, 12);
    expect(eye.zM).toBeCloseTo(0.42 * head!.diameterM, 12);
  });
  it('splits head and hook by mass', () => {
    const sample = sampleOf('jig-head');
    const part = sample.parts.find(({ kind }) => kind === 'jig-head')!;
    expect(mass(sample, 'head').massKg + endOf(sample).hooks[0]!.spec.massKg).toBeCloseTo(
      'massKg' in part ? part.massKg!.value : 0,
      12,
    );
  });
});

describe('places under a lure', () => {
  const plug = sampleOf('plug');
  const { hooks, body } = endOf(plug);
  const ringM = 0.007;
  it('hangs the belly hook a ring below the belly, the tail hook a ring behind the tail', () => {
    expect(hooks).toHaveLength(2);
    expect(hooks[0]!.eye.xM).toBeCloseTo(0.36 * body!.lengthM, 9);
    expect(hooks[0]!.eye.zM).toBeCloseTo(-body!.heightM / 2 - ringM, 9);
    expect(hooks[1]!.eye.xM).toBeCloseTo(0.97 * body!.lengthM + ringM, 9);
    expect(hooks[1]!.eye.zM).toBe(0);
  });
  it('points the belly hook aft and the tail hook up, seven tenths of a shank from the eye', () => {
    const [belly, tail] = hooks.map(({ eye, tip, spec }) => ({ aft: tip.xM - eye.xM, up: tip.zM - eye.zM, spec }));
    expect(belly).toMatchObject({
      aft: expect.closeTo(belly!.spec.gapM / 2, 12),
      up: expect.closeTo(-0.7 * belly!.spec.shankM, 12),
    });
    expect(tail).toMatchObject({
      aft: expect.closeTo(0.7 * tail!.spec.shankM, 12),
      up: expect.closeTo(tail!.spec.gapM / 2, 12),
    });
  });
  it('has its ballast low and before the middle, its lift on the axis', () => {
    expect(mass(plug, 'mass').xM).toBeCloseTo(0.44 * body!.lengthM, 9);
    expect(mass(plug, 'mass').zM).toBeCloseTo(-0.18 * body!.heightM, 9);
    expect(mass(plug, 'volume').zM).toBe(0);
  });
  it('takes one hook at the tail where a lure came with none', () => {
    const bare = parted('plug', 'hard-lure', { hookStations: 0 });
    expect(endOf(bare).hooks.map(({ eye }) => eye.zM)).toEqual([0]);
    expect(() => readRig({ ...bare, chain: bare.chain.filter(({ kind }) => kind !== 'hook') })).toThrow(/hooks = 0/);
  });
  it('takes a float test for its volume', () => {
    const measured = parted('towed-minnow', 'hard-lure', { volumeM3: figure(1.2e-5, 'm³') });
    expect(evaluate(measured).figures.balance.ends[0]!.trim.netWeightN).not.toBeCloseTo(
      evaluate(sampleOf('towed-minnow')).figures.balance.ends[0]!.trim.netWeightN,
      4,
    );
  });
  it('drags more with a longer lip, and a fly with a wider disc', () => {
    const drag = (setup: Setup) => mass(setup, 'mass').dragAreaM2!;
    expect(drag(parted('towed-minnow', 'hard-lure', { lip: 'no-lip' }))).toBeLessThan(
      drag(parted('towed-minnow', 'hard-lure', { lip: 'shallow-lip' })),
    );
    expect(drag(parted('towed-minnow', 'hard-lure', { lip: 'shallow-lip' }))).toBeLessThan(
      drag(parted('towed-minnow', 'hard-lure', { lip: 'deep-lip' })),
    );
    const disc = (diameterM: number) =>
      drag(parted('fly-behind-attractor', 'trolled-fly', { discDiameterM: figure(diameterM, 'm') }));
    expect(disc(0.02) - drag(sampleOf('fly-behind-attractor'))).toBeCloseTo(0.6 * (Math.PI / 4) * 0.02 ** 2, 12);
    expect(disc(0.03)).toBeGreaterThan(disc(0.02));
  });
  it('asks a hollow body to collapse before its points are free', () => {
    const hollow = readRig(sampleOf('hollow-topwater'));
    const stick = readRig(parted('hollow-topwater', 'topwater', { body: 'stick', hookStyle: 'worm-straight' }));
    const guards = (setup: Setup) => endOf(setup).hooks.map(({ guard }) => guard);
    expect([...guards(sampleOf('hollow-topwater')), ...guards(plug)]).toEqual(['hollow-body', 'none', 'none']);
    expect(hollow.hook.tissue.guardN).toBe(8);
    expect(stick.hook.tissue.guardN).toBe(0);
    expect(hollow.hooks).toHaveLength(1);
    expect(stick.hooks).toHaveLength(2);
  });
});

describe('places of stingers and snells', () => {
  it('trails a stinger its loop behind the bend, its points half a gap up', () => {
    const { hooks } = endOf(demoFile('setup-big-tail'));
    const [main, stinger] = hooks;
    expect(stinger!.eye.xM).toBeCloseTo(main!.eye.xM + main!.spec.shankM + 0.034, 9);
    expect(stinger!.tip.zM).toBeCloseTo(stinger!.spec.gapM / 2, 12);
    expect(stinger!.tip.xM - stinger!.eye.xM).toBeCloseTo(0.7 * stinger!.spec.shankM, 12);
  });
  it('ties the hooks of a snell their spacing apart', () => {
    const { hooks } = endOf(parted('live-bait-snell', 'snell', { spacingM: figure(0.05, 'm') }));
    expect(hooks[1]!.eye.xM - hooks[0]!.eye.xM).toBeCloseTo(0.05, 12);
    expect(hooks.map(({ role }) => role)).toEqual(['main', 'second']);
  });
  it('holds a bait by its nose, its back or before it', () => {
    const eyeX = (held: string) =>
      endOf({
        ...sampleOf('bridled-bait'),
        chain: sampleOf('bridled-bait').chain.map((joint) => (joint.kind === 'bait' ? { ...joint, held } : joint)),
      } as Setup).hooks[0]!.eye.xM;
    expect(eyeX('nose') - eyeX('bridled')).toBeCloseTo(0.06 * 0.12, 9);
    expect(eyeX('back') - eyeX('bridled')).toBeCloseTo(0.4 * 0.12, 9);
  });
});

it('trims a trailer of all its segments down to its tail’s share of mass', () => {
  expect(trimmedMassShare({ lengthM: { value: 0.09 }, tail: 'twin-tail', segments: 10 }, 10)).toBeCloseTo(
    0.45 * 0.4,
    12,
  );
  expect(trimmedMassShare({ lengthM: { value: 0.09 }, tail: 'twin-tail', segments: 10 }, 5)).toBeCloseTo(
    1 - 0.82 / 2,
    12,
  );
});

it('says the gap only where it is too small', () =>
  expect(evaluate(demoFile('setup-drowned-wall')).verdicts.balance.reasons.map(({ code }) => code)).toEqual([
    'balance-pitch',
  ]));

describe('hooks by station', () => {
  const minnow = sampleOf('towed-minnow');
  const withHooks = (joints: readonly Record<string, unknown>[], lure: object = {}): Setup =>
    ({
      ...minnow,
      parts: [...minnow.parts, treble('treble-2', 0.0012), treble('treble-8', 0.00037), ring],
      chain: [
        ...minnow.chain.map((joint) => (joint.kind === 'lure' ? { ...joint, ...lure } : joint)),
        ...joints.map((joint) => ({ point: 'open', kind: 'hook', ...joint })),
      ],
    }) as Setup;
  const treble = (id: string, massKg: number): Part => {
    const made = completePart({ id, kind: 'hook', style: 'treble', size: id.slice(7), massKg: figure(massKg, 'kg') });
    if (!made.ok) throw new Error(id);
    return made.data;
  };
  const ring = ringPart();
  const stations = (setup: Setup) =>
    endOf(setup).hooks.map(({ hangsAt, jointId, spec }) => [hangsAt!.station, jointId, spec.size]);

  it('keeps what it came with where nothing else was said', () =>
    expect(stations(minnow)).toEqual([
      ['front', 'lure', '6'],
      ['tail', 'lure', '6'],
    ]));
  it('takes the hook of the station before the hook of all, and that before its own', () => {
    expect(stations(withHooks([{ id: 'h', partId: 'treble-2', station: 'tail' }]))).toEqual([
      ['front', 'lure', '6'],
      ['tail', 'h', '2'],
    ]);
    expect(
      stations(
        withHooks([
          { id: 'all', partId: 'treble-8' },
          { id: 'h', partId: 'treble-2', station: 'front' },
        ]),
      ),
    ).toEqual([
      ['front', 'h', '2'],
      ['tail', 'all', '8'],
    ]);
  });
  it('leaves a station bare, unless a hook was put just there', () => {
    expect(stations(withHooks([], { bare: ['front'] }))).toEqual([['tail', 'lure', '6']]);
    expect(stations(withHooks([{ id: 'h', partId: 'treble-2', station: 'front' }], { bare: ['front'] }))).toEqual([
      ['front', 'h', '2'],
      ['tail', 'lure', '6'],
    ]);
  });
  it('weighs the difference at the station where it is', () => {
    const moment = (setup: Setup) => endOf(setup).masses.reduce((sum, { massKg, xM }) => sum + massKg * xM, 0);
    const total = (setup: Setup) => endOf(setup).masses.reduce((sum, { massKg }) => sum + massKg, 0);
    const front = withHooks([{ id: 'h', partId: 'treble-2', station: 'front' }]);
    const own = endOf(minnow).hooks[0]!;
    expect(total(front) - total(minnow)).toBeCloseTo(0.0012 - own.spec.massKg, 12);
    expect(moment(front) - moment(minnow)).toBeCloseTo((0.0012 - own.spec.massKg) * own.eye.xM, 12);
  });
  it('hangs each hook on the ring before it', () => {
    const ringed = withHooks([
      { id: 'ring', kind: 'hardware', partId: 'ring' },
      { id: 'h', partId: 'treble-2', station: 'tail' },
    ]);
    expect(endOf(ringed).hooks.map(({ hangsAt }) => hangsAt!.ringId)).toEqual([null, 'ring']);
  });
});

function ringPart(): Part {
  const made = completePart({ id: 'ring', kind: 'hardware', form: 'split-ring' });
  if (!made.ok) throw new Error('ring');
  return made.data;
}

describe('a weight on the shank and a slot in the body', () => {
  it('counts the weight where it sits, as lead, and the wire as steel', () => {
    const weighted = parted('weightless-weedless', 'hook', {
      shankWeightKg: figure(0.005, 'kg'),
      massKg: figure(0.0065, 'kg'),
    });
    const { masses, hooks } = endOf(weighted);
    expect(mass(weighted, 'weight').massKg).toBe(0.005);
    expect(mass(weighted, 'weight').volumeM3).toBeCloseTo(0.005 / 11340, 9);
    expect(mass(weighted, 'hook').massKg).toBeCloseTo(0.0015, 12);
    expect(mass(weighted, 'weight').zM).toBeLessThan(hooks[0]!.eye.zM);
    expect(masses.filter(({ name }) => name === 'weight')).toHaveLength(1);
  });
  it('leaves more of the gap clear', () => {
    const clear = (slot: string) => endOf(parted('weightless-weedless', 'soft-bait', { slot })).hooks[0]!.clearGapM!;
    expect(clear('slotted')).toBeGreaterThan(clear('solid'));
  });
});
