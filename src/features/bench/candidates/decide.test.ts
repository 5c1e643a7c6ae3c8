import { describe, expect, it } from 'vitest';
import { demoFile } from '../../../../tests/helpers/demo';
import { finish, remedies, setupRanges, sweep, type Remedy } from '@/core/decide';
import { effectFigures, evaluate, VERDICT_NAMES, withPart } from '@/core/judge';
import type { Setup } from '@/core/tackle';
import { demoHouse, demoParts } from '@/db/demo';
import { changesFor } from '@/domain/remedy/changes';
import { measurableBy } from '@/domain/measurable';
import { uncertainInput } from '@/domain/uncertain-input';
import { guideFor } from '@/domain/guides';
import { changeText } from '@/i18n/change-text';
import type { I18n } from '@/i18n/client';
import { inputText } from '@/i18n/input-text';
import { wordsIn } from '../../../../tests/helpers/words';
import type { CandidateEffect } from '@/workers/protocol';
import { benchReducer, fittedSetup, isChanged, startState, triedSetup, type BenchState } from '../state/bench-state';
import { mended } from '../state/read-draft';
import { candidateRows, ordered } from './candidate-order';
import { canTakeOver, RESULTS, sweepChoices, takenOver } from '../panels/sweep/sweep-choices';
import { bands } from '../verdicts/bands';
import { causesOf, verdictRanges } from '@/domain/verdict-ranges';

const wall = demoFile('setup-drowned-wall');
const lily = demoFile('setup-lily-bay');
const readings = { box: demoParts, partsThen: [], house: demoHouse };
const stateOf = (file: typeof wall) =>
  startState({ chain: file.chain, presentation: file.presentation, version: 1, revision: 1 });
const shown = (state: BenchState) => triedSetup(fittedSetup(state, readings), state, readings);
const [english, spanish] = (['en', 'es'] as const).map((locale) =>
  wordsIn({ locale, units: 'metric', lighting: 'day', speedUnit: 'usual', letterKeys: 'on' }),
) as [I18n, I18n];

describe('a remedy on the Bench', () => {
  const found = finish(remedies({ setup: lily, ...changesFor(lily, demoParts) })).remedies;
  const own = found.find(({ makesSound }) => makesSound)!;
  const toFind = found.find(({ changes }) =>
    changes.some((change) => change.kind === 'part' && change.from === 'class'),
  )!;

  const trialOf = ({ changes }: Remedy) => ({ changes, becomes: mended(lily, changes) });

  it('is tried on without changing anything, and put back', () => {
    const tried = benchReducer(stateOf(lily), { kind: 'try-remedy', trial: trialOf(own) });
    expect(isChanged(tried)).toBe(false);
    expect(VERDICT_NAMES.map((name) => evaluate(shown(tried)).verdicts[name].mark)).not.toContain('fails');
    expect(benchReducer(tried, { kind: 'put-back' }).trial).toBeNull();
    expect(benchReducer(tried, { kind: 'select', jointId: 'rod' }).trial).toBeNull();
    expect(benchReducer(tried, { kind: 'try', partId: demoParts[0]!.id }).trial).toBeNull();
  });
  it('is fitted as one step that U takes back', () => {
    const fitted = benchReducer(benchReducer(stateOf(lily), { kind: 'try-remedy', trial: trialOf(own) }), {
      kind: 'fit',
    });
    expect([fitted.trial, isChanged(fitted), fitted.past.length]).toEqual([null, true, 1]);
    expect(
      Object.values(evaluate(shown(fitted)).verdicts).some(({ mark }) => mark === 'fails' || mark === 'edge'),
    ).toBe(false);
    expect(benchReducer(fitted, { kind: 'undo' }).draft).toEqual(stateOf(lily).draft);
  });
  it('is not fitted while its part is still to be found, and says so', () => {
    const tried = benchReducer(stateOf(lily), { kind: 'try-remedy', trial: trialOf(toFind) });
    expect(benchReducer(tried, { kind: 'fit' })).toMatchObject({ refused: 'not-yours', draft: tried.draft });
  });
  it('is said in words of either language, without a code', () => {
    for (const i18n of [english, spanish])
      for (const { changes } of found)
        for (const change of changes) {
          const { what, to } = changeText(i18n, change, lily);
          expect(`${what} ${to}`).not.toMatch(/technique\.|word\.|undefined|NaN|\w+-\w+-/);
        }
  });
});

describe('candidates in order', () => {
  const hooks = demoParts.filter((part) => part.kind === 'hook' && part.points === 'single');
  const base = evaluate(wall);
  const effects = hooks.map((part): CandidateEffect => {
    const evaluation = evaluate(withPart(wall, 'hook', part));
    return {
      partId: part.id,
      evaluation: {
        verdicts: evaluation.verdicts,
        castMassKg: evaluation.castMassKg,
        effect: effectFigures(evaluation),
      },
    };
  });
  const rows = candidateRows(hooks, effects, base);

  it('tell what each gains or loses, nothing for the one that is on', () => {
    const on = rows.find(({ part }) => part.id === 'hook-worm-offset-3x0-regular')!;
    expect(Object.values(on.gained)).toEqual([0, 0, 0, 0, 0]);
    expect(rows.find(({ part }) => part.id === 'hook-worm-offset-5x0-stout')!.gained.set!).toBeLessThan(0);
  });
  it('are sorted by any figure, either way; what has none comes last', () => {
    const needed = (by: readonly (typeof rows)[number][]) => by.map(({ effect }) => effect!.effect.neededN);
    expect(needed(ordered(rows, { by: 'neededN', descending: false }))).toEqual(needed(rows).toSorted((a, b) => a - b));
    expect(needed(ordered(rows, { by: 'neededN', descending: true }))).toEqual(needed(rows).toSorted((a, b) => b - a));
    const some = candidateRows(hooks, effects.slice(5), base);
    for (const descending of [true, false])
      expect(
        ordered(some, { by: 'set', descending })
          .slice(-5)
          .every(({ effect }) => effect === null),
      ).toBe(true);
    expect(ordered(rows, { by: 'mark', descending: false })[0]!.worst).toBe('sound');
    expect(ordered(rows, { by: 'name', descending: true })).toEqual(rows.toReversed());
  });
});

describe('ranges on the Bench', () => {
  const ranges = finish(setupRanges(wall));
  const of = verdictRanges(ranges, wall);

  it('hold the figure itself, and call a mark open that too few draws share', () => {
    for (const name of VERDICT_NAMES) {
      const { range } = of[name];
      const value = evaluate(wall).verdicts[name].value!;
      expect(range![0] <= value && value <= range![1], name).toBe(true);
    }
    expect([of.fall.isSure, of.hold.isSure]).toEqual([true, false]);
  });
  it('name what the doubt comes from in words, and the guide that narrows it', () => {
    const causes = VERDICT_NAMES.flatMap((name) => causesOf(ranges, name));
    expect(causes.length).toBeGreaterThan(5);
    for (const { path } of causes)
      for (const i18n of [english, spanish])
        expect(inputText(i18n, path, wall)).not.toMatch(/parts\[|house\.|classField|undefined/);
    expect(of.fall.mostly).toMatchObject({
      path: 'house.classes[tails.paddle-tail.perLengthSquared]',
      measure: { partId: 'bait-paddle-tail-125', guide: 'sink-test' },
    });
  });
  it('know a guide for what can be measured, and none for what cannot', () => {
    const hook = wall.parts.findIndex(({ kind }) => kind === 'hook');
    expect(measurableBy(uncertainInput(`parts[${hook}].wireM.value`, wall)!, wall)).toEqual({
      partId: wall.parts[hook]!.id,
      guide: 'calliper',
      field: 'wireM',
    });
    expect(measurableBy(uncertainInput('house.classes[mouths.bony.strengthMpa]', wall)!, wall)).toBeNull();
    const minnow = demoFile('setup-crimped-minnow');
    expect(measurableBy(uncertainInput('house.classes[towed.lipped.drag]', minnow)!, minnow)).toMatchObject({
      guide: 'dive-test',
    });
    expect(measurableBy(uncertainInput('house.classes[towed.weed.dragAreaM2]', minnow)!, minnow)).toBeNull();
    expect(
      measurableBy(uncertainInput('house.classes[knots.crossed-wrap.shares.fluorocarbon]', wall)!, wall),
    ).toMatchObject({ guide: 'pull-test' });
    expect(uncertainInput('presentation.distanceM', wall)).toBeNull();
    expect([
      guideFor('rod', 'stiffness.buttEiNm2'),
      guideFor('line', 'massKg'),
      guideFor('rod', 'rating.loKg'),
    ]).toEqual(['hang-test', null, null]);
  });
});

describe('a sweep on the Bench', () => {
  it('offers how it is fished, how it is rigged and what the parts are, each with a span that holds it', () => {
    for (const file of [wall, demoFile('setup-char-flasher')])
      for (const { label, value, from, to, path } of sweepChoices(english, file)) {
        expect(from <= value && value <= to && from < to, path).toBe(true);
        expect(label).not.toMatch(/presentation\.|undefined/);
      }
    const paths = sweepChoices(english, wall).map(({ path }) => path);
    expect(paths).toEqual(
      expect.arrayContaining(['presentation.distanceM', 'presentation.clutchN', 'chain[4].lengthM']),
    );
    expect(paths.filter(canTakeOver).every((path) => !path.startsWith('parts'))).toBe(true);
  });
  it('is what a blind change by hand gives, and takes a value over as it stands', () => {
    const compute = (setup: Setup) => evaluate(setup);
    for (const { path, from, to } of sweepChoices(english, wall)
      .filter(({ path: each }) => canTakeOver(each))
      .slice(0, 8)) {
      const { axes, results } = finish(
        sweep({ base: wall as Setup, axes: [{ path, from, to, steps: 3 }], of: ['verdicts.set.value'], compute }),
      );
      const value = axes[0]!.values[1]!;
      const next = takenOver(wall, path, value)!;
      expect(evaluate({ ...wall, ...next }).verdicts.set.value, path).toBe(results[0]!.values[1]);
    }
    expect(takenOver(wall, 'presentation.distanceM', -1)).toBeNull();
  });
  it('finds every result that it offers in some demo setup', () => {
    const files = [wall, demoFile('setup-char-flasher')];
    for (const { path } of RESULTS)
      expect(
        files.some(
          (file) =>
            finish(
              sweep({
                base: file as Setup,
                axes: [{ path: 'presentation.depthM', from: 2, to: 3, steps: 2 }],
                of: ['castMassKg'],
                compute: (setup) => evaluate(setup),
              }),
            ).outcome === 'ok' &&
            path
              .split('.')
              .reduce<unknown>((held, key) => (held as Record<string, unknown> | undefined)?.[key], evaluate(file)) !==
              undefined,
        ),
        path,
      ).toBe(true);
  });
  it('lays bands under the line that meet halfway', () =>
    expect(bands([0, 1, 2, 3], ['sound', 'sound', 'edge', null])).toEqual([
      { from: 0, to: 1.5, mark: 'sound' },
      { from: 1.5, to: 2.5, mark: 'edge' },
      { from: 2.5, to: 3, mark: 'cant-tell' },
    ]));
});
