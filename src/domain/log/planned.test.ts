import { describe, expect, it } from 'vitest';
import { demoSpreads } from '@/db/demo';
import { setupIdSchema } from '../ids';
import { spreadSchema } from '../spread/spread';
import { fishedSpread, gearNow, gearOf, plannedLines, type GearIn } from './planned';
import type { Trip } from './trip';
import { tripEventSchema } from './trip-event';

const [lake] = demoSpreads;
const newest = () => 2;
const openedWith = (change: object): Pick<Trip, 'opened'> => ({
  opened: {
    id: '0b7c3c1e-7f6f-4b70-9d69-000000000000',
    kind: 'opened',
    atS: 1000,
    name: '',
    way: 'trolling',
    craftId: null,
    crew: [],
    waterName: '',
    ...change,
  },
});

describe('the lines of a trip before they are let out', () => {
  it('are those of its spread, each as an event that can be kept', () => {
    const planned = plannedLines(openedWith({ spreadId: lake!.id }), demoSpreads, newest);
    expect(planned.map(({ line }) => line)).toEqual(lake!.lines.map(({ id }) => id));
    for (const { line, gear } of planned) {
      const event = { kind: 'in', id: '0b7c3c1e-7f6f-4b70-9d69-000000000001', atS: 1000, line, ...gear };
      expect(tripEventSchema.safeParse(event).error?.issues ?? [], line).toEqual([]);
    }
  });

  it('are one for each setup that is cast, numbered', () => {
    const setupIds = ['setup-drowned-wall', 'setup-lily-bay'].map((id) => setupIdSchema.parse(id));
    const planned = plannedLines(openedWith({ setupIds }), demoSpreads, (id) => (id === setupIds[0] ? 3 : undefined));
    expect(planned).toMatchObject([
      { line: 'r1', gear: { setupId: setupIds[0], revision: 3, lineM: null, pointId: null } },
      { line: 'r2', gear: { setupId: setupIds[1], revision: undefined } },
    ]);
  });

  it('are none of a spread that is gone, and none of a bare trip', () => {
    expect(plannedLines(openedWith({ spreadId: 'gone' }), demoSpreads, newest)).toEqual([]);
    expect(plannedLines({ opened: null }, demoSpreads, newest)).toEqual([]);
  });
});

describe('a spread as it is fished', () => {
  it.each(demoSpreads.map((spread) => [spread.name, spread] as const))(
    '%s: let out as planned it is the spread',
    (_, spread) => {
      const lines = spread.lines.map((line) => ({ line: line.id, gear: gearOf(line, newest) }));
      const fished = fishedSpread(spread, lines);
      expect(spreadSchema.safeParse(fished).error?.issues ?? []).toEqual([]);
      for (const [i, line] of fished.lines.entries()) {
        const { dragN: _, releaseN: __, pinned: ___, ...own } = spread.lines[i]!;
        expect(line).toMatchObject(own);
      }
    },
  );

  it('leaves out what hangs from no place, and takes what the trip changed', () => {
    const [first, second] = lake!.lines;
    const gear: GearIn = { ...gearOf(first!, newest), lineM: 61 };
    const inHand: GearIn = { ...gearOf(second!, newest), pointId: null };
    const fished = fishedSpread(lake!, [
      { line: first!.id, gear },
      { line: second!.id, gear: inHand },
    ]);
    expect(fished.lines.map(({ id, lineM }) => [id, lineM])).toEqual([[first!.id, 61]]);
  });

  it('knows of a line on the water what went out with it, not what was put on since', () => {
    const gear = gearOf(lake!.lines[0]!, newest);
    expect(gearNow({ ...gear, changed: { lure: { partId: null, name: 'Copper' } } })).toEqual(gear);
  });
});
