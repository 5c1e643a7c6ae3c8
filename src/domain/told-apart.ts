import { z } from 'zod';

/** The union behind each schema made by `toldApart`, for the JSON Schema writer. */
export const unionBehind = new WeakMap<object, z.ZodType>();

/**
 * A union whose variant is told by the presence of a field rather than by a word in it: `choose` looks at the input and
 * names the variant, whose own issues are reported, so that an error lands on the field and not on the whole. What comes
 * out is what the variant made of the input, its defaults filled in.
 */
export function toldApart<const T extends readonly [z.ZodType, ...z.ZodType[]]>(
  variants: T,
  choose: (input: object) => T[number],
): z.ZodType<z.infer<T[number]>> {
  const schema = z.unknown().transform((input, context): z.infer<T[number]> => {
    const chosen = typeof input === 'object' && input !== null ? choose(input) : variants[0];
    const result = chosen.safeParse(input);
    if (result.success) return result.data as z.infer<T[number]>;
    context.issues.push(...(result.error.issues as unknown as typeof context.issues));
    return z.NEVER;
  });
  unionBehind.set(schema, z.union(variants));
  return schema;
}
