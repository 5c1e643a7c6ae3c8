import { z } from 'zod';
import { waterProperties } from '@/core/water';
import { model } from './model';
import { waterSchema } from './shared';

export const waterModel = model({
  name: 'water',
  input: z.strictObject({ water: waterSchema }),
  output: z.strictObject({ outcome: z.literal('ok'), densityKgPm3: z.number(), viscosityPaS: z.number() }),
  compute: ({ water }) => ({ outcome: 'ok' as const, ...waterProperties(water) }),
});
