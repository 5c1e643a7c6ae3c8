import { z } from 'zod';
import { CHAIN_LIMITS } from '@/core/tackle';
import { HARDWARE_CLASSES, type HardwareForm } from '@/core/tackle/defaults/hardware-classes';
import { BODY_LIMITS } from '@/core/water';
import { keysOf } from '../contract/shared';
import { quantity } from '../quantity';
import { partBase } from './base';

export const hardwarePartSchema = z.strictObject({
  ...partBase,
  kind: z.literal('hardware'),
  form: keysOf<HardwareForm>(HARDWARE_CLASSES),
  /** its greatest outer width, which must pass the rings */
  widthM: quantity('m', { min: 5e-4, max: 0.2 }),
  boreM: quantity('m', { min: 1e-4, max: 0.02 }).optional(),
  massKg: quantity('kg', BODY_LIMITS.massKg),
  strengthN: quantity('N', CHAIN_LIMITS.strengthN).optional(),
  lengthM: quantity('m', { min: 1e-3, max: 2 }).optional(),
});
