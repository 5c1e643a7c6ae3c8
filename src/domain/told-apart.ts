import { z } from 'zod';

/** The union behind each schema made by `toldApart`, for the JSON Schema writer. */
export const unionBehind = new WeakMap<object, z.ZodType>();

/**
 * A union whose variant is told by the presence of a field rather than by a word in it: `choose` looks at the input and
 * names the variant, whose own issues are reported, so that an error lands on the field and not on the whole.
 */
export function toldApart<const T extends readonly [z.ZodType, ...z.ZodType[]]>(
  variants: T,
  choose: (input: object) => T[number],
) {
  const schema = z.custom<z.infer<T[number]>>().superRefine((input: unknown, context) => {
    const chosen = typeof input === 'object' && input !== null ? choose(input) : variants[0];
    const result = chosen.safeParse(input);
    if (!result.success)
      for (const issue of result.error.issues)
        context.addIssue({ ...issue } as z.core.$ZodRawIssue as Parameters<typeof context.addIssue>[0]);
  });
  unionBehind.set(schema, z.union(variants));
  return schema;
}
