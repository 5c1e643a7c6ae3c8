/** What a reader chooses once and every page follows; kept in cookies of these names. */
export const LOCALES = ['en', 'es'] as const;
export const UNIT_SYSTEMS = ['metric', 'customary'] as const;
export const LIGHTINGS = ['day', 'night', 'lamp'] as const;

/** What a speed of boat, wind and water is told in; `usual`: m/s in metric, mph in customary. */
export const SPEED_UNITS = ['usual', 'm/s', 'km/h', 'kn', 'mph'] as const;

/** Whether single letters do something on a page; who talks to the computer, or types with a wandering hand, switches them off. */
export const LETTER_KEYS = ['on', 'off'] as const;

export type Locale = (typeof LOCALES)[number];
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];
export type Lighting = (typeof LIGHTINGS)[number];

export interface Preferences {
  readonly locale: Locale;
  readonly units: UnitSystem;
  readonly lighting: Lighting;
  readonly speedUnit: (typeof SPEED_UNITS)[number];
  readonly letterKeys: (typeof LETTER_KEYS)[number];
}

const pick = <T extends string>(values: readonly T[], given: string | undefined, otherwise: T): T =>
  values.find((value) => value === given) ?? otherwise;

/** Reads the cookies; without one the browser's first known language, metric and day. */
export function readPreferences(
  cookie: (name: string) => string | undefined,
  acceptLanguage: string | null,
): Preferences {
  const spoken = (acceptLanguage ?? '').split(',').map((entry) => entry.trim().slice(0, 2).toLowerCase());
  return {
    locale: pick(
      LOCALES,
      cookie('locale'),
      LOCALES.find((locale) => locale === spoken.find((word) => pick<string>(LOCALES, word, '') !== '')) ?? 'en',
    ),
    units: pick(UNIT_SYSTEMS, cookie('units'), 'metric'),
    lighting: pick(LIGHTINGS, cookie('lighting'), 'day'),
    speedUnit: pick(SPEED_UNITS, cookie('speedUnit'), 'usual'),
    letterKeys: pick(LETTER_KEYS, cookie('letterKeys'), 'on'),
  };
}
