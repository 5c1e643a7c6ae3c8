/**
 * Line materials: breaking stress σ [Pa] and modulus E [Pa] over the nominal section, density, how much rougher than a
 * smooth cylinder the line is across the flow, and skin friction along it. Wet values, since a rig works wet.
 */
export const LINE_MATERIALS = {
  nylon: {
    strengthPa: 720e6,
    modulusPa: 2.4e9,
    densityKgPm3: 1140,
    normalDragFactor: 1,
    tangentialCt: 0.012,
    reason: 'drawn polyamide, softened a quarter by water',
  },
  fluorocarbon: {
    strengthPa: 700e6,
    modulusPa: 2.9e9,
    densityKgPm3: 1780,
    normalDragFactor: 1,
    tangentialCt: 0.012,
    reason: 'drawn polyvinylidene fluoride; takes up no water',
  },
  braid: {
    strengthPa: 2000e6,
    modulusPa: 40e9,
    densityKgPm3: 970,
    normalDragFactor: 1.1,
    tangentialCt: 0.02,
    reason:
      'high-modulus polyethylene at braid angle and packing; a little rougher across the stream than a smooth line of its width, and far thinner at its strength',
  },
  'steel-single': {
    strengthPa: 1950e6,
    modulusPa: 190e9,
    densityKgPm3: 7900,
    normalDragFactor: 1,
    tangentialCt: 0.012,
    reason: 'hard-drawn stainless wire',
  },
  'steel-seven': {
    strengthPa: 1550e6,
    modulusPa: 130e9,
    densityKgPm3: 6500,
    normalDragFactor: 1.2,
    tangentialCt: 0.015,
    reason: 'seven-strand wire over its circle: a fifth is air',
  },
  'steel-cable': {
    strengthPa: 1250e6,
    modulusPa: 90e9,
    densityKgPm3: 5000,
    normalDragFactor: 1.2,
    tangentialCt: 0.015,
    reason: 'downrigger cable over its circle: a third is air',
  },
  'steel-soft': {
    strengthPa: 850e6,
    modulusPa: 190e9,
    densityKgPm3: 7900,
    normalDragFactor: 1,
    tangentialCt: 0.012,
    reason: 'annealed trolling wire',
  },
  'copper-strand': {
    strengthPa: 250e6,
    modulusPa: 60e9,
    densityKgPm3: 8960,
    normalDragFactor: 1.2,
    tangentialCt: 0.015,
    reason: 'stranded annealed copper',
  },
} as const;

/** Lead core is a braided sleeve over a lead thread: no stress describes it, so it stands as one sort of its own. */
export const LEAD_CORE = {
  strengthN: 120,
  eaN: 800,
  massPerLengthKgPm: 2.8e-3,
  diameterM: 0.9e-3,
  normalDragFactor: 1.5,
  tangentialCt: 0.02,
  reason: 'the common weight; the sleeve carries all load',
} as const;

export type LineMaterial = keyof typeof LINE_MATERIALS | 'lead-core';
