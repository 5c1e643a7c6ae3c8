import type { Measure } from '@/core/base/measure';
import { SI_PER_UNIT } from '@/core/base/units';
import { displayUnit } from './display-units';
import type { Preferences, UnitPreferences } from './preferences';

export type ReadOutcome =
  | { readonly kind: 'read'; readonly value: number }
  | { readonly kind: 'not-a-number' | 'unknown-unit' | 'empty'; readonly given: string };

/** Spellings of units by what they measure; a bare number takes the reader's own unit. */
const LENGTH = {
  m: 1,
  cm: SI_PER_UNIT.cm,
  mm: SI_PER_UNIT.mm,
  ft: SI_PER_UNIT.ft,
  "'": SI_PER_UNIT.ft,
  '′': SI_PER_UNIT.ft,
  in: SI_PER_UNIT.in,
  '"': SI_PER_UNIT.in,
  '″': SI_PER_UNIT.in,
  yd: SI_PER_UNIT.yd,
  pies: SI_PER_UNIT.ft,
  pie: SI_PER_UNIT.ft,
  pulg: SI_PER_UNIT.in,
};
const MASS = {
  kg: 1,
  g: SI_PER_UNIT.g,
  gr: SI_PER_UNIT.g,
  oz: SI_PER_UNIT.oz,
  onz: SI_PER_UNIT.oz,
  lb: SI_PER_UNIT.lb,
  lbs: SI_PER_UNIT.lb,
};
const FORCE = {
  kg: SI_PER_UNIT.kgf,
  kgf: SI_PER_UNIT.kgf,
  g: SI_PER_UNIT.kgf / 1000,
  lb: SI_PER_UNIT.lbf,
  lbs: SI_PER_UNIT.lbf,
  lbf: SI_PER_UNIT.lbf,
  N: 1,
  n: 1,
};
const SPEED = {
  'm/s': 1,
  'km/h': SI_PER_UNIT['km/h'],
  mph: SI_PER_UNIT.mph,
  kn: SI_PER_UNIT.kn,
  'ft/s': SI_PER_UNIT['ft/s'],
};
const ANGLE = { '°': SI_PER_UNIT.deg, deg: SI_PER_UNIT.deg, rad: 1 };

const UNITS: Partial<Record<Measure, Readonly<Record<string, number>>>> = {
  mass: MASS,
  bodyMass: MASS,
  rodLength: LENGTH,
  distance: LENGTH,
  depth: LENGTH,
  size: LENGTH,
  diameter: LENGTH,
  force: FORCE,
  speed: SPEED,
  fallSpeed: SPEED,
  angle: ANGLE,
  volume: { ml: 1e-6, 'cm³': 1e-6, cc: 1e-6, l: 1e-3 },
  time: { s: 1 },
  salinity: { '‰': 1 },
  share: { '%': 0.01 },
  ratio: { '×': 1, x: 1 },
};

/**
 * Reads a quantity as anglers write it, to SI: `1/4 oz`, `1 1/2 oz`, `7'2"`, `12 lb`, `3,5 m`, `9`.
 * Comma and point are both decimal marks; a grouping mark is never used in so small numbers.
 */
export function readQuantity(text: string, measure: Measure, preferences: UnitPreferences): ReadOutcome {
  // What stands in brackets is the same once more, as `3/8 oz (0.37)`.
  const given = text.replace(/\([^)]*\)\s*$/, '').trim();
  if (given === '') return { kind: 'empty', given };
  if (measure === 'temperature') return readTemperature(given, preferences.units);
  const known = UNITS[measure] ?? {};
  const { perUnit: own, label } = displayUnit(measure, preferences);

  const feetAndInches = /^(\d+)\s*(?:'|′|ft|pies?)\s*(.+?)\s*(?:"|″|in|pulg)$/.exec(given);
  if (feetAndInches && known["'"] !== undefined) {
    const feet = readNumber(feetAndInches[1]!);
    const inches = readNumber(feetAndInches[2]!);
    return feet === null || inches === null
      ? { kind: 'not-a-number', given }
      : { kind: 'read', value: feet * SI_PER_UNIT.ft + inches * SI_PER_UNIT.in };
  }
  const match = /^([-−+]?[\d\s.,/½¼¾⅛⅜⅝⅞]*[\d½¼¾⅛⅜⅝⅞])\s*(.*)$/.exec(given);
  const number = match ? readNumber(match[1]!) : null;
  if (!match || number === null) return { kind: 'not-a-number', given };
  const word = match[2]!;
  if (word === '') return { kind: 'read', value: number * own };
  const factor = known[word] ?? known[word.toLowerCase()] ?? (word === label ? own : undefined);
  return factor === undefined ? { kind: 'unknown-unit', given: word } : { kind: 'read', value: number * factor };
}

const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/** A decimal, a fraction, or a whole and a fraction; null when it is none of them. */
export function readNumber(text: string): number | null {
  const plain = text
    .replace(/[½¼¾⅛⅜⅝⅞]/g, (sign) => ` ${VULGAR[sign]}`)
    .replace('−', '-')
    .trim();
  const mixed = /^([-+]?)(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(plain);
  if (mixed) {
    const value = Number(mixed[2] ?? 0) + Number(mixed[3]) / Number(mixed[4]);
    return Number(mixed[4]) === 0 ? null : mixed[1] === '-' ? -value : value;
  }
  return /^[-+]?\d+(?:[.,]\d+)?$|^[-+]?[.,]\d+$/.test(plain) ? Number(plain.replace(',', '.')) : null;
}

function readTemperature(given: string, units: Preferences['units']): ReadOutcome {
  const match = /^([-−+]?[\d.,]+)\s*(?:°\s*)?([CcFf]?)$/.exec(given);
  const number = match ? readNumber(match[1]!) : null;
  if (!match || number === null) return { kind: 'not-a-number', given };
  const fahrenheit = match[2] === '' ? units === 'customary' : match[2]!.toLowerCase() === 'f';
  return { kind: 'read', value: fahrenheit ? ((number - 32) * 5) / 9 : number };
}
