import { z } from 'zod';
import { hookPartSchema, jigHeadPartSchema } from './hook';
import { knotPartSchema } from './knot';
import { linePartSchema } from './line';
import { reelPartSchema } from './reel';
import { rodPartSchema } from './rod';
import { softBaitPartSchema } from './soft-bait';
import { weightPartSchema } from './weight';

export const partSchema = z.discriminatedUnion('kind', [
  rodPartSchema,
  reelPartSchema,
  linePartSchema,
  knotPartSchema,
  weightPartSchema,
  hookPartSchema,
  jigHeadPartSchema,
  softBaitPartSchema,
]);

export type Part = z.infer<typeof partSchema>;
export type PartKind = Part['kind'];
