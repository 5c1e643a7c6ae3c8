/**
 * What a part of a kind weighs and measures when only its length is known: mass = perCube·L³ [kg/m³], from typical
 * proportions. Spread 30 %: two baits of one length differ by that much.
 */
export const LENGTH_CLASSES = {
  'soft-bait': { perCube: 7.6, lengthM: 0.1, reason: 'a body a seventh as high as long, with a thin tail' },
  'hard-lure': { perCube: 14, lengthM: 0.09, reason: 'a hollow body a fifth as high as long, hooks included' },
  spoon: { perCube: 55, lengthM: 0.06, reason: 'a cupped plate of brass, a third as wide as long' },
  topwater: { perCube: 18, lengthM: 0.09, reason: 'a fatter hollow body, hooks included' },
  'trolled-fly': { perCube: 9, lengthM: 0.08, reason: 'hook, tube and dressing' },
  trailer: { perCube: 5, lengthM: 0.08, reason: 'flat claws or a thin tail' },
  skirt: { perCube: 6, lengthM: 0.07, reason: 'sixty strands and a collar' },
  attractor: { perCube: 7, lengthM: 0.2, reason: 'a bent plate a third as wide as long' },
  'diving-plane': { perCube: 60, lengthM: 0.1, reason: 'a weighted disc' },
  'natural-bait': { perCube: 9, lengthM: 0.12, reason: 'a slim bait fish; 9 g at 10 cm' },
} as const;

export const LENGTH_CLASS_SPREAD = 0.3;

/** Height over length of a body, spread 15 %. */
export const BODY_HEIGHT = {
  'soft-bait': { share: 0.14, reason: 'paddle-tails run from an eighth to a sixth' },
  'natural-bait': { share: 0.18, reason: 'a slim bait fish' },
} as const;

export const BODY_HEIGHT_SPREAD = 0.15;

/** Speeds between which lures work when nothing else is known [m/s]. */
export const WORKING_SPEEDS = {
  'hard-lure': { fromMps: 0.5, toMps: 2.2, reason: 'most lips grip at a slow walk and roll over above 8 km/h' },
  spoon: { fromMps: 0.6, toMps: 1.8, reason: 'sways below, spins above' },
  attractor: { fromMps: 0.6, toMps: 1.5, reason: 'turns or sways only in a narrow band' },
  'trolled-fly': { fromMps: 0.8, toMps: 2, reason: 'needs an attractor or a disc to move it' },
} as const;

/** Spools by size: what a reel is when only its build is known. */
export const REEL_CLASSES = {
  'fixed-spool': {
    arborRadiusM: 0.016,
    fullRadiusM: 0.0225,
    widthM: 0.017,
    gearRatio: 5.2,
    clutchMaxN: 70,
    reason: 'a reel for 150 m of 0.25 mm',
  },
  multiplier: {
    arborRadiusM: 0.011,
    fullRadiusM: 0.018,
    widthM: 0.022,
    gearRatio: 6.3,
    clutchMaxN: 60,
    reason: 'a low reel for casting soft baits',
  },
} as const;

/** What a rod throws by its power word [kg], for a printed window that was not read: the middle of what such rods say. */
export const POWER_RATINGS = {
  ultralight: [0.001, 0.004],
  light: [0.002, 0.008],
  'medium-light': [0.004, 0.012],
  medium: [0.007, 0.02],
  'medium-heavy': [0.01, 0.028],
  heavy: [0.015, 0.045],
  'extra-heavy': [0.03, 0.09],
  'double-extra-heavy': [0.06, 0.2],
} as const satisfies Record<string, readonly [number, number]>;

/** Rod lengths by mount [m], where only the word is known. */
export const ROD_LENGTHS = { cast: 2.1, spin: 2.1, trolling: 2.6, boat: 1.9 } as const;

/** Metres on a spool that was not measured: what is sold. */
export const SPOOL_LENGTHS = { 'main-line': 150, 'leader-stock': 50, backing: 300 } as const;

/** Wire of a bottom bouncer's arm [m] and its length [m]. */
export const BOUNCER = {
  wireM: 0.0014,
  armM: 0.25,
  reason: 'spring wire that bends over a stone and comes back',
} as const;

/** A snell as it is sold: 1.2 m of line that holds 6 kg. */
export const SNELL = {
  lengthM: 1.2,
  strengthN: 59,
  spacingM: 0.07,
  beads: 4,
  reason: 'two hooks on a metre and a bit of nylon',
} as const;

/**
 * What a sound rod of a sort costs, in the coins of the bench: the middle of an ordinary shop, to be set to one's own.
 * By power: a stouter blank has more cloth in it.
 */
export const ROD_PRICES = {
  mount: { cast: 120, spin: 110, trolling: 90, boat: 100 },
  power: {
    ultralight: 0.9,
    light: 0.9,
    'medium-light': 0.95,
    medium: 1,
    'medium-heavy': 1.05,
    heavy: 1.15,
    'extra-heavy': 1.3,
    'double-extra-heavy': 1.5,
  },
} as const;
