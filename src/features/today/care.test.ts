import { expect, it } from 'vitest';
import { demoHouse } from '@/db/demo';
import { USUAL_DAY } from '@/domain/usual-day';
import { careOf } from './care';

const { crafts } = demoHouse;

it('minds cold water afloat, a small hull, weed and what the local rules say', () => {
  expect(careOf({ ...USUAL_DAY, surfaceC: 6, craftId: 'wren', fouling: 'some' }, crafts, {})).toEqual([
    'cold-water',
    'lightning',
    'small-craft',
    'weed',
    'hooks-near',
    'rules-unread',
  ]);
});

it('says nothing of cold water to one who stands on the bank, nor of a heel to one on a large boat', () => {
  expect(careOf({ ...USUAL_DAY, surfaceC: 6, craftId: null }, crafts, {})).not.toContain('cold-water');
  expect(careOf({ ...USUAL_DAY, craftId: 'dunlin' }, crafts, {})).not.toContain('small-craft');
  expect(careOf({ ...USUAL_DAY, surfaceC: 20 }, crafts, {})).not.toContain('cold-water');
});

it('names the sheet once it was read', () =>
  expect(careOf(USUAL_DAY, crafts, { readOn: '2026-04-01' }).at(-1)).toBe('rules'));
