import type { Evaluation } from '@/core/judge';
import { readRig } from '@/core/rig';
import { drawDetail, drawSheet, type Drawing, type Pt } from '@/core/show';
import type { Setup } from '@/core/tackle';

/** A sheet of paper on the screen at 96 dots an inch: what fits beside the parts list at 1280 by 800. */
export const WIDE = { widthMm: 259.3, heightMm: 131 } as const;
export const INSET = { x: 70, y: 68, widthMm: 186, heightMm: 60 } as const;
const NARROW = { widthMm: 104, heightMm: 66 } as const;
const NARROW_DETAIL = { ...NARROW, heightMm: 50 } as const;

/** The drawings of a setup at the sizes that the page needs; each is made when it is first looked at. */
export interface Drawings {
  readonly wide: Drawing;
  readonly inset: Drawing;
  readonly narrow: Drawing;
  readonly narrowDetail: Drawing;
}

type Worked = readonly [Setup, Evaluation];
type Size = { readonly widthMm: number; readonly heightMm: number; readonly detailAt?: Pt; readonly atLeast?: number };

/** The drawings of a setup; none is larger than `atLeast` says, where that says anything. */
export function drawingsOf(setup: Setup, evaluation: Evaluation, atLeast?: (of: keyof Drawings) => number): Drawings {
  const { chain, presentation } = setup;
  const input = { rig: readRig(setup), chain, presentation, figures: evaluation.figures };
  const sized = (of: keyof Drawings, size: Size): Size => (atLeast ? { ...size, atLeast: atLeast(of) } : size);
  return onceEach({
    wide: () =>
      drawSheet({ ...input, ...sized('wide', { ...WIDE, detailAt: [INSET.x + INSET.widthMm * 0.9, INSET.y] }) }),
    inset: () => drawDetail({ ...input, ...sized('inset', { widthMm: INSET.widthMm, heightMm: INSET.heightMm }) }),
    narrow: () => drawSheet({ ...input, ...sized('narrow', NARROW) }),
    narrowDetail: () => drawDetail({ ...input, ...sized('narrowDetail', NARROW_DETAIL) }),
  });
}

/** Two setups at one scale, so that the one can lie over the other. */
export function overlaid(base: Worked, over: Worked): { readonly base: Drawings; readonly over: Drawings } {
  const [first, second] = [drawingsOf(...base), drawingsOf(...over)];
  const scale = (of: keyof Drawings) => Math.max(first[of].scale, second[of].scale);
  return { base: drawingsOf(...base, scale), over: drawingsOf(...over, scale) };
}

/** Makes each drawing when it is first read, and keeps it. */
function onceEach(makers: Readonly<Record<keyof Drawings, () => Drawing>>): Drawings {
  const made = new Map<keyof Drawings, Drawing>();
  const get = (of: keyof Drawings) => {
    const drawing = made.get(of) ?? makers[of]();
    made.set(of, drawing);
    return drawing;
  };
  return {
    get wide() {
      return get('wide');
    },
    get inset() {
      return get('inset');
    },
    get narrow() {
      return get('narrow');
    },
    get narrowDetail() {
      return get('narrowDetail');
    },
  };
}
