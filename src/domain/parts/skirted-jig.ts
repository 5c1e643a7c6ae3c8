import { z } from 'zod';
import { BODY_LIMITS } from '@/core/water';
import { bodyMaterialSchema } from '../contract/sink';
import { quantity } from '../quantity';
import { partBase } from './base';
import { coloured } from './coloured';
import { hookFacts } from './hook';
import { weightShapeSchema } from './weight';
import { headFields } from './jig-head';
import { kindOfPart } from './kind-of-part';

const schema = z.strictObject({
  ...partBase,
  ...coloured,
  kind: z.literal('skirted-jig'),
  ...hookFacts,
  massKg: quantity('kg', BODY_LIMITS.massKg),
  material: bodyMaterialSchema,
  shape: weightShapeSchema,
  guard: z.enum(['none', 'bristle']),
  blade: z.enum(['no-blade', 'blade']),
});

export const skirtedJig = kindOfPart({
  schema,
  // A blade keeps weed off by itself, and a guard would still it.
  classFields: (given) => {
    const blade = given['blade'] === 'blade' ? 'blade' : 'no-blade';
    return { ...headFields(given), guard: blade === 'blade' ? 'none' : 'bristle', shape: 'football', blade };
  },
  place: ({ massKg }) => ['', massKg.value],
  guides: ['calliper', 'weigh'],
  called: ['skirted jig', 'jig con faldón'],
  packetSays: ['blade', 'guard', 'size'],
});
