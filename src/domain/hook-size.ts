import { z } from 'zod';
import { hookStep } from '@/core/tackle';

export const hookSizeSchema = z
  .string()
  .refine((size) => hookStep(size) !== null, 'a size from 18 to 1 or 1/0 to 12/0');
