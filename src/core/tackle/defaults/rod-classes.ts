/**
 * Power words as forces. Each value is the force, square to the grip, that drops the tip of the working length by a
 * third of that length: a measurable bend in the middle of a rod's use, where words alone mean nothing across makers.
 * The steps grow by about half: less than that two anglers would not call a different power.
 */
export const ROD_POWERS = {
  ultralight: { powerKgf: 0.08, reason: 'casts 1 to 4 g, for small trout and panfish' },
  light: { powerKgf: 0.14, reason: 'casts 2 to 8 g' },
  'medium-light': { powerKgf: 0.22, reason: 'casts 4 to 12 g, thin single hooks' },
  medium: { powerKgf: 0.33, reason: 'casts 7 to 20 g, the usual all-round rod' },
  'medium-heavy': { powerKgf: 0.5, reason: 'casts 10 to 28 g, stout single hooks' },
  heavy: { powerKgf: 0.75, reason: 'casts 15 to 45 g, weedless rigs in cover' },
  'extra-heavy': { powerKgf: 1.1, reason: 'casts 30 to 90 g, matted weed and big soft baits' },
  'double-extra-heavy': { powerKgf: 1.65, reason: 'casts 60 to 200 g, the largest plugs' },
} as const;

/**
 * Words of the other families of rods, whose makers mean other forces by them. A word on a trout rod is six tenths of the
 * same word on an all-round rod, and on a surf rod twice as much.
 */
export const ROD_FAMILIES = {
  light: { factor: 0.6, reason: 'trout and panfish rods: a medium of theirs casts 3 to 10 g' },
  general: { factor: 1, reason: 'the usual scale for all-round rods' },
  trolling: { factor: 0.7, reason: 'downrigger and trolling rods are light and slow for their word' },
  surf: { factor: 2, reason: 'two-handed rods of three metres and more' },
} as const;

/** Power words of rods for casting plugs and baits of 50 to 350 g, as force; most of such lures are lobbed. */
export const BIG_LURE_POWERS = {
  ultralight: { powerKgf: 0.35, reason: 'hardly ever made: below all that such rods are for' },
  light: { powerKgf: 0.5, reason: 'hardly ever made: casts 20 to 60 g' },
  'medium-light': { powerKgf: 0.7, reason: 'casts 25 to 75 g' },
  medium: { powerKgf: 1, reason: 'casts 30 to 90 g' },
  'medium-heavy': { powerKgf: 1.5, reason: 'casts 40 to 120 g' },
  heavy: { powerKgf: 2.2, reason: 'casts 60 to 170 g' },
  'extra-heavy': { powerKgf: 2.8, reason: 'casts 85 to 280 g' },
  'double-extra-heavy': { powerKgf: 3.5, reason: 'casts 110 to 400 g' },
} as const;

/** Power words of boat and stand-up rods, as the line they are named by [lb]. */
export const BOAT_LINES = {
  ultralight: { lineLb: 6, reason: 'six-pound class' },
  light: { lineLb: 10, reason: 'ten-pound class' },
  'medium-light': { lineLb: 15, reason: 'between light and medium' },
  medium: { lineLb: 20, reason: 'twenty-pound class' },
  'medium-heavy': { lineLb: 30, reason: 'between medium and heavy' },
  heavy: { lineLb: 40, reason: 'between the thirty- and the fifty-pound class' },
  'extra-heavy': { lineLb: 60, reason: 'fifty- to eighty-pound class' },
  'double-extra-heavy': { lineLb: 100, reason: 'above the eighty-pound class' },
} as const;

/** What the figures printed on a rod say of its power, and what its blank bears. */
export const ROD_PRINT = {
  window: {
    perMiddle: 30,
    lobbedKg: 0.15,
    reason:
      'cast overhead, the middle of the printed lure weights bends the tip down by some 0.13 of the length and the heaviest by 0.2; heavy lures are lobbed, at less acceleration',
  },
  'line-class': { perLine: 0.065, reason: 'force that drops the tip by a third, over the middle of the printed lines' },
  blank: {
    lineShare: 0.5,
    perPower: 9,
    reason:
      'a blank is pulled with half of its upper line at most; without one, nine times the force that drops it by a third',
  },
} as const;

/** Where the label or the build tells a family: lure window [kg], line class [N] and length [m]. */
export const FAMILY_SIGNS = {
  light: { windowToKg: 0.0105, lineToN: 27 },
  'big-lure': { windowFromKg: 0.095, middleFromKg: 0.05 },
  surf: { lengthFromM: 3 },
  'stand-up': { lengthToM: 1.85 },
} as const;

/**
 * Action words as tapers. tipRatio is tip diameter over grip diameter; k turns the power's force into the rigidity at
 * the grip, F_power·L²·k, so that the drop is exactly a third of L (the elastica gives one k for each taper).
 * Half of the bend angle lies in the outer 27 % of a fast rod and in the outer 50 % of a slow one.
 */
export const ROD_ACTIONS = {
  'extra-fast': { tipRatio: 0.12, k: 4.261, reason: 'bends in the last fifth' },
  fast: { tipRatio: 0.2, k: 3.342, reason: 'half of the bend in the last 27 %' },
  'moderate-fast': { tipRatio: 0.28, k: 2.674, reason: 'bends in the outer third' },
  moderate: { tipRatio: 0.36, k: 2.203, reason: 'bends from the middle' },
  slow: { tipRatio: 0.5, k: 1.67, reason: 'half of the bend in the outer half, down into the grip' },
} as const;

/**
 * Spread of a rod that was not hung: 25 % in power by its word or its lure window, 30 % by its line class, less where word
 * and window say it together; 20 % in taper, which the action word fixes better.
 */
export const ROD_CLASS_SPREAD = { power: 0.25, lineClass: 0.3, wordAndWindow: 0.18, tipRatio: 0.2 } as const;

/** What the hands cover, taken off the printed length to get the length that bends. */
export const GRIP_LENGTH_M = {
  'one-handed': { valueM: 0.3, reason: 'reel seat and fore grip of a one-handed rod' },
  'two-handed': { valueM: 0.45, reason: 'butt under the forearm, reel seat and fore grip' },
} as const;

export type RodPower = keyof typeof ROD_POWERS;
export type RodAction = keyof typeof ROD_ACTIONS;
export type RodHandle = keyof typeof GRIP_LENGTH_M;
/** Sorts of rods whose power words differ. */
export const ROD_FAMILY_NAMES = ['light', 'general', 'big-lure', 'boat', 'stand-up', 'trolling', 'surf'] as const;
export type RodFamily = (typeof ROD_FAMILY_NAMES)[number];
