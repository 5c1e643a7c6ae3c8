import { hookStep, type Setup } from '@/core/tackle';
import fc from 'fast-check';
import { describe, expect, expectTypeOf, it } from 'vitest';
import { demoFile, demoFiles } from '../../tests/helpers/demo';
import type { BenchId, PartId } from './ids';
import { inBoxOrder } from './part-order';
import { partSchema } from './parts';
import { parse, type Problem } from './problems';
import { revisionLetter } from './revision-letter';
import { setupFileSchema, type SetupFile } from './setup';

const wall = demoFile('setup-drowned-wall');
const problems = (input: unknown): readonly Problem[] => {
  const result = parse(setupFileSchema, input);
  return result.ok ? [] : result.problems;
};
const paths = (input: unknown) => problems(input).map(({ path }) => path);
const copy = (): SetupFile => structuredClone(wall);

describe('setup file', () => {
  it('takes every demo setup back from its own JSON', () => {
    for (const { file } of demoFiles)
      expect(parse(setupFileSchema, JSON.parse(JSON.stringify(file)))).toEqual({ ok: true, data: file });
  });

  it('fits the core without a cast', () => {
    expectTypeOf<SetupFile>().toExtend<Setup>();
    expectTypeOf<PartId>().not.toExtend<BenchId>();
  });

  it.each<[string, (file: SetupFile) => unknown, string]>([
    [
      'a number as text',
      (f) => ({ ...f, presentation: { ...f.presentation, distanceM: '22' } }),
      'presentation.distanceM',
    ],
    [
      'a distance out of range',
      (f) => ({ ...f, presentation: { ...f.presentation, distanceM: 500 } }),
      'presentation.distanceM',
    ],
    ['an unknown field', (f) => ({ ...f, colour: 'red' }), 'colour'],
    ['an unknown kind of part', (f) => ({ ...f, parts: [{ kind: 'anchor' }, ...f.parts.slice(1)] }), 'parts[0].kind'],
    [
      'a unit of another measure',
      (f) => ({
        ...f,
        parts: f.parts.map((part) =>
          part.kind === 'soft-bait' ? { ...part, massKg: { ...part.massKg, unit: 'g' } } : part,
        ),
      }),
      'parts[6].massKg.unit',
    ],
    [
      'a joint whose part is missing',
      (f) => ({ ...f, parts: f.parts.filter((part) => part.kind !== 'reel') }),
      'chain[1].partId',
    ],
    [
      'a joint with a part of another kind',
      (f) => ({
        ...f,
        chain: f.chain.map((joint) => (joint.kind === 'reel' ? { ...joint, partId: f.chain[0]!.partId } : joint)),
      }),
      'chain[1].partId',
    ],
    ['joints out of order', (f) => ({ ...f, chain: [f.chain[1], f.chain[0], ...f.chain.slice(2)] }), 'chain[1].kind'],
    [
      'two joints of one id',
      (f) => ({ ...f, chain: f.chain.map((joint) => (joint.kind === 'reel' ? { ...joint, id: 'rod' } : joint)) }),
      'chain[1].id',
    ],
    ['a rig without a hook', (f) => ({ ...f, chain: f.chain.slice(0, 7) }), 'chain[7]'],
    [
      'a bait with nothing to hang on',
      (f) => ({ ...f, chain: f.chain.filter(({ kind }) => kind !== 'hook') }),
      'chain[7].kind',
    ],
    ['a second reel', (f) => ({ ...f, chain: [...f.chain, { ...f.chain[1], id: 'again' }] }), 'chain[9].kind'],
    [
      'a side that no school has',
      (f) => ({ ...f, house: { ...f.house, schools: { strike: 'never' } } }),
      'house.schools.strike',
    ],
    [
      'a class value ten times off',
      (f) => ({ ...f, house: { ...f.house, classes: { 'mouths.soft.strengthMpa': 50 } } }),
      'house.classes.mouths.soft.strengthMpa',
    ],
    [
      'a class value that there is not',
      (f) => ({ ...f, house: { ...f.house, classes: { 'mouths.wet.strengthMpa': 2 } } }),
      'house.classes.mouths.wet.strengthMpa',
    ],
    [
      'a break wanted at no joint',
      (f) => ({ ...f, presentation: { ...f.presentation, wanted: { ...f.presentation.wanted, breakAt: 'nowhere' } } }),
      'presentation.wanted.breakAt',
    ],
    [
      'a sweep that goes backwards',
      (f) => ({ ...f, presentation: { ...f.presentation, sweep: { ...f.presentation.sweep, endRad: 0.1 } } }),
      'presentation.sweep.endRad',
    ],
    [
      'half of the water',
      (f) => ({ ...f, presentation: { ...f.presentation, water: { densityKgPm3: 1000 } } }),
      'presentation.water.viscosityPaS',
    ],
  ])('refuses %s at its own path', (_name, change, path) => expect(paths(change(copy()))).toContain(path));

  it('names every wrong field, not only the first', () =>
    expect(paths({ ...copy(), name: '', presentation: { ...wall.presentation, depthM: -1, slackM: null } })).toEqual(
      expect.arrayContaining(['name', 'presentation.depthM', 'presentation.slackM']),
    ));

  it('says what was given and what is allowed', () =>
    expect(problems({ ...copy(), presentation: { ...wall.presentation, depthM: 0.01 } })).toEqual([
      { path: 'presentation.depthM', given: 0.01, allowed: { kind: 'at-least', bound: 0.1, of: 'number' } },
    ]));
});

describe('part', () => {
  it('refuses a jig head lighter than its hook, and a spool inside out', () => {
    const head = demoFile('setup-long-flat').parts.find((part) => part.kind === 'jig-head')!;
    expect(parse(partSchema, { ...head, massKg: { ...head.massKg, value: 1e-5 } })).toMatchObject({
      ok: false,
      problems: [{ path: 'massKg.value' }],
    });
    const reel = wall.parts.find((part) => part.kind === 'reel')!;
    expect(parse(partSchema, { ...reel, arborRadiusM: reel.fullRadiusM })).toMatchObject({
      ok: false,
      problems: [{ path: 'fullRadiusM.value' }],
    });
  });
  it('lies in the box by sort and size', () => {
    const found = demoFiles.flatMap(({ file }) =>
      file.parts.flatMap((part) => (part.kind === 'hook' && part.style === 'worm-offset' ? [part] : [])),
    );
    const hooks = inBoxOrder(found, (hook) => hook);
    expect(hooks.map(({ size }) => size)).toEqual(
      [...hooks.map(({ size }) => size)].sort((a, b) => hookStep(a)! - hookStep(b)!),
    );
  });
});

it.each([
  ['18', -9],
  ['4', -2],
  ['2', -1],
  ['1', 0],
  ['1/0', 1],
  ['12/0', 12],
  ['13/0', null],
  ['0', null],
  ['2/1', null],
  ['', null],
])('hook size %s stands at %s', (size, step) => expect(hookStep(size)).toBe(step));

it('letters revisions A to Z, then AA', () => {
  expect([1, 2, 26, 27, 52, 53, 703].map(revisionLetter)).toEqual(['A', 'B', 'Z', 'AA', 'AZ', 'BA', 'AAA']);
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 5000 }),
      fc.integer({ min: 1, max: 5000 }),
      (a, b) => a === b || revisionLetter(a) !== revisionLetter(b),
    ),
  );
});
