import type { Steps } from '../../decide';
import { cutOf, reachOf } from './flat';
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

/** Flats that land a head better, and whether they can be filed. */
export interface Filing {
  readonly cuts: readonly Cut[];
  readonly after: Landed;
  /** what of it is less than a file takes off; null: it can be filed */
  readonly tooSmall: 'mass' | 'depth' | null;
}

export interface BestCut {
  readonly before: Landed;
  /** null: no single flat lands it better */
  readonly one: Filing | null;
  /** null: a second flat is worth nothing beside the best one */
  readonly two: Filing | null;
  readonly tried: number;
}

/** Directions of the file all round, and depths as shares of the head's radius there. */
const ANGLES = 48;
const DEPTHS = [0.04, 0.08, 0.14, 0.2, 0.28, 0.36, 0.45] as const;
/** Halvings around the best of the grid. */
const REFINE = 5;
/** A tenth of a gram filed off must be worth a tenth of a per cent of arrivals. */
const PER_KG = 10;
/** A second flat is filed for two arrivals in a hundred, not for less. */
const SECOND_WORTH = 0.02;
/** What a file and a hand can do: less is not seen on a balance, nor under a calliper. */
const LEAST = { filedKg: 5e-5, depthM: 2e-4 } as const;

/**
 * The best single flat, and the best pair: after which most arrivals rest point up and do not fall to the line, a little less
 * lead before a little more. The bait that the head carries is on it.
 *
 * Model: a grid of directions and depths of the file, then a search around its best with steps that are halved; the second
 * flat is looked for in the same way on the head that has the first.
 */
export function* bestCut(head: Head): Steps<BestCut> {
  const before = land(head);
  const of = 2 * (ANGLES + REFINE);
  let done = 0;
  let tried = 0;
  function* nextFlat(from: Landed): Generator<{ done: number; of: number }, Sought> {
    const worth = (landed: Landed) =>
      landed.goodShare + 1e-3 * landed.stand.pointUpShare - PER_KG * (landed.standing.filedKg - from.standing.filedKg);
    let best: Sought = { landed: from, rad: 0, depth: 0, cut: null };
    const consider = (rad: number, depth: number) => {
      const cut = cutOf({ normalRad: rad, depth }, before.standing.radiiM);
      const landed = land({ ...from.head, cuts: [...from.head.cuts, cut] });
      tried += 1;
      if (worth(landed) > worth(best.landed)) best = { landed, rad, depth, cut };
    };
    for (let i = 0; i < ANGLES; i += 1) {
      for (const depth of DEPTHS) consider((2 * Math.PI * i) / ANGLES - Math.PI, depth);
      yield { done: (done += 1), of };
    }
    let [dRad, dDepth] = [Math.PI / ANGLES, 0.04];
    for (let round = 0; round < REFINE; round += 1) {
      if (best.cut) {
        const { rad, depth } = best;
        for (const i of [-1, 0, 1])
          for (const j of [-1, 0, 1])
            if (i !== 0 || j !== 0) consider(rad + i * dRad, Math.min(0.6, Math.max(0.01, depth + j * dDepth)));
      }
      [dRad, dDepth] = [dRad / 2, dDepth / 2];
      yield { done: (done += 1), of };
    }
    return best;
  }
  const first = yield* nextFlat(before);
  if (!first.cut) return { before, one: null, two: null, tried };
  const second = yield* nextFlat(first.landed);
  const isWorth = second.cut && second.landed.goodShare >= first.landed.goodShare + SECOND_WORTH;
  return {
    before,
    one: filing([first], before),
    two: isWorth ? filing([first, second], before) : null,
    tried,
  };
}

interface Sought {
  readonly landed: Landed;
  readonly rad: number;
  readonly depth: number;
  readonly cut: Cut | null;
}

function filing(flats: readonly Sought[], before: Landed): Filing {
  const after = flats.at(-1)!.landed;
  const depthsM = flats.map(({ rad, depth }) => depth * reachOf(before.standing.radiiM, rad));
  const massesKg = flats.map(
    ({ landed }, i) => landed.standing.filedKg - (flats[i - 1]?.landed ?? before).standing.filedKg,
  );
  return {
    cuts: flats.map(({ cut }) => cut!),
    after,
    tooSmall: Math.min(...massesKg) < LEAST.filedKg ? 'mass' : Math.min(...depthsM) < LEAST.depthM ? 'depth' : null,
  };
}
