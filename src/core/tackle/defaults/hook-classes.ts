/**
 * Hooks by style: gap at size 1/0, growth a size, shank over gap, wire at 1/0 in regular wire and its growth a size.
 * One rule draws every size: gap and wire grow by a constant ratio a size, as they nearly do on measured rows; the wire
 * grows slower than the gap, or large hooks could not be driven home. Spread of the wire is 8 %, as wire is drawn to
 * gauge, and of the gap 10 %: the needed force goes with the wire squared, so 25 % would say nothing.
 * `bends` is the number of points on one shank.
 */
export const HOOK_STYLES = {
  'worm-offset': {
    gapMm: 9.6,
    gapGrowth: 1.13,
    shankPerGap: 3.4,
    wireMm: 0.99,
    wireGrowth: 1.066,
    bends: 1,
    reason: 'offset bend at the eye, wide enough for a body',
  },
  'worm-straight': {
    gapMm: 8.6,
    gapGrowth: 1.13,
    shankPerGap: 3.8,
    wireMm: 0.99,
    wireGrowth: 1.066,
    bends: 1,
    reason: 'straight shank, keeper barbs',
  },
  'wide-gap': {
    gapMm: 11.2,
    gapGrowth: 1.13,
    shankPerGap: 2.9,
    wireMm: 1.02,
    wireGrowth: 1.066,
    bends: 1,
    reason: 'the bend dropped below the shank for thick bodies',
  },
  jig: {
    gapMm: 9.8,
    gapGrowth: 1.13,
    shankPerGap: 2.9,
    wireMm: 0.97,
    wireGrowth: 1.07,
    bends: 1,
    reason: 'bent at the eye, cast into a head',
  },
  'single-inline': {
    gapMm: 10.4,
    gapGrowth: 1.13,
    shankPerGap: 2.1,
    wireMm: 1.08,
    wireGrowth: 1.07,
    bends: 1,
    reason: 'short shank, a large eye across the bend, heavier wire than a treble of its size',
  },
  treble: {
    gapMm: 8.8,
    gapGrowth: 1.13,
    shankPerGap: 2,
    wireMm: 0.86,
    wireGrowth: 1.07,
    bends: 3,
    reason: 'three bends share the pull, so each wire is thinner',
  },
  circle: {
    gapMm: 8.2,
    gapGrowth: 1.13,
    shankPerGap: 1.9,
    wireMm: 1.06,
    wireGrowth: 1.068,
    bends: 1,
    reason: 'the point turned in toward a short shank',
  },
  bait: {
    gapMm: 8.4,
    gapGrowth: 1.13,
    shankPerGap: 2.3,
    wireMm: 0.9,
    wireGrowth: 1.066,
    bends: 1,
    reason: 'plain bend for worms and small live baits',
  },
  stinger: {
    gapMm: 7.6,
    gapGrowth: 1.13,
    shankPerGap: 1.8,
    wireMm: 0.84,
    wireGrowth: 1.066,
    bends: 1,
    reason: 'short and light, trailing on its own loop',
  },
} as const;

export const WIRE_CLASSES = {
  fine: { factor: 0.84, reason: 'one gauge and a half thinner' },
  regular: { factor: 1, reason: 'as the style comes' },
  stout: { factor: 1.16, reason: 'one gauge and a half thicker' },
} as const;

export const HOOK_SPREAD = { wire: 0.08, gap: 0.1, shank: 0.1, mass: 0.18 } as const;

export type HookStyle = keyof typeof HOOK_STYLES;
export type WireClass = keyof typeof WIRE_CLASSES;
