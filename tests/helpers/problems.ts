import type { z } from 'zod';

/** What a schema has against a value, a line each: none where it can be kept. */
export const problemsAgainst =
  (schema: z.ZodType) =>
  (value: unknown): readonly string[] =>
    schema.safeParse(value).error?.issues.map(({ path, message }) => `${path.join('.')}: ${message}`) ?? [];
