import { z } from 'zod';
import type { Limits } from '@/core/base/guard';
import type { Provenance, Quantity } from '@/core/base/quantity';
import { numberIn } from './number';

export const provenanceSchema = z.enum(['measured', 'label', 'class']) satisfies z.ZodType<Provenance>;

/** A value in its SI unit, with where it came from and, where the provenance's own does not fit, its relative spread. */
export const quantity = <const U extends string>(unit: U, limits: Limits) =>
  z.strictObject({
    value: numberIn(limits),
    unit: z.literal(unit),
    provenance: provenanceSchema,
    spread: z.number().min(0).max(2).optional(),
  });

export type { Provenance, Quantity };
