import { describe, expect, it } from 'vitest';
import { demoFile, demoFiles } from '../../../../tests/helpers/demo';
import { due } from '../../../../tests/helpers/due';
import { evaluate, withPart } from '../../judge';
import { scoreRods, territories, wantsOf } from '.';
import type { ReelPart, RodPart, Setup } from '../../tackle';
import { DEFAULT_CLASSES } from '../../tackle/defaults/classes';
import { demoParts } from '@/db/demo';

const rods = demoParts.filter((part) => part.kind === 'rod') as readonly RodPart[];
const reels = demoParts.filter((part) => part.kind === 'reel') as readonly ReelPart[];
const over = (value: number, from: number, to: number) => Math.min(1, Math.max(0, (value - from) / (to - from)));

/** The same rig tied of lines and knots that nothing snaps at the cast. */
const strongLines = (setup: Setup): Setup => ({
  ...setup,
  presentation: setup.presentation,
  parts: setup.parts.map((part) =>
    part.kind === 'line'
      ? { ...part, strengthN: { value: 5000, unit: 'N', provenance: 'measured' }, diameterM: part.diameterM }
      : part,
  ),
});

/** The same score from a whole evaluation of the setup with that rod and reel in its joints. */
function byEvaluate(setup: Setup, rod: RodPart, reelId: string | null) {
  const joint = (kind: string) => setup.chain.find((each) => each.kind === kind)!.id;
  const reel = reels.find(({ id }) => id === reelId);
  const onRod = withPart(setup, joint('rod'), rod);
  const rigged = reel ? withPart(onRod, joint('reel'), reel) : onRod;
  const asItIs = evaluate(rigged);
  const { figures, verdicts } = asItIs;
  // The line apart, which no rod changes: on one that never snaps.
  const unsnapped = setup.presentation.kind === 'cast' ? evaluate(strongLines(rigged)) : asItIs;
  const limits = unsnapped.verdicts.throw.limits!;
  const value = unsnapped.verdicts.throw.value!;
  const thrown =
    value >= (limits.soundFrom ?? 0) && value <= limits.soundTo!
      ? 1
      : value <= limits.failsAbove! && value >= (limits.failsBelow ?? 0)
        ? 0.6
        : 0;
  const strike = figures.strike?.window;
  const margin = figures.set ? figures.set.hookset.margin : (verdicts.set.value ?? 0);
  const opening = figures.set
    ? figures.set.hookset.openingMargin
    : strike
      ? figures.strike!.asked.openingN / strike.peakN
      : null;
  return {
    throw: thrown,
    set: over(figures.set || strike ? margin : 0, 0.7, 1.4),
    opening: opening === null ? 1 : over(opening, 1, 1.5),
  };
}

describe('score of a rod', () => {
  it.each(due(demoFiles, 4).map(({ id, revision, file }) => [`${id} ${revision}`, file] as const))(
    '%s: on every rod what a whole evaluation says',
    (_, file) => {
      for (const [r, { parts, score, reelId, lowest }] of scoreRods(file, rods, reels).entries()) {
        const expected = byEvaluate(file, rods[r]!, reelId);
        for (const part of ['throw', 'set', 'opening'] as const)
          expect(parts[part], `${rods[r]!.name} ${part}`).toBeCloseTo(expected[part], 9);
        const product = parts.throw * parts.set * parts.opening * parts.handling;
        expect(score).toBeCloseTo(
          file.presentation.kind === 'cast' ? product ** 0.25 : (product * parts.strength) ** 0.2,
          12,
        );
        expect(lowest === null).toBe(Object.values(parts).every((part) => part === 1));
      }
    },
  );

  const wall = demoFile('setup-drowned-wall');
  const heron = rods.find(({ name }) => name === 'Heron')!;
  const scored = (change: Partial<Setup['presentation']>, rod = heron) =>
    scoreRods(
      { ...wall, presentation: { ...wall.presentation, ...change } as Setup['presentation'] },
      [rod],
      reels,
    )[0]!;

  it('falls where the tip dips, and where an arm is asked for more than it bears', () => {
    expect(scored({}).parts.handling).toBe(1);
    const seated = scored({ rodWorked: 'down', stance: 'seated' });
    expect(seated.figures.clearM).toBeLessThan(0);
    expect(seated.parts.handling).toBe(0);
    expect(seated.lowest).toBe('handling');
    const weak = scored({ sweep: { ...wall.presentation.sweep, peakMomentNm: 2 } });
    expect(weak.parts.handling).toBeCloseTo(weak.figures.limitNm / weak.figures.momentNm, 12);
    expect(weak.figures.limitNm).toBeCloseTo(0.6, 12);
  });

  it('takes a reel that the seat takes, the most like the one that was on', () => {
    const spin = rods.find(({ mount }) => mount === 'spin')!;
    expect(scored({}, spin).reelId).toMatch(/spin/);
    expect(scoreRods(wall, [spin], [])[0]!.reelId).toBeNull();
    expect(scored({}).reelId).toBe('reel-cast');
  });

  it('says what the hook asks: its needed force with the margin, up to what opens it', () => {
    const { figures } = evaluate(wall);
    const { castMassKg, fromN, toN } = wantsOf(wall);
    expect(castMassKg).toBe(evaluate(wall).castMassKg);
    expect(fromN).toBeCloseTo(1.4 * figures.hook.neededN, 12);
    expect(toN).toBeCloseTo(figures.hook.openingN / 1.5, 12);
  });

  it('draws a territory over the pulls of what a rod throws, and none where it throws nothing', () => {
    const table = [{ wants: wantsOf(wall), scores: scoreRods(wall, rods, reels) }];
    const places = territories(rods, 'overhead', table, DEFAULT_CLASSES);
    const at = (name: string) => places[rods.findIndex((rod) => rod.name === name)]!;
    expect(at('Snipe').pullN).toBeNull();
    expect(at('Heron').pullN![0]).toBe(table[0]!.scores[rods.indexOf(heron)]!.figures.atHookN);
    expect(at('Heron').window.soundFrom).toBeLessThan(at('Heron').window.soundTo);
  });
});
