import type { Part, Setup } from '../../tackle';

/** The setup with another part in one of its joints. */
export function withPart(setup: Setup, jointId: string, part: Part): Setup {
  return {
    ...setup,
    parts: [...setup.parts.filter((each) => each.id !== part.id), part],
    chain: setup.chain.map((joint) => (joint.id === jointId ? { ...joint, partId: part.id } : joint)),
  };
}
