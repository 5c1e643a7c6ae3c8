import { z } from 'zod';
import { PARTS_OF_JOINT, stationNames } from '@/core/tackle';
import { stationsOf } from '@/core/rig';
import { chainProblems } from './chain-rules';
import { houseSchema } from './house';
import { jointSchema, type Joint } from './joint';
import { partSchema, type Part } from './parts';
import { presentationSchema } from './presentation';
import { broken } from './problems';

export const chainSchema = z
  .array(jointSchema)
  .max(40)
  .superRefine((chain, context) => {
    for (const { at, field, allowed } of chainProblems(chain))
      broken(context, at < chain.length ? [at, field] : [at], allowed);
  });

/** A setup as a file: its parts with provenance, the chain of joints from rod to bait, one presentation, and the house it is judged in. */
export const setupFileSchema = z
  .strictObject({
    version: z.literal(1),
    name: z.string().trim().min(1).max(120),
    parts: z.array(partSchema).max(40),
    chain: chainSchema,
    presentation: presentationSchema,
    house: houseSchema.optional(),
  })
  .superRefine((setup, context) => checkParts(setup, context));

export type SetupFile = z.infer<typeof setupFileSchema>;

function checkParts(
  {
    parts,
    chain,
    presentation,
  }: { parts: readonly Part[]; chain: readonly Joint[]; presentation: { wanted: { breakAt: string | null } } },
  context: z.RefinementCtx,
): void {
  const byId = new Map(parts.map((part) => [part.id, part]));
  parts.forEach((part, i) => {
    if (byId.get(part.id) !== part) broken(context, ['parts', i, 'id'], 'an id that no other part has');
  });
  chain.forEach((joint, i) => {
    const kinds: readonly string[] = PARTS_OF_JOINT[joint.kind];
    if (!kinds.includes(byId.get(joint.partId)?.kind ?? ''))
      broken(context, ['chain', i, 'partId'], `the id of a part of kind ${kinds.join(' or ')}`);
  });
  const bare = (joint: Joint) => {
    const part = byId.get(joint.partId);
    switch (part?.kind) {
      case 'hard-lure':
      case 'spoon':
      case 'topwater':
        return (
          joint.kind === 'lure' && stationNames(stationsOf(part)).every((station) => joint.bare?.includes(station))
        );
      default:
        return false;
    }
  };
  const hooked = chain.some(
    (joint) =>
      joint.kind === 'hook' ||
      joint.kind === 'jig-head' ||
      joint.kind === 'snell' ||
      (joint.kind === 'lure' && !bare(joint)),
  );
  const lure = chain.findIndex(bare);
  if (!hooked && lure >= 0) broken(context, ['chain', lure + 1], 'a hook behind a lure that carries none');
  const { breakAt } = presentation.wanted;
  if (breakAt !== null && !chain.some((joint) => joint.id === breakAt))
    broken(context, ['presentation', 'wanted', 'breakAt'], "the id of one of the chain's joints, or null");
}
