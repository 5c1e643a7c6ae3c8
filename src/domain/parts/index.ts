import { z } from 'zod';
import { attractorPartSchema } from './attractor';
import { bottomBouncerPartSchema } from './bottom-bouncer';
import { divingPlanePartSchema } from './diving-plane';
import { hardLurePartSchema } from './hard-lure';
import { hardwarePartSchema } from './hardware';
import { hookPartSchema, jigHeadPartSchema } from './hook';
import { knotPartSchema } from './knot';
import { linePartSchema } from './line';
import { naturalBaitPartSchema } from './natural-bait';
import { reelPartSchema } from './reel';
import { rodPartSchema } from './rod';
import { skirtPartSchema } from './skirt';
import { skirtedJigPartSchema } from './skirted-jig';
import { snellPartSchema } from './snell';
import { softBaitPartSchema } from './soft-bait';
import { spoonPartSchema } from './spoon';
import { topwaterPartSchema } from './topwater';
import { trailerPartSchema } from './trailer';
import { trolledFlyPartSchema } from './trolled-fly';
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
  hardLurePartSchema,
  spoonPartSchema,
  topwaterPartSchema,
  trolledFlyPartSchema,
  skirtedJigPartSchema,
  trailerPartSchema,
  skirtPartSchema,
  attractorPartSchema,
  divingPlanePartSchema,
  bottomBouncerPartSchema,
  snellPartSchema,
  hardwarePartSchema,
  naturalBaitPartSchema,
]);

export type Part = z.infer<typeof partSchema>;
export type PartKind = Part['kind'];

export { PART_KINDS } from './kinds';
