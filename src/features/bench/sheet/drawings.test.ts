import { describe, expect, it } from 'vitest';
import { demoFile } from '../../../../tests/helpers/demo';
import { evaluate } from '@/core/judge';
import { drawingsOf, overlaid } from './drawings';

const wall = demoFile('setup-drowned-wall');
const lily = demoFile('setup-lily-bay');
const SIZES = ['wide', 'inset', 'narrow', 'narrowDetail'] as const;

describe('the drawings of a setup', () => {
  it('are each made once, when first looked at', () => {
    const drawings = drawingsOf(wall, evaluate(wall));
    for (const size of SIZES) expect(drawings[size]).toBe(drawings[size]);
    expect(new Set(SIZES.map((size) => drawings[size])).size).toBe(SIZES.length);
  });
  it('of two setups laid over each other are at one scale, the smaller of the two', () => {
    const alone = [wall, lily].map((setup) => drawingsOf(setup, evaluate(setup)));
    const { base, over } = overlaid([wall, evaluate(wall)], [lily, evaluate(lily)]);
    for (const size of SIZES) {
      expect(over[size].scale, size).toBe(base[size].scale);
      expect(base[size].scale, size).toBeGreaterThanOrEqual(Math.max(...alone.map((each) => each[size].scale)));
    }
  });
});
