import { CARRY, DEPTH_EDGE_SHARE } from '../../tackle/defaults/tow-classes';
import type { Rig, Running } from '../../rig';
import { asTaper, bendRod, resolveRod, rodBend, type RodBend, type TowedPresentation } from '../../tackle';
import { tow, type TowInput } from '../../water';
import { steadyAngleRad } from './strike';
import type { Mark, Reason, Verdict, VerdictLimits } from '../verdict';

/** The rod under one steady pull. */
export interface CarriedPull {
  readonly pullN: number;
  /** how far the tip is moved from where the straight rod holds it [m] */
  readonly tipMovedM: number;
}

export interface TowFigures {
  readonly running: Running;
  readonly pullAngleRad: number;
  readonly clean: CarriedPull;
  /** with a hand full of weed on the lure */
  readonly fouled: CarriedPull;
  /** the rod under the clean pull */
  readonly rodBend: RodBend;
  /** tip of the bent rod off its grip axis, over its length */
  readonly dropShare: number;
}

/** A towed rig's Carry, which stands for Throw, and Depth, which stands for Fall. */
export function judgeTow(
  rig: Rig,
  presentation: TowedPresentation,
  running: Running,
): { readonly carry: Verdict; readonly depth: Verdict; readonly figures: TowFigures } {
  const figures = towFigures(rig, presentation, running);
  return { carry: carry(figures), depth: depth(presentation, running), figures };
}

const carryMark = (dropShare: number): Extract<Mark, 'sound' | 'edge' | 'fails'> =>
  dropShare <= CARRY.sound ? 'sound' : dropShare <= CARRY.edge ? 'edge' : 'fails';

/** Carry alone: how far the steady pull bends the rod, over its length, and what that is worth. */
export function carryOf(
  rig: Rig,
  presentation: TowedPresentation,
  running: Running,
): { readonly dropShare: number; readonly mark: ReturnType<typeof carryMark> } {
  const dropShare = bendRod(resolveRod(rig.rod), running.pullN ?? 0, steadyAngleRad(rig, presentation, running))
    .elastica.tipY;
  return { dropShare, mark: carryMark(dropShare) };
}

function towFigures(rig: Rig, presentation: TowedPresentation, running: Running): TowFigures {
  const pullAngleRad = steadyAngleRad(rig, presentation, running);
  const rod = asTaper(rig.rod);
  const straight = rodBend({ ...rod, pull: { forceN: 0, angleRad: pullAngleRad } }).tip;
  const under = (forceN: number) => {
    const bend = rodBend({ ...rod, pull: { forceN, angleRad: pullAngleRad } });
    return {
      bend,
      carried: { pullN: forceN, tipMovedM: Math.hypot(bend.tip.xM - straight.xM, bend.tip.yM - straight.yM) },
    };
  };
  const cleanN = running.pullN ?? 0;
  const clean = under(cleanN);
  const fouled = under(Math.max(cleanN, fouledPullN(running.asked, rig.classes.towed.weed.dragAreaM2) ?? cleanN));
  return {
    running,
    pullAngleRad,
    clean: clean.carried,
    fouled: fouled.carried,
    rodBend: clean.bend,
    dropShare: clean.bend.tip.yM / rod.lengthM,
  };
}

/** Pull with weed on the lure, as much line out as before; null where the rig then comes up. */
function fouledPullN(asked: TowInput, weedM2: number): number | null {
  return tow({ ...asked, end: { ...asked.end, dragAreaM2: asked.end.dragAreaM2 + weedM2 } }, { shaped: false })
    .surfaceTensionN;
}

/**
 * Carry: the rod under the steady pull, its bend over its length. A rod that the tow has bent has no travel left for a
 * strike; one in line with its line has none to begin with, and that is said.
 */
function carry({ clean, fouled, dropShare, pullAngleRad }: TowFigures): Verdict {
  return {
    mark: carryMark(dropShare),
    value: dropShare,
    unit: '1',
    limits: { failsBelow: null, soundFrom: null, soundTo: CARRY.sound, failsAbove: CARRY.edge },
    reasons: [
      { code: 'carry-steady', facts: { pullN: clean.pullN, tipM: clean.tipMovedM } },
      { code: 'carry-fouled', facts: { pullN: fouled.pullN, moreM: fouled.tipMovedM - clean.tipMovedM } },
      ...(Math.sin(pullAngleRad) < IN_LINE
        ? [{ code: 'carry-in-line' as const, facts: { angleRad: pullAngleRad } }]
        : []),
    ],
  };
}

/** Under some fifteen degrees from its line a rod hardly bends. */
const IN_LINE = 0.26;

/** Depth: where it runs against the band it is wanted in, a fifth of the band's width outside being an edge. */
function depth({ wanted: { depth: band }, layers }: TowedPresentation, running: Running): Verdict {
  const { depthM, contact, release, surfaceAngleRad } = running;
  const edgeM = DEPTH_EDGE_SHARE * (band.toM - band.fromM);
  const limits: VerdictLimits = {
    failsBelow: band.fromM - edgeM,
    soundFrom: band.fromM,
    soundTo: band.toM,
    failsAbove: band.toM + edgeM,
  };
  const base = { value: depthM, unit: 'm' as const, limits };
  if (depthM === null)
    return {
      ...base,
      mark: 'fails',
      reasons: [{ code: 'depth-in-the-air', facts: { heightM: running.tipHeightM, lineM: running.lineM } }],
    };
  const low = depthM < band.fromM;
  const high = depthM > band.toM;
  const mark =
    !low && !high ? 'sound' : depthM >= limits.failsBelow! && depthM <= limits.failsAbove! ? 'edge' : 'fails';
  const reasons: Reason[] = [
    ...(running.outcome === 'at-surface'
      ? [{ code: 'depth-at-surface' as const, facts: {} }]
      : low || high
        ? [
            {
              code: low ? ('depth-too-shallow' as const) : ('depth-too-deep' as const),
              facts: { fromM: band.fromM, toM: band.toM },
            },
          ]
        : []),
    ...(contact ? [{ code: 'depth-on-bottom' as const, facts: { netN: contact.forceN, share: contact.share } }] : []),
    release
      ? { code: 'depth-release', facts: { depthM: release.depthM, behindM: release.behindM } }
      : { code: 'depth-runs', facts: { behindM: running.behindM, angleRad: surfaceAngleRad } },
    ...(layers && layers.length > 0
      ? [{ code: 'depth-speed' as const, facts: { lureMps: running.lureMps, sogMps: running.sogMps } }]
      : []),
  ];
  return { ...base, mark, reasons };
}
