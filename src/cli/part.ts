import { z } from 'zod';
import { model } from '@/domain/contract';
import { partIdSchema } from '@/domain/ids';
import { PART_KINDS, partSchema } from '@/domain/parts';
import { readPart } from '@/i18n/quick-add/read-part';

const NEW = partIdSchema.parse('part');

/** One line as it stands on a packet, read as the Box's quick add reads it; English and Spanish are both understood. */
export const partModel = model({
  name: 'part',
  input: z.strictObject({
    line: z.string().max(500),
    kind: z.enum(PART_KINDS).optional(),
    locale: z.enum(['en', 'es']).optional(),
  }),
  output: z.strictObject({
    outcome: z.enum(['ok', 'unclear']),
    part: partSchema.nullable(),
    notUnderstood: z.array(z.string()).readonly(),
  }),
  compute: ({ line, kind }) => {
    const { part, leftOver } = readPart(line, NEW, { kind });
    return { outcome: part ? ('ok' as const) : ('unclear' as const), part, notUnderstood: leftOver };
  },
});
