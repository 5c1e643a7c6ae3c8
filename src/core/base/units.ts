/** How many SI units one display unit is, all exact by definition. Source: NIST SP 811, appendix B. */
export const SI_PER_UNIT = {
  m: 1,
  cm: 0.01,
  mm: 0.001,
  ft: 0.3048,
  in: 0.0254,
  yd: 0.9144,
  kg: 1,
  g: 0.001,
  oz: 0.028349523125,
  lb: 0.45359237,
  N: 1,
  kgf: 9.80665,
  lbf: 4.4482216152605,
  'm/s': 1,
  'km/h': 1 / 3.6,
  mph: 0.44704,
  kn: 1852 / 3600,
  'ft/s': 0.3048,
  s: 1,
  rad: 1,
  deg: Math.PI / 180,
  'N·m': 1,
  'kgf·m': 9.80665,
  'ft·lbf': 1.3558179483314003,
} as const satisfies Record<string, number>;

export type Unit = keyof typeof SI_PER_UNIT;
