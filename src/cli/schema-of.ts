import { z } from 'zod';
import type { Model } from '@/domain/contract';
import { unionBehind } from '@/domain/told-apart';

/** JSON Schema of what a model takes and gives. */
export function schemaOf(model: Model): { readonly input: unknown; readonly output: unknown } {
  return { input: jsonSchema(model.input, 'input'), output: jsonSchema(model.output, 'output') };
}

function jsonSchema(schema: z.ZodType, io: 'input' | 'output'): unknown {
  return z.toJSONSchema(schema, {
    io,
    unrepresentable: 'any',
    override: ({ zodSchema, jsonSchema: written }) => {
      const union = unionBehind.get(zodSchema);
      if (union) {
        const { $schema: _dialect, ...rest } = jsonSchema(union, io) as Record<string, unknown>;
        Object.assign(written, rest);
      }
    },
  });
}
