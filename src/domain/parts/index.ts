import { z } from 'zod';
import { attractor } from './attractor';
import { bottomBouncer } from './bottom-bouncer';
import { divingPlane } from './diving-plane';
import { hardLure } from './hard-lure';
import { hardware } from './hardware';
import { hook } from './hook';
import { jigHead } from './jig-head';
import { knot } from './knot';
import { line } from './line';
import { naturalBait } from './natural-bait';
import { reel } from './reel';
import { rod } from './rod';
import { skirt } from './skirt';
import { skirtedJig } from './skirted-jig';
import { snell } from './snell';
import { softBait } from './soft-bait';
import { spoon } from './spoon';
import { topwater } from './topwater';
import { trailer } from './trailer';
import { trolledFly } from './trolled-fly';
import { weight } from './weight';
import { PART_KINDS, type PartKind } from './kinds';

/** Every kind of part, each from its own file. */
export const KINDS_OF_PART = {
  rod,
  reel,
  line,
  knot,
  weight,
  hook,
  'jig-head': jigHead,
  'soft-bait': softBait,
  'hard-lure': hardLure,
  spoon,
  topwater,
  'trolled-fly': trolledFly,
  'skirted-jig': skirtedJig,
  trailer,
  skirt,
  attractor,
  'diving-plane': divingPlane,
  'bottom-bouncer': bottomBouncer,
  snell,
  hardware,
  'natural-bait': naturalBait,
} satisfies Readonly<Record<PartKind, unknown>>;

export const partSchema = z.discriminatedUnion('kind', [
  rod.schema,
  reel.schema,
  line.schema,
  knot.schema,
  weight.schema,
  hook.schema,
  jigHead.schema,
  softBait.schema,
  hardLure.schema,
  spoon.schema,
  topwater.schema,
  trolledFly.schema,
  skirtedJig.schema,
  trailer.schema,
  skirt.schema,
  attractor.schema,
  divingPlane.schema,
  bottomBouncer.schema,
  snell.schema,
  hardware.schema,
  naturalBait.schema,
]);

export type Part = z.infer<typeof partSchema>;
export type PartOf<K extends PartKind> = Extract<Part, { readonly kind: K }>;
export { PART_KINDS, type PartKind };
