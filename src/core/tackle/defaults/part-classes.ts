import type { RodFamily, RodPower } from './rod-classes';

/**
 * What a part of a kind weighs and measures when only its length is known: mass = perCube·L³ [kg/m³], from typical
 * proportions. Beyond `slimFromM` what is long grows no thicker, so that mass grows with the length to the power of 1.6.
 * Spread 30 %: two baits of one length differ by that much.
 */
export const LENGTH_CLASSES = {
  'paddle-tail': { perCube: 7.6, lengthM: 0.1, reason: 'a body a seventh as high as long, with a thin tail' },
  'twin-tail': { perCube: 6, lengthM: 0.1, reason: 'a short body and two thin curls' },
  'straight-tail': {
    perCube: 4.2,
    lengthM: 0.1,
    slimFromM: 0.13,
    reason: 'a round stick: 9 g at 127 mm; a long worm is hardly thicker',
  },
  'curl-tail': { perCube: 6.5, lengthM: 0.075, reason: 'a round body and a thin flat tail: 3 g at 75 mm' },
  'claw-tail': { perCube: 8, lengthM: 0.09, reason: 'a thick ribbed body with two flat claws: 6 g at 90 mm' },
  'fan-tail': { perCube: 8.5, lengthM: 0.09, reason: 'a round body with legs: 6 g at 90 mm' },
  'slim-worm': {
    perCube: 2.9,
    lengthM: 0.12,
    slimFromM: 0.13,
    reason: 'a thin worm: 3 g at 100 mm, 6 g at 127 mm',
  },
  'hard-lure': { perCube: 14, lengthM: 0.09, reason: 'a hollow body a fifth as high as long, hooks included' },
  'slim-minnow': { perCube: 9.5, lengthM: 0.12, reason: 'a slim hollow body, hooks included: 13 g at 110 mm' },
  spoon: { perCube: 55, lengthM: 0.06, reason: 'a cupped plate of brass, a third as wide as long' },
  hollow: { perCube: 60, lengthM: 0.065, reason: 'a weighted hollow body with its double hook: 16 g at 65 mm' },
  stick: { perCube: 16, lengthM: 0.1, reason: 'a long hollow body, hooks included' },
  cupped: { perCube: 28, lengthM: 0.07, reason: 'a short fat hollow body, hooks included' },
  bladed: { perCube: 30, lengthM: 0.08, reason: 'a head, wire and a blade' },
  'trolled-fly': { perCube: 9, lengthM: 0.08, reason: 'hook, tube and dressing' },
  trailer: { perCube: 5, lengthM: 0.08, reason: 'flat claws or a thin tail' },
  skirt: { perCube: 6, lengthM: 0.07, reason: 'sixty strands and a collar' },
  attractor: { perCube: 7, lengthM: 0.2, reason: 'a bent plate a third as wide as long' },
  'diving-plane': { perCube: 60, lengthM: 0.1, reason: 'a weighted disc' },
  'bait-fish': { perCube: 9, lengthM: 0.12, reason: 'a slim bait fish; 9 g at 10 cm' },
  'bait-worm': { perCube: 1.8, lengthM: 0.13, reason: 'a nightcrawler: 4 g at 130 mm, 7 mm thick' },
  crustacean: { perCube: 9, lengthM: 0.08, reason: 'a prawn or a crayfish: 5 g at 80 mm' },
  'bait-strip': { perCube: 6, lengthM: 0.1, reason: 'a flat strip: 6 g at 100 mm' },
  'bait-head': { perCube: 9, lengthM: 0.14, reason: 'a bait fish for a bait head' },
} as const satisfies Record<string, LengthClass>;

interface LengthClass {
  readonly perCube: number;
  /** the middle of a box [m] */
  readonly lengthM: number;
  readonly slimFromM?: number;
  readonly reason: string;
}

export const LENGTH_CLASS_SPREAD = 0.3;

/** Height over length of a body, spread 15 %. */
export const BODY_HEIGHT = {
  'paddle-tail': { share: 0.14, reason: 'paddle-tails run from an eighth to a sixth' },
  'twin-tail': { share: 0.11, reason: 'the tails make half of the length' },
  'straight-tail': { share: 0.09, reason: 'a round stick' },
  'curl-tail': { share: 0.13, reason: 'the tail is a good third of the length' },
  'claw-tail': { share: 0.15, reason: 'a stout body before the claws' },
  'fan-tail': { share: 0.15, reason: 'the back of a prawn' },
  'slim-worm': { share: 0.072, reason: 'as thick as a pencil' },
  'bait-fish': { share: 0.18, reason: 'a slim bait fish' },
  'bait-worm': { share: 0.054, reason: '7 mm at 130 mm' },
  crustacean: { share: 0.16, reason: 'the back of a prawn' },
  'bait-strip': { share: 0.05, reason: 'as thick as a fillet' },
  'bait-head': { share: 0.18, reason: 'a slim bait fish' },
} as const;

export const BODY_HEIGHT_SPREAD = 0.15;

/** Speeds between which lures work when nothing else is known [m/s]. */
export const WORKING_SPEEDS = {
  'hard-lure': { fromMps: 0.5, toMps: 2.2, reason: 'most lips grip at a slow walk and roll over above 8 km/h' },
  'slim-minnow': {
    fromMps: 0.7,
    toMps: 4.5,
    reason: 'a slim body behind a small lip holds its line to nine knots; from 100 mm on with a shallow lip',
  },
  spoon: { fromMps: 0.6, toMps: 1.8, reason: 'sways below, spins above' },
  attractor: { fromMps: 0.6, toMps: 1.5, reason: 'turns or sways only in a narrow band' },
  'trolled-fly': {
    fromMps: 0.45,
    toMps: 2,
    reason: 'dressing breathes at a crawl; what drives it needs no more than a slow walk',
  },
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
  conventional: {
    arborRadiusM: 0.014,
    fullRadiusM: 0.027,
    widthM: 0.034,
    gearRatio: 4.5,
    clutchMaxN: 120,
    reason: 'a boat reel for 300 m of 0.4 mm',
  },
} as const;

/** Spool measures of conventional reels over their drag: 100 N goes with 0.4 mm line, 250 N with a tuna reel of twice its size. */
export const SPOOL_SIZE = { exponent: 1, least: 0.7, most: 2.2 } as const;

/** What a rod throws by its power word [kg], for a printed window that was not read: the middle of what such rods say. */
const GENERAL_WINDOWS = {
  ultralight: [0.001, 0.004],
  light: [0.002, 0.008],
  'medium-light': [0.004, 0.012],
  medium: [0.007, 0.02],
  'medium-heavy': [0.01, 0.028],
  heavy: [0.015, 0.045],
  'extra-heavy': [0.03, 0.09],
  'double-extra-heavy': [0.06, 0.2],
} as const satisfies Windows;

type Windows = Readonly<Record<RodPower, readonly [number, number]>>;

/** By family; null where such rods are not cast. */
export const CLASS_WINDOWS: Readonly<Record<RodFamily, Windows | null>> = {
  general: GENERAL_WINDOWS,
  light: {
    ultralight: [0.0005, 0.0025],
    light: [0.001, 0.005],
    'medium-light': [0.002, 0.007],
    medium: [0.003, 0.01],
    'medium-heavy': [0.005, 0.015],
    heavy: [0.008, 0.02],
    'extra-heavy': [0.012, 0.03],
    'double-extra-heavy': [0.02, 0.05],
  },
  'big-lure': {
    ultralight: [0.015, 0.045],
    light: [0.02, 0.06],
    'medium-light': [0.025, 0.075],
    medium: [0.03, 0.09],
    'medium-heavy': [0.04, 0.12],
    heavy: [0.06, 0.17],
    'extra-heavy': [0.085, 0.28],
    'double-extra-heavy': [0.11, 0.4],
  },
  surf: {
    ultralight: [0.005, 0.015],
    light: [0.01, 0.03],
    'medium-light': [0.015, 0.045],
    medium: [0.02, 0.06],
    'medium-heavy': [0.03, 0.1],
    heavy: [0.06, 0.15],
    'extra-heavy': [0.1, 0.2],
    'double-extra-heavy': [0.15, 0.3],
  },
  boat: null,
  'stand-up': null,
  trolling: null,
};

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
