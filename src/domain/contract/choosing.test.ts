import { describe, expect, it } from 'vitest';
import { demoFile } from '../../../tests/helpers/demo';
import { demoParts } from '@/db/demo';
import { MODELS } from '.';

const run = (name: string, input: unknown) => MODELS.find((model) => model.name === name)!.run(input);
const paths = (name: string, input: unknown) => {
  const result = run(name, input);
  return result.ok ? [] : result.problems.map(({ path }) => path);
};
const answer = (name: string, input: unknown) => {
  const result = run(name, input);
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  const model = MODELS.find((each) => each.name === name)!;
  expect(model.output.safeParse(result.data).error?.issues ?? []).toEqual([]);
  return result.data as Record<string, unknown>;
};

const setup = demoFile('setup-feather');
const rod = { lengthM: 2, stiffness: { kind: 'taper', buttEiNm2: 80, tipRatio: 0.2 } };
const bend = { ...rod, pull: { forceN: 5, angleRad: 1.5 } };
const axis = { path: 'presentation.distanceM', from: 5, to: 15, steps: 3 };

describe('ranges', () => {
  it('take a setup, or any model with spreads', () => {
    expect(answer('ranges', { setup, draws: 16 })).toMatchObject({ outcome: 'ok', seed: 20, draws: 16 });
    expect(
      answer('ranges', { model: 'rod-bend', input: bend, spreads: { 'stiffness.buttEiNm2': 0.2 }, draws: 16, seed: 3 }),
    ).toMatchObject({ seed: 3, refused: 0 });
  });
  it.each([
    ['an unknown key', { setup, spread: 1 }, ['spread']],
    ['a bad field of the setup', { setup: { ...setup, version: 2 } }, ['setup.version']],
    [
      'a bad field of the model’s input',
      { model: 'rod-bend', input: { ...bend, lengthM: -1 }, spreads: {} },
      ['input.lengthM'],
    ],
    [
      'a path that names no number',
      { model: 'rod-bend', input: bend, spreads: { 'stiffness.kind': 0.1 } },
      ['spreads.stiffness.kind'],
    ],
    ['a negative spread', { model: 'rod-bend', input: bend, spreads: { lengthM: -0.1 } }, ['spreads.lengthM']],
    ['an unknown model', { model: 'forecast', input: {}, spreads: {} }, ['model']],
    ['half a draw', { setup, draws: 16.5 }, ['draws']],
    ['too few draws', { setup, draws: 2 }, ['draws']],
  ])('refuse %s at its field', (_, input, at) => expect(paths('ranges', input)).toEqual(at));
});

describe('sweep', () => {
  it('takes a setup, or any model; a value outside its limits is a gap', () => {
    expect(answer('sweep', { setup, vary: [axis], of: ['verdicts.throw.mark'] })).toMatchObject({
      results: [{ values: ['fails', 'fails', 'fails'] }],
    });
    expect(
      answer('sweep', {
        model: 'rod-bend',
        input: bend,
        vary: [{ path: 'pull.angleRad', from: -1, to: 1, steps: 3 }],
        of: ['leverArmM'],
      }),
    ).toMatchObject({ results: [{ values: [null, 0, expect.any(Number)] }] });
  });
  it.each([
    ['no axis', { setup, vary: [], of: ['castMassKg'] }, ['vary']],
    ['three axes', { setup, vary: [axis, axis, axis], of: ['castMassKg'] }, ['vary']],
    [
      'a path that names no number',
      { setup, vary: [{ ...axis, path: 'presentation.mouth' }], of: ['castMassKg'] },
      ['vary[0].path'],
    ],
    ['a result that no cell has', { setup, vary: [axis], of: ['castMassKg', 'verdicts.luck.value'] }, ['of[1]']],
    ['one step', { setup, vary: [{ ...axis, steps: 1 }], of: ['castMassKg'] }, ['vary[0].steps']],
    [
      'too many cells',
      {
        setup,
        vary: [
          { ...axis, steps: 200 },
          { ...axis, path: 'presentation.depthM', steps: 200 },
        ],
        of: ['castMassKg'],
      },
      ['vary[1].steps'],
    ],
    ['words for figures', { setup, vary: [{ ...axis, from: '5' }], of: ['castMassKg'] }, ['vary[0].from']],
  ])('refuses %s at its field', (_, input, at) => expect(paths('sweep', input)).toEqual(at));
});

describe('remedy', () => {
  it('mends from the box, and without one by technique and classes', () => {
    expect(answer('remedy', { setup, box: demoParts, most: 1 })).toMatchObject({
      outcome: 'ok',
      remedies: [{ makesSound: true }],
    });
    const { remedies } = answer('remedy', { setup, most: 3 }) as {
      remedies: { changes: { kind: string; from?: string }[] }[];
    };
    expect(remedies.length).toBeGreaterThan(0);
    expect(
      remedies.flatMap(({ changes }) => changes).every(({ kind, from }) => kind !== 'part' || from === 'class'),
    ).toBe(true);
  });
  it('refuses a box that is none, and too many remedies', () => {
    expect(paths('remedy', { setup, box: [{ kind: 'rod' }] })[0]).toMatch(/^box\[0\]/);
    expect(paths('remedy', { setup, most: 500 })).toEqual(['most']);
    expect(paths('remedy', {})).toEqual(['setup']);
  });
});

describe('between the take and the net', () => {
  const towing = { rod, heldRad: 1.4, line: [{ lengthM: 30, eaN: 1500 }], speedMps: 1, fishKg: null, neededN: 12 };
  it('answers in the shape it says', () => {
    expect(answer('load-up', towing)['outcome']).toBe('buries');
    expect(answer('winding', { gearRatio: 6, nowRadiusM: 0.02, handleM: 0.05, speedsMps: [1] })['outcome']).toBe('ok');
    expect(answer('small-craft', { pullN: 20, hullDragN: 16, tipHeightM: 2 })['outcome']).toBe('holds');
  });
  it.each([
    ['load-up', { ...towing, giveToRad: 1.5 }, 'giveToRad'],
    ['load-up', { ...towing, speedMps: 0 }, 'speedMps'],
    ['load-up', { ...towing, line: [{ lengthM: 30, eaN: 0 }] }, 'line[0].eaN'],
    ['winding', { gearRatio: 6, nowRadiusM: 0.02, handleM: 0.05, speedsMps: [] }, 'speedsMps'],
    ['winding', { gearRatio: 6, nowRadiusM: 0.02, handleM: 0.05, speedsMps: [1], efficiency: 1.2 }, 'efficiency'],
    ['small-craft', { pullN: 20, hullDragN: 0, tipHeightM: 2 }, 'hullDragN'],
    ['small-craft', { pullN: 20, hullDragN: 16, tipHeightM: 2, beamM: 1 }, 'beamM'],
  ])('%s refuses what cannot be at its field', (name, input, at) => expect(paths(name, input)).toEqual([at]));
});
