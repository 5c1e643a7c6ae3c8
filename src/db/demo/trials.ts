import { setupIdSchema, trialIdSchema } from '@/domain/ids';
import { newTrial } from '@/domain/trials/usual-trial';
import { trialSchema, type TrialDocument } from '@/domain/trials/trial-document';

const SEASON_S = Date.parse('2026-06-01T00:00:00Z') / 1000;

const base = newTrial([], SEASON_S);

/** Two comparisons of the demo trips: one settled, one that the numbers do not settle. */
export const demoTrials: readonly TrialDocument[] = [
  trialSchema.parse({
    ...base,
    id: trialIdSchema.parse('trial-tail-hook'),
    name: 'Front hook or tail hook',
    a: { name: 'front hook', pick: { by: 'hook', hook: 'front' } },
    b: { name: 'tail hook', pick: { by: 'hook', hook: 'tail' } },
    counted: 'hooked',
    closed: {
      atS: Date.parse('2026-08-20T20:00:00Z') / 1000,
      as: 'settled',
      better: 'b',
      reason: 'Four trips, and nearly every fish hung on the last hook.',
      rule: 'No trolled lure goes out without a hook at the tail.',
      school: null,
    },
  }),
  trialSchema.parse({
    ...base,
    id: trialIdSchema.parse('trial-spoon-minnow'),
    name: 'Minnow on a flat line or spoon behind the ball',
    a: { name: 'Minnow', pick: { by: 'gear', setupId: setupIdSchema.parse('setup-crimped-minnow') } },
    b: { name: 'Spoon', pick: { by: 'gear', setupId: setupIdSchema.parse('setup-ball-spoon') } },
    note: 'the minnow runs near the surface, the spoon at twelve metres',
  }),
];
