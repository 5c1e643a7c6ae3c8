import { describe, expect, it } from 'vitest';
import { remembered } from './remembered';

interface Given {
  readonly chain: object;
  readonly names: readonly string[];
}

describe('what was made of the same inputs', () => {
  const summed = () => {
    let made = 0;
    return remembered(
      ({ chain, names }: Given) => [chain, ...names],
      ({ names }) => ({ names: names.join(), nth: (made += 1) }),
    );
  };
  const [chain, other] = [{}, {}];

  it('is made once', () => {
    const sum = summed();
    expect(sum({ chain, names: ['a', 'b'] })).toBe(sum({ chain, names: ['a', 'b'] }));
  });

  it('is made anew for another first input, a changed one, one more and one less', () => {
    const sum = summed();
    const first = sum({ chain, names: ['a', 'b'] });
    expect(sum({ chain: other, names: ['a', 'b'] })).not.toBe(first);
    expect(sum({ chain, names: ['a', 'c'] }).names).toBe('a,c');
    expect(sum({ chain, names: ['a', 'b', 'c'] }).names).toBe('a,b,c');
    expect(sum({ chain, names: ['a'] }).names).toBe('a');
    expect(sum({ chain, names: ['a', 'b'] })).toBe(first);
  });

  it('is let go of after eight others of the same first input', () => {
    const sum = summed();
    const first = sum({ chain, names: ['first'] });
    for (let i = 0; i < 8; i += 1) sum({ chain, names: [String(i)] });
    expect(sum({ chain, names: ['first'] })).toEqual({ names: 'first', nth: 10 });
    expect(first.nth).toBe(1);
  });

  it('that failed is tried again', () => {
    let tries = 0;
    const failing = remembered(
      (given: object) => [given],
      () => {
        tries += 1;
        throw new Error('no');
      },
    );
    expect(() => failing(chain)).toThrow();
    expect(() => failing(chain)).toThrow();
    expect(tries).toBe(2);
  });
});
