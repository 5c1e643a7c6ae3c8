import { SI_PER_UNIT } from '@/core/base/units';

interface UnitWord {
  readonly kind: 'length' | 'mass' | 'heavy' | 'force' | 'speed';
  readonly si: number;
}

/** A colour of lead core [m]. */
const COLOUR_M = 9.14;

const named = (kind: UnitWord['kind'], si: number, ...words: readonly string[]) =>
  words.map((word) => [word, { kind, si }] as const);

/** Units as they are written on parts, English and Spanish; kilograms and pounds may be a mass or a pull. */
export const UNIT_WORDS: Readonly<Record<string, UnitWord>> = Object.fromEntries([
  ...named('length', SI_PER_UNIT.mm, 'mm', 'milímetros'),
  ...named('length', SI_PER_UNIT.cm, 'cm'),
  ...named('length', 1, 'm', 'metros', 'metres', 'meters'),
  ...named('length', SI_PER_UNIT.ft, 'ft', 'feet', 'foot', 'pies', 'pie'),
  ...named('length', SI_PER_UNIT.in, 'in', 'inch', 'inches', 'pulgadas', 'pulgada', 'pulg', '"', '″'),
  ...named('length', SI_PER_UNIT.yd, 'yd', 'yds', 'yard', 'yards', 'yardas'),
  ...named('length', COLOUR_M, 'colors', 'colours', 'color', 'colour', 'colores'),
  ...named('mass', SI_PER_UNIT.g, 'g', 'gr', 'gram', 'grams', 'gramos'),
  ...named('mass', SI_PER_UNIT.oz, 'oz', 'ounce', 'ounces', 'onz', 'onza', 'onzas'),
  ...named('heavy', 1, 'kg', 'kilo', 'kilos'),
  ...named('heavy', SI_PER_UNIT.lb, 'lb', 'lbs', 'pound', 'pounds', 'libra', 'libras'),
  ...named('force', 1, 'N'),
  ...named('speed', SI_PER_UNIT.kn, 'kn', 'kt', 'kts', 'knot', 'knots', 'nudos', 'nudo'),
  ...named('speed', SI_PER_UNIT.mph, 'mph'),
  ...named('speed', SI_PER_UNIT['km/h'], 'km/h', 'kph'),
  ...named('speed', 1, 'm/s'),
]);
