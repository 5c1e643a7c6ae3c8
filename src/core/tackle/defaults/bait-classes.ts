/** How far the hook must run through a soft bait before its point is free, as a share of the body's height. */
export const POINT_PLACES = {
  open: { crushShare: 0, guard: 'none', reason: 'the point stands out of the bait' },
  'skin-hooked': {
    crushShare: 0.15,
    guard: 'skin-hooked',
    reason: 'laid on the back, a few millimetres of skin over it',
  },
  buried: { crushShare: 0.5, guard: 'buried', reason: 'pushed back into the middle of the body' },
} as const;

/** Share of a hook's wire that stands in the flow when it is rigged in a soft bait, and the drag of a round wire there. */
export const RIGGED_WIRE = {
  exposedShare: 0.35,
  cd: 1.1,
  reason: 'shank inside the body, bend and eye outside; a cylinder across the flow',
} as const;

/** Share of a soft bait's length that is tail, for the drawing and the body's reach. */
export const TAIL_SHARE = {
  'paddle-tail': { share: 0.2, reason: 'wrist and paddle' },
  'twin-tail': { share: 0.45, reason: 'two curls, about as long as the body' },
  'straight-tail': { share: 0.15, reason: 'a drawn-out tip' },
  'curl-tail': { share: 0.4, reason: 'a sickle nearly as long as the body' },
  'claw-tail': { share: 0.35, reason: 'two arms with claws' },
  'fan-tail': { share: 0.15, reason: 'a short fan' },
} as const;

/** Where a bait sits on a hook: the hook's eye as a share of the bait's length from its nose, and how far the hook goes through. */
export const BAIT_HOLDS = {
  threaded: { station: 0, reason: 'pushed over shank and bend, nose at the eye' },
  nose: { station: 0.06, reason: 'through both lips or the nostrils' },
  back: { station: 0.4, reason: 'under the skin before the back fin' },
  bridled: { station: 0, reason: 'tied by a loop in front of the nose, the hook quite free' },
} as const;

/** How much of a body's height stays in a hook's gap when a fish bites on it. */
export const COMPRESSION = {
  weedless: {
    share: 0.42,
    reason: 'the whole body lies between shank and point; soft plastic gives by more than half',
  },
  slotted: {
    share: 0.3,
    reason: 'a slot in the belly or back: two thin walls fold where a whole body would be squeezed',
  },
  open: { share: 0.4, reason: 'the shank runs through the middle: half the body stands over it and gives a fifth' },
} as const;

export type BaitHold = keyof typeof BAIT_HOLDS;
export type PointPlace = keyof typeof POINT_PLACES;
