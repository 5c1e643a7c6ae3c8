import { z } from 'zod';
import { HOOKSET_LIMITS } from '@/core/strike';
import { quantity } from './quantity';

const height = { min: 0.2, max: 2.5 } as const;

/** What was measured or said of the angler; the rest of a person is nobody's business. */
export const anglerSchema = z.strictObject({
  heightM: quantity('m', { min: 0.8, max: 2.4 }).optional(),
  /** hands over the floor, standing with the rod as it is worked */
  handStandingM: quantity('m', height).optional(),
  handSeatedM: quantity('m', height).optional(),
  /** hands over the water when wading */
  handWadingM: quantity('m', height).optional(),
  /** how far the arm reaches beyond the grip for line or net */
  reachM: quantity('m', { min: 0.2, max: 1.5 }).optional(),
  /** the hand that winds */
  winds: z.enum(['left', 'right']).optional(),
  /** moment at the grip when setting as fished, from a set test */
  peakMomentNm: quantity('N·m', HOOKSET_LIMITS.peakMomentNm).optional(),
  /** line that a set leaves slack, at most, from a set test */
  setSlackM: quantity('m', { min: 0, max: 10 }).optional(),
  /** moment above which a bad shoulder complains */
  shoulderLimitNm: quantity('N·m', HOOKSET_LIMITS.peakMomentNm).optional(),
});

export type Angler = z.infer<typeof anglerSchema>;
