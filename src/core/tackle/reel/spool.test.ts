import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { backingUnderM, clutchNowN, lineATurnM, spoolCapacityM, spoolRadiusM, spoolVolumeM3 } from './spool';

const spool = { arborRadiusM: 0.01, fullRadiusM: 0.02, widthM: 0.02 };
const nylon = { material: 'nylon' as const, diameterM: 0.3e-3 };
const braid = { material: 'braid' as const, diameterM: 0.2e-3 };

describe('spool: by hand', () => {
  it('holds π(R² − r²)w, of which 72 % is nylon and 78 % braid', () => {
    expect(spoolVolumeM3(spool)).toBeCloseTo(1.88496e-5, 9);
    expect(spoolCapacityM(spool, nylon)).toBeCloseTo((1.884956e-5 * 0.72) / 7.0686e-8, 1);
    expect(spoolCapacityM(spool, braid)).toBeCloseTo((1.884956e-5 * 0.78) / 3.1416e-8, 0);
  });
  it('winds 2πR times the gear a turn, and its clutch stiffens as the radius falls', () => {
    expect(lineATurnM(0.02, 6)).toBeCloseTo(0.75398, 5);
    expect(clutchNowN(30, spool, 0.015)).toBeCloseTo(40, 12);
  });
});

describe('spool: invariants', () => {
  const share = fc.double({ min: 0, max: 1, noNaN: true });
  it('is at the arbor when all is out, full when none is', () => {
    expect(spoolRadiusM(spool, nylon, 0)).toBe(0.02);
    expect(spoolRadiusM(spool, nylon, spoolCapacityM(spool, nylon) * 0.999999)).toBeCloseTo(0.01, 6);
    expect(spoolRadiusM(spool, nylon, spoolCapacityM(spool, nylon) * 1.001)).toBeNull();
  });
  it('loses radius as line leaves', () =>
    fc.assert(
      fc.property(share, share, (a, b) => {
        const at = (s: number) => spoolRadiusM(spool, nylon, s * 0.99 * spoolCapacityM(spool, nylon))!;
        return a < b ? at(a) >= at(b) : at(b) >= at(a);
      }),
    ));
  it('backing and top shot together just fill it', () =>
    fc.assert(
      fc.property(share, (s) => {
        const top = s * spoolCapacityM(spool, braid);
        const backing = backingUnderM(spool, braid, top, nylon)!;
        expect(backing / spoolCapacityM(spool, nylon) + s).toBeCloseTo(1, 9);
      }),
    ));
  it('has no room under a top shot that is too long', () =>
    expect(backingUnderM(spool, braid, 2 * spoolCapacityM(spool, braid), nylon)).toBeNull());
});

it('refuses a spool inside out', () =>
  expect(() => spoolVolumeM3({ arborRadiusM: 0.02, fullRadiusM: 0.01, widthM: 0.02 })).toThrow(/fullRadiusM/));
