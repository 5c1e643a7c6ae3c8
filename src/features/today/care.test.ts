import { describe, expect, it } from 'vitest';
import { demoHouse } from '@/db/demo';
import { usualPlan } from '@/domain/plan/usual-plan';
import { careOf, type CareInput } from './care';

const usual = usualPlan('2026-10-14');
const care = (change: Partial<CareInput['day']>, more: Partial<CareInput> = {}) =>
  careOf({
    plan: usual,
    day: { ...usual.day, ...change },
    house: { crafts: demoHouse.crafts, sheet: {} },
    load: { rods: 2, massKg: 3, longestM: 1.1 },
    ...more,
  });
const codes = (...of: Parameters<typeof care>) => care(...of).map(({ code }) => code);

it('minds cold water afloat, a small hull, weed and what the local rules say', () =>
  expect(codes({ surfaceC: 6, craftId: 'wren', fouling: 'some' })).toEqual([
    'cold-water',
    'lightning',
    'small-craft',
    'weed',
    'hooks-near',
    'rules-unread',
  ]));

it('says nothing of cold water to one who stands on the bank, nor of a heel to one on a large boat', () => {
  expect(codes({ surfaceC: 6, craftId: null })).not.toContain('cold-water');
  expect(codes({ craftId: 'dunlin' })).not.toContain('small-craft');
  expect(codes({ surfaceC: 20 })).not.toContain('cold-water');
});

it('minds waves that come near the gunwale, water fleas, and hooks beside another angler', () => {
  const plan = { ...usual, waveM: 0.4, waterFleas: true, people: 2 };
  expect(codes({ craftId: 'wren' }, { plan })).toEqual(expect.arrayContaining(['waves', 'fleas', 'crew-near']));
  expect(codes({ craftId: 'dunlin' }, { plan })).not.toContain('waves');
  expect(codes({ craftId: null }, { plan })).not.toContain('waves');
});

describe('the plan against the rules sheet', () => {
  const sheet = { rodsPerPerson: 2, readOn: '2026-04-01' };
  const with2 = (rods: number, people: number) =>
    care(
      {},
      {
        plan: { ...usual, people },
        house: { crafts: [], sheet },
        load: { rods, massKg: 3, longestM: 1 },
      },
    );
  it('counts rods by who comes', () => {
    expect(with2(3, 1)).toContainEqual({ code: 'too-many-rods', facts: { rods: 3, allowed: 2 } });
    expect(with2(3, 2)).toContainEqual({ code: 'rods-allowed', facts: { rods: 3, allowed: 4 } });
  });
  it('names the sheet once it was read', () => expect(with2(0, 1).at(-1)?.code).toBe('rules'));
});

describe('a paddler’s load', () => {
  it('stays within what the craft carries', () => {
    const load = { rods: 3, massKg: 7, longestM: 2.6 };
    expect(codes({ craftId: 'canoe' }, { load })).toEqual(
      expect.arrayContaining(['load-rods', 'load-mass', 'load-bulk']),
    );
    expect(codes({ craftId: 'canoe' })).not.toContain('load-rods');
  });
  it('is no matter of a craft of which nothing was said', () =>
    expect(codes({ craftId: 'dunlin' }, { load: { rods: 30, massKg: 90, longestM: 8 } })).not.toContain('load-mass'));
});
