import { expect, it } from 'vitest';
import { demoFile } from '../../tests/helpers/demo';
import type { Presentation } from './presentation';
import { gearOf, sparesOf } from './spares';

const towed = demoFile('setup-crimped-minnow').presentation as Extract<Presentation, { kind: 'towed' }>;
const down = (ballKg: number): Presentation => ({
  ...towed,
  gear: { kind: 'downrigger', leadM: 6, cableM: 12, cable: 'steel-cable', cableDiameterM: 8e-4, ballKg },
});
const board: Presentation = { ...towed, gear: { kind: 'side-planer', leadM: 20, boardM: 15 } };

it('takes along what a snag keeps and a fish tears, and no second rod', () => {
  expect(sparesOf('jig-head')).toBe(2);
  expect(sparesOf('rod')).toBe(0);
});

it('takes a ball to spare for each mass, releases for every fourth line, and one probe', () =>
  expect(gearOf([down(4.5), down(4.5), down(5.5), board])).toEqual([
    { gear: 'ball', massKg: 4.5, pieces: 2, spare: 1 },
    { gear: 'ball', massKg: 5.5, pieces: 1, spare: 1 },
    { gear: 'board', massKg: null, pieces: 1, spare: 0 },
    { gear: 'release', massKg: null, pieces: 4, spare: 1 },
    { gear: 'snubber', massKg: null, pieces: 3, spare: 1 },
    { gear: 'probe', massKg: null, pieces: 1, spare: 0 },
  ]));

it('takes none of it for a flat line or a cast', () =>
  expect(gearOf([towed, demoFile('setup-drowned-wall').presentation])).toEqual([]));
