/** Attitudes that can be wanted of a bait, nose up positive [rad]; null: none is judged. */
export const ATTITUDES = {
  level: { pitchRad: 0, reason: 'as a fish swims' },
  'nose-down': { pitchRad: -0.35, reason: 'twenty degrees: clearly feeding off the bottom, still swimming' },
  'nose-up': { pitchRad: 0.35, reason: 'twenty degrees: climbing or hanging from its air' },
  any: { pitchRad: null, reason: 'dragged, hung or hopped: the angle is not what sells it' },
} as const;

/** How far from the wanted attitude is sound and how far is an edge [rad]. */
export const ATTITUDE_STEPS = {
  soundRad: (8 * Math.PI) / 180,
  edgeRad: (15 * Math.PI) / 180,
  reason: 'eight degrees are hardly seen, fifteen stop a tail from working',
} as const;

/** Slower than this a bait hangs as on slack line [m/s]. */
export const SLACK_SPEED_MPS = 0.1;

/** How a stinger is held on what it hangs on. */
export const STINGER_HOLDS = {
  loop: { comesOff: true, reason: 'a bare loop over the bend slips back over the barb when the hook swings' },
  stopped: { comesOff: false, reason: 'a loop with a tube or a rubber stop pushed over it' },
  ring: { comesOff: false, reason: 'on a split ring or crimped to the eye' },
} as const;

/**
 * Bodies by kind: height and width over length, drag coefficient across and along the stream, and density where neither
 * a float test nor a material tells. Spread 25 %.
 */
export const BODIES = {
  'hard-lure': { height: 0.2, width: 0.16, dragCd: 0.35, reason: 'a hollow minnow; shakes as it swims' },
  spoon: { height: 0.08, width: 0.33, dragCd: 0.9, reason: 'a cupped plate that sways across the stream' },
  topwater: { height: 0.22, width: 0.2, dragCd: 0.6, reason: 'half out of the water, pushing it' },
  'trolled-fly': { height: 0.16, width: 0.16, dragCd: 0.5, reason: 'a dressed tube' },
  'skirted-jig': { height: 0.3, width: 0.3, dragCd: 0.9, reason: 'sixty strands that flare' },
  'natural-bait': { height: 0.18, width: 0.1, dragCd: 0.3, reason: 'a slim bait fish' },
  'soft-bait': { height: 0.14, width: 0.12, dragCd: 0.4, reason: 'a body with a tail that paddles' },
  trailer: { height: 0.12, width: 0.2, dragCd: 0.6, reason: 'flat claws' },
} as const;

/** Density of a hard lure over that of water, where no float test was made. */
export const BUOYANCY = {
  floats: { overWater: 0.9, reason: 'rises a hand in two seconds' },
  suspends: { overWater: 1, reason: 'tuned to hang still' },
  sinks: { overWater: 1.25, reason: 'a hand in a second' },
} as const;

/** Densities of what is neither metal nor vinyl [kg/m³]. */
export const OTHER_DENSITIES = {
  topwater: { densityKgPm3: 620, reason: 'hollow, or light wood' },
  'bait-fish': { densityKgPm3: 1060, reason: 'muscle and bone, bladder empty or pierced' },
  skirt: { densityKgPm3: 1150, reason: 'silicone or rubber strands' },
  'trolled-fly': { densityKgPm3: 1500, reason: 'hook, tube and wet dressing' },
} as const;

/** Where the mass of a hard lure lies without its hooks, as shares of length aft and of height above the axis. */
export const HARD_LURE_BALANCE = {
  massX: 0.44,
  massZ: -0.18,
  volumeX: 0.45,
  volumeZ: 0,
  reason: 'ballast low and a little forward of the middle keeps it upright',
} as const;

/** Hook stations along a hard lure, as shares of its length, by their number; the last is the tail, the others hang under the belly. */
export const HOOK_STATIONS: Readonly<Record<number, readonly number[]>> = {
  0: [],
  1: [0.97],
  2: [0.36, 0.97],
  3: [0.26, 0.6, 0.97],
  4: [0.22, 0.45, 0.7, 0.97],
  5: [0.2, 0.38, 0.56, 0.75, 0.97],
};

/** Hooks that a lure carries when nothing is said of them: size by length [m], up to. */
export const STOCK_TREBLES = [
  { upToM: 0.055, size: '10' },
  { upToM: 0.075, size: '8' },
  { upToM: 0.095, size: '6' },
  { upToM: 0.13, size: '4' },
  { upToM: 0.17, size: '2' },
  { upToM: 0.22, size: '1/0' },
  { upToM: 1.5, size: '3/0' },
] as const;

/** Doubles of hollow topwater baits: laid along the body, so as large as it is wide; a 4/0 at 65 mm. */
export const STOCK_DOUBLES = [
  { upToM: 0.045, size: '1/0' },
  { upToM: 0.055, size: '2/0' },
  { upToM: 0.062, size: '3/0' },
  { upToM: 0.075, size: '4/0' },
  { upToM: 1.5, size: '5/0' },
] as const;

/** Points of a hook that stand clear of what it hangs on and can catch. */
export const POINTS_IN_REACH = {
  single: 1,
  double: 2,
  treble: 2,
  reason: 'one point of three lies against the body',
} as const;

/** How a connection before a lure holds its nose. */
export const CONNECTION_FREEDOM = {
  knot: 'tight',
  'open-loop': 'free',
  'overhand-loop': 'free',
  snap: 'free',
  'split-ring': 'free',
  'solid-ring': 'free',
  crimp: 'free',
} as const;

/** What a crimp keeps of its line when it fits: a little less than a good knot in nylon, more than one in wire. */
export const CRIMP_SHARE = {
  value: 0.9,
  spread: 0.08,
  reason: 'the tube bruises the line where it is pressed',
} as const;

/** Turns of a lure that spins, for a metre of way, as a multiple of one over its length; and what a swivel lets through. */
export const TWIST = {
  spoon: { turnsPerLength: 0.04, reason: 'sways, and rolls over once in twenty-five lengths' },
  attractor: { turnsPerLength: 0.25, reason: 'a rotating plate turns once in four lengths' },
  'natural-bait': { turnsPerLength: 0.2, reason: 'a bait set to roll turns once in five lengths' },
  bowed: {
    bowAtFull: 0.12,
    grip: 0.5,
    fromMps: 0.2,
    reason:
      'a worm bent by an eighth of its length turns once in some three lengths; slower than a crawl it only sways',
  },
  blade: { turnsPerLength: 0.02, reason: 'a blade turns on its own clevis; little reaches the line' },
  swivel: { passes: 0.15, reason: 'a plain swivel under load turns out six sevenths of it' },
  solid: { passes: 1, reason: 'nothing turns' },
} as const;

export type Attitude = keyof typeof ATTITUDES;
export type StingerHold = keyof typeof STINGER_HOLDS;
