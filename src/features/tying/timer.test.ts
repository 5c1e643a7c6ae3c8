import { describe, expect, it } from 'vitest';
import { readRest, restText } from './timer';

describe('a rest', () => {
  it.each([
    ['60', 60],
    ['1:30', 90],
    ['0:05', 5],
    ['1:00:00', 3600],
    ['24:00:00', 86400],
  ])('%s is %i seconds', (text, seconds) => expect(readRest(text)).toBe(seconds));
  it.each(['', '0', '0:00', 'a', '1:2:3:4', '-5', '1.5', '24:00:01', ':'])('“%s” is no rest', (text) =>
    expect(readRest(text)).toBeNull(),
  );
  it('reads back what it writes', () => {
    for (const seconds of [1, 59, 60, 61, 3599, 3600, 3661, 86400]) expect(readRest(restText(seconds))).toBe(seconds);
  });
});
