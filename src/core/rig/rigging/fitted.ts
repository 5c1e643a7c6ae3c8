import { PARTS_OF_JOINT, type Joint, type JointKind, type Part, type Setup } from '../../tackle';

type PartOf<K extends JointKind> = Extract<Part, { kind: (typeof PARTS_OF_JOINT)[K][number] }>;

/** A joint with its part in place. */
export interface FittedOf<K extends JointKind> {
  readonly kind: K;
  readonly joint: Joint & { readonly kind: K };
  readonly part: PartOf<K>;
}

export type Fitted = { [K in JointKind]: FittedOf<K> }[JointKind];

/**
 * The chain with its parts, from the rod to the bait.
 *
 * @throws {Error} when a joint's part is missing or of another kind; `setupFileSchema` refuses such a file at the edge.
 */
export function fitChain({ chain, parts }: Pick<Setup, 'chain' | 'parts'>): readonly Fitted[] {
  const byId = new Map(parts.map((part) => [part.id, part]));
  return chain.map((joint) => {
    const part = byId.get(joint.partId);
    if (!part || !(PARTS_OF_JOINT[joint.kind] as readonly string[]).includes(part.kind))
      throw new Error(`joint ${joint.id} has no part of kind ${PARTS_OF_JOINT[joint.kind].join(' or ')}`);
    return { kind: joint.kind, joint, part } as Fitted;
  });
}

export const isKind =
  <K extends JointKind>(...kinds: readonly K[]) =>
  (fitted: Fitted): fitted is Extract<Fitted, { kind: K }> =>
    (kinds as readonly string[]).includes(fitted.kind);
