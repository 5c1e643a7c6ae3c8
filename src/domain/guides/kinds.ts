import type { PartKind } from '../parts';

/** Kitchen-table and water-side measurements; what each does stands in `core/measuring`. */
export const GUIDES = [
  'weigh',
  'hang-test',
  'sink-test',
  'float-test',
  'calliper',
  'pull-test',
  'line-test',
  'clutch-test',
  'spool-fill',
  'window-test',
  'dive-test',
  'set-test',
  'accuracy-test',
] as const;

export type Guide = (typeof GUIDES)[number];

/**
 * Guides that tell something of a kind of part, the one that narrows most first: a rod's bend rules Throw and Set, a
 * hook's wire enters the needed force squared, a class mass is wrong by a quarter.
 */
export const GUIDES_OF_KIND: Readonly<Record<PartKind, readonly Guide[]>> = {
  rod: ['hang-test', 'set-test', 'accuracy-test', 'weigh'],
  reel: ['clutch-test', 'spool-fill'],
  line: ['pull-test', 'line-test', 'calliper'],
  knot: ['pull-test'],
  weight: ['weigh'],
  hook: ['calliper', 'pull-test', 'weigh'],
  'jig-head': ['calliper', 'weigh'],
  'soft-bait': ['weigh', 'sink-test', 'float-test', 'calliper'],
  'hard-lure': ['weigh', 'dive-test', 'float-test', 'sink-test', 'window-test'],
  spoon: ['weigh', 'dive-test', 'sink-test', 'window-test'],
  topwater: ['weigh', 'window-test'],
  'trolled-fly': ['weigh', 'window-test'],
  'skirted-jig': ['calliper', 'weigh'],
  trailer: ['weigh'],
  skirt: ['weigh'],
  attractor: ['window-test', 'weigh'],
  'diving-plane': ['dive-test', 'weigh'],
  'bottom-bouncer': ['weigh', 'calliper'],
  snell: ['pull-test'],
  hardware: ['pull-test', 'weigh', 'calliper'],
  'natural-bait': ['weigh', 'calliper'],
};

/** The guide that measures a field of a kind of part; null: none does, it is read off or counted. */
export function guideFor(kind: PartKind, path: string): Guide | null {
  const guide = FIELD_GUIDES.find(([fields]) => fields.test(path))?.[1] ?? null;
  return guide && GUIDES_OF_KIND[kind].includes(guide) ? guide : null;
}

const FIELD_GUIDES: readonly (readonly [RegExp, Guide])[] = [
  [/^massKg/, 'weigh'],
  [/^stiffness/, 'hang-test'],
  [/^(wireM|gapM|shankM|lengthM|heightM|diameterM|widthM|boreM|armM)/, 'calliper'],
  [/^volumeM3/, 'float-test'],
  [/^dragAreaM2/, 'sink-test'],
  [/^(strengthN|openingN|shares)/, 'pull-test'],
  [/^eaN/, 'line-test'],
  [/^(clutchMaxN|clutchMinN)/, 'clutch-test'],
  [/^(towDragM2|diveM2)/, 'dive-test'],
  [/^works/, 'window-test'],
  [/^missShare/, 'accuracy-test'],
];
