import { z } from 'zod';

/** A name to sign in with: as people write it, without what cannot be seen. */
export const memberNameSchema = z
  .string()
  .trim()
  .min(2)
  .max(40)
  .regex(/^[\p{L}\p{M}\p{N} ._'’-]+$/u);

/** Two names that a person would take for one sign in to one account. */
export const nameKey = (name: string): string => name.trim().normalize('NFKC').replace(/\s+/g, ' ').toLowerCase();

/** Long enough that guessing is hopeless where guesses are few; what is in it is nobody's business. */
export const passwordSchema = z.string().min(10).max(200);
