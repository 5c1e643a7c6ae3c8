/**
 * Hooks by style: gap and wire at size 1/0 in regular wire and their growth a size, shank over gap, and the wire that the
 * eye takes, over its diameter. Gap and wire of measured rows grow by a nearly constant ratio a size, so one line draws
 * every size. Spread of the wire is 8 %, as wire is drawn to gauge, and of the gap 10 %: the needed force goes with the
 * wire squared, so 25 % would say nothing. `bends` is the number of arms: each brings a shank, a bend and a point's leg.
 */
export const HOOK_STYLES = {
  'worm-offset': {
    gapMm: 9.6,
    gapGrowth: 1.13,
    shankPerGap: 3.4,
    wireMm: 1.02,
    wireGrowth: 1.08,
    eyePerWire: 9.4,
    bends: 1,
    reason: 'offset bend at the eye, wide enough for a body',
  },
  'worm-straight': {
    gapMm: 8.9,
    gapGrowth: 1.13,
    shankPerGap: 3.6,
    wireMm: 1.04,
    wireGrowth: 1.085,
    eyePerWire: 9.4,
    bends: 1,
    reason: 'straight shank with keeper barbs, driven through a body: heavier wire than an offset hook',
  },
  'wide-gap': {
    gapMm: 11.2,
    gapGrowth: 1.13,
    shankPerGap: 2.9,
    wireMm: 1.05,
    wireGrowth: 1.08,
    eyePerWire: 9.4,
    bends: 1,
    reason: 'the bend dropped below the shank for thick bodies',
  },
  jig: {
    gapMm: 9.8,
    gapGrowth: 1.13,
    shankPerGap: 2.9,
    wireMm: 1.03,
    wireGrowth: 1.085,
    eyePerWire: 9.4,
    bends: 1,
    reason: 'bent at the eye, cast into a head',
  },
  'single-inline': {
    gapMm: 10.4,
    gapGrowth: 1.122,
    shankPerGap: 3.2,
    wireMm: 1.28,
    wireGrowth: 1.104,
    eyePerWire: 14,
    bends: 1,
    reason:
      'in line with a large eye across the bend; all the pull on one point, so the wire is heavier than a treble’s',
  },
  double: {
    gapMm: 9.7,
    gapGrowth: 1.13,
    shankPerGap: 2.9,
    wireMm: 1.1,
    wireGrowth: 1.09,
    eyePerWire: 9.4,
    bends: 2,
    reason: 'two arms of one wire, laid along a hollow body',
  },
  treble: {
    gapMm: 10.5,
    gapGrowth: 1.147,
    shankPerGap: 3.12,
    wireMm: 1.35,
    wireGrowth: 1.116,
    eyePerWire: 9.4,
    bends: 3,
    reason: 'three shanks laid together and three bends, 0.7 mm of wire at size 10 and 2.1 mm at 5/0',
  },
  circle: {
    gapMm: 9.7,
    gapGrowth: 1.1336,
    shankPerGap: 1.9,
    wireMm: 1.1,
    wireGrowth: 1.108,
    eyePerWire: 9.4,
    bends: 1,
    reason: 'the point turned in toward a short shank; the wire of a bait hook',
  },
  bait: {
    gapMm: 9.7,
    gapGrowth: 1.1336,
    shankPerGap: 2.3,
    wireMm: 1.1,
    wireGrowth: 1.108,
    eyePerWire: 9.4,
    bends: 1,
    reason: 'plain J bend for worms and live baits; in stout wire 1.5 mm at 2/0 and 3.2 mm at 10/0',
  },
  stinger: {
    gapMm: 7.6,
    gapGrowth: 1.13,
    shankPerGap: 1.8,
    wireMm: 0.84,
    wireGrowth: 1.08,
    eyePerWire: 9.4,
    bends: 1,
    reason: 'short and light, trailing on its own loop',
  },
} as const;

/** Wire against the regular of its style; "2x", "3x" and "4x strong" are steps of a tenth. */
export const WIRE_CLASSES = {
  fine: { factor: 0.84, reason: 'one gauge and a half thinner' },
  regular: { factor: 1, reason: 'as the style comes' },
  '2x': { factor: 1.1, reason: 'a step of a tenth in the wire' },
  stout: { factor: 1.16, reason: 'one gauge and a half thicker' },
  '3x': { factor: 1.21, reason: 'two steps of a tenth' },
  '4x': { factor: 1.331, reason: 'three steps of a tenth' },
} as const;

export const HOOK_SPREAD = { wire: 0.08, gap: 0.1, shank: 0.1, mass: 0.18 } as const;

/** What a hook of so many bends is called by its points. */
export const POINTS_OF_BENDS = { 1: 'single', 2: 'double', 3: 'treble' } as const;

export type HookStyle = keyof typeof HOOK_STYLES;
export type WireClass = keyof typeof WIRE_CLASSES;
