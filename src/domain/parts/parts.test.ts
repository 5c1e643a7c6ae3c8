import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HARDWARE_CLASSES } from '@/core/tackle/defaults/hardware-classes';
import { HOOK_STYLES } from '@/core/tackle/defaults/hook-classes';
import { demoParts } from '@/db/demo';
import { evaluate } from '@/core/judge';
import { fitsJoint, fitsRod, fitsSlot } from '../fits';
import { partIdSchema } from '../ids';
import { RIG_IDS, rigPattern, RIGS } from '../rigs';
import { sampleOf } from '../sample-rig';
import { builtInKnots, chainOf, presentationOf, startPresentation } from '../start-setup';
import { stockOf, withStock } from '../stock';
import { parse } from '../problems';
import { setupFileSchema } from '../setup';
import { completePart } from './class-part';
import type { GivenPart } from './kind-of-part';
import { fieldsOf } from './fields';
import { valueAt } from '@/core/decide';
import { withValueAt } from './with-value-at';
import { PART_KINDS, partSchema, type Part, type PartKind } from '.';

const complete = (given: GivenPart): Part => {
  const result = completePart(given);
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.data;
};
const kg = (value: number) => ({ value, unit: 'kg', provenance: 'label' as const });
const m = (value: number) => ({ value, unit: 'm', provenance: 'label' as const });

describe('class values', () => {
  it.each(PART_KINDS)('make a whole %s of its name alone, every figure marked as class', (kind) => {
    const part = complete({ id: 'x', kind });
    for (const field of fieldsOf(kind)) {
      const held = valueAt(part, field.path);
      if (field.kind === 'quantity' && held) expect(held).toMatchObject({ provenance: 'class', unit: field.unit });
      if (field.required && !field.when) expect(held, field.path).toBeDefined();
    }
  });

  it('stand back for what is given', () => {
    expect(complete({ id: 'x', kind: 'weight', massKg: kg(0.033) })).toMatchObject({ massKg: kg(0.033) });
    expect(complete({ id: 'x', kind: 'rod', stiffness: { power: 'heavy' } })).toMatchObject({
      stiffness: { kind: 'class', power: 'heavy', action: 'fast' },
    });
  });

  it.each([
    { kind: 'soft-bait', tail: 'paddle-tail' },
    { kind: 'soft-bait', tail: 'twin-tail' },
    { kind: 'soft-bait', tail: 'straight-tail' },
    { kind: 'hard-lure', lip: 'deep-lip' },
    { kind: 'spoon' },
    { kind: 'topwater', body: 'hollow' },
    { kind: 'topwater', body: 'cupped' },
    { kind: 'trolled-fly' },
    { kind: 'trailer' },
    { kind: 'skirt' },
    { kind: 'attractor' },
    { kind: 'diving-plane' },
    { kind: 'natural-bait', bait: 'bait-fish' },
    { kind: 'natural-bait', bait: 'bait-worm' },
  ] as const)(
    '$kind $tail$body$bait$lip twice as long weighs eight times as much, and one known by its weight has that length',
    (given) => {
      const mass = (lengthM: number) => {
        const part = complete({ id: 'x', ...given, lengthM: m(lengthM) });
        return 'massKg' in part ? part.massKg!.value : 0;
      };
      expect(mass(0.1) / mass(0.05)).toBeCloseTo(8, 9);
      const back = complete({ id: 'x', ...given, massKg: kg(mass(0.08)) });
      expect('lengthM' in back && back.lengthM?.value).toBeCloseTo(0.08, 9);
    },
  );

  it('a long worm is hardly thicker than a short one', () => {
    const mass = (lengthM: number) => {
      const part = complete({ id: 'x', kind: 'soft-bait', tail: 'straight-tail', lengthM: m(lengthM) });
      return 'massKg' in part ? part.massKg!.value : 0;
    };
    expect(mass(0.127)).toBeCloseTo(0.0086, 4);
    expect(mass(0.26) / mass(0.13)).toBeCloseTo(2 ** 1.6, 9);
    const back = complete({ id: 'x', kind: 'soft-bait', tail: 'straight-tail', massKg: kg(mass(0.2)) });
    expect('lengthM' in back && back.lengthM?.value).toBeCloseTo(0.2, 9);
  });

  it('hooks of every style and size weigh what their wire weighs, heavier with size', () =>
    fc.assert(
      fc.property(fc.constantFrom(...Object.keys(HOOK_STYLES)), fc.integer({ min: 1, max: 11 }), (style, n) => {
        const mass = (size: string) => {
          const hook = complete({ id: 'x', kind: 'hook', style, size });
          return hook.kind === 'hook' ? hook.massKg.value : 0;
        };
        return mass(`${n + 1}/0`) > mass(`${n}/0`) && mass(`${n}/0`) < 0.05;
      }),
    ));

  it.each(Object.keys(HARDWARE_CLASSES))('%s: strength goes with width squared where it carries a pull', (form) => {
    const strength = (widthM: number) => {
      const part = complete({ id: 'x', kind: 'hardware', form, widthM: m(widthM) });
      return part.kind === 'hardware' ? part.strengthN?.value : undefined;
    };
    if (strength(0.004) === undefined) expect(HARDWARE_CLASSES[form as 'bead'].perMm2).toBeNull();
    else expect(strength(0.008)! / strength(0.004)!).toBeCloseTo(4, 9);
  });

  it('say at which field a given value cannot be', () => {
    const result = completePart({ id: 'x', kind: 'weight', massKg: kg(-1) });
    expect(!result.ok && result.problems.map(({ path }) => path)).toEqual(['massKg.value']);
  });
});

describe('fields out of the schema', () => {
  it('give every quantity its unit and limits', () => {
    for (const kind of PART_KINDS) {
      for (const field of fieldsOf(kind)) {
        if (field.kind !== 'quantity') continue;
        expect(field.unit, `${kind} ${field.path}`).toMatch(/^(m|kg|N|1|m\/s|m²|m³|N·m²)$/);
        expect(field.max).toBeGreaterThan(field.min);
      }
    }
  });
  it('know what belongs to a choice', () => {
    expect(
      fieldsOf('rod')
        .filter(({ when }) => when?.values.includes('taper'))
        .map(({ path }) => path),
    ).toEqual(['stiffness.buttEiNm2', 'stiffness.tipRatio']);
    expect(fieldsOf('knot').some(({ path }) => path === 'shares.braid')).toBe(true);
  });
  it('write and read one path and leave the rest alone', () => {
    const rod = demoParts.find(({ kind }) => kind === 'rod')!;
    const next = withValueAt(rod, 'rating.hiKg', kg(0.09));
    expect(valueAt(next, 'rating.hiKg')).toEqual(kg(0.09));
    expect(valueAt(next, 'rating.loKg')).toEqual(valueAt(rod, 'rating.loKg'));
    expect(withValueAt(next, 'rating.hiKg', valueAt(rod, 'rating.hiKg'))).toEqual(rod);
    expect('words' in withValueAt({ words: 'x' }, 'words', undefined)).toBe(false);
    expect(valueAt(rod, 'no.such.path')).toBeUndefined();
  });
});

describe('stock', () => {
  it('is metres for line and pieces for the rest, null where nobody counted', () => {
    const line = demoParts.find(({ kind }) => kind === 'line')!;
    expect(stockOf(withStock(line, 12.5))).toBe(12.5);
    const hook = complete({ id: 'x', kind: 'hook' });
    expect(stockOf(hook)).toBeNull();
    expect(stockOf(withStock(hook, 7))).toBe(7);
    expect(partSchema.safeParse(withStock(hook, 7)).success).toBe(true);
  });
});

describe('what fits what', () => {
  const heron = demoParts.find(({ id }) => id === 'rod-heron')!;
  const fits = (kind: PartKind, given: object = {}) => fitsRod(complete({ id: 'x', kind, ...given }), heron);
  it('holds masses against the rod’s window', () => {
    expect([
      fits('hard-lure', { massKg: kg(0.03) }),
      fits('hard-lure', { massKg: kg(0.06) }),
      fits('hard-lure', { massKg: kg(0.003) }),
    ]).toEqual([true, false, false]);
    expect(fits('hook')).toBe(true);
    expect(fits('rod')).toBe(false);
    expect(fitsRod(heron, heron)).toBe(true);
  });
  it('holds lines against its line window', () => {
    const boat = demoParts.find(({ id }) => id === 'rod-skua')!;
    const line = (newtons: number) =>
      fitsRod(complete({ id: 'x', kind: 'line', strengthN: { value: newtons, unit: 'N', provenance: 'label' } }), boat);
    expect([line(50), line(150), line(300)]).toEqual([false, true, false]);
  });
  it('lets one point into a bait, and a knot only where it ties', () => {
    const chain = chainOf(
      RIGS['sliding-weedless'].slots,
      Object.fromEntries(RIGS['sliding-weedless'].slots.map(({ id }) => [id, partIdSchema.parse(`p-${id}`)])),
    )!;
    const joint = (id: string) => chain.find((each) => each.id === id)!;
    const hook = (style: string) => fitsJoint(complete({ id: 'x', kind: 'hook', style }), chain, joint('hook'), []);
    expect([hook('worm-offset'), hook('treble')]).toEqual([true, false]);
    const knots = (id: string) => builtInKnots.filter((knot) => fitsJoint(knot, chain, joint(id), [])).length;
    expect(knots('leader-knot') + knots('hook-knot')).toBe(builtInKnots.length);
    expect(fitsJoint(heron, chain, joint('reel'), [])).toBe(false);
  });
  it('swaps a link for a link, and a bead only for a bead', () => {
    const [swivel, snap, bead] = (['swivel', 'snap', 'bead'] as const).map((form) =>
      complete({ id: form, kind: 'hardware', form }),
    );
    const chain = [
      { id: 'a', kind: 'hardware', partId: swivel!.id },
      { id: 'b', kind: 'hardware', partId: bead!.id },
    ] as const;
    const fits = (part: Part, i: 0 | 1) => fitsJoint(part, chain, chain[i], [swivel!, snap!, bead!]);
    expect([fits(snap!, 0), fits(bead!, 0), fits(bead!, 1), fits(snap!, 1)]).toEqual([true, false, true, false]);
  });
});

describe.each(RIG_IDS)('%s from an empty sheet', (rig) => {
  const { slots } = rigPattern(rig);
  it('finds a part of the demo Box for every place, and is a whole setup only then', () => {
    const parts = [...demoParts, ...builtInKnots.filter(({ id }) => !demoParts.some((part) => part.id === id))];
    const chosen = Object.fromEntries(slots.map((slot) => [slot.id, parts.find((part) => fitsSlot(part, slot))?.id]));
    const chain = chainOf(slots, chosen)!;
    const used = parts.filter(({ id }) => chain.some((joint) => joint.partId === id));
    expect(
      parse(setupFileSchema, { version: 1, name: 'New', parts: used, chain, presentation: startPresentation(rig) }),
    ).toMatchObject({ ok: true });
    for (const { id } of slots) expect(chainOf(slots, { ...chosen, [id]: undefined })).toBeNull();
  });
  it('is evaluated with class parts, and nothing in it is left untied', () => {
    const { checks, verdicts } = evaluate(sampleOf(rig));
    expect(Object.values(verdicts)).toHaveLength(5);
    expect(checks.filter(({ id }) => id === 'untied')).toEqual([]);
  });
});

it('changes the way of fishing and keeps what both ways have', () => {
  const cast = startPresentation('jig-head');
  const towed = presentationOf('trolled', cast);
  expect(towed).toMatchObject({
    kind: 'towed',
    way: 'trolled',
    depthM: cast.depthM,
    water: cast.water,
    wanted: { attitude: cast.wanted.attitude },
  });
  expect(presentationOf('cast', towed)).toMatchObject({ kind: 'cast', depthM: cast.depthM });
  expect(presentationOf('cast', cast)).toBe(cast);
});
