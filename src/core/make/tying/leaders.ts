import type { EndKind } from '../../tackle/defaults/tying-classes';
import { carriesPull, elementsOf, fitChain, type Element } from '../../rig';
import type { Setup } from '../../tackle';

/** One piece of leader in a rig: what its ends go to, and what slides on it. */
export interface LeaderPiece {
  readonly jointId: string;
  readonly partId: string;
  /** between its knots [m] */
  readonly lengthM: number;
  readonly near: LeaderEnd;
  readonly far: LeaderEnd;
  /** joints that slide on it, from the reel on */
  readonly threaded: readonly string[];
}

export interface LeaderEnd {
  readonly kind: EndKind;
  /** the knot or crimp; null: a loop, or bare for the water */
  readonly jointId: string | null;
  /** what it is made fast to; null: to the main line */
  readonly toId: string | null;
}

const idOf = (element: Element): string =>
  element.kind === 'assembly' ? element.bearer.joint.id : element.fitted.joint.id;
const isCrimp = (element: Element | undefined): element is Extract<Element, { kind: 'link' }> =>
  element?.kind === 'link' && element.fitted.part.form === 'crimp';
const slides = (element: Element): boolean => element.kind === 'threaded';

/** What slides before something holds. */
function sliding(away: readonly Element[]): readonly Element[] {
  const held = away.findIndex((each) => !slides(each));
  return held < 0 ? away : away.slice(0, held);
}

/**
 * The leaders of a rig, from the reel on: each with what its ends are tied to and what must be on it before they are tied.
 * Where the swivel or snap stays on the main line for many leaders (`sharesLink`), what would be tied to it ends in a loop.
 *
 * @throws {Error} when a joint's part is missing or of another kind; `setupFileSchema` refuses such a file at the edge.
 */
export function leadersOf(setup: Pick<Setup, 'chain' | 'parts'>, sharesLink = false): readonly LeaderPiece[] {
  const elements = elementsOf(fitChain(setup));
  const shared = sharesLink ? linksOnMainLine(setup) : [];
  return elements.flatMap((element, at): LeaderPiece[] => {
    if (element.kind !== 'piece' || element.fitted.kind !== 'leader') return [];
    const before = elements.slice(0, at).reverse();
    const after = elements.slice(at + 1);
    const { joint } = element.fitted;
    const threaded = [...[...sliding(before)].reverse(), ...sliding(after)];
    return [
      {
        jointId: joint.id,
        partId: joint.partId,
        lengthM: joint.lengthM,
        near: onShared(joint.from ? { ...endTo(before), toId: joint.from } : endTo(before), shared),
        far: endTo(after),
        threaded: threaded.map(idOf),
      },
    ];
  });
}

/** How an end is made fast, looking away from the piece. */
function endTo(away: readonly Element[]): LeaderEnd {
  const [first, ...rest] = away.filter((each) => !slides(each));
  if (!first) return { kind: 'bare', jointId: null, toId: null };
  const beyond = rest.find((each) => each.kind !== 'knot' && !isCrimp(each));
  // Beyond a knot the main line is met at the water; a leader behind another leader is tied at the table.
  const toId = (each: Element | undefined) =>
    each === undefined || (each.kind === 'piece' && each.fitted.kind === 'line') ? null : idOf(each);
  if (first.kind === 'knot') {
    const to = toId(beyond);
    return to === null
      ? { kind: 'bare', jointId: first.fitted.joint.id, toId: null }
      : { kind: first.fitted.part.pattern, jointId: first.fitted.joint.id, toId: to };
  }
  if (isCrimp(first)) return { kind: 'crimp', jointId: first.fitted.joint.id, toId: toId(beyond) };
  return { kind: 'loop', jointId: null, toId: toId(first) };
}

/** Swivels, snaps and rings between the main line and the first leader: they can stay on the line. */
export function linksOnMainLine({ chain, parts }: Pick<Setup, 'chain' | 'parts'>): readonly string[] {
  const first = chain.findIndex(({ kind }) => kind === 'leader' || kind === 'snell');
  return chain.slice(0, Math.max(0, first)).flatMap((joint) => {
    const part = parts.find(({ id }) => id === joint.partId);
    return part?.kind === 'hardware' && part.form !== 'crimp' && carriesPull(part.form) ? [joint.id] : [];
  });
}

/** A leader for a link that stays on the line is hung on it by a loop; a crimped end is one already. */
const onShared = (end: LeaderEnd, shared: readonly string[]): LeaderEnd =>
  end.toId !== null && end.kind !== 'crimp' && shared.includes(end.toId)
    ? { kind: 'loop', jointId: null, toId: end.toId }
    : end;
