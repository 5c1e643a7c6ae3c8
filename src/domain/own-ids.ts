import type { PartId } from './ids';
import type { Joint } from './joint';
import { knotId, newPartId } from './made-id';
import type { Part } from './parts';

/** A rig whose parts are named by their places, under ids of their own: knots by their pattern, once each, the rest new. */
export function withOwnIds({ parts, chain }: { readonly parts: readonly Part[]; readonly chain: readonly Joint[] }): {
  readonly parts: readonly Part[];
  readonly chain: readonly Joint[];
} {
  const owned = new Map<string, Part>(
    parts.map((part) => [part.id, { ...part, id: part.kind === 'knot' ? knotId(part.pattern) : newPartId() }]),
  );
  const idOf = (id: PartId): PartId => owned.get(id)?.id ?? id;
  return {
    parts: [...new Map([...owned.values()].map((part) => [part.id, part])).values()],
    chain: chain.map((joint) => ({ ...joint, partId: idOf(joint.partId) })),
  };
}
