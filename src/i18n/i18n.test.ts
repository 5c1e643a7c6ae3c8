import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Measure } from '@/core/base/measure';
import { catalogueOf } from './catalogue';
import { DISPLAY_UNITS } from './display-units';
import { formatter } from './format-quantity';
import { readPreferences, type Preferences } from './preferences';
import { readQuantity } from './read-quantity';

const metric: Preferences = { locale: 'en', units: 'metric', lighting: 'day', speedUnit: 'usual', letterKeys: 'on' };
const customary: Preferences = { ...metric, units: 'customary' };
const spanish: Preferences = { ...metric, locale: 'es' };

describe('readQuantity: as anglers write it', () => {
  it.each<[string, Measure, number]>([
    ['1/4 oz', 'mass', 0.25 * 0.028349523125],
    ['1 1/2 oz', 'mass', 1.5 * 0.028349523125],
    ['½ oz', 'mass', 0.5 * 0.028349523125],
    ['10', 'mass', 0.01],
    ['10,5 g', 'mass', 0.0105],
    [`7'2"`, 'rodLength', 7 * 0.3048 + 2 * 0.0254],
    ['7′ 2 1/2″', 'rodLength', 7 * 0.3048 + 2.5 * 0.0254],
    ['6 ft 6 in', 'rodLength', 6.5 * 0.3048],
    ['7 pies 2 pulg', 'rodLength', 7 * 0.3048 + 2 * 0.0254],
    ['12 lb', 'force', 12 * 4.4482216152605],
    ['2.1', 'force', 2.1 * 9.80665],
    ['3,5 m', 'depth', 3.5],
    ['.5', 'depth', 0.5],
    ['70 ft', 'distance', 70 * 0.3048],
    ['105°', 'angle', (105 * Math.PI) / 180],
    ['48 F', 'temperature', (16 * 5) / 9],
    ['-1 °C', 'temperature', -1],
    ['0.28', 'diameter', 0.28e-3],
  ])('%s is %s %d', (text, measure, value) => {
    const read = readQuantity(text, measure, metric);
    expect(read.kind).toBe('read');
    expect(read.kind === 'read' && read.value).toBeCloseTo(value, 10);
  });

  it('reads a bare number in the reader’s own unit', () => {
    expect(readQuantity('3', 'depth', customary)).toEqual({ kind: 'read', value: 3 * 0.3048 });
    expect(readQuantity('48', 'temperature', customary)).toMatchObject({ kind: 'read' });
  });

  it.each<[string, Measure, string]>([
    ['', 'mass', 'empty'],
    ['abc', 'mass', 'not-a-number'],
    ['1/0 oz', 'mass', 'not-a-number'],
    ['1.2.3', 'depth', 'not-a-number'],
    ['5 lb', 'depth', 'unknown-unit'],
    ['5 furlong', 'distance', 'unknown-unit'],
    ['2 oz', 'angle', 'unknown-unit'],
    ['1e3', 'depth', 'unknown-unit'],
  ])('refuses %s as a %s: %s', (text, measure, kind) => expect(readQuantity(text, measure, metric).kind).toBe(kind));

  it('reads back what it writes, in both systems and both languages', () =>
    fc.assert(
      fc.property(
        fc.constantFrom<Measure>('mass', 'distance', 'depth', 'force', 'speed', 'size', 'angle', 'temperature'),
        fc.double({ min: 0.5, max: 90, noNaN: true }),
        fc.constantFrom(metric, customary, spanish),
        (measure, shown, preferences) => {
          const { perUnit, offset = 0 } = DISPLAY_UNITS[measure][preferences.units];
          const value = (shown + offset) * perUnit;
          const read = readQuantity(formatter(preferences).format(value, measure), measure, preferences);
          expect(read.kind).toBe('read');
          if (read.kind === 'read') expect(Math.abs(read.value - value) / perUnit).toBeLessThan(0.51);
        },
      ),
    ));
});

describe('formatter', () => {
  it.each<[Preferences, number, Measure, string]>([
    [metric, 0.0264, 'mass', '26.4 g'],
    [spanish, 0.0264, 'mass', '26,4 g'],
    [customary, 0.0070873808, 'mass', '1/4 oz'],
    [customary, 0.0105, 'mass', '3/8 oz (0.37)'],
    [customary, 0.0425243, 'mass', '1 1/2 oz'],
    [customary, 0.001, 'mass', '0.035 oz'],
    [customary, 0.9, 'mass', '2 lb'],
    [metric, 1.4, 'mass', '1.4 kg'],
    [customary, 2.1844, 'rodLength', `7'2"`],
    [customary, 1.9939, 'rodLength', `6'6½"`],
    [customary, 0.45, 'rodLength', `1'5½"`],
    [metric, 2.1844, 'rodLength', '2.18 m'],
    [customary, 1.2, 'speed', '2.7 mph'],
    [customary, 0.66, 'fallSpeed', '2.2 ft/s'],
    [{ ...metric, speedUnit: 'kn' }, 1.2, 'speed', '2.3 kn'],
    [{ ...customary, speedUnit: 'km/h' }, 1.2, 'speed', '4.3 km/h'],
    [{ ...metric, speedUnit: 'kn' }, 0.66, 'fallSpeed', '0.66 m/s'],
    [metric, 64.33, 'force', '6.56 kg'],
    [customary, 64.33, 'force', '14.5 lb'],
    [metric, 0.092, 'force', '9.4 g'],
    [metric, 0, 'force', '0 kg'],
    [customary, -0.5, 'force', '−1.8 oz'],
    [metric, Math.PI / 2, 'angle', '90°'],
    [metric, -0.005, 'angle', '0°'],
    [metric, -0.02, 'angle', '−1°'],
    [customary, 9, 'temperature', '48 °F'],
    [metric, 0.126, 'share', '13%'],
    [spanish, 0.126, 'share', '13 %'],
    [metric, 1.6496, 'ratio', '1.65×'],
  ])('%o shows %d %s as %s', (preferences, value, measure, text) =>
    expect(formatter(preferences).format(value, measure)).toBe(text),
  );

  it.each([
    ['3/8 oz (0.37)', 'mass', 0.0106310713],
    [`7'2"`, 'rodLength', 2.1844],
    [`6'6½"`, 'rodLength', 1.9939],
    [`9'0½"`, 'rodLength', 2.7559],
    ['2.5', 'speed', 2.5 * 0.44704],
    ['2.5 kn', 'speed', 2.5 * 0.514444],
  ] as const)('customary fields read %s of %s back', (text, measure, value) => {
    const read = readQuantity(text, measure, customary);
    expect(read.kind === 'read' ? read.value : null).toBeCloseTo(value, 5);
  });
  it('reads a bare speed in the unit that was chosen', () => {
    const read = readQuantity('2', 'speed', { units: 'customary', speedUnit: 'kn' });
    expect(read.kind === 'read' ? read.value : null).toBeCloseTo(1.028889, 5);
  });

  it('writes figures that stand under each other with the same decimals', () => {
    const column = [5, 5.26, 12, -0.4, 1234.5].map((value) => formatter(metric).fixed(value, 1));
    expect(column).toEqual(['5.0', '5.3', '12.0', '−0.4', '1234.5']);
    expect(formatter({ ...metric, locale: 'es' }).fixed(5, 2)).toBe('5,00');
  });

  it('never shows a newton, and a dash for no value', () => {
    for (const units of Object.values(DISPLAY_UNITS))
      for (const { label } of Object.values(units)) expect(label).not.toMatch(/\bN\b/);
    expect(formatter(metric).format(null, 'mass')).toBe('–');
  });
});

describe('catalogues', () => {
  const flat = (value: object, prefix = ''): [string, string][] =>
    Object.entries(value).flatMap(([key, entry]: [string, unknown]) =>
      typeof entry === 'object' && entry !== null
        ? flat(entry, `${prefix}${key}.`)
        : [[`${prefix}${key}`, String(entry)]],
    );
  const en = new Map(flat(catalogueOf('en')));
  const es = new Map(flat(catalogueOf('es')));
  const parameters = (text: string) => [...text.matchAll(/\{(\w+)[,}]/g)].map((match) => match[1]).sort();

  it('have the same entries with the same parameters', () => {
    expect([...es.keys()].sort()).toEqual([...en.keys()].sort());
    for (const [key, text] of en) expect([key, parameters(es.get(key)!)]).toEqual([key, parameters(text)]);
  });
  it('leave no entry empty', () => expect([...en, ...es].filter(([, text]) => text.trim() === '')).toEqual([]));
});

describe('readPreferences', () => {
  const none = () => undefined;
  it('follows the cookies, then the browser, then the defaults', () => {
    expect(
      readPreferences(
        (name) => ({ locale: 'es', units: 'customary', lighting: 'lamp', speedUnit: 'usual', letterKeys: 'on' })[name],
        'en',
      ),
    ).toMatchObject({
      locale: 'es',
      units: 'customary',
      lighting: 'lamp',
      speedUnit: 'usual',
      letterKeys: 'on',
    });
    expect(readPreferences(none, 'de-DE,es-MX;q=0.8,en;q=0.5').locale).toBe('es');
    expect(readPreferences(none, 'fr')).toMatchObject({
      locale: 'en',
      units: 'metric',
      lighting: 'day',
      speedUnit: 'usual',
      letterKeys: 'on',
    });
    expect(readPreferences(() => 'nonsense', null).lighting).toBe('day');
  });
});

describe('units by quantity', () => {
  const mixed: Preferences = { ...metric, weightUnit: 'customary', lineUnit: 'customary', speedUnit: 'kn' };
  const { format, unitLabel } = formatter(mixed);
  it('takes each kind of quantity as it was chosen, the rest as usual', () => {
    expect(format(0.0106, 'mass')).toBe('3/8 oz');
    expect(unitLabel('force')).toBe('lb');
    expect(unitLabel('speed')).toBe('kn');
    expect(unitLabel('depth')).toBe('m');
    expect(format(2.1844, 'rodLength')).toBe('2.18 m');
  });
  it('tells rods in feet and inches where only lengths are chosen so', () => {
    expect(formatter({ ...metric, lengthUnit: 'customary' }).format(2.1844, 'rodLength')).toBe(`7'2"`);
    expect(formatter({ ...customary, lengthUnit: 'metric' }).format(2.1844, 'rodLength')).toBe('2.18 m');
  });
  it('reads a bare number in the unit that is shown', () => {
    expect(readQuantity('3', 'mass', mixed)).toMatchObject({ kind: 'read', value: 3 * 0.028349523125 });
    expect(readQuantity('3', 'depth', mixed)).toMatchObject({ kind: 'read', value: 3 });
  });
  it('keeps what is known of a cookie and drops the rest', () => {
    const read = (value: string) => readPreferences((name) => (name === 'lineUnit' ? value : undefined), null).lineUnit;
    expect(read('customary')).toBe('customary');
    expect(read('stone')).toBe('usual');
  });
});
