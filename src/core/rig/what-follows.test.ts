import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoFile } from '../../../tests/helpers/demo';
import { everySetup as setups } from '../../../tests/helpers/every-setup';
import { STANDARD_GRAVITY_MPS2 } from '../base/constants';
import type { Setup, TowedPresentation } from '../tackle';
import { waterProperties } from '../water';
import { presentationOf } from '@/domain/start-setup';
import {
  bottomWeight,
  countdowns,
  coverage,
  commonSpeeds,
  depthCard,
  depthsAt,
  isBottomRig,
  readRig,
  runRig,
  tipHeightM,
  weightTable,
  withLine,
  workingSpeeds,
  fitChain,
} from '.';
import { towedLine } from './rigging';
import { behindMainM } from './trolling/towed-scene';

/** What must hold however a rig is made. */
const towed = setups.flatMap(([name, setup]) =>
  setup.presentation.kind === 'towed' ? [[name, setup, setup.presentation] as const] : [],
);
const cast = setups.flatMap(([name, setup]) => (setup.presentation.kind === 'cast' ? [[name, setup] as const] : []));
const open = (p: TowedPresentation): TowedPresentation => ({ ...p, bottomM: undefined });

describe('a rig as it is read', () => {
  it.each(setups)(
    '%s: weighs no less than its parts, and no piece of line is stronger than it was bought',
    (_, setup) => {
      const rig = readRig(setup);
      const massOf = (id: string) => {
        const part = setup.parts.find((each) => each.id === id)!;
        return 'massKg' in part && part.massKg ? part.massKg.value : 0;
      };
      const beyondTheLine = setup.chain.filter(({ kind }) => !['rod', 'reel', 'line'].includes(kind));
      const whole = beyondTheLine.filter((joint) => !('segmentsOff' in joint && joint.segmentsOff));
      // A lure is sold with hooks and rings, and own ones take their place.
      if (beyondTheLine.every(({ kind }) => kind !== 'lure'))
        expect(rig.castMassKg).toBeGreaterThanOrEqual(
          whole.reduce((sum, { partId }) => sum + massOf(partId), 0) - 1e-9,
        );
      for (const { massKg } of rig.bodies) expect(massKg).toBeGreaterThan(0);
      for (const { part, riggedN } of rig.pieces) {
        expect(riggedN).toBeGreaterThan(0);
        if (part?.strengthN) expect(riggedN).toBeLessThanOrEqual(part.strengthN.value + 1e-9);
      }
      expect(rig.hooks.map(({ jointId }) => jointId)).toContain(rig.hook.jointId);
      for (const { neededN } of rig.hooks.filter(({ jointId }) => jointId !== rig.hook.jointId))
        expect(neededN).toBeGreaterThan(0);
    },
  );
});

describe('a tow', () => {
  const length = (shape: readonly (readonly [number, number])[]) =>
    shape.slice(1).reduce((sum, [x, z], i) => sum + Math.hypot(x - shape[i]![0], z - shape[i]![1]), 0);
  const behindLineM = (setup: Setup, p: TowedPresentation) =>
    behindMainM(towedLine(readRig(setup), waterProperties(p.water), p.speedMps));

  it.each(towed)('%s: its line is as long as it is, and ends where the lure runs', (_, setup, p) => {
    const rig = readRig(setup);
    const fishes = [0.5, 0.7, 1, 1.4, 2].flatMap((bySpeed) =>
      [0.5, 1, 1.5].map((byLine) => [bySpeed, byLine] as const),
    );
    for (const [bySpeed, byLine] of fishes) {
      const lineM = byLine * (p.gear?.leadM ?? p.lineOutM);
      const run = runRig(rig, withLine({ ...open(p), speedMps: bySpeed * p.speedMps }, lineM));
      expect(run.pullN === null || (Number.isFinite(run.pullN) && run.pullN >= 0)).toBe(true);
      expect(run.airM).toBeLessThanOrEqual(run.lineM + behindLineM(setup, p) + 0.1);
      if (run.depthM === null || run.outcome === 'in-the-air') continue;
      expect(run.depthM).toBeGreaterThanOrEqual(0);
      const [endX, endZ] = run.shape.at(-1)!;
      expect(endZ).toBeCloseTo(run.depthM, 3);
      if (run.behindM !== null && !run.release) expect(endX).toBeCloseTo(run.behindM, 3);
      // Of a light rig towed fast, too: what does not go under lies on the water.
      const wholeM = run.lineM + behindLineM(setup, p);
      expect(Math.abs(length(run.shape) - wholeM), `${bySpeed} ${byLine} ${run.outcome}`).toBeLessThan(
        0.02 * wholeM + 0.3,
      );
    }
  });

  it.each(towed)('%s: its depth does not jump where the boat goes a little faster', (_, setup, p) => {
    const rig = readRig(setup);
    for (const lineOutM of [15, 40]) {
      let before: number | null = null;
      for (let speedMps = 0.3; speedMps < 2.5; speedMps += 0.05) {
        const { depthM } = runRig(rig, { ...open(p), gear: undefined, lineOutM, speedMps });
        if (before !== null && depthM !== null)
          expect(Math.abs(depthM - before), `${lineOutM} m, ${speedMps.toFixed(2)} m/s`).toBeLessThan(
            0.9 + 0.2 * Math.max(before, depthM),
          );
        before = depthM;
      }
    }
  });

  it.each(towed)('%s: its pull does not jump where an attractor comes up to the surface', (_, setup, p) => {
    const rig = readRig(setup);
    const light = { ...open(p), gear: undefined };
    for (const vary of [
      (x: number) => runRig(rig, light, 0.5 + 4 * x),
      (x: number) => runRig(rig, { ...light, lineOutM: 6 + 60 * x }),
      (x: number) => runRig(rig, { ...light, speedMps: 0.3 + 2.2 * x }),
    ]) {
      let before: number | null = null;
      for (let i = 0; i <= 40; i += 1) {
        const { pullN, outcome } = vary(i / 40);
        const now = outcome === 'in-the-air' ? null : pullN;
        if (before !== null && now !== null)
          expect(Math.max(now, before), `${before.toFixed(3)} to ${now.toFixed(3)} N at ${i}`).toBeLessThan(
            0.15 + 2 * Math.min(now, before),
          );
        before = now;
      }
    }
  });

  it('sinks a slow line of lead to where most of it is wet', () => {
    const setup = demoFile('setup-lead-core');
    const rig = readRig(setup);
    const p = setup.presentation as TowedPresentation;
    const at = (speedMps: number) => runRig(rig, { ...open(p), lineOutM: 30, speedMps }).depthM!;
    expect(at(0.2)).toBeGreaterThan(at(0.3));
    expect(at(0.3)).toBeGreaterThan(at(0.6));
  });

  it('runs a rig without a leader as one with a leader', () => {
    const setup = demoFile('setup-long-flat');
    const rig = readRig(setup);
    const p = {
      ...presentationOf('trolled', setup.presentation),
      bottomM: undefined,
    } as TowedPresentation;
    const depths = [0.4, 0.43, 0.46, 0.5, 0.6].map((speedMps) => runRig(rig, { ...p, speedMps }).depthM!);
    expect(depths).toEqual(depths.toSorted((a, b) => b - a));
    expect(depths.at(-1)).toBeGreaterThan(2);
  });

  it.each(towed)('%s: a card says what each run says, and depths between speeds are those of a run', (_, setup, p) => {
    const rig = readRig(setup);
    const speeds = [0.8, 1, 1.3].map((by) => by * p.speedMps);
    const lineM = p.gear?.leadM ?? p.lineOutM;
    const card = depthCard(rig, open(p), [lineM, 1.2 * lineM], speeds);
    expect(card.depthsM).toHaveLength(2);
    const [row] = card.depthsM;
    for (const [i, speedMps] of speeds.entries())
      expect(row![i]).toBe(runRig(rig, withLine({ ...open(p), speedMps }, lineM)).depthM);
    const between = depthsAt(rig, open(p), speeds);
    for (const [i, depthM] of between.entries()) {
      const exact = runRig(rig, { ...open(p), speedMps: speeds[i]! }).depthM;
      if (depthM === null || exact === null) continue;
      expect(Math.abs(depthM - exact)).toBeLessThan(0.02 * exact + 0.2);
    }
  });

  it.each(towed)('%s: the tip stands over the water, higher the more upright the holder', (_, setup, p) => {
    const rig = readRig(setup);
    const at = (holderRad: number) => tipHeightM(rig, { ...p, held: 'holder', holderRad });
    expect(at(1.4)).toBeGreaterThan(0);
    expect(at(0.2)).toBeGreaterThanOrEqual(at(0.9));
    expect(at(0.9)).toBeGreaterThanOrEqual(at(1.4));
  });
});

describe('the weight that a depth asks for', () => {
  const bottom = towed.filter(([, setup]) => isBottomRig(readRig(setup)));
  const ask = {
    depthsM: [4, 8, 12],
    speedsMps: [0.3, 0.5, 0.8],
    surfaceAngleRad: 0.8,
    bottom: 'sand',
    material: 'lead',
  } as const;

  it('can be tried: the demo has bottom rigs', () => expect(bottom.length).toBeGreaterThan(0));

  it.each(bottom)('%s: is more in deeper and in faster water, and less of a denser metal', (_, setup, p) => {
    const rig = readRig(setup);
    const { massesKg } = weightTable(rig, open(p), ask);
    const known = (values: readonly (number | null)[]) => values.filter((value) => value !== null);
    for (const row of massesKg) expect(known(row)).toEqual(known(row).toSorted((a, b) => a - b));
    for (const column of ask.speedsMps.map((_each, i) => massesKg.map((row) => row[i]!)))
      expect(known(column)).toEqual(known(column).toSorted((a, b) => a - b));
    const of = (material: 'lead' | 'tungsten' | 'steel') =>
      bottomWeight(rig, open(p), { ...ask, depthM: 8, material }).massKg!;
    expect(of('tungsten')).toBeLessThan(of('lead'));
    expect(of('lead')).toBeLessThan(of('steel'));
  });

  it.each(bottom)('%s: each cause that the thumb is off by is a factor of the weight', (_, setup, p) => {
    const found = bottomWeight(readRig(setup), open(p), { ...ask, depthM: 8 });
    expect(found.overThumb).toBeCloseTo(found.massKg! / found.thumbKg, 9);
    for (const { factor } of found.causes) expect(factor).toBeGreaterThan(0);
    const sizes = found.causes.map(({ factor }) => Math.abs(Math.log(factor)));
    expect(sizes).toEqual(sizes.toSorted((a, b) => b - a));
    expect(found.contactN! / STANDARD_GRAVITY_MPS2).toBeLessThan(found.massKg!);
  });
});

describe('a fall', () => {
  const depthsM = [0.5, 1, 2, 4, 8];
  it.each(cast)('%s: counts on with depth, slower in salt and on thicker line', (_, setup) => {
    const counted = new Map(countdowns(setup, depthsM).map((each) => [each.change, each]));
    const at = (change: Parameters<typeof counted.get>[0]) => counted.get(change)?.table.map(({ timeS }) => timeS);
    const now = at('as-is')!;
    const times = now.filter((timeS) => timeS !== null);
    expect(times).toEqual(times.toSorted((a, b) => a - b));
    const later = (slow: typeof now | undefined, fast: typeof now | undefined) => {
      for (const [i, timeS] of (slow ?? []).entries())
        if (timeS !== null && fast?.[i] !== null && fast?.[i] !== undefined)
          expect(timeS).toBeGreaterThanOrEqual(fast[i] * (1 - 1e-6));
    };
    later(at('salt-water'), now);
    later(now, at('fresh-water'));
    later(at('thicker-line'), at('thinner-line'));
    later(at('lead'), now);
    later(now, at('tungsten'));
  });
});

describe('bands and speeds together', () => {
  const band = fc
    .tuple(fc.double({ min: 0, max: 30, noNaN: true }), fc.double({ min: 0, max: 10, noNaN: true }))
    .map(([fromM, thick]) => ({ fromM, toM: fromM + thick }));

  it('covered and gaps make up what is wanted, whatever the order', () =>
    fc.assert(
      fc.property(fc.array(band, { maxLength: 8 }), band, (bands, wanted) => {
        const { covered, gaps, share } = coverage(bands, wanted);
        const width = (all: readonly { fromM: number; toM: number }[]) =>
          all.reduce((sum, { fromM, toM }) => sum + toM - fromM, 0);
        expect(width(covered) + width(gaps)).toBeCloseTo(wanted.toM - wanted.fromM, 6);
        expect(share).toBeGreaterThanOrEqual(0);
        expect(share).toBeLessThanOrEqual(1 + 1e-9);
        expect(coverage(bands.toReversed(), wanted).share).toBeCloseTo(share, 9);
        for (const one of covered)
          for (const gap of gaps) expect(one.toM <= gap.fromM + 1e-9 || gap.toM <= one.fromM + 1e-9).toBe(true);
      }),
    ));

  it('the common speed suits everyone, and who spoils it is one of them', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.double({ min: 0, max: 2, noNaN: true }), fc.double({ min: 0.05, max: 2, noNaN: true })), {
          minLength: 1,
          maxLength: 6,
        }),
        (given) => {
          const windows = given.map(([fromMps, wide], i) => ({ name: `lure ${i}`, fromMps, toMps: fromMps + wide }));
          const { common, oddOne } = commonSpeeds(windows);
          if (common)
            for (const { fromMps, toMps } of windows) {
              expect(common.fromMps).toBeGreaterThanOrEqual(fromMps);
              expect(common.toMps).toBeLessThanOrEqual(toMps);
            }
          if (oddOne !== null) expect(windows.map(({ name }) => name)).toContain(oddOne);
          expect(common === null || oddOne === null).toBe(true);
        },
      ),
    ));

  it.each(setups)('%s: no lure works from a speed that is faster than the one to which it does', (_, setup) => {
    for (const { fromMps, toMps } of workingSpeeds(fitChain(setup))) expect(fromMps).toBeLessThan(toMps);
  });
});
