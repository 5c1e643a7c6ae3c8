/** What hangs on a towed line, by class: drag area and the area by which speed drives it down, over a length squared. */
export const TOWED_ENDS = {
  lipped: {
    drag: 0.08,
    width: 0.29,
    reason:
      'a shaking body over its length squared, and a lip nearly twice as wide as it: 40 m of 0.28 mm mono at 1.5 m/s take a deep 70 mm lure to 5.5 m, a medium one to 3.3 m',
  },
  spoon: { dragPerLengthSquared: 0.07, reason: 'sways, and shows the stream a quarter of its plan' },
  rotating: {
    dragPerLengthSquared: 0.2,
    reason: 'a plate that turns over: on the mean half of its plan across the stream',
  },
  swaying: {
    dragPerLengthSquared: 0.13,
    reason: 'a plate that swings from side to side: a third of its plan across the stream',
  },
  blade: { dragPerLengthSquared: 0.7, reason: 'a blade that turns on its clevis drags like a disc of its width' },
  disc: { dragPerLengthSquared: 0.47, reason: 'a tilted disc, drag coefficient 0.6' },
  'bait-head': { dragPerLengthSquared: 0.35, reason: 'a slanted cap that rolls, drag coefficient 0.45' },
  ball: { cd: 0.5, reason: 'a sphere at ten to a hundred thousand of Reynolds, with its fin and clip' },
  arm: { cd: 1.1, reason: 'a wire across the stream' },
  'side-planer': { dragAreaM2: 5e-3, reason: 'a board as long as a forearm, running out at about forty degrees' },
  'bottom-rig': { dragAreaM2: 1.5e-3, reason: 'weight on its wire, snell with blade and bait: between 10 and 20 cm²' },
  weed: { dragAreaM2: 2.5e-3, reason: 'a hand full of weed on the lure' },
} as const;

/**
 * Lips: the share of a measured lip's plan that drives down, and the area that drives it down over the length to the power
 * of 1.25 where only its kind is known. Spread 20 %.
 */
export const LIPS = {
  'shallow-lip': { share: 0.3, perLength: 0.0028, reason: 'stands steep, most of its push is drag: 110 mm run at 2 m' },
  'medium-lip': { share: 0.7, perLength: 0.0085, reason: 'half way: 70 mm run at 3.3 m' },
  'deep-lip': {
    share: 1,
    perLength: 0.0185,
    reason: 'lies in line with the body: 70 mm run at 5.5 m, 110 mm at 7.6 m',
  },
} as const;

/** How the drive of a lip grows with speed beyond its square, by what the house holds of it. */
export const FAST_DIVE = {
  hardly: { exponent: 0, reason: 'drive and drag grow together, so that depth hardly changes' },
  deeper: { exponent: 0.6, reason: 'long minnows bite deeper as they go faster: 1.2 m at 2 m/s, over 2 m at 4 m/s' },
} as const;

/** A diving plane of its diameter: drag and down force over the area of its disc. */
export const PLANES = {
  set: {
    dragShare: 0.78,
    downShare: 1.38,
    reason: 'stands steep in the stream: 124 mm pull 10 N at 1 m/s and 22 N at 1.5 m/s, line included',
  },
  tripped: { dragShare: 0.12, downShare: 0, reason: 'edge on, a coin in the stream' },
} as const;

/** Bottoms: how a weight rubs on them; and what it leaves there while it is dragged. */
export const BOTTOMS = {
  mud: { mu: 0.4, spread: 0.3, reason: 'soft; where it sinks in, more' },
  sand: { mu: 0.6, spread: 0.3, reason: 'firm grains' },
  rock: { mu: 0.8, spread: 0.3, reason: 'edges that catch' },
  weed: { mu: 0.5, spread: 0.3, reason: 'slips over stems until it catches one' },
  dragged: { share: 0.3, spread: 0.3, reason: 'ticks along: it touches a third of the time' },
} as const;

/** Rod held while fishing: its grip above level [rad]. */
export const ROD_HELD = {
  up: { riseRad: 0.9, reason: 'some fifty degrees' },
  level: { riseRad: 0.25, reason: 'a little above level' },
  down: { riseRad: -0.3, reason: 'pointed at the water beside the feet' },
} as const;

/** House rules of thumb, to stand beside what is computed. */
export const THUMB = {
  'bottom-weight': {
    perDepthKgPm: 0.0093,
    atMps: 0.5,
    angleRad: Math.PI / 4,
    lineMm: 0.28,
    dragAreaM2: 1.5e-3,
    reason:
      'so much for every metre of water, said for a slow walk, line at half a right angle and a thin braid; of the bottom it says nothing',
  },
} as const;

/** How rods of craft and water are moved by what cannot be seen. */
export const DRIFT = {
  wind: { share: 0.035, reason: 'a small open boat goes with three to four hundredths of the wind' },
  paddler: { areaM2: 0.5, reason: 'shoulders and head over the gunwale' },
  paddle: {
    swing: 0.25,
    efficiency: 0.55,
    reason: 'a stroke moves a canoe by a quarter up and down, and half of the work at the paddle moves the hull',
  },
} as const;

/** Weed or water fleas on the line: how much thicker it is for the stream, and how much rougher along it. */
export const FOULING = {
  none: { width: 1, along: 1, reason: 'a clean line' },
  some: { width: 1.8, along: 3, reason: 'threads and single clumps: nearly twice as wide' },
  much: { width: 3.5, along: 6, reason: 'fully hung with weed: wiped off every few minutes, or not fished any more' },
} as const;
export type Fouling = keyof typeof FOULING;

/**
 * How far the steady pull may bend a rod, over its length, by how the rod is meant to stand: sound and edge. A downrigger rod
 * is loaded on purpose against its release, so that it springs up when the fish trips it.
 */
export const CARRY = {
  worked: {
    from: 0,
    sound: 0.15,
    edge: 0.25,
    reason: 'held in the hand, live bait and bottom rigs: travel left to feel and strike',
  },
  holder: { from: 0, sound: 0.3, edge: 0.45, reason: 'a rod in its holder on a flat line rides bent by a third' },
  plane: {
    from: 0,
    sound: 0.45,
    edge: 0.6,
    reason: 'a diving plane bends its rod deep and evenly; soft, long rods are made for it',
  },
  downrigger: { from: 0.2, sound: 0.6, edge: 0.7, reason: 'wound down until it bows to the ball' },
} as const;
export type CarryStance = keyof typeof CARRY;

/** What a downrigger rod is loaded with against its release [N]. */
export const RELEASE = {
  pull: { forceN: 8, spread: 0.3, reason: 'wound tight until the clip nearly lets go' },
} as const;

/** What a bottom rig is to do: its line above the surface's level [rad], and the share that the bottom carries. */
export const BOTTOM_RIG = {
  angle: {
    aimRad: Math.PI / 4,
    soundRad: (8 * Math.PI) / 180,
    edgeRad: (18 * Math.PI) / 180,
    reason: 'half a right angle: it ticks along close behind the boat',
  },
  contact: {
    aim: 0.3,
    sound: 0.2,
    edge: 0.3,
    reason: 'touches a tenth to half of the time: less swims free, more drags and hangs up',
  },
} as const;
/** Outside the wanted band by this share of its width is an edge. */
export const DEPTH_EDGE_SHARE = 0.2;
