import fc from 'fast-check';
import { expect, it } from 'vitest';
import { HOOK_STYLES, WIRE_CLASSES, type HookStyle, type WireClass } from '../defaults/hook-classes';
import { hookOfClass, wireLengthM } from './hook-class';
import { hookStep } from './hook-size';

const style = fc.constantFrom(...(Object.keys(HOOK_STYLES) as HookStyle[]));
const wire = fc.constantFrom(...(Object.keys(WIRE_CLASSES) as WireClass[]));

it('weighs what its wire weighs', () =>
  fc.assert(
    fc.property(style, wire, fc.integer({ min: -9, max: 12 }), (s, w, sizeStep) => {
      const hook = hookOfClass({ style: s, sizeStep, wire: w });
      expect(hook.massKg).toBeCloseTo(7850 * wireLengthM(hook, HOOK_STYLES[s]) * Math.PI * (hook.wireM / 2) ** 2, 12);
    }),
  ));

it('grows in gap, wire and mass with every size, and with the wire class', () =>
  fc.assert(
    fc.property(style, fc.integer({ min: -9, max: 11 }), (s, sizeStep) => {
      const small = hookOfClass({ style: s, sizeStep, wire: 'regular' });
      const large = hookOfClass({ style: s, sizeStep: sizeStep + 1, wire: 'regular' });
      const stout = hookOfClass({ style: s, sizeStep, wire: 'stout' });
      return (
        large.gapM > small.gapM &&
        large.wireM > small.wireM &&
        large.massKg > small.massKg &&
        stout.massKg > small.massKg &&
        stout.gapM === small.gapM
      );
    }),
  ));

it('gives a 1/0 the row of its style', () => {
  const hook = hookOfClass({ style: 'jig', sizeStep: 1, wire: 'regular' });
  expect(hook.gapM).toBeCloseTo(9.8e-3, 12);
  expect(hook.wireM).toBeCloseTo(1.03e-3, 12);
});

/** Sizes with wire [mm], gap [mm] and mass [g] as they are sold; within 15 %. */
it.each([
  ['treble', 'regular', '10', 0.7, 4.6, 0.25],
  ['treble', 'regular', '8', 0.8, 5.3, 0.37],
  ['treble', 'regular', '6', 0.9, 6.2, 0.55],
  ['treble', 'regular', '4', 1, 7.2, 0.8],
  ['treble', 'regular', '2', 1.1, 8.4, 1.2],
  ['treble', 'regular', '1/0', 1.35, 11, 2.3],
  ['treble', 'regular', '3/0', 1.65, 14, 4.2],
  ['treble', 'regular', '5/0', 2.1, 18, 8],
  ['single-inline', 'regular', '6', 0.85, 6.5, 0.22],
  ['single-inline', 'regular', '2', 1.05, 8.5, 0.42],
  ['single-inline', 'regular', '1/0', 1.25, 10.5, 0.75],
  ['single-inline', 'regular', '3/0', 1.6, 13, 1.5],
  ['single-inline', 'regular', '5/0', 1.95, 16.5, 2.8],
  ['single-inline', 'regular', '8/0', 2.5, 23, 6.5],
  ['circle', 'stout', '2/0', 1.5, 11, null],
  ['bait', 'stout', '6/0', 2.2, 18, null],
  ['circle', 'stout', '10/0', 3.2, 30, null],
  ['double', 'stout', '4/0', 1.65, 14, null],
] as const)('a %s in %s wire, size %s, is as it is sold', (each, wireClass, size, wireMm, gapMm, massG) => {
  const hook = hookOfClass({ style: each, sizeStep: hookStep(size)!, wire: wireClass });
  const off = (value: number, sold: number) => Math.abs(value / sold - 1);
  expect(off(hook.wireM * 1e3, wireMm)).toBeLessThan(0.15);
  expect(off(hook.gapM * 1e3, gapMm)).toBeLessThan(0.15);
  if (massG !== null) expect(off(hook.massKg * 1e3, massG)).toBeLessThan(0.15);
});

it('refuses a size that no hook has', () =>
  expect(() => hookOfClass({ style: 'jig', sizeStep: 13, wire: 'fine' })).toThrow(/sizeStep/));
