import { z } from 'zod';
import { CHAIN_LIMITS } from '@/core/tackle';
import {
  HARDWARE_CLASSES,
  HARDWARE_SIZES,
  HARDWARE_SIZE_SPREAD,
  type HardwareForm,
  HARDWARE_SPREAD,
} from '@/core/tackle/defaults/hardware-classes';
import { BODY_LIMITS } from '@/core/water';
import { keysOf } from '../contract/shared';
import { hookSizeSchema } from '../hook-size';
import { quantity } from '../quantity';
import { partBase } from './base';
import { MATERIALS } from '@/core/tackle/defaults/sink-classes';
import { givenFigure, givenRow, kindOfPart, ofClass, type GivenPart } from './kind-of-part';

const schema = z.strictObject({
  ...partBase,
  kind: z.literal('hardware'),
  form: keysOf<HardwareForm>(HARDWARE_CLASSES),
  /** its greatest outer width, which must pass the rings */
  /** the number that it is sold by */
  size: hookSizeSchema.optional(),
  widthM: quantity('m', { min: 5e-4, max: 0.2 }),
  boreM: quantity('m', { min: 1e-4, max: 0.02 }).optional(),
  massKg: quantity('kg', BODY_LIMITS.massKg),
  strengthN: quantity('N', CHAIN_LIMITS.strengthN).optional(),
  lengthM: quantity('m', { min: 1e-3, max: 2 }).optional(),
});

export const hardware = kindOfPart({
  schema,
  classFields: hardwareFields,
  place: ({ form, widthM }) => [form, widthM.value],
  guides: ['pull-test', 'weigh', 'calliper'],
  called: [],
  packetSays: ['form'],
});

function hardwareFields(given: GivenPart) {
  const form = givenRow(given, 'form', HARDWARE_CLASSES, 'swivel');
  const row = HARDWARE_CLASSES[form];
  const strengthN = givenFigure(given, 'strengthN');
  // Hardware is sold by size or by test: what holds so much is about so wide.
  const byTest = strengthN === undefined || row.perMm2 === null ? null : Math.sqrt(strengthN / row.perMm2);
  const numbered = typeof given['size'] === 'string' ? HARDWARE_SIZES[form]?.[given['size']] : undefined;
  const widthM = givenFigure(given, 'widthM') ?? (numbered ?? byTest ?? row.usualMm) / 1e3;
  return {
    form,
    widthM: ofClass(widthM, 'm', numbered === undefined ? undefined : HARDWARE_SIZE_SPREAD),
    massKg: ofClass(row.fullness * MATERIALS.brass.densityKgPm3 * widthM ** 3, 'kg', HARDWARE_SPREAD.mass),
    ...(row.perMm2 === null
      ? {}
      : { strengthN: ofClass(row.perMm2 * (widthM * 1e3) ** 2, 'N', HARDWARE_SPREAD.strength) }),
    ...(row.borePerWidth === null ? {} : { boreM: ofClass(row.borePerWidth * widthM, 'm', HARDWARE_SPREAD.bore) }),
  };
}
