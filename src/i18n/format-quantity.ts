import type { Measure } from '@/core/base/measure';
import { SI_PER_UNIT } from '@/core/base/units';
import { displayUnit, systemOf } from './display-units';
import { feetAndInches, ouncesText } from './customary';
import type { Locale, Preferences, UnitSystem } from './preferences';

export interface Shown {
  readonly number: string;
  readonly unit: string;
}

export interface Formatter {
  /** value and unit apart, for a large figure with a small unit */
  readonly show: (value: number, measure: Measure) => Shown;
  /** value and unit as one text; a dash for no value */
  readonly format: (value: number | null, measure: Measure) => string;
  /** the same without fractions, for a change beside its figure */
  readonly formatDecimal: (value: number, measure: Measure) => string;
  readonly unitLabel: (measure: Measure) => string;
  /** an SI value in the reader's unit, as a plain number for an axis or a table */
  readonly inUnit: (value: number, measure: Measure) => number;
  readonly number: (value: number, maxDecimals: number) => string;
  /** with all its decimals and no separators, for figures that stand under each other or change in place */
  readonly fixed: (value: number, decimals: number) => string;
  /** a share of one in hundredths */
  readonly percent: (share: number) => string;
  /** a price in its own currency */
  readonly money: (price: { readonly minor: number; readonly currency: string }) => string;
  readonly date: (date: Date, style?: 'short' | 'full') => string;
  /** of the day, to the minute */
  readonly time: (date: Date, to?: 'minutes' | 'seconds') => string;
}

/** From here on a mass is told in the large unit: a kilogram, sixteen ounces. */
const HEAVY_KG: Readonly<Record<UnitSystem, number>> = { metric: 1, customary: SI_PER_UNIT.lb };

/** Below this a pull is told in the small unit [N]. */
const SMALL_N = 1;

const NO_SPACE_BEFORE: Readonly<Record<Locale, ReadonlySet<string>>> = {
  en: new Set(['°', '×', '%']),
  es: new Set(['°', '×']),
};

const DATE_STYLES = {
  short: { day: 'numeric', month: 'short', timeZone: 'UTC' },
  full: { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' },
  // As the hours of a plan are typed, in every language.
  minutes: { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' },
  seconds: { hour: '2-digit', minute: '2-digit', second: '2-digit', hourCycle: 'h23' },
} as const satisfies Record<string, Intl.DateTimeFormatOptions>;

// Making a format takes a hundred times longer than using one, and every component asks for them.
const decimalFormats = new Map<string, Intl.NumberFormat>();
const dateFormats = new Map<string, Intl.DateTimeFormat>();

function decimalFormat(locale: Locale, decimals: number, isFixed = false): Intl.NumberFormat {
  const key = `${locale} ${decimals} ${isFixed}`;
  const known =
    decimalFormats.get(key) ??
    new Intl.NumberFormat(locale, {
      maximumFractionDigits: decimals,
      signDisplay: 'negative',
      ...(isFixed && { minimumFractionDigits: decimals, useGrouping: false }),
    });
  decimalFormats.set(key, known);
  return known;
}

function dateFormat(locale: Locale, style: keyof typeof DATE_STYLES): Intl.DateTimeFormat {
  const key = locale + style;
  const known = dateFormats.get(key) ?? new Intl.DateTimeFormat(locale, DATE_STYLES[style]);
  dateFormats.set(key, known);
  return known;
}

/** Large masses and small pulls in their own units; only in a text: a field is read again in the unit that it shows. */
function measureInText(value: number, measure: Measure, system: UnitSystem): Measure {
  const size = Math.abs(value);
  if (measure === 'mass' && size >= HEAVY_KG[system]) return 'bodyMass';
  return measure === 'force' && size > 0 && size < SMALL_N ? 'smallForce' : measure;
}

export function formatter(preferences: Preferences): Formatter {
  const { locale } = preferences;
  const number = (value: number, maxDecimals: number) =>
    decimalFormat(locale, maxDecimals).format(value).replace('-', '−');
  const inUnit = (value: number, measure: Measure): number => {
    const { perUnit, offset = 0 } = displayUnit(measure, preferences);
    return value / perUnit - offset;
  };
  const show = (value: number, measure: Measure): Shown => {
    if (measure === 'rodLength' && systemOf(measure, preferences) === 'customary')
      return { number: feetAndInches(value), unit: '' };
    const display = displayUnit(measure, preferences);
    const shown = inUnit(value, measure);
    const magnitude = shown === 0 ? 0 : Math.floor(Math.log10(Math.abs(shown)));
    const decimals = Math.min(display.maxDecimals, Math.max(0, display.digits - 1 - magnitude));
    return { number: number(shown, decimals), unit: display.label };
  };
  const joined = ({ number: text, unit }: Shown): string =>
    unit === '' || NO_SPACE_BEFORE[locale].has(unit) ? text + unit : `${text} ${unit}`;
  return {
    show,
    inUnit,
    format: (value, measure) => {
      if (value === null) return '–';
      const shown = show(value, measureInText(value, measure, systemOf(measure, preferences)));
      return shown.unit === 'oz' ? ouncesText(value, measure, shown) : joined(shown);
    },
    formatDecimal: (value, measure) => joined(show(value, measure)),
    fixed: (value, decimals) => decimalFormat(locale, decimals, true).format(value).replace('-', '−'),
    percent: (share) => joined({ number: number(100 * share, 0), unit: '%' }),
    unitLabel: (measure) => displayUnit(measure, preferences).label,
    number,
    money: ({ minor, currency }) =>
      `${new Intl.NumberFormat(locale, { minimumFractionDigits: 2, maximumFractionDigits: 2 }).format(minor / 100)} ${currency}`,
    date: (date, style = 'short') => dateFormat(locale, style).format(date),
    time: (date, to = 'minutes') => dateFormat(locale, to).format(date),
  };
}
