import { describe, expect, it } from 'vitest';
import { evaluate } from '@/core/judge';
import { presentationSchema, TOWED_WAYS, type Presentation } from '@/domain/presentation';
import { PRESENTATION_LIMITS } from '@/domain/presentation-limits';
import { RIG_IDS, rigPattern, type RigId } from '@/domain/rigs';
import { setupFileSchema } from '@/domain/setup';
import { rigUp, type RigInWords } from './rig-in-words';

/** What is said of each part of a rig, as little as can be. */
const little = (rig: RigId): RigInWords['parts'] =>
  Object.fromEntries(
    rigPattern(rig)
      .slots.filter((slot) => !('knot' in slot))
      .map(({ id }) => [id, '']),
  );
const rigged = (asked: RigInWords) => {
  const outcome = rigUp(asked);
  if (outcome.kind !== 'rigged') throw new Error(JSON.stringify(outcome));
  return outcome.setup;
};
const problems = (asked: RigInWords) => {
  const outcome = rigUp(asked);
  return outcome.kind === 'refused' ? outcome.problems : [];
};
const presented = (rig: RigId, presentation: RigInWords['presentation']): Presentation =>
  rigged({ rig, parts: little(rig), presentation }).presentation;

describe('a rig of which little is said', () => {
  it.each(RIG_IDS)('%s: is whole or asks for what it cannot guess, slot by slot', (rig) => {
    const outcome = rigUp({ rig, parts: little(rig) });
    if (outcome.kind === 'rigged') {
      expect(setupFileSchema.safeParse(outcome.setup).success).toBe(true);
      expect(evaluate(outcome.setup).outcome).toBe('ok');
      return;
    }
    if (outcome.kind !== 'refused') throw new Error(outcome.kind);
    const slots = rigPattern(rig).slots.map(({ id }) => id);
    for (const { path } of outcome.problems) expect(slots, path).toContain(path.split(/[.[]/)[1]);
  });

  it('names the parts that are missing; knots tie themselves', () => {
    const { rod: _, hook: __, ...parts } = little('sliding-weedless');
    expect(rigUp({ rig: 'sliding-weedless', parts })).toEqual({ kind: 'incomplete', missing: ['rod', 'hook'] });
  });

  it('refuses a slot that the rig has not, and says which it has', () => {
    const [problem] = problems({ rig: 'plug', parts: { ...little('plug'), float: '10 g' } });
    expect(problem).toMatchObject({ path: 'parts.float', given: '10 g', allowed: { kind: 'one-of' } });
    expect((problem!.allowed as { readonly options: readonly string[] }).options).toContain('lure');
  });
});

describe('what is said of a part', () => {
  it('is read as quick add reads a line', () => {
    const { parts } = rigged({
      rig: 'sliding-weedless',
      parts: {
        ...little('sliding-weedless'),
        weight: '10 g tungsten',
        hook: '3/0 stout',
        leader: '20 lb fluorocarbon',
      },
    });
    expect(parts.find(({ kind }) => kind === 'weight')).toMatchObject({
      massKg: { value: 0.01 },
      material: 'tungsten',
    });
    expect(parts.find(({ kind }) => kind === 'hook')).toMatchObject({ size: '3/0', wireClass: 'stout' });
  });

  it('may be fields of it, and what is wrong with them is told at their slot', () => {
    const weight = { massKg: { value: 0.012, unit: 'kg', provenance: 'measured' } };
    const parts = { ...little('sliding-weedless'), weight };
    expect(rigged({ rig: 'sliding-weedless', parts }).parts.find(({ kind }) => kind === 'weight')).toMatchObject(
      weight,
    );
    const wrong = { ...parts, weight: { massKg: { value: -1, unit: 'kg', provenance: 'measured' } } };
    expect(problems({ rig: 'sliding-weedless', parts: wrong })[0]!.path).toMatch(/^parts\.weight\./);
  });
});

describe('how it is fished', () => {
  it.each([...TOWED_WAYS, 'cast'] as const)('%s can be asked of every rig', (way) => {
    for (const rig of ['plug', 'worm-harness', 'drop-weight', 'spoon-behind-attractor'] as const) {
      const asked = way === 'cast' ? { kind: 'cast' } : { kind: 'towed', way };
      const got = presented(rig, asked);
      expect(got.kind === 'cast' ? 'cast' : got.way).toBe(way);
      expect(presentationSchema.safeParse(got).success).toBe(true);
    }
  });

  it('changes what is said, field by field, and keeps the rest', () => {
    const usual = presented('plug', undefined);
    const asked = presented('plug', { speedMps: 1.5, sweep: { timeS: 0.2 } });
    expect(asked).toMatchObject({ speedMps: 1.5, sweep: { ...usual.sweep, timeS: 0.2 }, depthM: usual.depthM });
  });

  it('takes water by its density in place of temperature and salinity', () => {
    const water = { densityKgPm3: 1012, viscosityPaS: 0.0012 };
    expect(presented('plug', { water }).water).toEqual(water);
  });

  it('wants what hangs over a ball about the ball, as deep as a band may be, unless a band is said', () => {
    const gear = (cableM: number) => ({
      kind: 'downrigger',
      leadM: 8,
      cableM,
      cable: 'braid',
      cableDiameterM: 0.7e-3,
      ballKg: 4,
    });
    const towed = (cableM: number, more: object = {}) => {
      const got = presented('spoon-behind-attractor', { kind: 'towed', way: 'trolled', gear: gear(cableM), ...more });
      if (got.kind !== 'towed') throw new Error('cast');
      return got.wanted.depth;
    };
    expect(towed(20)).toEqual({ fromM: 16, toM: 24 });
    expect(towed(20, { wanted: { depth: { fromM: 5, toM: 6 } } })).toEqual({ fromM: 5, toM: 6 });
    const deepest = towed(PRESENTATION_LIMITS.cableM.max);
    expect(deepest.toM).toBe(PRESENTATION_LIMITS.bandM.max);
    expect(deepest.fromM).toBeLessThanOrEqual(deepest.toM);
  });

  it('refuses what cannot be, at its path', () => {
    const [problem] = problems({ rig: 'plug', parts: little('plug'), presentation: { speedMps: 99 } });
    expect(problem).toMatchObject({ path: 'presentation.speedMps', given: 99 });
    expect(problems({ rig: 'plug', parts: little('plug'), presentation: { nonsense: 1 } })[0]!.path).toMatch(
      /presentation/,
    );
  });
});
