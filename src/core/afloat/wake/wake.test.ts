import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { laybackOn, wake, type WakePlace } from './wake';

const speed = fc.double({ min: 0.3, max: 12, noNaN: true });

describe('the wake behind a hull', () => {
  // λ = 2πU²/g: 2.56 m at 2 m/s, 5.77 m at 3 m/s.
  it.each([
    [2, 2.5629],
    [3, 5.7665],
    [5, 16.018],
  ])('at %d m/s has waves of %d m', (speedMps, waveLengthM) =>
    expect(wake({ speedMps, lengthM: 8 }).waveLengthM).toBeCloseTo(waveLengthM, 3),
  );
  it('has its first crest three quarters of a wave behind, or where it was seen, by the square of the speed', () => {
    const guessed = wake({ speedMps: 3, lengthM: 8 });
    expect(guessed.crestsM[0]).toBeCloseTo(0.75 * guessed.waveLengthM, 12);
    expect(wake({ speedMps: 3, lengthM: 8, firstCrest: { behindM: 2, speedMps: 2 } }).crestsM[0]).toBeCloseTo(4.5, 12);
  });
  it('has eight crests, a wave apart', () =>
    fc.assert(
      fc.property(speed, (speedMps) => {
        const { crestsM, waveLengthM } = wake({ speedMps, lengthM: 6 });
        expect(crestsM).toHaveLength(8);
        crestsM.slice(1).forEach((crest, k) => expect(crest - crestsM[k]!).toBeCloseTo(waveLengthM, 9));
      }),
    ));
  it('fades where the hull planes, and keeps its figures', () => {
    expect(wake({ speedMps: 8.9, lengthM: 8 }).outcome).toBe('planing');
    expect(wake({ speedMps: 8.8, lengthM: 8 }).outcome).toBe('ok');
  });
});

describe('a lure on the wake', () => {
  const base = { speedMps: 3, lengthM: 8, firstCrest: { behindM: 10, speedMps: 3 } };
  const { waveLengthM } = wake(base);
  it.each<[number, number, number | null, WakePlace]>([
    [-0.2, 0, null, 'before-first'],
    [-0.1, 1, 0, 'crest'],
    [0, 1, 0, 'crest'],
    [0.13, 1, 0.13, 'back'],
    [0.375, 1, 0.375, 'trough'],
    [0.62, 1, 0.62, 'trough'],
    [0.7, 1, 0.7, 'face'],
    [0.95, 1, 0.95, 'crest'],
    [2.3, 3, 0.3, 'back'],
  ])('%d waves behind the first crest', (waves, wave, phase, place) => {
    const [at] = wake({ ...base, laybacksM: [10 + waves * waveLengthM] }).at;
    expect(at).toMatchObject({ wave, place });
    if (phase === null) expect(at!.phase).toBeNull();
    else expect(at!.phase).toBeCloseTo(phase, 9);
  });
  it('keeps its place at another speed where it is let out so far', () =>
    fc.assert(
      fc.property(speed, fc.double({ min: 0, max: 6, noNaN: true }), (speedMps, waves) => {
        const [at] = wake({ ...base, laybacksM: [10 + waves * waveLengthM] }).at;
        const other = { ...base, speedMps };
        const layback = laybackOn(wake(other), at!)!;
        const [there] = wake({ ...other, laybacksM: [layback] }).at;
        const turns = (on: typeof at) => on!.wave + on!.phase!;
        expect(turns(there)).toBeCloseTo(turns(at), 6);
      }),
    ));
  it('has no place to keep before the first crest', () => {
    const made = wake({ ...base, laybacksM: [1] });
    expect(laybackOn(made, made.at[0]!)).toBeNull();
  });
});

it.each([
  [{ speedMps: 0, lengthM: 8 }, 'speedMps'],
  [{ speedMps: 3, lengthM: NaN }, 'lengthM'],
  [{ speedMps: 3, lengthM: 8, laybacksM: [3, -1] }, 'laybacksM[1]'],
  [{ speedMps: 3, lengthM: 8, firstCrest: { behindM: 1, speedMps: 0 } }, 'firstCrest.speedMps'],
])('refuses %j', (input, field) => expect(() => wake(input)).toThrow(field));
