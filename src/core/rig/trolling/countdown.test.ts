import { describe, expect, it } from 'vitest';
import { demoFile } from '../../../../tests/helpers/demo';
import { readRig } from '../rigging';
import type { CastPresentation } from '../../tackle';
import { castBand, countdowns } from '.';

describe('countdown and depth band of a cast', () => {
  const wall = demoFile('setup-drowned-wall');
  it('changes of one thing change the countdown as they should', () => {
    const all = countdowns(wall, [3, 6]);
    const at = (change: string) => all.find((each) => each.change === change)!.table[0]!.timeS!;
    expect(all.map(({ change }) => change)).toEqual(
      expect.arrayContaining(['as-is', 'thinner-line', 'thicker-line', 'salt-water']),
    );
    expect(at('thicker-line')).toBeGreaterThan(at('as-is'));
    expect(at('thinner-line')).toBeLessThan(at('as-is'));
    expect(at('salt-water')).toBeGreaterThan(at('as-is'));
    const trailer = demoFile('setup-bladed');
    const off = countdowns(trailer, [2]);
    expect(off.find(({ change }) => change === 'no-trailer')!.netWeightN).not.toBe(off[0]!.netWeightN);
  });
  it('a lure that is wound spends a part of its cast in the band, all of it in a band that takes in everything', () => {
    const rig = readRig(wall);
    const presentation = wall.presentation as CastPresentation;
    const all = castBand(rig, presentation, { fromM: 0, toM: 50, betweenS: 0 });
    expect(all.share).toBeCloseTo(1, 2);
    const some = castBand(rig, presentation, { fromM: 1.5, toM: 3, betweenS: 8 });
    expect(some.share).toBeGreaterThan(0);
    expect(some.share).toBeLessThan(0.95);
    expect(some.path.every(([, depthM], i) => i === 0 || depthM <= some.path[i - 1]![1])).toBe(true);
  });
});
