import { HOOK_SPREAD, type HookStyle, type WireClass } from '@/core/tackle/defaults/hook-classes';
import type { Barb, Sharpness } from '@/core/tackle/defaults/hookset-classes';
import type { KnotPattern } from '@/core/tackle/defaults/knots';
import type { BodyMaterial, TailShape } from '@/core/tackle/defaults/sink-classes';
import type { WeightShape } from '@/core/tackle/defaults/weight-shapes';
import { hookOfClass, hookStep } from '@/core/tackle';
import { partIdSchema } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { grams, metres, millimetres, plain } from './quantities';

const slug = (...words: readonly (string | number)[]) =>
  partIdSchema.parse(words.join('-').replaceAll('/', 'x').replaceAll('.', '_'));

type HookRow = readonly [style: HookStyle, size: string, wire: WireClass, barb: Barb, sharpness: Sharpness];

const HOOKS: readonly HookRow[] = [
  ['worm-offset', '1/0', 'regular', 'barbed', 'needle'],
  ['worm-offset', '2/0', 'regular', 'barbed', 'needle'],
  ['worm-offset', '3/0', 'regular', 'barbed', 'needle'],
  ['worm-offset', '4/0', 'regular', 'barbed', 'needle'],
  ['worm-offset', '4/0', 'fine', 'micro', 'needle'],
  ['worm-offset', '5/0', 'regular', 'barbed', 'stock'],
  ['worm-offset', '5/0', 'stout', 'barbed', 'stock'],
  ['worm-straight', '3/0', 'stout', 'barbed', 'stock'],
  ['worm-straight', '5/0', 'stout', 'barbed', 'stock'],
  ['wide-gap', '3/0', 'regular', 'barbed', 'needle'],
  ['wide-gap', '4/0', 'regular', 'barbed', 'cutting'],
  ['wide-gap', '6/0', 'stout', 'barbed', 'stock'],
];

/** The 4/0 offset was put under the calliper: its wire is thicker than the packet says. */
const CALLIPERED = { 'hook-worm-offset-4x0-regular': { wireM: millimetres(1.27, 'measured') } } as const;

function hookFacts([style, size, wireClass, barb, sharpness]: HookRow) {
  const hook = hookOfClass({ style, sizeStep: hookStep(size)!, wire: wireClass });
  return {
    facts: {
      style,
      size,
      wireClass,
      barb,
      sharpness,
      points: 'single' as const,
      wireM: metres(hook.wireM, 'class', HOOK_SPREAD.wire),
      gapM: metres(hook.gapM, 'class', HOOK_SPREAD.gap),
      shankM: metres(hook.shankM, 'class', HOOK_SPREAD.shank),
    },
    massKg: grams(hook.massKg * 1e3, 'class', HOOK_SPREAD.mass),
  };
}

const demoHooks: readonly Part[] = HOOKS.map((row) => {
  const { facts, massKg } = hookFacts(row);
  const id = slug('hook', row[0], row[1], row[2]);
  const measured = id in CALLIPERED ? CALLIPERED[id as keyof typeof CALLIPERED] : {};
  return { id, kind: 'hook', ...facts, massKg, ...measured };
});

type HeadRow = readonly [
  massG: number,
  material: BodyMaterial,
  shape: WeightShape,
  size: string,
  wire: WireClass,
  guard: 'none' | 'bristle',
];

const HEADS: readonly HeadRow[] = [
  [2.5, 'lead', 'sphere', '1', 'fine', 'none'],
  [5, 'lead', 'sphere', '1/0', 'fine', 'none'],
  [7, 'lead', 'sphere', '2/0', 'regular', 'none'],
  [10, 'lead', 'sphere', '3/0', 'regular', 'none'],
  [14, 'tungsten', 'football', '3/0', 'regular', 'none'],
  [14, 'lead', 'football', '4/0', 'stout', 'bristle'],
  [21, 'lead', 'bullet', '5/0', 'stout', 'none'],
  [28, 'lead', 'cone', '6/0', 'stout', 'none'],
];

const demoHeads: readonly Part[] = HEADS.map(([massG, material, shape, size, wire, guard]) => ({
  id: slug('head', shape, massG, size),
  kind: 'jig-head',
  ...hookFacts(['jig', size, wire, 'barbed', 'needle']).facts,
  massKg: grams(massG, 'label', 0.06),
  material,
  shape,
  guard,
}));

type WeightRow = readonly [massG: number, material: BodyMaterial, shape: WeightShape];

const WEIGHTS: readonly WeightRow[] = [
  [3.5, 'lead', 'bullet'],
  [5, 'tungsten', 'bullet'],
  [7, 'tungsten', 'bullet'],
  [10, 'tungsten', 'bullet'],
  [14, 'tungsten', 'bullet'],
  [21, 'tungsten', 'bullet'],
  [10, 'brass', 'bullet'],
];

const demoWeights: readonly Part[] = WEIGHTS.map(([massG, material, shape]) => ({
  id: slug('weight', material, massG),
  kind: 'weight',
  massKg: grams(massG, material === 'tungsten' ? 'measured' : 'label'),
  material,
  shape,
}));

type BaitRow = readonly [
  tail: TailShape,
  lengthMm: number,
  heightMm: number,
  massG: number,
  material: BodyMaterial,
  weighed: boolean,
];

const BAITS: readonly BaitRow[] = [
  ['paddle-tail', 75, 11, 4.2, 'soft', true],
  ['paddle-tail', 100, 14, 8.4, 'soft', true],
  ['paddle-tail', 125, 17, 15.8, 'soft-salted', true],
  ['paddle-tail', 150, 21, 24, 'soft-salted', false],
  ['straight-tail', 65, 8, 2.1, 'soft', false],
  ['straight-tail', 110, 12, 8.3, 'soft-salted', true],
  ['twin-tail', 90, 14, 7.4, 'soft', false],
  ['twin-tail', 130, 18, 15.2, 'soft-salted', false],
];

const demoBaits: readonly Part[] = BAITS.map(([tail, lengthMm, heightMm, massG, material, weighed]) => ({
  id: slug('bait', tail, lengthMm),
  kind: 'soft-bait',
  massKg: grams(massG, weighed ? 'measured' : 'class'),
  lengthM: millimetres(lengthMm, weighed ? 'measured' : 'label', weighed ? undefined : 0.03),
  heightM: millimetres(heightMm, weighed ? 'measured' : 'class', weighed ? undefined : 0.1),
  material,
  tail,
}));

const KNOT_PATTERNS: readonly KnotPattern[] = [
  'crossed-wrap',
  'double-wrap',
  'doubled-eye',
  'wrapped-eye',
  'open-loop',
];

const demoKnots: readonly Part[] = KNOT_PATTERNS.map((pattern) => ({
  id: slug('knot', pattern),
  kind: 'knot',
  pattern,
  // Ten pulled with a luggage scale at the kitchen table.
  shares: pattern === 'doubled-eye' ? { fluorocarbon: plain(0.88, 'measured', 0.05) } : {},
}));

export const demoTackle: readonly Part[] = [...demoHooks, ...demoHeads, ...demoWeights, ...demoBaits, ...demoKnots];
