import { expect, it } from 'vitest';
import { demoHouse, demoParts } from '@/db/demo';
import type { Part } from '../parts';
import { beyondCraft, loadOf } from './load';

const part = (id: string) => demoParts.find((each) => each.id === id)! as Part;
const canoe = demoHouse.crafts.find(({ id }) => id === 'canoe')!;

it('weighs what goes along, a rod that was not weighed by its class, and finds the longest piece', () => {
  const one = loadOf([{ part: part('rod-siskin'), pieces: 1 }]);
  expect(one.rods).toBe(1);
  expect(one.massKg).toBeGreaterThan(0.05);
  expect(one.massKg).toBeLessThan(0.3);
  const heron = part('rod-heron') as Extract<Part, { kind: 'rod' }>;
  const two = loadOf([
    { part: { ...part('rod-siskin'), sections: 2 } as Part, pieces: 1 },
    { part: heron, pieces: 1 },
    { part: part('reel-spin'), pieces: 1 },
  ]);
  expect(two.rods).toBe(2);
  expect(two.longestM).toBeCloseTo(heron.lengthM.value / (heron.sections ?? 1), 12);
  expect(two.massKg).toBeGreaterThan(one.massKg);
});

it('counts small parts as often as they go along', () => {
  const head = demoParts.find((each) => each.kind === 'jig-head' && 'massKg' in each)!;
  const mass = (pieces: number) => loadOf([{ part: head, pieces }]).massKg;
  expect(mass(3)).toBeCloseTo(3 * mass(1), 12);
});

it('goes beyond a craft by rods, by mass and by bulk, and beyond none whose limits nobody said', () => {
  expect(beyondCraft({ rods: 3, massKg: 9, longestM: 3 }, canoe)).toEqual(['rods', 'mass', 'bulk']);
  expect(beyondCraft({ rods: 2, massKg: 6, longestM: 2.4 }, canoe)).toEqual([]);
  const { carriesRods: _r, carriesKg: _k, ...open } = canoe;
  expect(beyondCraft({ rods: 30, massKg: 90, longestM: 9 }, open)).toEqual([]);
});
