import { bearsHook, HOOK_BEARING, type Joint } from '@/core/tackle';

/** What is wrong with a chain, as the place in it and what may stand there. */
export interface ChainProblem {
  readonly at: number;
  readonly field: 'id' | 'kind' | 'from';
  readonly code: 'head' | 'twice' | 'no-hook' | 'needs-hook' | 'needs-something' | 'leg';
  readonly allowed: string;
}

/** A rig begins with these three, in this order. */
export const HEAD = ['rod', 'reel', 'line'] as const;

/** Joints that are put onto a hook, head, lure or snell. */
const WORN = new Set<Joint['kind']>(['bait', 'trailer', 'stinger']);
/** Joints that end what the hook before them wears. */
const PARTING = new Set<Joint['kind']>(['line', 'leader', 'knot', 'weight', 'attractor', 'plane', 'bouncer']);

/**
 * What a chain must be for the models to read it: a rod, a reel and a main line first and once, a hook somewhere, and
 * baits, trailers and stingers behind what carries them. All else is for the checks to remark, not to refuse.
 */
export function chainProblems(
  chain: readonly (Pick<Joint, 'id' | 'kind'> & { readonly from?: string | undefined })[],
): readonly ChainProblem[] {
  const problems: ChainProblem[] = [];
  const ids = new Set<string>();
  let carrier = false;
  chain.forEach(({ id, kind, from }, at) => {
    if (from !== undefined && !chain.slice(3, at).some((each) => each.id === from))
      problems.push({
        at,
        field: 'from',
        code: 'leg',
        allowed: 'the id of a joint between the main line and this leader',
      });
    if (ids.has(id)) problems.push({ at, field: 'id', code: 'twice', allowed: 'an id that no other joint has' });
    ids.add(id);
    const head = HEAD[at];
    if (head ? kind !== head : (HEAD as readonly string[]).includes(kind))
      problems.push({
        at,
        field: 'kind',
        code: 'head',
        allowed: head ?? 'anything but rod, reel and line, which come first and once',
      });
    if (WORN.has(kind) && !carrier)
      problems.push({
        at,
        field: 'kind',
        code: 'needs-hook',
        allowed: `${kind} only behind one of ${HOOK_BEARING.filter((each) => each !== 'stinger').join(', ')}`,
      });
    if (kind === 'skirt' && !carrier && chain[at - 1]?.kind !== 'weight')
      problems.push({
        at,
        field: 'kind',
        code: 'needs-something',
        allowed: 'a skirt only on a weight, hook, head or lure',
      });
    if (bearsHook(kind)) carrier = true;
    else if (PARTING.has(kind)) carrier = false;
  });
  if (!chain.some(({ kind }) => bearsHook(kind) && kind !== 'stinger'))
    problems.push({ at: chain.length, field: 'kind', code: 'no-hook', allowed: 'a joint that brings a hook' });
  return problems;
}
