import { describe, expect, it } from 'vitest';
import { demoFile, demoFiles } from '../../../../tests/helpers/demo';
import { completePart } from '@/domain/parts/class-part';
import type { PartKind } from '@/domain/parts';
import { STANDARD_GRAVITY_MPS2 as g } from '../../base/constants';
import { DEFAULT_CLASSES } from '../../tackle/defaults/classes';
import type { Joint, Part, Setup } from '../../tackle';
import { waterProperties } from '../../water';
import { sampleOf } from '@/domain/sample-rig';
import { baitSpin } from '../trolling';
import { piecesInPull, readRig, together, towedLine } from '.';

const water = waterProperties({ temperatureC: 10, salinity: 0 });
const minnow = demoFile('setup-crimped-minnow');
const lineOf = (setup: Setup, speedMps = 1.2) => towedLine(readRig(setup), water, speedMps);
const lured = (change: object): Setup => ({
  ...minnow,
  parts: minnow.parts.map((part): Part => (part.kind === 'hard-lure' ? ({ ...part, ...change } as Part) : part)),
});
const metres2 = (value: number) => ({ value, unit: 'm²', provenance: 'measured' });
const metres = (value: number) => ({ value, unit: 'm', provenance: 'measured' });

/** The minnow's rig with one joint put in before its lure. */
function withInline(
  kind: 'plane' | 'weight' | 'bouncer',
  partKind: PartKind,
  joint: object,
  given: object = {},
): Setup {
  const part = completePart({ id: 'own', kind: partKind, ...given });
  if (!part.ok) throw new Error(partKind);
  const at = minnow.chain.findIndex((each) => each.kind === 'knot') + 1;
  return {
    ...minnow,
    parts: [...minnow.parts, part.data as Part],
    chain: (minnow.chain as readonly Joint[]).toSpliced(at, 0, { id: 'own', partId: 'own', kind, ...joint } as Joint),
  };
}

describe('a rig as a towed line', () => {
  it.each(demoFiles.map(({ id, revision, file }) => [id, revision, file] as const))(
    '%s %d: a segment for each piece, every body somewhere, its weight that of the falling rig',
    (_id, _revision, file) => {
      const rig = readRig(file);
      const line = towedLine(rig, water, 1);
      expect(line.segments).toHaveLength(rig.pieces.length);
      expect(line.segments.slice(1).map(({ lengthM }) => lengthM)).toEqual(
        rig.pieces.slice(1).map(({ lengthM }) => lengthM),
      );
      const falling = rig.bodies.reduce((sum, { massKg }) => sum + massKg, 0);
      const towed = together([...line.weights, line.end]);
      // In water everything weighs less than in air, and floats by no more than it displaces.
      expect(towed.netWeightN).toBeLessThan(falling * g);
      expect(towed.dragAreaM2).toBeGreaterThan(0);
      for (const { afterSegment } of line.weights) expect(afterSegment).toBeLessThan(line.segments.length - 1);
    },
  );

  it('counts a pegged weight once', () => {
    const wall = demoFile('setup-drowned-wall');
    const pegged = lineOf(wall);
    const free = lineOf({
      ...wall,
      chain: wall.chain.map((joint) =>
        joint.kind === 'weight' ? { ...joint, hold: 'free' } : joint,
      ) as readonly Joint[],
    });
    expect(together([...pegged.weights, pegged.end]).netWeightN).toBeCloseTo(
      together([...free.weights, free.end]).netWeightN,
      9,
    );
  });
});

describe('what a lure does in tow', () => {
  const end = (change: object) => lineOf(lured(change)).end;
  it('digs by its lip: not at all without one, more the deeper it is set', () => {
    const by = (lip: string) => end({ lip }).downAreaM2!;
    expect(by('no-lip')).toBe(0);
    expect(by('medium-lip')).toBeGreaterThan(by('shallow-lip'));
    expect(by('deep-lip')).toBeGreaterThan(by('medium-lip'));
    expect(end({ lip: 'deep-lip' }).dragAreaM2).toBeGreaterThan(end({ lip: 'shallow-lip' }).dragAreaM2);
  });
  it('has the areas of its class at the length that the class is said for', () => {
    const short = end({ lip: 'deep-lip', lengthM: metres(0.07) });
    expect(short.downAreaM2).toBeCloseTo(0.0185 * 0.07 ** 1.25, 9);
    // The crimp at its nose drags a little besides.
    expect(short.dragAreaM2).toBeCloseTo(0.08 * 0.07 ** 2 + 1.2 * short.downAreaM2!, 5);
  });
  it('bites deeper with speed only where the house holds that it does, or a dive test says so', () => {
    const deeper = { schools: { 'fast-dive': 'deeper' }, angler: {}, crafts: [], sheet: {}, classes: {} };
    expect(end({ lip: 'shallow-lip' }).downExponent ?? 0).toBe(0);
    expect(lineOf({ ...lured({ lip: 'shallow-lip' }), house: deeper }).end.downExponent).toBe(0.6);
    expect(end({ diveExponent: { value: 0.4, unit: '1', provenance: 'measured' } }).downExponent).toBe(0.4);
  });
  it('takes a lip that was measured by its plan, and a dive test before either', () => {
    expect(end({ lip: 'deep-lip', lipLengthM: metres(0.03) }).downAreaM2).toBeCloseTo(0.78 * 0.03 * 0.29 * 0.11, 9);
    const dived = end({ lip: 'deep-lip', lipLengthM: metres(0.03), diveM2: metres2(5e-4), towDragM2: metres2(9e-4) });
    expect(dived.downAreaM2).toBe(5e-4);
    expect(dived.dragAreaM2).toBeCloseTo(9e-4, 5);
  });
});

describe('what stands in the line', () => {
  const disc = (Math.PI / 4) * 0.1 ** 2;
  const plane = (joint: object) =>
    lineOf(withInline('plane', 'diving-plane', joint, { lengthM: metres(0.1) })).weights.find(
      ({ jointId }) => jointId === 'own',
    )!;
  it('a plane dives by its disc, less when turned to the side, not at all when tripped', () => {
    expect(plane({}).downAreaM2).toBeCloseTo(DEFAULT_CLASSES.planes.set.downShare * disc, 9);
    expect(plane({ sidewaysRad: 0.8 }).downAreaM2).toBeCloseTo(Math.cos(0.8) * plane({}).downAreaM2!, 9);
    expect(plane({ tripped: true })).toMatchObject({ downAreaM2: 0 });
    expect(plane({ tripped: true }).dragAreaM2).toBeLessThan(plane({}).dragAreaM2);
  });
  it('a bouncer drags with its arm, and weighs in water what lead does', () => {
    const bouncer = lineOf(
      withInline('bouncer', 'bottom-bouncer', {}, { massKg: { value: 0.04, unit: 'kg', provenance: 'measured' } }),
    ).weights.find(({ jointId }) => jointId === 'own')!;
    expect(bouncer.netWeightN).toBeCloseTo(0.04 * g * (1 - water.densityKgPm3 / 11340), 6);
    expect(bouncer.dragAreaM2).toBeGreaterThan(2e-4);
  });
});

describe('a weight pinched on the line', () => {
  const leader = minnow.chain.find(({ kind }) => kind === 'leader') as Extract<Joint, { kind: 'leader' }>;
  const pinched = (aboveM: number, after: string = leader.id): Setup => {
    const part = completePart({
      id: 'shot',
      kind: 'weight',
      material: 'lead',
      massKg: { value: 0.003, unit: 'kg', provenance: 'label' },
    });
    if (!part.ok) throw new Error('shot');
    const at = minnow.chain.findIndex(({ id }) => id === after) + 1;
    const joint: Joint = { id: 'shot', partId: 'shot', kind: 'weight', hold: 'pinched', aboveM };
    return {
      ...minnow,
      parts: [...minnow.parts, part.data as Part],
      chain: minnow.chain.toSpliced(at, 0, joint as never),
    };
  };
  it('parts its leader in two of the same line, with the weight between', () => {
    const [whole, parted] = [lineOf(minnow), lineOf(pinched(0.4))];
    expect(parted.segments).toHaveLength(whole.segments.length + 1);
    const [above, below] = parted.segments.slice(-2);
    expect(above!.lengthM + below!.lengthM).toBeCloseTo(leader.lengthM, 12);
    expect(below!.lengthM).toBe(0.4);
    expect(below!.diameterM).toBe(above!.diameterM);
    expect(parted.weights.find(({ jointId }) => jointId === 'shot')!.afterSegment).toBe(parted.segments.length - 2);
    expect(parted.end.netWeightN).toBeCloseTo(whole.end.netWeightN, 12);
  });
  it('leaves some leader above a weight that was set higher than it is long', () =>
    expect(lineOf(pinched(leader.lengthM + 1)).segments.every(({ lengthM }) => lengthM >= 0)).toBe(true));
  it('keeps the strength chain as it was', () =>
    expect(readRig(pinched(0.4)).chain.strengthN).toBe(readRig(minnow).chain.strengthN));
});

describe('two legs on one swivel', () => {
  const sample = sampleOf('two-legs');
  it('lets the short one ride where both start, and tows the long one', () => {
    const { segments, weights } = lineOf(sample);
    expect(segments.map(({ lengthM }) => lengthM)).toEqual([0, 0.65]);
    expect(weights.find(({ jointId }) => jointId === 'short-hook')!.afterSegment).toBe(0);
  });
  it('pulls on one leg only, whichever hook is judged, and counts both in the strength chain', () => {
    const rig = readRig(sample);
    expect(piecesInPull(rig).map(({ jointId }) => jointId)).toHaveLength(2);
    expect(rig.chain.joints.map(({ name }) => name)).toEqual(expect.arrayContaining(['short-leader', 'leader']));
  });
  it('takes all pieces of a rig with one leg', () =>
    expect(piecesInPull(readRig(minnow))).toEqual(readRig(minnow).pieces));
});

describe('a worm on two hooks', () => {
  const bent = (slackM: number, speedMps: number) => {
    const sample = sampleOf('worm-harness');
    const chain = sample.chain.map((joint) => (joint.kind === 'bait' ? { ...joint, slackM } : joint));
    return baitSpin(readRig({ ...sample, chain }).ends[0]!, speedMps)!;
  };
  it('does not turn while it is straight, nor slower than a crawl', () => {
    expect(bent(0, 1).turnsPerM).toBe(0);
    expect(bent(0.02, 0.15).turnsPerM).toBe(0);
  });
  it('turns more with bend and with speed, up to what a worm of its length can', () => {
    expect(bent(0.02, 0.6).turnsPerM).toBeGreaterThan(bent(0.002, 0.6).turnsPerM);
    expect(bent(0.02, 1.2).turnsPerM).toBeGreaterThan(bent(0.02, 0.6).turnsPerM);
    expect(bent(0.2, 50).turnsPerM).toBeLessThan(4);
  });
  it('says how much of the last bend stands out, and nothing of a bait on one hook', () => {
    const end = readRig(sampleOf('worm-harness')).ends[0]!;
    expect(bent(0, 1).exposedM).toBeCloseTo(end.hooks.at(-1)!.spec.gapM - end.body!.heightM / 2, 12);
    expect(baitSpin(readRig(sampleOf('bridled-bait')).ends[0]!, 1)).toBeNull();
  });
});
