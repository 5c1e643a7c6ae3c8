import { z } from 'zod';
import { CHAIN_LIMITS } from '@/core/tackle';
import { KNOTS, type KnotPattern } from '@/core/tackle/defaults/knots';
import { lineMaterialSchema } from '../contract/line';
import { keysOf } from '../contract/shared';
import { quantity } from '../quantity';
import { partBase } from './base';
import { kindOfPart } from './kind-of-part';

const schema = z.strictObject({
  ...partBase,
  kind: z.literal('knot'),
  pattern: keysOf<KnotPattern>(KNOTS),
  shares: z.partialRecord(lineMaterialSchema, quantity('1', CHAIN_LIMITS.share)),
});

export const knot = kindOfPart({
  schema,
  classFields: () => ({ pattern: 'doubled-eye', shares: {} }),
  place: ({ pattern }) => [pattern, 0],
  guides: ['pull-test'],
  called: [],
  packetSays: [],
});
