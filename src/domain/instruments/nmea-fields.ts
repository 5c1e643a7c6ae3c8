import { SI_PER_UNIT } from '@/core/base/units';
import { asDirection } from './direction';

/** Figures by name, in SI; `true` where it is a bare number. */
type Figures = readonly (readonly [name: string, value: number, isBare?: boolean | undefined])[];
export interface FieldsRead {
  readonly said: Figures;
  /** the sentence's own clock, seconds since 1970 UTC */
  readonly clockS?: number;
}

/** Null: a figure is none. */
type Reader = (fields: readonly string[]) => FieldsRead | null;

class NoFigure extends Error {}

/** A field as a number; null where it is empty, as instruments leave what they do not know. */
function figure(text: string | undefined): number | null {
  if (text === undefined || text.trim() === '') return null;
  const t = text.trim();
  if (!/^[+-]?(\d+\.?\d*|\.\d+)$/.test(t)) throw new NoFigure();
  return Number(t);
}

const knots = (text: string | undefined) => scaled(figure(text), SI_PER_UNIT.kn);
const kmh = (text: string | undefined) => scaled(figure(text), SI_PER_UNIT['km/h']);
const scaled = (value: number | null, by: number): number | null => (value === null ? null : value * by);

/** Degrees as a direction, 0..2π. */
const direction = (text: string | undefined): number | null => {
  const deg = figure(text);
  return deg === null ? null : asDirection((deg * Math.PI) / 180);
};

/** Degrees east or west, east positive, in radians. */
const eastward = (text: string | undefined, letter: string | undefined): number | null => {
  const deg = figure(text);
  return deg === null ? null : ((letter === 'W' ? -deg : deg) * Math.PI) / 180;
};

/** `ddmm.mmm` and its letter as degrees. */
function degrees(text: string | undefined, letter: string | undefined): number | null {
  if (text === undefined || text.trim() === '') return null;
  const found = /^(\d{1,3})(\d{2}(?:\.\d*)?)$/.exec(text.trim());
  if (!found || !/^[NSEW]$/.test(letter ?? '')) throw new NoFigure();
  const minutes = Number(found[2]);
  if (minutes >= 60) throw new NoFigure();
  const deg = Number(found[1]) + minutes / 60;
  return letter === 'S' || letter === 'W' ? -deg : deg;
}

const known = (...figures: readonly (readonly [string, number | null, boolean?])[]): Figures =>
  figures.flatMap(([name, value, isBare]): Figures => (value === null ? [] : [[name, value, isBare]]));

const position = (lat: number | null, lon: number | null) =>
  lat === null || lon === null ? [] : known(['latitude', lat], ['longitude', lon]);

/** Speeds of the wind by their unit letter. */
const WIND: Readonly<Record<string, number>> = { N: SI_PER_UNIT.kn, K: SI_PER_UNIT['km/h'], M: 1, S: SI_PER_UNIT.mph };

/** `hhmmss` and `ddmmyy` as seconds since 1970; null where either is empty or none. */
function clock(time: string | undefined, date: string | undefined): number | null {
  const t = /^(\d{2})(\d{2})(\d{2}(?:\.\d+)?)$/.exec(time ?? '');
  const d = /^(\d{2})(\d{2})(\d{2})$/.exec(date ?? '');
  if (!t || !d) return null;
  return (
    Date.UTC(2000 + Number(d[3]), Number(d[2]) - 1, Number(d[1]), Number(t[1]), Number(t[2])) / 1000 + Number(t[3])
  );
}

const READERS: Readonly<Record<string, (fields: readonly string[]) => FieldsRead>> = {
  VTG: ([course, , , , kn, , km, , mode]) => ({
    said: mode === 'N' ? [] : known(['course', direction(course)], ['speed', knots(kn) ?? kmh(km)]),
  }),
  RMC: ([time, status, lat, n, lon, e, kn, course, date]) => {
    const clockS = clock(time, date);
    return {
      said:
        status === 'A'
          ? [
              ...position(degrees(lat, n), degrees(lon, e)),
              ...known(['speed', knots(kn)], ['course', direction(course)]),
            ]
          : [],
      ...(clockS === null ? {} : { clockS }),
    };
  },
  GGA: ([, lat, n, lon, e, quality]) => ({
    said: (figure(quality) ?? 0) > 0 ? position(degrees(lat, n), degrees(lon, e)) : [],
  }),
  VHW: ([heading, , , , kn, , km]) => ({
    said: known(['heading', direction(heading)], ['speed', knots(kn) ?? kmh(km)]),
  }),
  HDG: ([magnetic, deviation, de, variation, ve]) => {
    const compass = direction(magnetic);
    const off = eastward(deviation, de) ?? 0;
    const north = eastward(variation, ve);
    if (compass === null) return { said: [] };
    return {
      said:
        north === null
          ? known(['magnetic', asDirection(compass + off)])
          : known(['heading', asDirection(compass + off + north)]),
    };
  },
  MTW: ([temperature, unit]) => ({ said: known(['temperature', celsius(figure(temperature), unit)]) }),
  DPT: ([depth, offset]) => {
    const below = figure(depth);
    // A negative offset reaches down to the keel: below the surface it says nothing.
    return { said: known(['depth', below === null ? null : below + Math.max(0, figure(offset) ?? 0)]) };
  },
  DBT: ([feet, , metres]) => ({ said: known(['depth', figure(metres) ?? scaled(figure(feet), SI_PER_UNIT.ft)]) }),
  MWV: ([angle, of, speed, unit, status]) => {
    const mps = scaled(figure(speed), WIND[unit ?? ''] ?? NaN);
    if (status !== 'A') return { said: [] };
    if (mps !== null && Number.isNaN(mps)) throw new NoFigure();
    return {
      said:
        of === 'T'
          ? known(['trueAngle', direction(angle)], ['trueSpeed', mps])
          : known(['angle', direction(angle)], ['speed', mps]),
    };
  },
  XDR: (fields) => ({
    said: Array.from({ length: Math.floor(fields.length / 4) }, (_, i) => fields.slice(4 * i, 4 * i + 4)).flatMap(
      ([type, text, unit, name]) => {
        const value = figure(text);
        if (value === null || !name?.trim()) return [];
        if (type === 'C') return known([name.trim(), celsius(value, unit)]);
        if (type === 'D') return known([name.trim(), unit === 'F' || unit === 'f' ? value * SI_PER_UNIT.ft : value]);
        return known([name.trim(), value, true]);
      },
    ),
  }),
};

function celsius(value: number | null, unit: string | undefined): number | null {
  if (value === null) return null;
  return unit === 'F' ? (value - 32) / 1.8 : unit === 'K' ? value - 273.15 : value;
}

/** What each type of sentence says; null where one of its figures is none. */
export const FIELD_READERS: Readonly<Record<string, Reader>> = Object.fromEntries(
  Object.entries(READERS).map(([type, read]): [string, Reader] => [
    type,
    (fields) => {
      try {
        return read(fields);
      } catch (error) {
        if (error instanceof NoFigure) return null;
        throw error;
      }
    },
  ]),
);
