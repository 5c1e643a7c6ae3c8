import { describe, expect, it } from 'vitest';
import { asked, changed, dunlin, files, lake, sound } from '../../../tests/helpers/demo-spreads';
import { wordsIn } from '../../../tests/helpers/words';
import { demoParts, demoSpreads } from '@/db/demo';
import { partIdSchema } from '@/domain/ids';
import { isSolved } from '@/domain/spread/line-names';
import { solveSpread, type SolvedLine, type SpreadQuestion } from '@/domain/spread/solve';
import type { SpreadDocument } from '@/domain/spread/spread';
import { LOCALES } from '@/i18n/preferences';
import { boatGeometry } from './drawings/geometry';
import { extentOf } from './drawings/frame';
import { lineState, type LineRemark } from './line-state';
import { markText, nameOf, numberOf, rodName } from './words';

const english = wordsIn({ locale: 'en', units: 'metric', lighting: 'day', speedUnit: 'usual', letterKeys: 'on' });

/** What stands beside a line of a spread, with its answer changed where a case asks for it. */
function stateOf(
  spread: SpreadDocument,
  id: string,
  {
    answer = {},
    question = {},
  }: { readonly answer?: Partial<SolvedLine>; readonly question?: Partial<SpreadQuestion> } = {},
) {
  const whole = { ...asked(spread), ...question };
  const solved = solveSpread(whole);
  const line = spread.lines.find((each) => each.id === id)!;
  const own = solved.lines.find((each) => each.id === id)!;
  return lineState(line, isSolved(own) ? { ...own, ...answer } : own, { question: whole, spread: solved.spread });
}
const codes = (remarks: readonly LineRemark[]) => remarks.map(({ code }) => code);

describe('how a line stands', () => {
  const [first] = lake.lines;
  const id = first!.id;
  const band = { of: 'surface' as const, fromM: 5, toM: 8 };
  const wanted = changed(lake, id, { wants: band });
  const at = (depthM: number, depthSdM = 0.1) => {
    const { shape, remarks } = stateOf(wanted, id, {
      answer: { depthM, depthSdM, outcome: 'runs', works: null, spoolM: null },
    });
    return [shape, codes(remarks).filter((code) => ['shallow', 'deep', 'unsure'].includes(code))[0] ?? null] as const;
  };

  it.each([
    [6.5, 0.1, null],
    [4.9, 0.5, 'shallow'],
    [3, 0.1, 'shallow'],
    [8.1, 0.5, 'deep'],
    [12, 0.1, 'deep'],
    [7.9, 0.5, 'unsure'],
    [5.05, 0.5, 'unsure'],
  ] as const)('%d m deep, give or take %d: %s', (depthM, sdM, code) => expect(at(depthM, sdM)[1]).toBe(code));

  it('is crossed where the whole of its range is outside, half where only its middle is', () => {
    expect(at(3)[0]).toBe('crossed');
    expect(at(12)[0]).toBe('crossed');
    const clear = { ...wanted, clearM: 0.3, lines: [wanted.lines[0]!] };
    const half = stateOf(clear, id, {
      answer: { depthM: 4.9, depthSdM: 0.5, outcome: 'runs', works: null, spoolM: null },
    });
    expect(half.shape).toBe('half');
    const well = stateOf(clear, id, {
      answer: { depthM: 6.5, depthSdM: 0.1, outcome: 'runs', works: null, spoolM: null },
    });
    expect([well.shape, well.remarks]).toEqual(['filled', []]);
  });

  it('is told too slow and too fast against where its lure works', () => {
    const alone = { ...wanted, lines: [wanted.lines[0]!] };
    const works = (fromMps: number, toMps: number) =>
      codes(stateOf(alone, id, { answer: { works: { fromMps, toMps } } }).remarks);
    expect(works(alone.speedMps + 0.3, 3)).toContain('slow');
    expect(works(0, alone.speedMps - 0.3)).toContain('fast');
    expect(works(0.5, 3).filter((code) => code === 'slow' || code === 'fast')).toEqual([]);
  });

  it('is told out of the water, on the ground, and beyond its spool', () => {
    const alone = { ...wanted, lines: [wanted.lines[0]!] };
    const said = (answer: Partial<SolvedLine>) => stateOf(alone, id, { answer });
    expect(said({ outcome: 'in-the-air' })).toMatchObject({ shape: 'crossed' });
    expect(codes(said({ outcome: 'on-bottom' }).remarks)).toContain('bottom');
    expect(said({ spoolM: 5 }).remarks).toContainEqual({ code: 'spool', haveM: 5 });
    expect(codes(said({ spoolM: null }).remarks)).not.toContain('spool');
  });

  it('names the other where two take one place or one rod', () => {
    const [a, b] = lake.lines;
    const twice = changed(lake, b!.id, { pointId: a!.pointId });
    expect(stateOf(twice, a!.id).remarks).toContainEqual({ code: 'place-twice', other: b!.id });
    const rodId = partIdSchema.parse(files[a!.setupId]!.chain.find(({ kind }) => kind === 'rod')!.partId);
    const sameRod = changed(changed(lake, a!.id, { rodId }), b!.id, { rodId });
    expect(stateOf(sameRod, b!.id).remarks).toContainEqual({ code: 'rod-twice', other: a!.id });
  });

  it('looks for lures that run high in the white water behind the propeller', () => {
    const craft = { ...dunlin, whiteWater: { widthM: 8, lengthM: 60 } };
    const high = { ...lake, lines: [lake.lines[0]!] };
    const solved = solveSpread({ ...asked(high), craft });
    const lure = solved.spread!.lines[0]!.lureM;
    const isIn = lure[2] < 2 && lure[1] <= 60 && 2 * Math.abs(lure[0]) <= 8;
    expect(codes(stateOf(high, id, { question: { craft } }).remarks).includes('white')).toBe(isIn);
    const none = { ...dunlin, whiteWater: { widthM: 0, lengthM: 0 } };
    expect(codes(stateOf(high, id, { question: { craft: none } }).remarks)).not.toContain('white');
  });

  it('is not known where it could not be solved', () => {
    const gone = changed(lake, id, { pointId: 'no-place' });
    expect(stateOf(gone, id)).toEqual({ shape: 'dotted', remarks: [] });
    expect(lineState(lake.lines[0]!, undefined, { question: asked(lake), spread: null })).toEqual({
      shape: 'dotted',
      remarks: [],
    });
  });
});

describe('where lines lie', () => {
  it.each(demoSpreads.map((spread) => [spread.name, spread] as const))(
    '%s: each line hangs together, from its tip to its lure',
    (_, spread) => {
      const solved = solveSpread(asked(spread));
      const lines = boatGeometry(solved, asked(spread).turn);
      expect(lines.map(({ id }) => id).filter((id) => id !== 'probe')).toEqual(spread.lines.map(({ id }) => id));
      for (const { pieces, lureM, turned, depthSdM } of lines) {
        expect(pieces.at(-1)!.points.at(-1)).toEqual(lureM);
        expect(depthSdM).toBeGreaterThanOrEqual(0);
        for (const { points } of [...pieces, ...(turned ?? [])])
          for (const point of points) for (const m of point) expect(Number.isFinite(m)).toBe(true);
        // A lure behind a ball or a board starts where the piece before it let go of the line.
        for (const [i, piece] of pieces.entries()) {
          if (i === 0) continue;
          const before = pieces[i - 1]!.points;
          const from = piece.points[0]!;
          const nearest = Math.min(...before.map((point) => Math.hypot(...point.map((m, axis) => m - from[axis]!))));
          expect(nearest).toBeLessThan(0.01);
        }
      }
      const extent = extentOf(lines, dunlin.lengthM, 0);
      for (const { lureM } of lines) {
        expect(lureM[1]).toBeLessThanOrEqual(extent.aftM);
        expect(Math.abs(lureM[0])).toBeLessThanOrEqual(extent.asideM);
        expect(lureM[2]).toBeLessThanOrEqual(extent.deepM);
      }
    },
  );

  it('is nothing where no line can be drawn', () => {
    const none = { ...lake, lines: [], probe: null };
    expect(boatGeometry(solveSpread(asked(none)), asked(none).turn)).toEqual([]);
  });
});

describe.each(LOCALES)('how lines are called, in %s', (locale) => {
  const words = wordsIn({ ...english.preferences, locale });
  it('by their number, with what takes them there', () => {
    const [a] = sound.lines;
    expect(numberOf(sound, a!.id)).toBe(1);
    expect(nameOf(words, sound, a!.id)).toBe('1');
    const names = ['probe', `${a!.id} cable`, `${a!.id} board`].map((name) => nameOf(words, sound, name));
    expect(new Set([...names, '1']).size).toBe(4);
    expect(names[1]).toContain('1');
  });

  it('each with its mark as it is read at the rod, and the rod by its nickname', () => {
    for (const spread of demoSpreads)
      for (const line of spread.lines) {
        const file = files[line.setupId]!;
        expect(markText(words, line, file)).toMatch(/\d|\p{L}/u);
        expect(markText(words, line, file)).not.toMatch(/undefined|NaN|spread\./);
        expect(rodName(words, file)).toBe(
          (demoParts.find(({ id }) => id === file.chain[0]!.partId) as { readonly name?: string }).name,
        );
      }
    expect([rodName(words, null), markText(words, sound.lines[0]!, null)]).toEqual(['–', '–']);
  });
});
