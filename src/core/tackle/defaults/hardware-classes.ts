/**
 * Hardware by form: mass, strength and bore scale with its outer width w as mass = fullness·ρ·w³ and
 * strength = perMm2·w², since wire and wall grow with it. `usualMm` is the width of the middle of a box. Null: it carries no pull, or has no hole.
 */
export const HARDWARE_CLASSES = {
  swivel: {
    usualMm: 6,
    fullness: 0.16,
    perMm2: 7,
    borePerWidth: null,
    reason: 'two eyes and a barrel about three widths long',
  },
  snap: {
    usualMm: 8,
    fullness: 0.09,
    perMm2: 4,
    borePerWidth: null,
    reason: 'one bent wire, weaker than the ring it closes on',
  },
  'solid-ring': { usualMm: 6, fullness: 0.13, perMm2: 9, borePerWidth: 0.72, reason: 'welded, the whole wire carries' },
  'split-ring': { usualMm: 7, fullness: 0.17, perMm2: 3.5, borePerWidth: 0.7, reason: 'two turns that pull open' },
  bead: {
    usualMm: 6,
    fullness: 0.09,
    perMm2: null,
    borePerWidth: 0.25,
    reason: 'glass or plastic, a sphere with a hole',
  },
  stop: { usualMm: 3, fullness: 0.05, perMm2: null, borePerWidth: 0.15, reason: 'rubber, slid on under pressure' },
  crimp: {
    usualMm: 2,
    fullness: 0.5,
    perMm2: 60,
    borePerWidth: 0.6,
    reason: 'a short thin tube; the line in it gives first when it matches',
  },
  'screw-keeper': {
    usualMm: 6,
    fullness: 0.06,
    perMm2: null,
    borePerWidth: null,
    reason: 'a coil of thin wire that holds the nose',
  },
  'hook-guard': {
    usualMm: 5,
    fullness: 0.03,
    perMm2: null,
    borePerWidth: null,
    reason: 'bristles or one wire before the point',
  },
  trace: {
    usualMm: 4,
    fullness: 0.02,
    perMm2: 12,
    borePerWidth: null,
    reason: 'wire with an eye at each end; its width is that of the eyes',
  },
  'wobble-disc': {
    usualMm: 24,
    fullness: 0.02,
    perMm2: null,
    borePerWidth: 0.06,
    reason: 'a clear tilted disc that the leader runs through',
  },
  'bait-head': {
    usualMm: 22,
    fullness: 0.12,
    perMm2: null,
    borePerWidth: 0.08,
    reason: 'a slanted cap that holds a bait by its nose and makes it roll',
  },
  bridle: {
    usualMm: 25,
    fullness: 0.01,
    perMm2: null,
    borePerWidth: null,
    reason: 'a loop of waxed cord between hook and bait',
  },
  sleeve: {
    usualMm: 5,
    fullness: 0.12,
    perMm2: null,
    borePerWidth: 0.5,
    reason: 'a soft tube pushed over hook eye, ring or knot',
  },
  'planer-board': {
    usualMm: 200,
    fullness: 0.0045,
    perMm2: null,
    borePerWidth: null,
    reason: 'a board that floats upright and runs out to the side: some 300 g at two hands long',
  },
  'release-clip': {
    usualMm: 60,
    fullness: 0.011,
    perMm2: null,
    borePerWidth: null,
    reason: 'pads that hold the line until a fish pulls it out: 20 g',
  },
  blade: { usualMm: 16, fullness: 0.03, perMm2: null, borePerWidth: null, reason: 'a thin cupped plate' },
} as const;

export type HardwareForm = keyof typeof HARDWARE_CLASSES;

export const HARDWARE_SPREAD = { mass: 0.3, strength: 0.3, bore: 0.15 } as const;

/**
 * Width of hardware that is sold by a number [mm], from the finest up; makers differ by a sixth. Swivels count down to 1 and
 * on as aughts, as hooks do; rings and snaps count up.
 */
export const HARDWARE_SIZES: Readonly<Partial<Record<HardwareForm, Readonly<Record<string, number>>>>> = {
  swivel: {
    '12': 3.2,
    '10': 4,
    '9': 4.4,
    '8': 4.8,
    '7': 5.2,
    '6': 5.8,
    '5': 6.4,
    '4': 7.2,
    '3': 8,
    '2': 9,
    '1': 10,
    '1/0': 11,
    '2/0': 12,
    '3/0': 13.5,
  },
  'split-ring': { '1': 4.2, '2': 5.3, '3': 6.4, '4': 7.4, '5': 8.6, '6': 9.9, '7': 11.2, '8': 12.7, '9': 14, '10': 16 },
  snap: { '0': 5, '1': 6, '2': 7.5, '3': 9, '4': 10.5, '5': 12, '6': 14 },
};
export const HARDWARE_SIZE_SPREAD = 0.15;
