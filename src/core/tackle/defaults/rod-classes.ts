/**
 * Power words as forces. Each value is the force, square to the grip, that drops the tip of the working length by a
 * third of that length: a measurable bend in the middle of a rod's use, where words alone mean nothing across makers.
 * The steps grow by about half: less than that two anglers would not call a different power.
 */
export const ROD_POWERS = {
  ultralight: { powerKgf: 0.08, reason: 'throws 1 to 4 g, for small trout and panfish' },
  light: { powerKgf: 0.14, reason: 'throws 2 to 8 g' },
  'medium-light': { powerKgf: 0.22, reason: 'throws 4 to 12 g, thin single hooks' },
  medium: { powerKgf: 0.33, reason: 'throws 7 to 20 g, the usual all-round rod' },
  'medium-heavy': { powerKgf: 0.5, reason: 'throws 10 to 28 g, stout single hooks' },
  heavy: { powerKgf: 0.75, reason: 'throws 15 to 45 g, weedless rigs in cover' },
  'extra-heavy': { powerKgf: 1.1, reason: 'throws 30 to 90 g, matted weed and big soft baits' },
  'double-extra-heavy': { powerKgf: 1.65, reason: 'throws 60 to 200 g, the largest plugs' },
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

/** Spread of a class rod: 25 % in power as for any class value, 20 % in taper, which the action word fixes better. */
export const ROD_CLASS_SPREAD = { power: 0.25, tipRatio: 0.2 } as const;

/** What the hands cover, taken off the printed length to get the length that bends. */
export const GRIP_LENGTH_M = {
  'one-handed': { valueM: 0.3, reason: 'reel seat and fore grip of a one-handed rod' },
  'two-handed': { valueM: 0.45, reason: 'butt under the forearm, reel seat and fore grip' },
} as const;

export type RodPower = keyof typeof ROD_POWERS;
export type RodAction = keyof typeof ROD_ACTIONS;
export type RodHandle = keyof typeof GRIP_LENGTH_M;
