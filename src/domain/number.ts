import { z } from 'zod';
import type { Limits } from '@/core/base/guard';

/** A finite number inside the core's own limits, so that a form's and the core's can't drift apart. */
export const numberIn = (limits: Limits) => {
  const base = limits.exclusiveMin === true ? z.number().gt(limits.min) : z.number().min(limits.min);
  return Number.isFinite(limits.max) ? base.max(limits.max) : base;
};
