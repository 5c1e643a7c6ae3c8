import { beforeAll, describe, expect, it } from 'vitest';
import { demoFiles } from '../../../tests/helpers/demo';
import { finish, quiver, scoreRods, wantsOf } from '@/core/decide';
import { loadMixedInteger } from '@/core/base/numeric';
import { evaluate } from '@/core/judge';
import { demoParts } from '@/db/demo';
import { setupIdSchema } from '@/domain/ids';
import { classRods } from '@/domain/quiver/class-rods';
import { luresInSetups } from '@/domain/quiver/lures-in-setups';
import type { QuiverPage } from '@/server/queries/quiver-page';
import { missedAlone, presentedOf, reelsOf, rodsFor, scoresOf, servedAt, throughTheDay, twinsOf } from './job';
import { roundsBetween } from './map-scale';

const setups = demoFiles
  .filter(({ newest }) => newest)
  .map(({ id, file }) => ({ id: setupIdSchema.parse(id), name: file.name, number: 1, file }));
const lures = luresInSetups(
  setups.map(({ file }) => file),
  demoParts,
  (file) => evaluate(file).verdicts.set.mark !== 'fails',
).map(({ part, as, jointId }) => ({ partId: part.id, setupId: setups.find(({ file }) => file === as)!.id, jointId }));
const toBuy = { cast: classRods(['cast', 'spin']), towed: classRods(['trolling', 'boat']) };
const page: QuiverPage = { setups, box: demoParts, lures, toBuy, decks: [], broken: [], brokenDecks: [] };
const presented = presentedOf(page, 'cast', true);
const rods = rodsFor(demoParts, 'cast');
const table = presented.map(({ file }) => ({
  wants: wantsOf(file),
  scores: scoreRods(file, rods, reelsOf(demoParts)),
}));
const FLOOR = 0.9;
const everyRod = [...rods.keys()];
const served = servedAt(table, FLOOR, everyRod);
const names = (indices: readonly number[]) => indices.map((r) => rods[r]!.name);

beforeAll(() => loadMixedInteger());

describe('the demo Box', () => {
  const holes = served.flatMap(({ by }, p) => (by.length === 0 ? [p] : []));
  const mends = (p: number) =>
    Math.max(...scoreRods(presented[p]!.file, toBuy.cast, reelsOf(demoParts)).map(({ score }) => score));

  it('has one hole between its rods: what a class of rod would fill; two are of line and hook', () => {
    const real = holes.filter((p) => mends(p) >= FLOOR);
    expect(real.map((p) => presented[p]!.lure?.id)).toEqual(['lure-sink-190']);
    expect(holes.filter((p) => mends(p) < FLOOR).map((p) => presented[p]!.setupId)).toEqual([
      'setup-lily-bay',
      'setup-long-flat',
    ]);
  });

  it('has rods that another makes redundant', () =>
    expect(twinsOf(served, table).map(({ rod, by }) => [rods[rod]!.name, rods[by]!.name])).toEqual([
      ['Dipper', 'Wagtail'],
      ['Plover', 'Tern'],
      ['Kestrel', 'Tern'],
    ]));

  it('by the solver: nothing is lost without it, and the hole is named', () => {
    const kestrel = rods.findIndex(({ name }) => name === 'Kestrel');
    const scores = scoresOf(table);
    const all = finish(quiver({ scores, mode: 'best-k', k: rods.length }));
    const without = finish(quiver({ scores, mode: 'best-k', k: rods.length, excluded: [kestrel] }));
    expect(without.totalScore).toBeCloseTo(all.totalScore, 9);
    expect(missedAlone(table, served, everyRod).find(({ rod }) => rod === kestrel)).toMatchObject({
      score: 0,
      holes: 0,
    });
    const cover = finish(quiver({ scores, mode: 'cover', floor: FLOOR }));
    expect(cover).toMatchObject({ outcome: 'not-coverable', uncovered: holes, gap: 0 });
    expect(names(cover.rods).filter((name) => name === 'Kestrel' || name === 'Plover')).toHaveLength(1);
  });

  it('a rod that stays out serves nothing and makes none redundant: its holes are those of the solver', () => {
    const out = rods.flatMap(({ name }, r) => (name === 'Gannet' || name === 'Kestrel' ? [r] : []));
    const allowed = everyRod.filter((r) => !out.includes(r));
    const without = servedAt(table, FLOOR, allowed);
    const uncovered = without.flatMap(({ by }, p) => (by.length === 0 ? [p] : []));
    expect(finish(quiver({ scores: scoresOf(table), mode: 'cover', floor: FLOOR, excluded: out })).uncovered).toEqual(
      uncovered,
    );
    expect(uncovered.length).toBeGreaterThan(holes.length);
    expect(
      twinsOf(without, table)
        .flatMap(({ rod, by }) => [rod, by])
        .some((r) => out.includes(r)),
    ).toBe(false);
    expect(without.every(({ best }) => allowed.includes(best))).toBe(true);
  });

  it('tells each chosen rod its day: every served presentation once, on a rod that reaches the floor', () => {
    const chosen = finish(quiver({ scores: scoresOf(table), mode: 'cover', floor: FLOOR })).rods;
    const days = throughTheDay(chosen, table, presented, FLOOR);
    expect(days.flatMap(({ presentations }) => presentations).sort((a, b) => a - b)).toEqual(
      served.flatMap(({ by }, p) => (by.length > 0 ? [p] : [])),
    );
    for (const { rod, presentations, reels } of days) {
      for (const p of presentations) expect(served[p]!.by).toContain(rod);
      expect(reels.length).toBeGreaterThan(0);
    }
  });
});

describe('what is looked at', () => {
  it('casts boat rods nowhere, tows with any, light to heavy', () => {
    expect(rods).toHaveLength(11);
    expect(rodsFor(demoParts, 'towed')).toHaveLength(17);
    expect(names([0, rods.length - 1])).toEqual(['Snipe', 'Bittern']);
  });
  it('puts each lure once where its like is cast and once where it is towed', () => {
    const places = lures.map(
      ({ partId, setupId }) => `${partId} ${setups.find(({ id }) => id === setupId)!.file.presentation.kind}`,
    );
    expect(new Set(places).size).toBe(places.length);
    expect(presentedOf(page, 'cast', false).every(({ lure }) => lure === null)).toBe(true);
  });
  it('does not call a rod redundant that does nothing at all', () =>
    expect(twinsOf([{ by: [0], best: 0 }], [{ wants: table[0]!.wants, scores: table[0]!.scores.slice(0, 2) }])).toEqual(
      [],
    ));
  it('ticks an axis by one, two and five', () => expect(roundsBetween(1.5, 60)).toEqual([2, 5, 10, 20, 50]));
});
