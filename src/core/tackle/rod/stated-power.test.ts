import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { InputRangeError } from '../../base/guard';
import { DEFAULT_CLASSES } from '../defaults/classes';
import type { RodPart } from '../setup';
import { lineClassPowerN, windowPowerN } from './printed-power';
import { blankHoldsN, familyOf, statedPower } from './stated-power';

const g = 9.80665;
const LB_N = 4.4482216;
const label = <U extends string>(value: number, unit: U) => ({ value, unit, provenance: 'label' as const });
const window = (lo: number, hi: number) => ({ loKg: label(lo, 'kg'), hiKg: label(hi, 'kg') });
const lines = (lo: number, hi: number) => ({ lineLoN: label(lo * LB_N, 'N'), lineHiN: label(hi * LB_N, 'N') });

const rod = (change: Partial<RodPart> = {}): RodPart => ({
  id: 'rod',
  kind: 'rod',
  mount: 'spin',
  handle: 'one-handed',
  lengthM: label(2.1, 'm'),
  stiffness: { kind: 'class', power: 'medium', action: 'fast' },
  rating: null,
  ...change,
});
const powerOf = (part: RodPart) => statedPower(part, DEFAULT_CLASSES)!;

describe('power by what is printed', () => {
  it.each([
    ['7 to 21 g', 0.007, 0.021],
    ['14 to 42 g', 0.014, 0.042],
    ['85 to 280 g', 0.085, 0.28],
  ] as const)('a window of %s: 30·M·g/(1 + M/0.15 kg) of its middle', (_name, lo, hi) => {
    const M = Math.sqrt(lo * hi);
    expect(windowPowerN([lo, hi])).toBeCloseTo((30 * M * g) / (1 + M / 0.15), 9);
  });

  it('a line class: 0.065 of the middle of its lines', () =>
    expect(lineClassPowerN([15 * LB_N, 30 * LB_N])).toBeCloseTo(0.065 * Math.sqrt(15 * 30) * LB_N, 6));

  it('more for a heavier window and a heavier line', () =>
    fc.assert(
      fc.property(fc.double({ min: 1e-3, max: 2, noNaN: true }), (lo) => {
        expect(windowPowerN([lo, 2 * lo])).toBeGreaterThan(windowPowerN([0.9 * lo, 2 * lo]));
        expect(lineClassPowerN([lo, 2 * lo])).toBeGreaterThan(lineClassPowerN([0.9 * lo, 2 * lo]));
      }),
    ));

  it.each([
    [[0.02, 0.01], 'ratingKg'],
    [[0, 0.01], 'ratingKg'],
  ] as const)('refuses a window of %j', (given, name) => {
    expect(() => windowPowerN(given)).toThrow(InputRangeError);
    expect(() => windowPowerN(given)).toThrow(name);
  });
});

describe('what decides', () => {
  const printed = rod({ rating: window(0.007, 0.021) });

  it('word and window together are their geometric mean', () => {
    const word = powerOf(rod()).forceN;
    expect(word).toBeCloseTo(0.33 * g, 9);
    expect(powerOf(printed)).toMatchObject({
      from: 'word-and-window',
      forceN: expect.closeTo(Math.sqrt(word * windowPowerN([0.007, 0.021])), 9),
    });
  });
  it('a window alone decides, before a line', () =>
    expect(powerOf({ ...printed, ...lines(4, 8), stiffness: { kind: 'window', action: 'fast' } })).toMatchObject({
      from: 'window',
      forceN: windowPowerN([0.007, 0.021]),
    }));
  it('a line decides before the word', () => expect(powerOf(rod(lines(8, 15))).from).toBe('line-class'));
  it('a window of its class is no print', () =>
    expect(
      powerOf(
        rod({
          rating: {
            loKg: { value: 0.02, unit: 'kg', provenance: 'class' },
            hiKg: { value: 0.06, unit: 'kg', provenance: 'class' },
          },
        }),
      ).from,
    ).toBe('word'));
  it('a measured rod has none', () =>
    expect(
      statedPower(
        rod({ stiffness: { kind: 'taper', buttEiNm2: label(9, 'N·m²'), tipRatio: label(0.2, '1') } }),
        DEFAULT_CLASSES,
      ),
    ).toBeNull());
});

describe('the family', () => {
  it.each<[string, Partial<RodPart>, ReturnType<typeof familyOf>]>([
    ['what is said', { family: 'surf' }, { family: 'surf', by: 'said' }],
    ['a boat rod', { mount: 'boat' }, { family: 'boat', by: 'mount' }],
    ['a short boat rod', { mount: 'boat', lengthM: label(1.7, 'm') }, { family: 'stand-up', by: 'mount' }],
    ['a trolling rod', { mount: 'trolling' }, { family: 'trolling', by: 'mount' }],
    ['a long rod', { lengthM: label(3.6, 'm') }, { family: 'surf', by: 'length' }],
    ['a window up to 280 g', { rating: window(0.085, 0.28) }, { family: 'big-lure', by: 'window' }],
    ['a window up to 8 g', { rating: window(0.002, 0.008) }, { family: 'light', by: 'window' }],
    ['line up to 4 lb', lines(2, 4), { family: 'light', by: 'line' }],
    ['none of these', {}, { family: 'general', by: 'nothing' }],
  ])('%s', (_name, change, expected) => expect(familyOf(rod(change))).toEqual(expected));

  it.each([
    ['general', 0.33],
    ['light', 0.6 * 0.33],
    ['trolling', 0.7 * 0.33],
    ['surf', 2 * 0.33],
    ['big-lure', 1],
  ] as const)('a medium of %s is %d kgf', (family, kgf) =>
    expect(powerOf(rod({ family })).forceN).toBeCloseTo(kgf * g, 9),
  );
  it('a medium boat rod is one for twenty pounds', () =>
    expect(powerOf(rod({ mount: 'boat' })).forceN).toBeCloseTo(0.065 * 20 * LB_N, 4));
});

describe('what the blank bears', () => {
  it('is half of the printed upper line', () =>
    expect(blankHoldsN(rod(lines(15, 30)), () => NaN, DEFAULT_CLASSES)).toBeCloseTo(15 * LB_N, 9));
  it('is nine times the power where no line is printed', () =>
    expect(blankHoldsN(rod(), () => 3, DEFAULT_CLASSES)).toBe(27));
});
