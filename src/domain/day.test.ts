import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoFiles } from '../../tests/helpers/demo';
import { problemsAgainst } from '../../tests/helpers/problems';
import { DAY_LIMITS, METHODS, onTheDay } from '@/core/decide';
import { evaluate } from '@/core/judge';
import { dayConditionsSchema, type DayConditions } from './day';
import { presentationSchema } from './presentation';
import { planSchema } from './plan/plan';
import { nextDay, usualPlan } from './plan/usual-plan';
import { USUAL_DAY } from './usual-day';

const problemsOf = problemsAgainst(presentationSchema);
const within = ({ min, max }: { readonly min: number; readonly max: number }) => fc.double({ min, max, noNaN: true });
const span = (limits: { readonly min: number; readonly max: number }) =>
  fc.tuple(within(limits), within(limits)).map(([a, b]) => ({ from: Math.min(a, b), to: Math.max(a, b) }));
const maybe = <T>(of: fc.Arbitrary<T>) => fc.option(of, { nil: undefined, freq: 2 });
const D = DAY_LIMITS;

/** Any day that Today takes. */
const day: fc.Arbitrary<DayConditions> = fc
  .record({
    surfaceC: within(D.temperatureC),
    depthM: span(D.depthM),
    deep: maybe(fc.record({ temperatureC: within(D.temperatureC), depthM: within(D.depthM) })),
    salinity: maybe(fc.double({ min: 0, max: 40, noNaN: true })),
    bottomM: maybe(fc.double({ min: 0.3, max: 300, noNaN: true })),
    currentMps: maybe(fc.double({ min: -1, max: 1, noNaN: true })),
    fishKg: maybe(fc.double({ min: 0.05, max: 40, noNaN: true })),
    clarity: maybe(fc.constantFrom('clear', 'stained', 'murky')),
    light: maybe(fc.constantFrom('bright', 'overcast', 'dusk', 'dark')),
    methods: maybe(fc.subarray([...METHODS])),
    craftId: maybe(fc.constantFrom(null, 'wren', 'dunlin')),
  })
  .map(
    (said) =>
      Object.fromEntries(Object.entries(said).filter(([, value]) => value !== undefined)) as unknown as DayConditions,
  )
  .filter((said) => dayConditionsSchema.safeParse(said).success);

const newest = demoFiles.filter((each) => each.newest);

describe('a setup on a day', () => {
  it('is one that can be kept, whatever the day, and is judged', () =>
    fc.assert(
      fc.property(fc.nat(newest.length - 1), day, (nth, said) => {
        const { file } = newest[nth]!;
        const today = onTheDay(file, said);
        expect(problemsOf(today.presentation)).toEqual([]);
        expect(evaluate(today).outcome).toBe('ok');
        // Its own technique stays.
        expect(today.presentation).toMatchObject({
          sweep: file.presentation.sweep,
          clutchN: file.presentation.clutchN,
        });
        expect(today.chain).toBe(file.chain);
      }),
      { numRuns: 200 },
    ));

  it('at the top and at the deepest is one that can be kept too', () => {
    for (const depthM of [D.depthM.min, D.depthM.max])
      for (const { id, file } of newest) {
        const { presentation } = onTheDay(file, { surfaceC: 10, depthM: { from: depthM, to: depthM } });
        expect(problemsOf(presentation), `${id} at ${depthM} m`).toEqual([]);
      }
  });

  it('is itself on a day of which nothing was said but what it is made for', () => {
    for (const { id, file } of newest) {
      const p = file.presentation;
      if (!('temperatureC' in p.water)) continue;
      const same = onTheDay(file, { surfaceC: p.water.temperatureC, depthM: { from: p.depthM, to: p.depthM } });
      expect(evaluate(same).verdicts, id).toEqual(evaluate(file).verdicts);
    }
  });
});

describe('a plan', () => {
  it('of which nothing was said is one that can be kept once it has a name', () => {
    const plan = { ...usualPlan('2026-06-14'), name: 'Evening' };
    expect(planSchema.safeParse(plan).error?.issues ?? []).toEqual([]);
    expect(dayConditionsSchema.safeParse(USUAL_DAY).success).toBe(true);
  });

  it('of another day keeps what was said, and says it as before', () => {
    const plan = { ...usualPlan('2026-06-14'), id: 'plan-1' as never, species: 'char', said: [{ atS: 1 } as never] };
    const next = nextDay(plan, '2026-06-15');
    expect(next).toMatchObject({ date: '2026-06-15', species: 'char', said: [] });
    expect(next.id).not.toBe(plan.id);
  });
});
