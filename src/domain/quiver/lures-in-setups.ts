import { withPart } from '@/core/judge';
import type { Setup } from '@/core/tackle';
import { fitsJoint } from '../fits';
import type { Joint } from '../joint';
import type { Part } from '../parts';

/** A lure of the Box in the presentation of the setup that fishes its like. */
export interface LureInSetup<S extends Setup> {
  readonly part: Part;
  readonly as: S;
  readonly jointId: string;
  readonly setup: Setup;
}

type Lure = Extract<Part, { massKg: unknown; lengthM: unknown }>;
const LURES: ReadonlySet<Part['kind']> = new Set([
  'hard-lure',
  'spoon',
  'topwater',
  'trolled-fly',
  'skirted-jig',
  'soft-bait',
]);
const isLure = (part: Part): part is Lure => LURES.has(part.kind);

/** From here on a lure is lobbed, however its lighter likes are thrown [kg]. */
const LOBBED_FROM_KG = 0.06;

/** The setup with another lure in a joint, thrown as a lure of its weight is. */
export function withLure(setup: Setup, jointId: string, part: Part): Setup {
  const next = withPart(setup, jointId, part);
  const { presentation } = next;
  return presentation.kind === 'cast' && isLure(part) && part.massKg.value >= LOBBED_FROM_KG
    ? { ...next, presentation: { ...presentation, castStyle: 'lob' } }
    : next;
}

const WORKS = ['cast', 'towed'] as const satisfies readonly Setup['presentation']['kind'][];

/**
 * Every lure and soft bait of the Box that no setup fishes yet, each put where the most like it in weight is cast, and where
 * it is towed: in a setup that sets its hook, where there is one. A kind that no setup fishes is left out.
 */
export function luresInSetups<S extends Setup & { readonly chain: readonly Joint[] }>(
  setups: readonly S[],
  box: readonly Part[],
  setsHook: (setup: S) => boolean,
): readonly LureInSetup<S>[] {
  const places = setups.flatMap((setup) =>
    setup.chain.flatMap((joint) => {
      const now = setup.parts.find(({ id }) => id === joint.partId) as Part;
      return isLure(now) ? [{ setup, joint, now }] : [];
    }),
  );
  const fished = new Set(places.map(({ now }) => now.id));
  return box.filter(isLure).flatMap((part) => {
    if (fished.has(part.id)) return [];
    const unlike = (now: Lure) => Math.abs(Math.log(part.massKg.value / now.massKg.value));
    return WORKS.flatMap((work): LureInSetup<S>[] => {
      const alike = places.filter(
        ({ setup, joint, now }) =>
          setup.presentation.kind === work && now.kind === part.kind && fitsJoint(part, setup.chain, joint, box),
      );
      const good = alike.filter(({ setup }) => setsHook(setup));
      const among = good.length > 0 ? good : alike;
      if (among.length === 0) return [];
      const { setup, joint } = among.reduce((best, place) => (unlike(place.now) < unlike(best.now) ? place : best));
      return [{ part, as: setup, jointId: joint.id, setup: withLure(setup, joint.id, part) }];
    });
  });
}
