import { z } from 'zod';
import { HOOKSET_LIMITS } from '@/core/hookset';
import { quantity } from './quantity';

/** What was measured of the angler; the rest of a person is nobody's business. */
export const anglerSchema = z.strictObject({
  /** moment at the grip when setting as fished, from a set test */
  peakMomentNm: quantity('N·m', HOOKSET_LIMITS.peakMomentNm).optional(),
  /** line that a set leaves slack, at most, from a set test */
  setSlackM: quantity('m', { min: 0, max: 10 }).optional(),
});

export type Angler = z.infer<typeof anglerSchema>;
