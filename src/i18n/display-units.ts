import type { Measure } from '@/core/base/measure';
import { SI_PER_UNIT, type Unit } from '@/core/base/units';
import type { OwnUnit, UnitPreferences, UnitSystem } from './preferences';

/** How a measure is shown: value in `unit` = SI / perUnit, less `offset`; significant digits, and how many decimals at most. */
export interface DisplayUnit {
  readonly label: string;
  readonly perUnit: number;
  readonly offset?: number;
  readonly digits: number;
  readonly maxDecimals: number;
}

const unit = (name: Unit, digits = 3, maxDecimals = 2, label: string = name): DisplayUnit => ({
  label,
  perUnit: SI_PER_UNIT[name],
  digits,
  maxDecimals,
});
const both = (display: DisplayUnit) => ({ metric: display, customary: display });
const bare = (label: string, perUnit: number, digits: number, maxDecimals: number): DisplayUnit => ({
  label,
  perUnit,
  digits,
  maxDecimals,
});

/** What speeds are told in where the reader chose it. */
const SPEEDS = {
  'm/s': unit('m/s', 2, 2),
  'km/h': unit('km/h', 2, 1),
  kn: unit('kn', 2, 1),
  mph: unit('mph', 2, 1),
} as const;

/** Measures that a choice of their own holds for. */
const OWN: Partial<Record<Measure, OwnUnit>> = {
  rodLength: 'lengthUnit',
  distance: 'lengthUnit',
  depth: 'lengthUnit',
  size: 'lengthUnit',
  diameter: 'lengthUnit',
  fallSpeed: 'lengthUnit',
  mass: 'weightUnit',
  force: 'lineUnit',
  smallForce: 'lineUnit',
  moment: 'lineUnit',
};

/** The system that a reader sees a measure in. */
export function systemOf(measure: Measure, preferences: UnitPreferences): UnitSystem {
  const name = OWN[measure];
  const own = name ? preferences[name] : undefined;
  return own === undefined || own === 'usual' ? preferences.units : own;
}

/** What a reader sees a measure in. */
export const displayUnit = (measure: Measure, preferences: UnitPreferences): DisplayUnit => {
  const { speedUnit = 'usual' } = preferences;
  return measure === 'speed' && speedUnit !== 'usual'
    ? SPEEDS[speedUnit]
    : DISPLAY_UNITS[measure][systemOf(measure, preferences)];
};

/** The only place where display units are chosen, each measure by the habit of those who use it. Forces in kilograms or pounds, never newtons. */
export const DISPLAY_UNITS: Readonly<Record<Measure, Readonly<Record<UnitSystem, DisplayUnit>>>> = {
  mass: { metric: unit('g', 3, 1), customary: unit('oz', 3, 3) },
  bodyMass: { metric: unit('kg', 3, 1), customary: unit('lb', 3, 1) },
  rodLength: { metric: unit('m', 3, 2), customary: unit('ft', 3, 2) },
  distance: { metric: unit('m', 3, 2), customary: unit('ft', 3, 1) },
  depth: { metric: unit('m', 3, 1), customary: unit('ft', 3, 1) },
  size: { metric: unit('mm', 3, 2), customary: unit('in', 3, 3) },
  diameter: { metric: unit('mm', 2, 2), customary: unit('in', 3, 4) },
  area: { metric: bare('mm²', 1e-6, 3, 1), customary: bare('in²', SI_PER_UNIT.in ** 2, 3, 3) },
  volume: { metric: bare('cm³', 1e-6, 3, 2), customary: bare('in³', SI_PER_UNIT.in ** 3, 3, 3) },
  force: { metric: unit('kgf', 3, 2, 'kg'), customary: unit('lbf', 3, 1, 'lb') },
  smallForce: { metric: bare('g', SI_PER_UNIT.kgf / 1e3, 3, 1), customary: bare('oz', SI_PER_UNIT.lbf / 16, 3, 2) },
  moment: { metric: unit('kgf·m', 3, 2, 'kg·m'), customary: unit('ft·lbf', 3, 1, 'ft·lb') },
  rigidity: {
    metric: bare('kg·m²', SI_PER_UNIT.kgf, 3, 2),
    customary: bare('lb·ft²', SI_PER_UNIT.lbf * SI_PER_UNIT.ft ** 2, 3, 1),
  },
  speed: { metric: unit('m/s', 2, 2), customary: unit('mph', 2, 1) },
  fallSpeed: { metric: unit('m/s', 2, 2), customary: unit('ft/s', 2, 1) },
  acceleration: { metric: bare('m/s²', 1, 2, 0), customary: bare('ft/s²', SI_PER_UNIT.ft, 3, 0) },
  time: both(unit('s', 2, 2)),
  angle: both(unit('deg', 3, 0, '°')),
  ratio: both(bare('×', 1, 3, 2)),
  share: both(bare('%', 0.01, 2, 0)),
  temperature: {
    metric: bare('°C', 1, 3, 1),
    customary: { label: '°F', perUnit: 5 / 9, offset: -32, digits: 3, maxDecimals: 0 },
  },
  salinity: both(bare('‰', 1, 3, 1)),
  density: both(bare('kg/m³', 1, 4, 0)),
  stress: {
    metric: bare('kg/mm²', SI_PER_UNIT.kgf / 1e-6, 2, 2),
    customary: bare('lb/in²', SI_PER_UNIT.lbf / SI_PER_UNIT.in ** 2, 3, 0),
  },
};
