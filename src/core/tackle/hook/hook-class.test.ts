import fc from 'fast-check';
import { expect, it } from 'vitest';
import { HOOK_STYLES, WIRE_CLASSES, type HookStyle, type WireClass } from '../defaults/hook-classes';
import { hookOfClass, wireLengthM } from './hook-class';

const style = fc.constantFrom(...(Object.keys(HOOK_STYLES) as HookStyle[]));
const wire = fc.constantFrom(...(Object.keys(WIRE_CLASSES) as WireClass[]));

it('weighs what its wire weighs', () =>
  fc.assert(
    fc.property(style, wire, fc.integer({ min: -9, max: 12 }), (s, w, sizeStep) => {
      const hook = hookOfClass({ style: s, sizeStep, wire: w });
      expect(hook.massKg).toBeCloseTo(
        7850 * wireLengthM({ ...hook, bends: HOOK_STYLES[s].bends }) * Math.PI * (hook.wireM / 2) ** 2,
        12,
      );
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
  expect(hook.wireM).toBeCloseTo(0.97e-3, 12);
});
it('refuses a size that no hook has', () =>
  expect(() => hookOfClass({ style: 'jig', sizeStep: 13, wire: 'fine' })).toThrow(/sizeStep/));
