import {
  BODY_HEIGHT,
  BODY_HEIGHT_SPREAD,
  LENGTH_CLASS_SPREAD,
  LENGTH_CLASSES,
  WORKING_SPEEDS,
} from '@/core/tackle/defaults/part-classes';
import { givenFigure, ofClass, type GivenPart } from './kind-of-part';

type BodyClass = keyof typeof LENGTH_CLASSES;

/** How mass grows with length where a body grows longer and no thicker. */
const SLIM_POWER = 1.6;

/** Class values of what is known by its length or its mass: a lure named by its weight alone is as long as that weight usually is. */
export function bodyFields(given: GivenPart, sort: BodyClass) {
  const massKg = givenFigure(given, 'massKg');
  const lengthM =
    givenFigure(given, 'lengthM') ?? (massKg === undefined ? LENGTH_CLASSES[sort].lengthM : lengthOf(massKg, sort));
  const speeds = given.kind in WORKING_SPEEDS ? WORKING_SPEEDS[speedsOf(given, sort)] : null;
  return {
    massKg: ofClass(massOf(lengthM, sort), 'kg', LENGTH_CLASS_SPREAD),
    lengthM: ofClass(lengthM, 'm', 0.1),
    ...(sort in BODY_HEIGHT ? { heightM: ofClass(heightOf(lengthM, sort), 'm', BODY_HEIGHT_SPREAD) } : {}),
    ...(speeds ? { worksFromMps: ofClass(speeds.fromMps, 'm/s'), worksToMps: ofClass(speeds.toMps, 'm/s') } : {}),
  };
}

const slimFromOf = (sort: BodyClass): number => {
  const row = LENGTH_CLASSES[sort];
  return 'slimFromM' in row ? row.slimFromM : Infinity;
};

function massOf(lengthM: number, sort: BodyClass): number {
  const slimFromM = slimFromOf(sort);
  const thick = Math.min(lengthM, slimFromM);
  return LENGTH_CLASSES[sort].perCube * thick ** 3 * Math.max(1, lengthM / slimFromM) ** SLIM_POWER;
}

function lengthOf(massKg: number, sort: BodyClass): number {
  const lengthM = Math.cbrt(massKg / LENGTH_CLASSES[sort].perCube);
  const slimFromM = slimFromOf(sort);
  return lengthM <= slimFromM ? lengthM : slimFromM * (massKg / massOf(slimFromM, sort)) ** (1 / SLIM_POWER);
}

const heightOf = (lengthM: number, sort: BodyClass): number =>
  BODY_HEIGHT[sort as keyof typeof BODY_HEIGHT].share * Math.min(lengthM, slimFromOf(sort));

const speedsOf = ({ kind }: GivenPart, sort: BodyClass): keyof typeof WORKING_SPEEDS =>
  sort === 'slim-minnow' ? sort : (kind as keyof typeof WORKING_SPEEDS);

/** The place in the Box of what is told apart by its length. */
export const byLength = ({ lengthM }: { readonly lengthM: { readonly value: number } }): readonly [string, number] => [
  '',
  lengthM.value,
];
