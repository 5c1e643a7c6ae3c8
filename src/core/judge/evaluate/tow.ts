import { DEPTH_EDGE_SHARE, type CarryStance } from '../../tackle/defaults/tow-classes';
import { isBottomRig, rightWeight, type Rig, type RightWeight, type Running } from '../../rig';
import { asTaper, bendRod, resolveRod, rodBend, type RodBend, type TowedPresentation } from '../../tackle';
import { tow, type TowInput } from '../../water';
import { steadyAngleRad } from './strike';
import { markWithin, rulingFirst, worst, type Mark, type Reason, type Verdict, type Weighed } from '../verdict';

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
  /** how the rod is meant to stand, by which its bend is judged */
  readonly stance: CarryStance;
  /** what a bottom rig is to do and does; null: the method has no such wish, or no bottom was given */
  readonly bottomRig: BottomRigFigures | null;
}

export interface BottomRigFigures {
  /** wanted and there, above the surface's level [rad]; null: not judged */
  readonly angle: { readonly wantedRad: number; readonly isRad: number } | null;
  /** wanted and there, share of the weight; null: not judged */
  readonly contact: { readonly wanted: number; readonly is: number } | null;
  /** the weight that would do both; null where what is there is right */
  readonly right: RightWeight | null;
}

/** A towed rig's Carry, which stands for Throw, and Depth, which stands for Fall. */
export function judgeTow(
  rig: Rig,
  presentation: TowedPresentation,
  running: Running,
): { readonly carry: Verdict; readonly depth: Verdict; readonly figures: TowFigures } {
  const figures = towFigures(rig, presentation, running);
  return { carry: carry(rig, figures), depth: depth(rig, presentation, running, figures.bottomRig), figures };
}

type Graded = Extract<Mark, 'sound' | 'edge' | 'fails'>;

/** How a rod is meant to stand while it tows. */
function carryStance(rig: Rig, { held, gear }: TowedPresentation): CarryStance {
  if (held === 'hand') return 'worked';
  if (gear?.kind === 'downrigger') return 'downrigger';
  if (rig.chainOfParts.some(({ joint }) => joint.kind === 'plane')) return 'plane';
  const live = rig.chainOfParts.some(({ part }) => part.kind === 'natural-bait' && part.state === 'live');
  return live || isBottomRig(rig) ? 'worked' : 'holder';
}

function carryMark({ classes }: Rig, stance: CarryStance, dropShare: number): Graded {
  const { from, sound, edge } = classes.carry[stance];
  return dropShare < from ? 'edge' : dropShare <= sound ? 'sound' : dropShare <= edge ? 'edge' : 'fails';
}

/** The pull that bends the rod while it waits, and its angle: of a downrigger rod that of the release it is wound against. */
function steadyPull(rig: Rig, presentation: TowedPresentation, running: Running) {
  const { release, tipHeightM } = running;
  if (presentation.gear?.kind !== 'downrigger' || !release)
    return { pullN: running.pullN ?? 0, angleRad: steadyAngleRad(rig, presentation, running) };
  const toRelease = Math.atan2(tipHeightM + release.depthM, Math.max(0, release.behindM));
  return {
    pullN: rig.classes.release.pull.forceN,
    angleRad: steadyAngleRad(rig, presentation, { ...running, tipAngleRad: toRelease }),
  };
}

/** Carry alone: how far the steady pull bends the rod, over its length, and what that is worth. */
export function carryOf(
  rig: Rig,
  presentation: TowedPresentation,
  running: Running,
): { readonly dropShare: number; readonly mark: Graded } {
  const { pullN, angleRad } = steadyPull(rig, presentation, running);
  const dropShare = bendRod(resolveRod(rig.rod), pullN, angleRad).elastica.tipY;
  return { dropShare, mark: carryMark(rig, carryStance(rig, presentation), dropShare) };
}

function towFigures(rig: Rig, presentation: TowedPresentation, running: Running): TowFigures {
  const { pullN: cleanN, angleRad: pullAngleRad } = steadyPull(rig, presentation, running);
  const rod = asTaper(rig.rod);
  const clean = rodBend({ ...rod, pull: { forceN: cleanN, angleRad: pullAngleRad } });
  const fouledN = Math.max(cleanN, fouledPullN(running.asked, rig.classes.towed.weed.dragAreaM2) ?? cleanN);
  const fouled = fouledN > cleanN ? rodBend({ ...rod, pull: { forceN: fouledN, angleRad: pullAngleRad } }) : clean;
  const carried = (pullN: number, { tip }: RodBend) => ({ pullN, tipMovedM: Math.hypot(tip.xM - rod.lengthM, tip.yM) });
  return {
    running,
    pullAngleRad,
    clean: carried(cleanN, clean),
    fouled: carried(fouledN, fouled),
    rodBend: clean,
    dropShare: clean.tip.yM / rod.lengthM,
    stance: carryStance(rig, presentation),
    bottomRig: bottomRigFigures(rig, presentation, running),
  };
}

function bottomRigFigures(rig: Rig, presentation: TowedPresentation, running: Running): BottomRigFigures | null {
  const { lineAngleRad, contactShare } = presentation.wanted;
  const { angle: usualAngle, contact: usualContact } = rig.classes.bottomRig;
  const usual = isBottomRig(rig) && !presentation.gear && presentation.bottomM !== undefined;
  const wantedRad = lineAngleRad === undefined ? (usual ? usualAngle.aimRad : null) : lineAngleRad;
  const wantedShare = contactShare === undefined ? (usual ? usualContact.aim : null) : contactShare;
  const { surfaceAngleRad, contact } = running;
  const figures = {
    angle: wantedRad === null || surfaceAngleRad === null ? null : { wantedRad, isRad: surfaceAngleRad },
    contact:
      wantedShare === null || presentation.bottomM === undefined
        ? null
        : { wanted: wantedShare, is: contact?.share ?? 0 },
  };
  if (!figures.angle && !figures.contact) return null;
  const mark = bottomMark(rig, figures);
  return {
    ...figures,
    right:
      mark === 'sound'
        ? null
        : rightWeight(rig, presentation, {
            depthM: presentation.bottomM ?? running.depthM ?? presentation.depthM,
            surfaceAngleRad: wantedRad ?? usualAngle.aimRad,
            bottom: wantedShare === null ? null : (presentation.conditions.bottom ?? 'sand'),
            share: wantedShare ?? undefined,
            material: 'lead',
          }),
  };
}

const offBy = (by: number, { sound, edge }: { readonly sound: number; readonly edge: number }): Graded =>
  by <= sound + 1e-9 ? 'sound' : by <= edge + 1e-9 ? 'edge' : 'fails';

function angleMark({ classes }: Rig, angle: BottomRigFigures['angle']): Graded {
  const { soundRad, edgeRad } = classes.bottomRig.angle;
  return angle ? offBy(Math.abs(angle.isRad - angle.wantedRad), { sound: soundRad, edge: edgeRad }) : 'sound';
}

const contactMark = ({ classes }: Rig, contact: BottomRigFigures['contact']): Graded =>
  contact ? offBy(Math.abs(contact.is - contact.wanted), classes.bottomRig.contact) : 'sound';

const bottomMark = (rig: Rig, { angle, contact }: Pick<BottomRigFigures, 'angle' | 'contact'>): Graded =>
  worst(angleMark(rig, angle), contactMark(rig, contact));

/** Pull with weed on the lure, as much line out as before; null where the rig then comes up. */
function fouledPullN(asked: TowInput, weedM2: number): number | null {
  return tow({ ...asked, end: { ...asked.end, dragAreaM2: asked.end.dragAreaM2 + weedM2 } }, { shaped: false })
    .surfaceTensionN;
}

/**
 * Carry: the rod under the steady pull, its bend over its length, against how it is meant to stand. A rod that the tow has
 * bent has no travel left for a strike; one in line with its line has none to begin with, and that is said.
 */
function carry(rig: Rig, { clean, fouled, dropShare, pullAngleRad, stance }: TowFigures): Verdict {
  const { from, sound, edge } = rig.classes.carry[stance];
  return {
    mark: carryMark(rig, stance, dropShare),
    value: dropShare,
    unit: '1',
    limits: { failsBelow: null, soundFrom: from === 0 ? null : from, soundTo: sound, failsAbove: edge },
    reasons: [
      ...(stance === 'downrigger'
        ? [
            {
              code: dropShare < from ? ('carry-not-loaded' as const) : ('carry-loaded' as const),
              facts: { pullN: clean.pullN, tipM: clean.tipMovedM },
            },
          ]
        : [{ code: 'carry-steady' as const, facts: { pullN: clean.pullN, tipM: clean.tipMovedM, stance } }]),
      // A rod wound against its release does not feel the weed.
      ...(stance === 'downrigger' ? [] : [fouledReason(clean, fouled)]),
      ...(Math.sin(pullAngleRad) < IN_LINE
        ? [{ code: 'carry-in-line' as const, facts: { angleRad: pullAngleRad } }]
        : []),
    ],
  };
}

/** A tip that moves less goes unseen among the boat's own movements [m]. */
const SEEN_M = 0.02;

function fouledReason(clean: CarriedPull, { pullN, tipMovedM }: CarriedPull): Verdict['reasons'][number] {
  const moreM = tipMovedM - clean.tipMovedM;
  return moreM < SEEN_M
    ? { code: 'carry-fouled-hidden', facts: { pullN } }
    : { code: 'carry-fouled', facts: { pullN, moreM } };
}

/** Under some fifteen degrees from its line a rod hardly bends. */
const IN_LINE = 0.26;

/**
 * Depth: where it runs against the band it is wanted in, a fifth of the band's width outside being an edge; for a bottom rig
 * also how steep its line is and how much of it the bottom carries.
 */
function depth(
  rig: Rig,
  { wanted: { depth: band }, layers }: TowedPresentation,
  running: Running,
  bottomRig: BottomRigFigures | null,
): Verdict {
  const { depthM, contact, release, surfaceAngleRad } = running;
  const edgeM = DEPTH_EDGE_SHARE * (band.toM - band.fromM);
  const limits = {
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
  const byDepth = markWithin(depthM, limits);
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
    ...(contact && !bottomRig?.contact
      ? [{ code: 'depth-on-bottom' as const, facts: { netN: contact.forceN, share: contact.share } }]
      : []),
    release
      ? { code: 'depth-release', facts: { depthM: release.depthM, behindM: release.behindM } }
      : bottomRig?.angle
        ? { code: 'depth-behind', facts: { behindM: running.behindM } }
        : { code: 'depth-runs', facts: { behindM: running.behindM, angleRad: surfaceAngleRad } },
    ...(layers && layers.length > 0
      ? [{ code: 'depth-speed' as const, facts: { lureMps: running.lureMps, sogMps: running.sogMps } }]
      : []),
  ];
  return {
    ...base,
    mark: worst(byDepth, bottomRig ? bottomMark(rig, bottomRig) : 'sound'),
    reasons: rulingFirst([
      ...(bottomRig ? bottomReasons(rig, bottomRig) : []),
      ...reasons.map((reason, i): Weighed => ({ reason, mark: i === 0 ? byDepth : 'sound' })),
    ]),
  };
}

function bottomReasons(rig: Rig, { angle, contact, right }: BottomRigFigures): Weighed[] {
  const { sound } = rig.classes.bottomRig.contact;
  const mark = bottomMark(rig, { angle, contact });
  return [
    ...(angle
      ? [
          {
            mark: angleMark(rig, angle),
            reason: { code: 'depth-angle' as const, facts: { angleRad: angle.isRad, aimRad: angle.wantedRad } },
          },
        ]
      : []),
    ...(contact
      ? [
          {
            mark: contactMark(rig, contact),
            reason: {
              code: 'depth-contact' as const,
              facts: {
                share: contact.is,
                fromShare: Math.max(0, contact.wanted - sound),
                toShare: contact.wanted + sound,
              },
            },
          },
        ]
      : []),
    ...(right
      ? [
          {
            mark,
            reason:
              right.massKg === null
                ? { code: 'depth-no-right-weight' as const, facts: {} }
                : { code: 'depth-right-weight' as const, facts: { massKg: right.massKg, lineM: right.lineOutM } },
          },
        ]
      : []),
  ];
}
