import { z } from 'zod';
import { PART_OF_JOINT } from '@/core/evaluate';
import { jointSchema, type Joint } from './joint';
import { partSchema, type Part } from './parts';
import { presentationSchema } from './presentation';
import { broken } from './problems';

/** Order of a cast soft-bait rig from the rod on; `hook` stands for a loose hook or a jig head. */
const ORDER = ['rod', 'reel', 'line', 'knot', 'leader', 'weight', 'knot', 'hook', 'bait'] as const;
const REQUIRED = ['rod', 'reel', 'line', 'hook', 'bait'] as const;

const placeOf = (joint: Joint) => (joint.kind === 'jig-head' ? 'hook' : joint.kind);

export const chainSchema = z
  .array(jointSchema)
  .max(40)
  .superRefine((chain, context) => {
    const ids = new Set<string>();
    let place = 0;
    chain.forEach((joint, i) => {
      if (ids.has(joint.id)) broken(context, [i, 'id'], 'an id that no other joint has');
      ids.add(joint.id);
      const found = (ORDER as readonly string[]).indexOf(placeOf(joint), place);
      if (found < 0) broken(context, [i, 'kind'], `the order ${ORDER.join(', ')}`);
      else place = found + 1;
    });
    for (const kind of REQUIRED) if (!chain.some((joint) => placeOf(joint) === kind)) broken(context, [chain.length], `a joint of kind ${kind}`);
    if (chain.some((joint) => joint.kind === 'leader') && chain.filter((joint) => joint.kind === 'knot').length < 2) {
      broken(context, [chain.findIndex((joint) => joint.kind === 'leader')], 'a knot before the leader and one after it');
    }
    if (!chain.some((joint) => joint.kind === 'knot')) broken(context, [chain.length], 'a joint of kind knot before the hook');
  });

/** A setup as a file: its parts with provenance, the chain of joints from rod to bait, and one presentation. */
export const setupFileSchema = z
  .strictObject({
    version: z.literal(1),
    name: z.string().trim().min(1).max(120),
    parts: z.array(partSchema).max(40),
    chain: chainSchema,
    presentation: presentationSchema,
  })
  .superRefine((setup, context) => checkParts(setup, context));

export type SetupFile = z.infer<typeof setupFileSchema>;

function checkParts({ parts, chain, presentation }: { parts: readonly Part[]; chain: readonly Joint[]; presentation: { wanted: { breakAt: string | null } } }, context: z.RefinementCtx): void {
  const byId = new Map(parts.map((part) => [part.id, part]));
  parts.forEach((part, i) => {
    if (byId.get(part.id) !== part) broken(context, ['parts', i, 'id'], 'an id that no other part has');
  });
  chain.forEach((joint, i) => {
    const kind = byId.get(joint.partId)?.kind;
    if (kind !== PART_OF_JOINT[joint.kind]) broken(context, ['chain', i, 'partId'], `the id of a part of kind ${PART_OF_JOINT[joint.kind]}`);
  });
  const { breakAt } = presentation.wanted;
  if (breakAt !== null && !chain.some((joint) => joint.id === breakAt)) broken(context, ['presentation', 'wanted', 'breakAt'], "the id of one of the chain's joints, or null");
}
