import { deflateSync } from 'node:zlib';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BLOCK_S, packedBlock, unpackedBlock, type BlockValues } from './blocks';
import { CHANNEL_NAMES, CHANNELS, type ChannelName } from './channels';
import { drawnOf } from './drawn';
import { secondsOf } from './recording';
import { SCENARIOS } from './simulated/scenarios';
import { sentencesOf } from './simulated/sentences';
import { world } from './simulated/world';

const channelValues = (channel: ChannelName) =>
  fc.array(
    fc.option(fc.double({ min: CHANNELS[channel].limits.min, max: CHANNELS[channel].limits.max, noNaN: true }), {
      nil: null,
    }),
    { minLength: BLOCK_S, maxLength: BLOCK_S },
  );

describe('blocks', () => {
  it('give back what they took, to half of a channel’s step', () =>
    fc.assert(
      fc.property(channelValues('probeC'), channelValues('lonDeg'), (probeC, lonDeg) => {
        const back = unpackedBlock(packedBlock({ probeC, lonDeg }));
        for (const [channel, given] of [
          ['probeC', probeC],
          ['lonDeg', lonDeg],
        ] as const) {
          const read = back[channel] ?? given.map(() => null);
          given.forEach((value, i) =>
            value === null
              ? expect(read[i]).toBeNull()
              : expect(Math.abs(read[i]! - value)).toBeLessThanOrEqual(CHANNELS[channel].step * 0.5001),
          );
        }
      }),
      { numRuns: 30 },
    ));

  it('refuse what is none', () => {
    expect(() => unpackedBlock('{}')).toThrow(/no block/);
    expect(() => unpackedBlock('null')).toThrow(/no block/);
    expect(() => unpackedBlock('nonsense')).toThrow();
  });

  it('hold twelve hours of every channel in less than five megabytes', () => {
    const values: Partial<Record<ChannelName, number[]>> = {};
    const lake = SCENARIOS['lake']!;
    for (const { atS, readings } of world(lake, 3)) {
      if (atS >= BLOCK_S) break;
      for (const [channel, value] of Object.entries(readings)) (values[channel as ChannelName] ??= []).push(value);
    }
    const bytes = deflateSync(Buffer.from(packedBlock(values as BlockValues))).length;
    expect(bytes * 72).toBeLessThan(5_000_000);
    expect(Object.keys(values)).toHaveLength(CHANNEL_NAMES.length - 1);
  });

  it('are drawn by as many points as can be told apart, directions as directions', () => {
    const values = {
      probeC: Array.from({ length: BLOCK_S }, (_, i) => i % 10),
      cogRad: new Array<number>(BLOCK_S).fill(6.28),
    };
    const drawn = drawnOf([{ startS: 0, values }], { fromS: 0, toS: 6000 });
    expect(drawn.probeC).toHaveLength(60);
    expect(drawn.probeC![0]).toEqual([5, 0, 4.5, 9]);
    expect(drawn.cogRad![0]![2]).toBeCloseTo(6.28, 6);
    expect(drawn.sogMps).toBeUndefined();
  });
});

describe('the simulated boat', () => {
  const day = (seed: number, seconds: number) => {
    const lines: string[] = [];
    for (const moment of world(SCENARIOS['sound']!, seed)) {
      if (moment.atS >= seconds) return lines;
      lines.push(...sentencesOf(moment, 0));
    }
    return lines;
  };

  it('is the same day for the same seed, and another for another', () => {
    expect(day(4, 40)).toEqual(day(4, 40));
    expect(day(4, 40)).not.toEqual(day(5, 40));
  });

  it('makes over ground what it makes through the water and the water makes itself', () => {
    for (const { truth } of world(SCENARIOS['sound']!, 1)) {
      const along = truth.sogMps * Math.cos(truth.cogRad - truth.headingRad);
      // The surface runs against it by half a metre a second.
      expect(along - truth.waterMps).toBeCloseTo(-0.55, 1);
      return;
    }
  });

  it('sends nothing while its plug is pulled, and wrong checksums while it is loose', () => {
    const lake = SCENARIOS['lake']!;
    for (const moment of world(lake, 1)) {
      if (moment.atS === 645) expect(sentencesOf(moment, 0)).toEqual([]);
      if (moment.atS === 702)
        expect(sentencesOf(moment, 0)[0]).not.toBe(
          sentencesOf({ ...moment, faults: { ...moment.faults, badChecksums: false } }, 0)[0],
        );
      if (moment.atS > 702) return;
    }
  });

  it('recorded, plays second by second, also where its clock jumps or has none', () => {
    const seconds = [...secondsOf(day(1, 30))];
    expect(seconds).toHaveLength(30);
    expect([...secondsOf(['$IIMTW,1,C', ...new Array<string>(29).fill('$IIMTW,2,C')])]).toHaveLength(2);
  });
});
