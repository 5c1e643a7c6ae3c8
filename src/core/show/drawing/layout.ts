import type { Evaluation } from '../../judge';
import { ATTITUDES } from '../../tackle/defaults/rig-classes';
import { pinchedAboveM, type Element, type Rig } from '../../rig';
import type { Presentation } from '../../tackle';
import { elementShape } from './element-shape';
import { endShape } from './end-shape';
import type { Shape } from './shape';

/** What stands along the line from some place to the end, and the pieces of line between. */
export type Item =
  | { readonly kind: 'shape'; readonly shape: Shape; readonly isEnd: boolean; readonly joints: readonly string[] }
  /** fromId: the joint that it starts at, as the second of two legs */
  | {
      readonly kind: 'piece';
      readonly jointId: string;
      readonly lengthM: number;
      readonly fromId?: string | undefined;
    };

/** Where an item stands on the paper. */
export interface Laid {
  readonly item: Item;
  /** where its line arrives, along the line and below it [mm of paper] */
  readonly x: number;
  readonly y: number;
  /** where the second of two legs leaves the first [mm of paper] */
  readonly from?: readonly [number, number];
  /** paper that a piece of line takes [mm] */
  readonly widthMm: number;
}

export interface Layout {
  readonly laid: readonly Laid[];
  readonly leftMm: number;
  readonly rightMm: number;
}

/** Air between two things that touch on the line [mm of paper]. */
const AIR_MM = 0.9;

/** The items of a rig from element `from` on. Baits lie as computed where an attitude is wanted of them, level where none is. */
export function itemsOf(
  rig: Rig,
  from: number,
  presentation: Presentation,
  { balance }: Evaluation['figures'],
): readonly Item[] {
  const { attitude } = presentation.wanted;
  const judgesAttitude = attitude.kind === 'own' || ATTITUDES[attitude.kind].pitchRad !== null;
  return rig.elements.slice(from).flatMap((element, i, elements): Item[] => {
    if (element.kind === 'piece') return pieceItems(element.fitted, elements[i + 1]);
    const aboveM = pinchedAboveM(element);
    if (element.kind === 'threaded' && aboveM !== null) {
      const weight: Item = { kind: 'shape', shape: elementShape(element), isEnd: false, joints: jointsOf(element) };
      return [weight, { kind: 'piece', jointId: pinchedOn(rig, element), lengthM: aboveM }];
    }
    if (element.kind !== 'assembly')
      return [{ kind: 'shape', shape: elementShape(element), isEnd: false, joints: jointsOf(element) }];
    const index = rig.ends.findIndex(({ assembly }) => assembly === element);
    const end = rig.ends[index]!;
    const pitch = judgesAttitude && end.body !== null && end.body.kind !== 'spoon' ? balance.ends[index]!.pitchRad : 0;
    const judged = end.hooks.find((hook) => hook.jointId === rig.hook.jointId) ?? null;
    return [{ kind: 'shape', shape: endShape(end, pitch, judged), isEnd: true, joints: jointsOf(element) }];
  });
}

/** A piece of leader; of one with a weight pinched on it, what lies above the weight. */
function pieceItems(fitted: Extract<Element, { kind: 'piece' }>['fitted'], next: Element | undefined): Item[] {
  const jointId = fitted.joint.id;
  if (fitted.kind === 'line') return [{ kind: 'piece', jointId, lengthM: 0 }];
  const { lengthM, from } = fitted.joint;
  const belowM = (next && pinchedAboveM(next)) ?? 0;
  return [{ kind: 'piece', jointId, lengthM: Math.max(0, lengthM - belowM), fromId: from }];
}

/** The line that a weight is pinched on. */
const pinchedOn = (rig: Rig, weight: Element): string => {
  const line = rig.elements.slice(0, rig.elements.indexOf(weight)).findLast(({ kind }) => kind === 'piece');
  return line?.kind === 'piece' ? line.fitted.joint.id : '';
};

const jointsOf = (element: Exclude<Element, { kind: 'piece' }>): string[] =>
  element.kind === 'assembly'
    ? [element.bearer.joint.id, ...element.attached.map(({ joint }) => joint.id)]
    : [element.fitted.joint.id, ...(element.kind === 'threaded' ? element.skirts.map(({ joint }) => joint.id) : [])];

/** Paper between the two legs of a rig [mm]. */
const LEGS_APART_MM = 9;

/** The items as legs: the second begins with a piece that starts at an earlier joint. */
const legsOf = (items: readonly Item[]): readonly (readonly Item[])[] =>
  items.reduce<Item[][]>(
    (legs, item) => {
      if (item.kind === 'piece' && item.fromId !== undefined) legs.push([item]);
      else legs.at(-1)!.push(item);
      return legs;
    },
    [[]],
  );

/**
 * Lays items out along a line at a scale, `f` millimetres of paper to one of the thing; a piece of line takes `pieceMm` of
 * paper or its true length where that is shorter. An assembly that is not the last lets the line pass below it; the second
 * of two legs lies under the first.
 */
export function layOut(items: readonly Item[], f: number, pieceMm: number): Layout {
  const exits = new Map<string, readonly [number, number]>();
  let cursor = 0;
  let y = 0;
  let under = 0;
  const laid = legsOf(items).flatMap((leg, k) => {
    const reach = reachOfLeg(leg);
    if (k > 0) y = under + LEGS_APART_MM - reach.top * f;
    under = y + reach.bottom * f;
    return leg.map((item): Laid => {
      if (item.kind === 'piece') {
        const from = item.fromId === undefined ? undefined : (exits.get(item.fromId) ?? ([0, 0] as const));
        if (from) cursor = from[0] + LEGS_APART_MM / 2;
        const widthMm = Math.min(pieceMm, item.lengthM * 1e3 * f);
        const at = { item, x: cursor, y, widthMm, ...(from ? { from } : {}) };
        cursor += widthMm;
        return at;
      }
      const { shape } = item;
      const x = cursor - shape.left * f + (cursor > 0 ? AIR_MM : 0);
      const reachMm = item.isEnd ? shape.right : Math.max(shape.exit[0], 0);
      cursor = x + reachMm * f;
      for (const id of item.joints) exits.set(id, [cursor, y]);
      return { item, x, y, widthMm: reachMm * f };
    });
  });
  const rightMm = Math.max(
    0,
    ...laid.map(({ item, x, widthMm }) => (item.kind === 'piece' ? x + widthMm : x + item.shape.right * f)),
  );
  const leftMm = Math.min(0, ...laid.map(({ item, x }) => (item.kind === 'piece' ? x : x + item.shape.left * f)));
  return { laid, leftMm, rightMm };
}

/**
 * How far items reach over and under the line, with the bodies' own frames for their dimensions [mm of the thing], and the
 * paper that the second of two legs needs besides [mm].
 */
export function reachOf(items: readonly Item[]): {
  readonly top: number;
  readonly bottom: number;
  readonly paperMm: number;
} {
  const [first, ...others] = legsOf(items).map(reachOfLeg);
  return {
    top: first!.top,
    bottom: others.reduce((sum, { top, bottom }) => sum + bottom - top, first!.bottom),
    paperMm: others.length * LEGS_APART_MM,
  };
}

function reachOfLeg(items: readonly Item[]): { readonly top: number; readonly bottom: number } {
  const shapes = items.flatMap((item) => (item.kind === 'shape' ? [item.shape] : []));
  const framed = shapes.flatMap(({ body }) => {
    if (!body) return [];
    const tailY = body.nose[1] + body.lengthMm * Math.sin(body.pitchRad);
    return [
      { top: Math.min(body.nose[1], tailY) - body.aboveMm, bottom: Math.max(body.nose[1], tailY) + body.belowMm },
    ];
  });
  return {
    top: Math.min(-1, ...[...shapes, ...framed].map(({ top }) => top)),
    bottom: Math.max(1, ...[...shapes, ...framed].map(({ bottom }) => bottom)),
  };
}

/** The element with which the detail begins: behind the knot and leader that the whole sheet shows, if the rig begins so. */
export function detailFrom(rig: Rig): number {
  const [, first, second] = rig.elements;
  return first?.kind === 'knot' && second?.kind === 'piece' ? 3 : 1;
}
