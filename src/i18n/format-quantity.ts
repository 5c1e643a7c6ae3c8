import type { Measure } from '@/core/base/measure';
import { DISPLAY_UNITS } from './display-units';
import type { Preferences } from './preferences';

export interface Shown {
  readonly number: string;
  readonly unit: string;
}

export interface Formatter {
  /** value and unit apart, for a large figure with a small unit */
  readonly show: (value: number, measure: Measure) => Shown;
  /** value and unit as one text; a dash for no value */
  readonly format: (value: number | null, measure: Measure) => string;
  readonly unitLabel: (measure: Measure) => string;
  /** an SI value in the reader's unit, as a plain number for an axis or a table */
  readonly inUnit: (value: number, measure: Measure) => number;
  readonly number: (value: number, maxDecimals: number) => string;
  /** a price in its own currency */
  readonly money: (price: { readonly minor: number; readonly currency: string }) => string;
  readonly date: (date: Date, style?: 'short' | 'full') => string;
  /** of the day, to the minute */
  readonly time: (date: Date) => string;
}

const NO_SPACE_BEFORE = new Set(['°', '×', '%']);

export function formatter({ locale, units }: Preferences): Formatter {
  // Making a formatter takes a hundred times longer than using one.
  const made = new Map<number, Intl.NumberFormat>();
  const ofDecimals = (decimals: number): Intl.NumberFormat => {
    const known =
      made.get(decimals) ?? new Intl.NumberFormat(locale, { maximumFractionDigits: decimals, signDisplay: 'negative' });
    made.set(decimals, known);
    return known;
  };
  const dates = {
    short: new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'short', timeZone: 'UTC' }),
    full: new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' }),
  };
  const number = (value: number, maxDecimals: number) => ofDecimals(maxDecimals).format(value).replace('-', '−');
  const inUnit = (value: number, measure: Measure): number => {
    const { perUnit, offset = 0 } = DISPLAY_UNITS[measure][units];
    return value / perUnit - offset;
  };
  const show = (value: number, measure: Measure): Shown => {
    const display = DISPLAY_UNITS[measure][units];
    const shown = inUnit(value, measure);
    const magnitude = shown === 0 ? 0 : Math.floor(Math.log10(Math.abs(shown)));
    const decimals = Math.min(display.maxDecimals, Math.max(0, display.digits - 1 - magnitude));
    return { number: number(shown, decimals), unit: display.label };
  };
  return {
    show,
    inUnit,
    format: (value, measure) => {
      if (value === null) return '–';
      const shown = show(value, measure);
      return NO_SPACE_BEFORE.has(shown.unit) ? shown.number + shown.unit : `${shown.number} ${shown.unit}`;
    },
    unitLabel: (measure) => DISPLAY_UNITS[measure][units].label,
    number,
    money: ({ minor, currency }) =>
      `${new Intl.NumberFormat(locale, { minimumFractionDigits: 2, maximumFractionDigits: 2 }).format(minor / 100)} ${currency}`,
    date: (date, style = 'short') => dates[style].format(date),
    time: (date) => new Intl.DateTimeFormat(locale, { hour: '2-digit', minute: '2-digit' }).format(date),
  };
}
