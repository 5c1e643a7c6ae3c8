import { z } from 'zod';
import { evaluate } from '@/core/judge';
import { setupFileSchema } from '../setup';
import { setupFileFrom1 } from '../upgrades';
import { model } from './model';

export const findingOutput = z.strictObject({
  id: z.string(),
  severity: z.enum(['note', 'edge', 'fails']),
  verdict: z.enum(['throw', 'fall', 'set', 'hold', 'balance']),
  joints: z.array(z.string()).readonly(),
  facts: z.record(z.string(), z.union([z.number(), z.string(), z.null()])).readonly(),
  code: z.string().optional(),
  school: z.string().optional(),
  side: z.string().optional(),
});

/** What an expert would remark of a setup, the worst first. */
export const checksModel = model({
  name: 'checks',
  input: setupFileSchema,
  asNow: setupFileFrom1,
  output: z.strictObject({ outcome: z.literal('ok'), findings: z.array(findingOutput).readonly() }),
  compute: (setup) => ({ outcome: 'ok' as const, findings: evaluate(setup).checks }),
});
