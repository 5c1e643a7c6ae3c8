import type { Steps } from '../../decide';
import { cutOf } from './flat';
import { headStanding, type Head, type HeadStanding } from './head';
import { jigStand, type JigStand } from './jig-stand';
import type { Cut } from './polygon';

export interface Landed {
  readonly head: Head;
  readonly standing: HeadStanding;
  readonly stand: JigStand;
  /** arrivals that come to rest point up and not falling to the line */
  readonly goodShare: number;
}

/** How a head lands as it is filed. */
export function land(head: Head): Landed {
  const standing = headStanding(head);
  const stand = jigStand(standing);
  return {
    head,
    standing,
    stand,
    goodShare: stand.poses.reduce(
      (sum, { pointUp, fallsTo, share }) => sum + (pointUp && fallsTo !== 'line' ? share : 0),
      0,
    ),
  };
}

export interface BestCut {
  readonly before: Landed;
  readonly after: Landed;
  /** null: no single cut lands it better */
  readonly cut: Cut | null;
  readonly tried: number;
}

/** Directions of the file all round, and depths as shares of the head's radius there. */
const ANGLES = 48;
const DEPTHS = [0.04, 0.08, 0.14, 0.2, 0.28, 0.36, 0.45] as const;
/** Halvings around the best of the grid. */
const REFINE = 5;
/** A tenth of a gram filed off must be worth a tenth of a per cent of arrivals. */
const PER_KG = 10;

/**
 * The best single cut: that after which most arrivals rest point up and do not fall to the line, a little less lead before a
 * little more.
 *
 * Model: a grid of directions and depths of the file, then a search around its best with steps that are halved.
 */
export function* bestCut(head: Head): Steps<BestCut> {
  const before = land(head);
  const worth = (landed: Landed) =>
    landed.goodShare + 1e-3 * landed.stand.pointUpShare - PER_KG * (landed.standing.filedKg - before.standing.filedKg);
  let best: { readonly landed: Landed; readonly rad: number; readonly depth: number; readonly cut: Cut | null } = {
    landed: before,
    rad: 0,
    depth: 0,
    cut: null,
  };
  let tried = 0;
  const consider = (rad: number, depth: number) => {
    const cut = cutOf({ normalRad: rad, depth }, before.standing.radiiM);
    const landed = land({ ...head, cuts: [...head.cuts, cut] });
    tried += 1;
    if (worth(landed) > worth(best.landed)) best = { landed, rad, depth, cut };
  };
  for (let i = 0; i < ANGLES; i += 1) {
    for (const depth of DEPTHS) consider((2 * Math.PI * i) / ANGLES - Math.PI, depth);
    yield { done: i + 1, of: ANGLES + REFINE };
  }
  let [dRad, dDepth] = [Math.PI / ANGLES, 0.04];
  for (let round = 0; round < REFINE && best.cut; round += 1) {
    const { rad, depth } = best;
    for (const i of [-1, 0, 1])
      for (const j of [-1, 0, 1])
        if (i !== 0 || j !== 0) consider(rad + i * dRad, Math.min(0.6, Math.max(0.01, depth + j * dDepth)));
    [dRad, dDepth] = [dRad / 2, dDepth / 2];
    yield { done: ANGLES + round + 1, of: ANGLES + REFINE };
  }
  return { before, after: best.landed, cut: best.cut, tried };
}
