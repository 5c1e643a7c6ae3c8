import { z } from 'zod';
import { SPOOL_LIMITS } from '@/core/tackle';
import { broken } from '../problems';
import { quantity } from '../quantity';
import { partBase } from './base';
import { REEL_CLASSES, SPOOL_SIZE } from '@/core/tackle/defaults/part-classes';
import { givenFigure, kindOfPart, ofClass, type GivenPart } from './kind-of-part';

const schema = z
  .strictObject({
    ...partBase,
    kind: z.literal('reel'),
    build: z.enum(['fixed-spool', 'multiplier']),
    arborRadiusM: quantity('m', SPOOL_LIMITS.radiusM),
    fullRadiusM: quantity('m', SPOOL_LIMITS.radiusM),
    widthM: quantity('m', SPOOL_LIMITS.widthM),
    gearRatio: quantity('1', { min: 0.5, max: 12 }),
    clutchMaxN: quantity('N', { min: 0, max: 2000 }),
    clutchMinN: quantity('N', { min: 0, max: 2000 }).optional(),
    /** pull at a full spool as a straight line over the clutch's marks, where it was tested */
    clutchAtZeroN: quantity('N', { min: -2000, max: 2000 }).optional(),
    clutchPerMarkN: quantity('N', { min: -2000, max: 2000 }).optional(),
    clutch: z.enum(['star', 'lever', 'front', 'rear']).optional(),
    handleSide: z.enum(['left', 'right', 'either']).optional(),
    handleRadiusM: quantity('m', { min: 0.02, max: 0.3 }).optional(),
    massKg: quantity('kg', { min: 0.05, max: 10 }).optional(),
  })
  .superRefine((reel, context) => {
    if (reel.fullRadiusM.value <= reel.arborRadiusM.value)
      broken(context, ['fullRadiusM', 'value'], `more than arborRadiusM = ${reel.arborRadiusM.value}`);
  });

export const reel = kindOfPart({
  schema,
  classFields: reelFields,
  place: ({ build, fullRadiusM }) => [build, fullRadiusM.value],
  guides: ['clutch-test', 'spool-fill'],
  called: ['reel', 'carrete'],
  packetSays: ['build'],
});

function reelFields(given: GivenPart) {
  const isConventional = given['clutch'] === 'star' || given['clutch'] === 'lever';
  const build =
    given['build'] === 'multiplier' || (given['build'] === undefined && isConventional) ? 'multiplier' : 'fixed-spool';
  const row = REEL_CLASSES[build === 'multiplier' && isConventional ? 'conventional' : build];
  const size = isConventional ? sizeOfDrag(givenFigure(given, 'clutchMaxN'), row.clutchMaxN) : 1;
  return {
    build,
    arborRadiusM: ofClass(row.arborRadiusM * size, 'm', 0.1),
    fullRadiusM: ofClass(row.fullRadiusM * size, 'm', 0.15),
    widthM: ofClass(row.widthM * size, 'm', 0.15),
    gearRatio: ofClass(row.gearRatio, '1', 0.1),
    clutchMaxN: ofClass(row.clutchMaxN, 'N'),
  };
}

/** A conventional reel of more drag has a larger frame: spools grow by half when the drag goes up by half. */
function sizeOfDrag(dragN: number | undefined, classDragN: number): number {
  if (dragN === undefined) return 1;
  return Math.min(SPOOL_SIZE.most, Math.max(SPOOL_SIZE.least, (dragN / classDragN) ** SPOOL_SIZE.exponent));
}
