/** Points that must go in at once, as a multiple of one point. */
export const HOOK_POINTS = {
  single: { factor: 1, reason: 'one point' },
  double: { factor: 1.5, reason: 'two points, half a beat apart' },
  treble: { factor: 1.3, reason: 'one point goes in first, the second follows it; the third lies against the body' },
} as const;

/** How much thicker than the wire the hole must be for the barb, kb. */
export const BARBS = {
  barbed: { factor: 1.45, reason: 'the barb rises almost half a wire above it' },
  micro: { factor: 1.25, reason: 'a low barb' },
  barbless: { factor: 1, reason: 'the wire alone' },
} as const;

/** Point sharpness S: the share of the tissue strength that penetration takes. */
export const SHARPNESS = {
  cutting: { factor: 0.5, spread: 0.3, reason: 'honed cutting edges part the tissue ahead of the wire' },
  needle: { factor: 0.8, spread: 0.25, reason: 'a fine conical point, as a hook bought today has' },
  stock: { factor: 1, spread: 0.25, reason: 'a plain point, or one that has been fished' },
  dull: { factor: 1.8, spread: 0.25, reason: 'turned on rock: it slides on a thumb nail' },
} as const;

/** Where the point lands: tissue strength σ [MPa], and what a hook holds there a millimetre of wire [N]. */
export const MOUTHS = {
  soft: { strengthMpa: 2, tearNPerMm: 60, reason: 'thin membranes: whitefish, char at the lip' },
  firm: { strengthMpa: 3.5, tearNPerMm: 120, reason: 'gristle: pollack, most jaws' },
  bony: { strengthMpa: 9, tearNPerMm: 250, reason: 'plate and bone: zander, old pike-shaped jaws' },
} as const;

/** What must be pushed aside before the point is free [N]. */
export const GUARDS = {
  none: { forceN: 0, reason: 'open point' },
  'skin-hooked': { forceN: 2, reason: 'the point just under the skin of a soft bait' },
  buried: { forceN: 4, reason: 'the point in the body of a soft bait' },
  'hollow-body': { forceN: 8, reason: 'a hollow body that must collapse' },
  bristle: { forceN: 5, reason: 'a wire or bristle guard' },
} as const;

/** How much of the line's pull still reaches the hook through what stands in the water. */
export const COVERS = {
  open: { through: 1, reason: 'open water' },
  sparse: { through: 0.85, reason: 'stems and branches bend the line' },
  dense: { through: 0.6, reason: 'matted weed: the line saws round every stem' },
} as const;

/** Peak moment that a way of setting brings to the grip [N·m]; spread 30 %. */
export const SET_WAYS = {
  wrist: { peakMomentNm: 12, reason: 'a flick of one wrist' },
  'one-arm': { peakMomentNm: 25, reason: 'one arm from the elbow' },
  'two-hand': { peakMomentNm: 80, reason: 'two hands, the butt on the hip, legs and back turning' },
} as const;

export const OPENING = {
  /** plastic moment of a round bar over its elastic one, 16/(3π) */
  shapeFactor: 1.7,
  yieldMpa: 1800,
  reason: 'tempered high-carbon hook wire',
} as const;

export type HookPoints = keyof typeof HOOK_POINTS;
export type Barb = keyof typeof BARBS;
export type Sharpness = keyof typeof SHARPNESS;
export type Mouth = keyof typeof MOUTHS;
export type Guard = keyof typeof GUARDS;
export type Cover = keyof typeof COVERS;
export type SetWay = keyof typeof SET_WAYS;
