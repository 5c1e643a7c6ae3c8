import type { Evaluation } from '../../judge';
import { ATTITUDES } from '../../tackle/defaults/rig-classes';
import type { Element, Rig } from '../../rig';
import type { Presentation } from '../../tackle';
import { elementShape } from './element-shape';
import { endShape } from './end-shape';
import type { Shape } from './shape';

/** What stands along the line from some place to the end, and the pieces of line between. */
export type Item =
  | { readonly kind: 'shape'; readonly shape: Shape; readonly isEnd: boolean; readonly joints: readonly string[] }
  | { readonly kind: 'piece'; readonly jointId: string; readonly lengthM: number };

/** Where an item stands on the paper. */
export interface Laid {
  readonly item: Item;
  /** where its line arrives [mm of paper] */
  readonly x: number;
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
  return rig.elements.slice(from).map((element): Item => {
    if (element.kind === 'piece')
      return {
        kind: 'piece',
        jointId: element.fitted.joint.id,
        lengthM: element.fitted.kind === 'leader' ? element.fitted.joint.lengthM : 0,
      };
    if (element.kind !== 'assembly')
      return { kind: 'shape', shape: elementShape(element), isEnd: false, joints: jointsOf(element) };
    const index = rig.ends.findIndex(({ assembly }) => assembly === element);
    const end = rig.ends[index]!;
    const pitch = judgesAttitude && end.body !== null && end.body.kind !== 'spoon' ? balance.ends[index]!.pitchRad : 0;
    const judged = end.hooks.find((hook) => hook.jointId === rig.hook.jointId) ?? null;
    return { kind: 'shape', shape: endShape(end, pitch, judged), isEnd: true, joints: jointsOf(element) };
  });
}

const jointsOf = (element: Exclude<Element, { kind: 'piece' }>): string[] =>
  element.kind === 'assembly'
    ? [element.bearer.joint.id, ...element.attached.map(({ joint }) => joint.id)]
    : [element.fitted.joint.id, ...(element.kind === 'threaded' ? element.skirts.map(({ joint }) => joint.id) : [])];

/**
 * Lays items out along a line at a scale, `f` millimetres of paper to one of the thing; a piece of line takes `pieceMm` of
 * paper or its true length where that is shorter. An assembly that is not the last lets the line pass below it.
 */
export function layOut(items: readonly Item[], f: number, pieceMm: number): Layout {
  let cursor = 0;
  const laid = items.map((item): Laid => {
    if (item.kind === 'piece') {
      const widthMm = Math.min(pieceMm, item.lengthM * 1e3 * f);
      const at = { item, x: cursor, widthMm };
      cursor += widthMm;
      return at;
    }
    const { shape } = item;
    const x = cursor - shape.left * f + (cursor > 0 ? AIR_MM : 0);
    const reach = item.isEnd ? shape.right : Math.max(shape.exit[0], 0);
    cursor = x + reach * f;
    return { item, x, widthMm: reach * f };
  });
  const rightMm = Math.max(
    0,
    ...laid.map(({ item, x, widthMm }) => (item.kind === 'piece' ? x + widthMm : x + item.shape.right * f)),
  );
  const leftMm = Math.min(0, ...laid.map(({ item, x }) => (item.kind === 'piece' ? x : x + item.shape.left * f)));
  return { laid, leftMm, rightMm };
}

/** How far items reach over and under the line, with the bodies' own frames for their dimensions [mm of the thing]. */
export const reachOf = (items: readonly Item[]) => {
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
};

/** The element with which the detail begins: behind the knot and leader that the whole sheet shows, if the rig begins so. */
export function detailFrom(rig: Rig): number {
  const [, first, second] = rig.elements;
  return first?.kind === 'knot' && second?.kind === 'piece' ? 3 : 1;
}
