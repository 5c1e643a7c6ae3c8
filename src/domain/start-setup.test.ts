import { problemsAgainst } from '../../tests/helpers/problems';
import { describe, expect, it } from 'vitest';
import { demoFiles } from '../../tests/helpers/demo';
import { PARTS_OF_JOINT, type JointKind } from '@/core/tackle';
import { KNOTS } from '@/core/tackle/defaults/knots';
import { demoParts } from '@/db/demo';
import { chainProblems } from './chain-rules';
import { fitsJoint, fitsRod, fitsSlot, tiesLines } from './fits';
import { partIdSchema } from './ids';
import { jointSchema } from './joint';
import { ADDABLE, newJoint } from './new-joint';
import { partSchema, type Part } from './parts';
import { presentationSchema, TOWED_WAYS, type Presentation, type TowedPresentation } from './presentation';
import { PRESENTATION_LIMITS } from './presentation-limits';
import { RIG_IDS, rigPattern } from './rigs';
import { sampleOf } from './sample-rig';
import { builtInKnots, chainOf, presentationOf, startGear, startPresentation } from './start-setup';
import { usualPresentation } from './usual-presentation';

const WAYS = ['cast', ...TOWED_WAYS] as const;
const problemsOf = problemsAgainst(presentationSchema);

const trolled = presentationOf('trolled') as TowedPresentation;
/** All that a towed presentation can say. */
const fullTow: TowedPresentation = {
  ...trolled,
  gear: { kind: 'downrigger', leadM: 8, cableM: 12, cable: 'braid', cableDiameterM: 0.7e-3, ballKg: 4 },
  bottomM: 24,
  workedMps: 0.6,
  holderRad: 0.5,
  layers: [{ depthM: 6, alongMps: 0.1 }],
  wanted: { ...trolled.wanted, lineAngleRad: 0.7, contactShare: 0.3 },
};

describe('another way of fishing', () => {
  const all: readonly (readonly [string, Presentation])[] = [
    ...demoFiles.map(({ id, revision, file }) => [`${id} ${revision}`, file.presentation] as const),
    ...RIG_IDS.map((rig) => [rig, startPresentation(rig)] as const),
    ['a tow with all that one can have', { ...fullTow }],
    ['a bait at the deepest', { ...fullTow, depthM: PRESENTATION_LIMITS.depthM.max }],
    ['a bait at the top', { ...fullTow, depthM: PRESENTATION_LIMITS.depthM.min }],
    ['the least line', { ...fullTow, lineOutM: PRESENTATION_LIMITS.lineOutM.min }],
    ['a cast at the deepest', { ...presentationOf('cast'), depthM: PRESENTATION_LIMITS.depthM.max }],
  ];
  it.each(all)('%s can be saved whichever is taken, and there and back', (_, presentation) => {
    expect(problemsOf(presentation)).toEqual([]);
    for (const way of WAYS) {
      const other = presentationOf(way, presentation);
      expect(problemsOf(other), way).toEqual([]);
      for (const again of WAYS) expect(problemsOf(presentationOf(again, other)), `${way}, ${again}`).toEqual([]);
    }
  });

  it('keeps what both have: depth, water, hands, fish, drag', () => {
    const cast = presentationOf('cast', {
      ...fullTow,
      layers: undefined,
      depthM: 7,
      fishKg: 3,
      clutchN: 12,
      stance: 'seated',
    });
    expect(cast).toMatchObject({ kind: 'cast', depthM: 7, fishKg: 3, clutchN: 12, stance: 'seated' });
    expect(presentationOf('drifted', cast)).toMatchObject({ kind: 'towed', way: 'drifted', depthM: 7, held: 'hand' });
  });

  it('is the same where nothing changes', () => {
    const cast = presentationOf('cast');
    expect(presentationOf('cast', cast)).toBe(cast);
    expect(presentationOf('trolled', trolled)).toEqual(trolled);
  });
});

describe('where a new setup starts', () => {
  it.each(RIG_IDS)('%s: a presentation that can be saved, fished as its pattern is', (rig) => {
    const start = startPresentation(rig);
    expect(problemsOf(start)).toEqual([]);
    const { fished } = rigPattern(rig);
    expect(start.kind === 'cast' ? 'cast' : start.way).toBe(fished);
    const { parts, chain } = sampleOf(rig);
    const usual = usualPresentation(rig, parts, chain);
    expect(problemsOf(usual)).toEqual([]);
    const reel = parts.find((part) => part.kind === 'reel')!;
    expect(usual.clutchN!).toBeLessThanOrEqual(Math.max(PRESENTATION_LIMITS.clutchN.min, reel.clutchMaxN.value));
  });

  it.each(RIG_IDS)('%s: a chain that the models read, each slot with a part that fits it', (rig) => {
    const { parts, chain } = sampleOf(rig);
    expect(chainProblems(chain)).toEqual([]);
    for (const [i, slot] of rigPattern(rig).slots.entries()) {
      const part = parts[i]!;
      expect(fitsSlot(part, slot), slot.id).toBe(true);
      expect(partSchema.safeParse(part).success, slot.id).toBe(true);
      expect(PARTS_OF_JOINT[chain[i]!.kind]).toContain(part.kind);
    }
  });

  it('is none while a slot is empty', () => {
    const { slots } = rigPattern('plug');
    expect(chainOf(slots, { rod: partIdSchema.parse('a-rod') })).toBeNull();
  });

  it('sets the drag lower where the house has a patient hand', () => {
    const { parts, chain } = sampleOf('sliding-weedless');
    const firm = usualPresentation('sliding-weedless', parts, chain, { 'clutch-hand': 'firm' });
    const patient = usualPresentation('sliding-weedless', parts, chain, { 'clutch-hand': 'patient' });
    expect(patient.clutchN!).toBeLessThan(firm.clutchN!);
  });

  it('starts as the pattern does where a part is beyond what a model takes', () => {
    const { parts, chain } = sampleOf('plug');
    const odd = parts.map((part) =>
      part.kind === 'rod' ? { ...part, lengthM: { ...part.lengthM, value: 99 } } : part,
    ) as Part[];
    expect(usualPresentation('plug', odd, chain)).toEqual(startPresentation('plug'));
  });

  it.each(['downrigger', 'side-planer'] as const)(
    'a %s as it usually is can be saved, whatever line is out',
    (kind) => {
      for (const lineOutM of [PRESENTATION_LIMITS.lineOutM.min, 30, PRESENTATION_LIMITS.lineOutM.max])
        for (const side of ['steel', 'braid'])
          expect(
            problemsOf({ ...trolled, lineOutM, gear: startGear(kind, lineOutM, { 'weight-line': side }) }),
            `${lineOutM} m`,
          ).toEqual([]);
    },
  );
});

describe('a joint that is added', () => {
  it.each(ADDABLE)('a %s is one that can be saved, under an id of its own', (kind) => {
    const partId = partIdSchema.parse('a-part');
    const chain = [{ id: 'rod' }, { id: kind }, { id: `${kind}-2` }];
    const joint = newJoint(kind as JointKind, partId, chain);
    expect(joint.id).toBe(`${kind}-3`);
    expect(newJoint(kind as JointKind, partId, []).id).toBe(kind);
    expect(jointSchema.safeParse(joint).success).toBe(true);
  });
});

describe('what fits where', () => {
  it('takes what is there, in every joint of the demo', () => {
    for (const { id, revision, file } of demoFiles)
      for (const joint of file.chain) {
        const part = file.parts.find((each) => each.id === joint.partId) as Part;
        expect(fitsJoint(part, file.chain, joint, file.parts as Part[]), `${id} ${revision} ${joint.id}`).toBe(true);
      }
  });

  it('ties line to line only between lines, whatever slides between', () => {
    const kinds = (...all: JointKind[]) => all.map((kind) => ({ kind }));
    expect(tiesLines(kinds('rod', 'reel', 'line', 'knot', 'leader', 'knot', 'hook'), 3)).toBe(true);
    expect(tiesLines(kinds('rod', 'reel', 'line', 'knot', 'leader', 'knot', 'hook'), 5)).toBe(false);
    expect(tiesLines(kinds('rod', 'reel', 'line', 'knot', 'hardware', 'knot', 'leader'), 3)).toBe(false);
  });

  it('offers a knot for its use, and each built-in knot is one', () => {
    const { chain, parts } = sampleOf('weightless-weedless');
    for (const knot of builtInKnots) {
      expect(partSchema.safeParse(knot).success).toBe(true);
      if (knot.kind !== 'knot') continue;
      for (const at of ['leader-knot', 'hook-knot'] as const) {
        const joint = chain.find(({ id }) => id === at)!;
        expect(fitsJoint(knot, chain, joint, parts), `${knot.pattern} at ${at}`).toBe(
          KNOTS[knot.pattern].use === (at === 'leader-knot' ? 'line-to-line' : 'terminal'),
        );
      }
    }
  });

  it('gives a treble no bait to lie in, and a fixed weight no line to slide on', () => {
    const { chain } = sampleOf('sliding-weedless');
    const treble = demoParts.find((part) => part.kind === 'hook' && part.points === 'treble')!;
    const hook = chain.find(({ kind }) => kind === 'hook')!;
    expect(fitsJoint(treble, chain, hook, demoParts)).toBe(false);
    expect(fitsJoint(treble, chain, { ...hook, point: 'open' } as typeof hook, demoParts)).toBe(true);
    const weight = chain.find(({ kind }) => kind === 'weight')!;
    const fixed = { ...demoParts.find((part) => part.kind === 'weight')!, rigging: 'fixed' } as Part;
    expect(fitsJoint(fixed, chain, weight, demoParts)).toBe(false);
    expect(fitsJoint(fixed, chain, { ...weight, hold: 'fixed' } as typeof weight, demoParts)).toBe(true);
  });

  it('asks a rod’s windows of masses and lines, and of nothing else', () => {
    const rod = demoParts.find((part) => part.kind === 'rod' && part.rating !== null && part.lineHiN !== undefined)!;
    if (rod.kind !== 'rod') throw new Error('no rod');
    const hiKg = rod.rating!.hiKg.value;
    const weightOf = (value: number) =>
      ({
        ...demoParts.find(({ kind }) => kind === 'weight')!,
        massKg: { value, unit: 'kg', provenance: 'label' },
      }) as Part;
    expect(fitsRod(weightOf(hiKg), rod)).toBe(true);
    expect(fitsRod(weightOf(1.01 * hiKg), rod)).toBe(false);
    expect(fitsRod(weightOf(0.4 * rod.rating!.loKg.value), rod)).toBe(false);
    const lineOf = (value: number) =>
      ({
        ...demoParts.find(({ kind }) => kind === 'line')!,
        strengthN: { value, unit: 'N', provenance: 'label' },
      }) as Part;
    expect(fitsRod(lineOf(rod.lineHiN!.value), rod)).toBe(true);
    expect(fitsRod(lineOf(1.01 * rod.lineHiN!.value), rod)).toBe(false);
    expect(fitsRod(rod, rod)).toBe(true);
    expect(fitsRod({ ...rod, id: partIdSchema.parse('another-rod') }, rod)).toBe(false);
    expect(
      fitsRod(
        demoParts.find(({ kind }) => kind === 'reel')!,
        rod,
      ),
    ).toBe(true);
  });
});
