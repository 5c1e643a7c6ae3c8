/**
 * Hardware by form: mass, strength and bore scale with its outer width w as mass = fullness·ρ·w³ and
 * strength = perMm2·w², since wire and wall grow with it. Null: it carries no pull, or has no hole.
 */
export const HARDWARE_CLASSES = {
  swivel: { fullness: 0.16, perMm2: 7, borePerWidth: null, reason: 'two eyes and a barrel about three widths long' },
  snap: { fullness: 0.09, perMm2: 4, borePerWidth: null, reason: 'one bent wire, weaker than the ring it closes on' },
  'solid-ring': { fullness: 0.13, perMm2: 9, borePerWidth: 0.72, reason: 'welded, the whole wire carries' },
  'split-ring': { fullness: 0.17, perMm2: 3.5, borePerWidth: 0.7, reason: 'two turns that pull open' },
  bead: { fullness: 0.09, perMm2: null, borePerWidth: 0.25, reason: 'glass or plastic, a sphere with a hole' },
  stop: { fullness: 0.05, perMm2: null, borePerWidth: 0.15, reason: 'rubber, slid on under pressure' },
  crimp: { fullness: 0.5, perMm2: 60, borePerWidth: 0.45, reason: 'a short tube; the line in it gives first when it matches' },
  'screw-keeper': { fullness: 0.06, perMm2: null, borePerWidth: null, reason: 'a coil of thin wire that holds the nose' },
  'hook-guard': { fullness: 0.03, perMm2: null, borePerWidth: null, reason: 'bristles or one wire before the point' },
  trace: { fullness: 0.02, perMm2: 12, borePerWidth: null, reason: 'wire with an eye at each end; its width is that of the eyes' },
  blade: { fullness: 0.03, perMm2: null, borePerWidth: null, reason: 'a thin cupped plate' },
} as const;

export type HardwareForm = keyof typeof HARDWARE_CLASSES;

export const HARDWARE_SPREAD = { mass: 0.3, strength: 0.3, bore: 0.15 } as const;
