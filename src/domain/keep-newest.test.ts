import { expect, it } from 'vitest';
import { keepNewest } from './keep-newest';

it('keeps as many as it may, the newest; one that is put again is new again', () => {
  const map = new Map<string, number>();
  for (const [key, value] of [
    ['a', 1],
    ['b', 2],
    ['a', 3],
    ['c', 4],
  ] as const)
    keepNewest(map, key, value, 2);
  expect([...map]).toEqual([
    ['a', 3],
    ['c', 4],
  ]);
});
