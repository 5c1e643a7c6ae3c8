import { z } from 'zod';
import { BODY_LIMITS } from '@/core/water';
import { quantity } from '../quantity';
import { partBase } from './base';
import { PART_BODY_LIMITS } from './body-limits';
import { BOUNCER } from '@/core/tackle/defaults/part-classes';
import { kindOfPart, ofClass } from './kind-of-part';

const schema = z.strictObject({
  ...partBase,
  kind: z.literal('bottom-bouncer'),
  massKg: quantity('kg', BODY_LIMITS.massKg),
  armM: quantity('m', PART_BODY_LIMITS.lengthM),
  wireM: quantity('m', { min: 3e-4, max: 5e-3 }),
});

export const bottomBouncer = kindOfPart({
  schema,
  classFields: () => ({
    massKg: ofClass(0.03, 'kg'),
    armM: ofClass(BOUNCER.armM, 'm'),
    wireM: ofClass(BOUNCER.wireM, 'm'),
  }),
  place: ({ massKg }) => ['', massKg.value],
  guides: ['weigh', 'calliper'],
  called: ['bottom bouncer', 'brazo de fondo'],
  packetSays: [],
});
