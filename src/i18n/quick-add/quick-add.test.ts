import { describe, expect, it } from 'vitest';
import { partIdSchema } from '@/domain/ids';
import { PART_KINDS, type PartKind } from '@/domain/parts';
import { valueAt } from '@/core/decide';
import { LEXICON } from './lexicon';
import { readPart } from './read-part';

const id = partIdSchema.parse('new');
const read = (line: string) => readPart(line, id);
const figure = (line: string, path: string) => {
  const { part } = read(line);
  const held = part ? valueAt(part, path) : undefined;
  return typeof held === 'object' && held !== null && 'value' in held ? held.value : held;
};

describe('one line as it stands on a part', () => {
  it.each<[line: string, kind: PartKind, fields: Record<string, unknown>]>([
    [
      `7'2" MH fast 3/8-1 oz cast`,
      'rod',
      {
        lengthM: 7 * 0.3048 + 2 * 0.0254,
        'stiffness.power': 'medium-heavy',
        'stiffness.action': 'fast',
        'rating.loKg': 0.375 * 0.028349523125,
        'rating.hiKg': 0.028349523125,
        mount: 'cast',
      },
    ],
    [
      'caña 2,10 m MH rápida 10-28 g',
      'rod',
      { lengthM: 2.1, 'stiffness.power': 'medium-heavy', 'rating.hiKg': 0.028, mount: 'spin' },
    ],
    ['boat rod 1.9 m XH 10–20 kg', 'rod', { mount: 'boat', lineLoN: 98.0665, lineHiN: 196.133 }],
    ['worm 4/0', 'hook', { style: 'worm-offset', size: '4/0', points: 'single' }],
    ['triple 4 x20', 'hook', { style: 'treble', size: '4', points: 'treble', left: 20 }],
    ['worm 5/0 stout cutting', 'hook', { wireClass: 'stout', sharpness: 'cutting' }],
    [
      'braid 0.28 18 kg 150 m',
      'line',
      { material: 'braid', diameterM: 0.00028, strengthN: 18 * 9.80665, lengthM: 150 },
    ],
    [
      'trenzado 0,28 18 kg 150 m',
      'line',
      { material: 'braid', diameterM: 0.00028, strengthN: 18 * 9.80665, lengthM: 150 },
    ],
    [
      'fluorocarbon leader 12 lb 0.33 mm',
      'line',
      { use: 'leader-stock', strengthN: 12 * 0.45359237 * 9.80665, diameterM: 0.00033 },
    ],
    ['multiplier 6.3:1 7 kg', 'reel', { build: 'multiplier', gearRatio: 6.3, clutchMaxN: 7 * 9.80665 }],
    ['jig head 10 g 3/0', 'jig-head', { massKg: 0.01, size: '3/0' }],
    ['tungsten bullet 1/4 oz', 'weight', { material: 'tungsten', shape: 'bullet', massKg: 0.25 * 0.028349523125 }],
    ['vinilo cola de paleta 100 mm', 'soft-bait', { tail: 'paddle-tail', lengthM: 0.1 }],
    ['paddle tail 5"', 'soft-bait', { lengthM: 0.127 }],
    ['floating minnow 90 mm 10 g deep lip', 'hard-lure', { buoyancy: 'floats', lip: 'deep-lip', massKg: 0.01 }],
    [
      'emerillón 7 mm x12 EUR 3.50',
      'hardware',
      { form: 'swivel', widthM: 0.007, left: 12, 'price.minor': 350, 'price.currency': 'EUR' },
    ],
    ['live bait fish 14 cm', 'natural-bait', { state: 'live', lengthM: 0.14 }],
    ['leader 40 lb', 'line', { use: 'leader-stock', strengthN: 40 * 0.45359237 * 9.80665 }],
    ['split ring #4', 'hardware', { form: 'split-ring', size: '4' }],
    ['giratorio nº 7', 'hardware', { form: 'swivel', size: '7' }],
    ['planer board', 'hardware', { form: 'planer-board' }],
    ['wide gap 5/0 weighted 1/4 oz', 'hook', { style: 'wide-gap', shankWeightKg: 0.25 * 0.028349523125 }],
    ['treble 2 with blade', 'hook', { style: 'treble', size: '2', blade: 'blade' }],
    [
      'crankbait 3 inch single inline 1/0 firetiger',
      'hard-lure',
      { hookStyle: 'single-inline', hookSize: '1/0', colours: 'firetiger' },
    ],
    ['soft prawn 90 mm slotted amber', 'soft-bait', { tail: 'fan-tail', slot: 'slotted', colours: 'amber' }],
    ['curly tail grub 3 inch black red', 'soft-bait', { tail: 'curl-tail', colours: 'black red' }],
    ['dodger-type attractor 8 inch', 'attractor', { motion: 'swaying', lengthM: 8 * 0.0254 }],
    ['harness two hook #4 with blade', 'snell', { hooks: 2, hookSize: '4', blade: 'blade' }],
    ["surgeon's loop", 'knot', { pattern: 'overhand-loop' }],
    ['trolling reel line counter', 'reel', { build: 'multiplier' }],
  ])('%s is a %s', (line, kind, fields) => {
    const result = read(line);
    expect(result.kind).toBe(kind);
    expect(result.problems).toEqual([]);
    expect(result.leftOver).toEqual([]);
    for (const [path, expected] of Object.entries(fields)) {
      if (typeof expected === 'number') expect(figure(line, path), path).toBeCloseTo(expected, 9);
      else expect(figure(line, path), path).toBe(expected);
      expect(
        ['mount', 'points'].includes(path) ||
          result.given.some((given) => path === given || path.startsWith(`${given}.`)),
        path,
      ).toBe(true);
    }
  });

  it('marks what was read as printed on the part, and the rest as class', () => {
    const { part } = read('worm 4/0 0.7 g');
    expect(part?.kind === 'hook' && [part.massKg.provenance, part.wireM.provenance]).toEqual(['label', 'class']);
  });

  it.each([
    ['split ring #4', 0.0074],
    ['swivel no. 7', 0.0052],
    ['split ring #4 8 mm', 0.008],
  ])('%s is %f m wide', (line, width) => expect(figure(line, 'widthM')).toBeCloseTo(width, 9));

  it('makes a part of every kind from its name alone', () => {
    const kinds = new Set(Object.keys(LEXICON).flatMap((word) => read(word).part?.kind ?? []));
    expect(PART_KINDS.filter((kind) => kind !== 'knot' && !kinds.has(kind))).toEqual([]);
  });

  it.each([
    ['xyz', null, ['xyz']],
    ['', null, []],
    ['worm 44/0', 'hook', ['44/0']],
    ['reel 3000', 'reel', ['3000']],
    ['worm 4/0 sparkling', 'hook', ['sparkling']],
    ['10-28 g', null, ['10-28 g']],
  ])('“%s”: what means nothing is shown, not guessed', (line, kind, leftOver) => {
    expect(read(line)).toMatchObject({ kind, leftOver });
  });

  it('says which field cannot be', () => {
    const result = read('caña 0.1 m');
    expect(result.part).toBeNull();
    expect(result.problems.map(({ path }) => path)).toEqual(['lengthM.value']);
  });
});

describe('a line in a place whose kind is known', () => {
  const inPlace = (line: string, kind: PartKind, massIs?: string) => readPart(line, id, { kind, massIs });
  it('shows a word that means another kind of part, and what that kind has no field for', () => {
    expect(inPlace('4/0 spoon', 'hook').leftOver).toEqual(['spoon']);
    expect(inPlace('snap 60 lb stout', 'hardware').leftOver).toEqual(['stout']);
  });
  it('takes a mass for the weight on the shank where the place needs one', () => {
    const { part } = inPlace('wide gap 5/0 5 g', 'hook', 'shankWeightKg');
    expect(part?.kind === 'hook' && part.shankWeightKg?.value).toBeCloseTo(0.005, 12);
    expect(part?.kind === 'hook' && part.massKg.value).toBeGreaterThan(0.005);
  });
});
