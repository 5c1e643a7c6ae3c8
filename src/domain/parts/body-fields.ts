import {
  BODY_HEIGHT,
  BODY_HEIGHT_SPREAD,
  LENGTH_CLASS_SPREAD,
  LENGTH_CLASSES,
  WORKING_SPEEDS,
} from '@/core/tackle/defaults/part-classes';
import { givenFigure, ofClass, type GivenPart } from './kind-of-part';

/** Class values of what is known by its length or its mass: a lure named by its weight alone is as long as that weight usually is. */
export function bodyFields(given: GivenPart, kind: keyof typeof LENGTH_CLASSES) {
  const row = LENGTH_CLASSES[kind];
  const massKg = givenFigure(given, 'massKg');
  const lengthM =
    givenFigure(given, 'lengthM') ?? (massKg === undefined ? row.lengthM : Math.cbrt(massKg / row.perCube));
  const speeds = kind in WORKING_SPEEDS ? WORKING_SPEEDS[kind as keyof typeof WORKING_SPEEDS] : null;
  const height = kind in BODY_HEIGHT ? BODY_HEIGHT[kind as keyof typeof BODY_HEIGHT] : null;
  return {
    massKg: ofClass(row.perCube * lengthM ** 3, 'kg', LENGTH_CLASS_SPREAD),
    lengthM: ofClass(lengthM, 'm', 0.1),
    ...(height ? { heightM: ofClass(height.share * lengthM, 'm', BODY_HEIGHT_SPREAD) } : {}),
    ...(speeds ? { worksFromMps: ofClass(speeds.fromMps, 'm/s'), worksToMps: ofClass(speeds.toMps, 'm/s') } : {}),
  };
}

/** The place in the Box of what is told apart by its length. */
export const byLength = ({ lengthM }: { readonly lengthM: { readonly value: number } }): readonly [string, number] => [
  '',
  lengthM.value,
];
