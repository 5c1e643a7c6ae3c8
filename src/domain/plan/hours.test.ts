import { describe, expect, it } from 'vitest';
import { demoPlans, demoWaters } from '@/db/demo';
import { clockOf, endAfter, secondsOf } from './clock';
import { conditionsOf, dayOfYear, skyAt, sunOver, tideNow, windAlongMps, windAt } from './hours';
import { planSchema, waterPlaceSchema, type DayPlan } from './plan';
import { nextDay, usualPlan } from './usual-plan';

const [sound, , lake] = demoPlans as readonly [DayPlan, DayPlan, DayPlan];
const [ostrey, harl] = demoWaters as readonly [(typeof demoWaters)[number], (typeof demoWaters)[number]];
const HOUR_S = 3600;

describe('a clock', () => {
  it.each([
    [25_800, '07:10'],
    [0, '00:00'],
    [90_000, '01:00'],
    [86_370, '00:00'],
  ])('shows %d s as %s', (at, clock) => expect(clockOf(at)).toBe(clock));
  it.each([
    ['07:10', 25_800],
    ['24:00', null],
    ['7', null],
    ['', null],
  ])('reads "%s" as %d', (clock, at) => expect(secondsOf(clock)).toBe(at));
  it('takes an end before its start for the next day', () => {
    expect(endAfter(20 * HOUR_S, 2 * HOUR_S)).toBe(26 * HOUR_S);
    expect(endAfter(7 * HOUR_S, 19 * HOUR_S)).toBe(19 * HOUR_S);
  });
});

describe('hours of a day', () => {
  it.each([
    ['2026-01-01', 1],
    ['2026-12-31', 365],
    ['2028-12-31', 366],
  ])('%s is day %d', (date, day) => expect(dayOfYear(date)).toBe(day));
  it('hold what was said last before them', () => {
    expect(skyAt(lake, 8 * HOUR_S)).toBe('bright');
    expect(skyAt(lake, 12 * HOUR_S)).toBe('overcast');
    expect(windAt(lake, 15 * HOUR_S)).toMatchObject({ windMps: 8 });
    expect(windAt(lake, 6 * HOUR_S)).toMatchObject({ windMps: 4 });
    expect(windAt({ wind: [] }, 0)).toBeNull();
  });
  it('know the wind along a course: into it against, away from it along', () => {
    const wind = { wind: [{ fromS: 0, windMps: 5, fromRad: Math.PI / 4 }] };
    expect(windAlongMps(wind, Math.PI / 4, 0)).toBeCloseTo(-5, 12);
    expect(windAlongMps(wind, (5 * Math.PI) / 4, 0)).toBeCloseTo(5, 12);
    expect(windAlongMps(wind, (3 * Math.PI) / 4, 0)).toBeCloseTo(0, 12);
    expect(windAlongMps(wind, undefined, 0)).toBeNull();
  });
  it('have a sun where the latitude is known, highest at twelve without a longitude', () => {
    expect(sunOver(null, lake.date)).toBeNull();
    expect(sunOver(ostrey, lake.date)).toMatchObject({ noonS: 12 * HOUR_S, dayOfYear: 284 });
  });
  it('have a tide where a high water was said', () => {
    expect(tideNow(lake, 0)).toBeNull();
    expect(tideNow(sound, sound.highWaterS!)?.stage).toBe('slack-high');
  });
});

describe('conditions of a slot', () => {
  const [flats, wall, basin] = lake.slots;
  it('are the day’s, with the slot’s own instead', () => {
    const now = conditionsOf(lake, wall!, ostrey);
    expect(now).toMatchObject({ surfaceC: 11, depthM: { from: 3, to: 9 }, cover: 'sparse', mood: 'wary', salinity: 0 });
  });
  it('take the light from the sun and the clouds at its middle', () => {
    expect(conditionsOf(lake, flats!, ostrey).light).toBe('bright');
    expect(conditionsOf(lake, wall!, ostrey).light).toBe('overcast');
    expect(conditionsOf(lake, basin!, ostrey).light).toBe('dusk');
    expect(conditionsOf(lake, flats!, null).light).toBeUndefined();
  });
  it('keep the light that was said of the day or of the slot', () => {
    const said = { ...lake, day: { ...lake.day, light: 'dark' as const } };
    expect(conditionsOf(said, flats!, ostrey).light).toBe('dark');
    expect(conditionsOf(said, { ...flats!, now: { light: 'bright' } }, ostrey).light).toBe('bright');
  });
  it('share the current out by the tide', () => {
    const [kelp] = sound.slots;
    const { streamShare } = tideNow(sound, (kelp!.fromS + kelp!.toS) / 2)!;
    expect(conditionsOf(sound, kelp!, harl).currentMps).toBeCloseTo(0.6 * streamShare, 12);
    expect(conditionsOf(sound, null, harl).currentMps).toBe(0.6);
  });
  it('are the day’s again where something was said and taken back', () =>
    expect(
      conditionsOf(lake, { ...wall!, now: { ...wall!.now, cover: undefined, mood: undefined } }, ostrey),
    ).toMatchObject({
      mood: 'wary',
    }));
  it('ask for the baits at hand, from the shortest to the longest', () => {
    const two = { ...lake, baits: [...lake.baits, { name: 'perch', lengthM: 0.07 }] };
    expect(conditionsOf(two, null, null).baitM).toEqual({ from: 0.07, to: 0.1 });
    expect(conditionsOf({ ...lake, baits: [] }, null, null).baitM).toBeUndefined();
  });
});

describe('a plan', () => {
  it.each(demoPlans.map((plan) => [plan.name, plan] as const))('%s is one', (_, plan) =>
    expect(planSchema.parse(JSON.parse(JSON.stringify(plan)))).toEqual(plan),
  );
  it.each(demoWaters.map((water) => [water.name, water] as const))('%s is a water', (_, water) =>
    expect(waterPlaceSchema.parse(water)).toEqual(water),
  );
  it('of nothing is one, and the next day keeps what was said as said before', () => {
    expect(planSchema.safeParse(usualPlan('2026-11-28')).success).toBe(true);
    const next = nextDay({ ...lake, said: ['water'] }, '2026-11-28');
    expect(next).toEqual({ ...lake, id: 'new', date: '2026-11-28', said: [] });
  });
  it.each([
    [{ date: 'tomorrow' }, 'date'],
    [{ hours: { fromS: 8, toS: 7 } }, 'hours.toS'],
    [{ people: 0 }, 'people'],
    [{ slots: [{ ...lake.slots[0], toS: 0 }] }, 'slots.0.toS'],
  ])('refuses %j', (change, path) =>
    expect(planSchema.safeParse({ ...lake, ...change }).error?.issues.map((issue) => issue.path.join('.'))).toContain(
      path,
    ),
  );
});
