/** What hangs on a towed line, by class: drag area and the area by which speed drives it down, over a length squared. */
export const TOWED_ENDS = {
  'short-deep': {
    dragPerLengthSquared: 0.375,
    downPerLengthSquared: 0.1375,
    reason: 'a short body with a long lip: 6 and 2.2 cm² at 40 mm, from how deep such lures run on thin line',
  },
  'long-shallow': {
    dragPerLengthSquared: 0.09,
    downPerLengthSquared: 0.012,
    reason: 'a slim minnow with a small lip: two metres at the end of thirty, at a brisk walk',
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

/** A lip that was measured: the share of its plan that drives down. */
export const LIPS = {
  'shallow-lip': { share: 0.3, reason: 'stands steep, most of its push is drag' },
  'medium-lip': { share: 0.7, reason: 'half way' },
  'deep-lip': { share: 1, reason: 'lies in line with the body' },
} as const;

/** A diving plane of its diameter: drag and down force over the area of its disc. */
export const PLANES = {
  set: { dragShare: 0.45, downShare: 0.8, reason: 'set at some thirty-five degrees to the stream' },
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
  paddle: {
    swing: 0.25,
    efficiency: 0.55,
    reason: 'a stroke moves a canoe by a quarter up and down, and half of the work at the paddle moves the hull',
  },
} as const;

/** Limits of Carry: how far the steady pull bends the rod, over its length. */
export const CARRY = { sound: 0.15, edge: 0.25 } as const;
/** Outside the wanted band by this share of its width is an edge. */
export const DEPTH_EDGE_SHARE = 0.2;
