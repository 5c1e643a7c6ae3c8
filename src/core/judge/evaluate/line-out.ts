import { tipToHookM } from '../../strike';
import { leadersM, type Running, type Rig } from '../../rig';
import {
  spoolCapacityM,
  spoolRadiusM,
  resolveRod,
  type Spool,
  type WoundLine,
  type Presentation,
  type TowedPresentation,
  spoolOf,
} from '../../tackle';

export type LineOut =
  | {
      readonly kind: 'ready';
      /** grip to the hook over the surface, and the hook below the grip [m] */
      readonly distanceM: number;
      readonly dropM: number;
      /** main line in tension, from the reel through the rings to the leader [m] */
      readonly mainLineM: number;
      readonly nowRadiusM: number;
      readonly spool: Spool;
      readonly wound: WoundLine;
    }
  | { readonly kind: 'line-too-short'; readonly neededM: number; readonly availableM: number };

/**
 * How much line stands between reel and hook, and how full the spool is then.
 *
 * The main line in tension runs from the reel through the rod's rings to the leader: working length, plus straight tip to
 * hook at the start of the sweep with its slack, less the leader; of a towed rig so much is out as was paid out. The hands stand
 * `handHeightM` above the water, so the hook lies depth + hand height below the grip. The spool is taken as filled to the lip with backing before the cast.
 */
export function lineOut(rig: Rig, presentation: Presentation, running: Running | null): LineOut {
  const { sweep } = presentation;
  const dropM = (running?.depthM ?? presentation.depthM) + presentation.handHeightM;
  const leaderM = leadersM(rig);
  const distanceM =
    presentation.kind === 'cast' ? presentation.distanceM : Math.max(LEAST_DISTANCE_M, running?.behindM ?? 0);
  const outM =
    tipToHookM({ rod: resolveRod(rig.rod), reachM: Math.hypot(distanceM, dropM) }, sweep.startRad) +
    presentation.slackM;
  const castM = presentation.kind === 'cast' ? Math.max(0, outM - leaderM) : paidOutM(presentation);
  const mainLineM = castM + rig.rod.lengthM;

  const spool = spoolOf(rig.reel);
  const wound = { material: rig.linePart.material, diameterM: rig.pieces[0]!.line.diameterM };
  const availableM = Math.min(rig.linePart.lengthM.value, spoolCapacityM(spool, wound));
  const nowRadiusM = spoolRadiusM(spool, wound, castM);
  if (mainLineM > availableM || nowRadiusM === null) return { kind: 'line-too-short', neededM: mainLineM, availableM };
  return { kind: 'ready', distanceM, dropM, mainLineM, nowRadiusM, spool, wound };
}

/** Main line out of a towed rig: to the release and behind it, where there is one [m]. */
function paidOutM({ gear, lineOutM }: TowedPresentation): number {
  switch (gear?.kind) {
    case undefined:
      return lineOutM;
    case 'downrigger':
      return gear.cableM + gear.leadM;
    case 'side-planer':
      return gear.boardM + gear.leadM;
    default:
      return gear satisfies never;
  }
}

/** Straight below the rod: the model wants some way to the hook. */
const LEAST_DISTANCE_M = 0.05;
