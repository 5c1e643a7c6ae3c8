/** What a reader chooses once and every page follows; kept in cookies of these names. */
export const LOCALES = ['en', 'es'] as const;
export const UNIT_SYSTEMS = ['metric', 'customary'] as const;
export const LIGHTINGS = ['day', 'night', 'lamp'] as const;

/** What a speed of boat, wind and water is told in; `usual`: m/s in metric, mph in customary. */
export const SPEED_UNITS = ['usual', 'm/s', 'km/h', 'kn', 'mph'] as const;

/** A kind of quantity that a reader may want in the other system than the rest. */
export const OWN_UNITS = ['lengthUnit', 'weightUnit', 'lineUnit'] as const;
export type OwnUnit = (typeof OWN_UNITS)[number];
export const OWN_CHOICES = ['usual', ...UNIT_SYSTEMS] as const;

/** What is usual together, chosen in one touch: a lake in feet, metres, and the sea in metres and knots. */
export const UNIT_SETS = {
  us: { units: 'customary', speedUnit: 'mph' },
  metric: { units: 'metric', speedUnit: 'km/h' },
  sea: { units: 'metric', speedUnit: 'kn' },
} as const satisfies Readonly<
  Record<string, { readonly units: UnitSystem; readonly speedUnit: (typeof SPEED_UNITS)[number] }>
>;
export type UnitSet = keyof typeof UNIT_SETS;

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
  /** rods, distances, depths and sizes; `usual`: as `units` has it, as for the two below */
  readonly lengthUnit?: (typeof OWN_CHOICES)[number];
  /** lures and weights */
  readonly weightUnit?: (typeof OWN_CHOICES)[number];
  /** strength of lines, drag and pulls */
  readonly lineUnit?: (typeof OWN_CHOICES)[number];
}

/** What of a reader's preferences decides about units. */
export type UnitPreferences = Pick<Preferences, 'units'> & Partial<Pick<Preferences, 'speedUnit' | OwnUnit>>;

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
    lengthUnit: pick(OWN_CHOICES, cookie('lengthUnit'), 'usual'),
    weightUnit: pick(OWN_CHOICES, cookie('weightUnit'), 'usual'),
    lineUnit: pick(OWN_CHOICES, cookie('lineUnit'), 'usual'),
  };
}

/** Preferences as a Cookie header writes them, to be kept with whoever chose them. */
export const preferenceLine = (preferences: Preferences): string =>
  Object.entries(preferences)
    .map(([name, value]) => `${name}=${String(value)}`)
    .join('; ');

/** Looks a value up in such a line. */
export const cookieOf =
  (line: string) =>
  (name: string): string | undefined =>
    line
      .split('; ')
      .find((each) => each.startsWith(`${name}=`))
      ?.slice(name.length + 1);
