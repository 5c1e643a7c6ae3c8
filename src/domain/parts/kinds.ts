/** Every kind of part, in the order in which a box is sorted: rod first, bait last. */
export const PART_KINDS = [
  'rod',
  'reel',
  'line',
  'knot',
  'weight',
  'hook',
  'jig-head',
  'soft-bait',
  'hard-lure',
  'spoon',
  'topwater',
  'trolled-fly',
  'skirted-jig',
  'trailer',
  'skirt',
  'attractor',
  'diving-plane',
  'bottom-bouncer',
  'snell',
  'hardware',
  'natural-bait',
] as const;

export type PartKind = (typeof PART_KINDS)[number];
