import { describe, expect, it } from 'vitest';
import { SI_PER_UNIT } from '@/core/base/units';
import { BAND_NAMES, bandEdges, measureOf, type BandUnits } from './dimensions';
import { addressOf, questionOf } from './question-address';

const METRES: BandUnits = { depth: 'm', distance: 'm', speed: 'm/s', temperature: '°C' };
const FEET: BandUnits = { depth: 'ft', distance: 'ft', speed: 'mph', temperature: '°F' };
const SEA: BandUnits = { ...METRES, speed: 'kn' };
const ROAD: BandUnits = { ...METRES, speed: 'km/h' };

const asked = (address: string) => {
  const given = new URLSearchParams(address);
  const values = (name: string) => (given.getAll(name).length > 1 ? given.getAll(name) : given.getAll(name)[0]);
  return Object.fromEntries([...given.keys()].map((name) => [name, values(name)]));
};

describe('bands of the Log', () => {
  it('are round in the units of whoever reads them', () => {
    expect(bandEdges('depth', METRES).slice(0, 3)).toEqual([2, 4, 6]);
    expect(bandEdges('depth', FEET)[1]! / SI_PER_UNIT.ft).toBeCloseTo(10, 9);
    expect(bandEdges('lead', FEET)[3]! / SI_PER_UNIT.ft).toBeCloseTo(100, 9);
    expect(bandEdges('lureSpeed', SEA)[1]! / SI_PER_UNIT.kn).toBeCloseTo(1, 9);
    expect(bandEdges('groundSpeed', FEET)[6]! / SI_PER_UNIT.mph).toBeCloseTo(2, 9);
    expect(bandEdges('probeTemperature', FEET)[5]).toBeCloseTo(10, 9);
  });
  it('are the same for words and levels in any units, and always rise', () => {
    expect(bandEdges('tide', FEET)).toBe(bandEdges('tide', METRES));
    for (const units of [METRES, FEET, SEA, ROAD])
      for (const name of BAND_NAMES) {
        const edges = bandEdges(name, units);
        expect(edges, name).toEqual(edges.toSorted((a, b) => a - b));
      }
  });
});

describe('a question in an address', () => {
  it('comes out as it went in, every band of it', () => {
    for (const units of [METRES, FEET, SEA, ROAD])
      for (const dimension of BAND_NAMES) {
        const levels = Array.from({ length: bandEdges(dimension, units).length + 1 }, (_, band) => band);
        const question = {
          by: 'colour',
          counted: 'landed',
          withDoubtful: true,
          only: [{ dimension, levels }],
        } as const;
        expect(questionOf(asked(addressOf(question, units)), units)).toEqual(question);
      }
  });
  it('asks a reader of other units for the band that its own lies in', () => {
    const question = {
      by: 'lure',
      counted: 'strikes',
      withDoubtful: false,
      only: [
        { dimension: 'depth', levels: [3] },
        { dimension: 'tide', levels: [1] },
        { dimension: 'lure', levels: ['spoon'] },
      ],
    } as const;
    const read = questionOf(asked(addressOf(question, METRES)), FEET);
    const [low, high] = [3, 4].map((i) => bandEdges('depth', FEET)[i]! / SI_PER_UNIT.ft);
    expect([low, high]).toEqual([20, 25]);
    expect(read.only.find(({ dimension }) => dimension === 'depth')!.levels).toEqual([4]);
    expect(read.only.find(({ dimension }) => dimension === 'tide')!.levels).toEqual([1]);
    expect(read.only.find(({ dimension }) => dimension === 'lure')!.levels).toEqual(['spoon']);
    expect(measureOf('tide')).toBeNull();
  });
  it('leaves out what cannot be read, and says each band once', () => {
    const read = questionOf(
      { by: 'nonsense', count: 'x', depth: ['x', '5', '5.2', ''], tide: ['9', '2'], hook: 'none', side: ['port', 'x'] },
      METRES,
    );
    expect(read).toEqual({
      by: 'lure',
      counted: 'strikes',
      withDoubtful: false,
      only: [
        { dimension: 'side', levels: ['port'] },
        { dimension: 'depth', levels: [2] },
        { dimension: 'tide', levels: [2] },
      ],
    });
  });
});
