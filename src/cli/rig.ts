import { z } from 'zod';
import { model } from '@/domain/contract';
import { houseSchema } from '@/domain/house';
import { InputProblems } from '@/domain/problems';
import { RIG_IDS, type RigId } from '@/domain/rigs';
import { setupFileSchema } from '@/domain/setup';
import { rigUp } from '@/i18n/quick-add/rig-in-words';

const fields = z.record(z.string(), z.unknown());

/** A setup from a rig and words for its parts, ready for `setup`. */
export const rigModel = model({
  name: 'rig',
  input: z.strictObject({
    rig: z.enum(RIG_IDS as readonly [RigId, ...RigId[]]),
    parts: z.record(z.string(), z.union([z.string().max(500), fields])),
    presentation: fields.optional(),
    house: houseSchema.optional(),
  }),
  output: z.strictObject({
    outcome: z.enum(['ok', 'incomplete']),
    setup: setupFileSchema.nullable(),
    missing: z.array(z.string()).readonly(),
  }),
  compute: (input) => {
    const made = rigUp(input);
    switch (made.kind) {
      case 'rigged':
        return { outcome: 'ok' as const, setup: made.setup, missing: [] };
      case 'incomplete':
        return { outcome: 'incomplete' as const, setup: null, missing: made.missing };
      case 'refused':
        throw new InputProblems(made.problems);
      default:
        return made satisfies never;
    }
  },
});
