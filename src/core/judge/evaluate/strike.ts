import { STANDARD_GRAVITY_MPS2 } from '../../base/constants';
import {
  clutchScales,
  dragWindow,
  tearForceN,
  type ClutchScale,
  type DragWindow,
  type DragWindowInput,
} from '../../strike';
import {
  spoolCapacityM,
  spoolRadiusM,
  asTaper,
  rodBend,
  type RodBend,
  type TaperedRod,
  type Presentation,
} from '../../tackle';
import { lineRiggedN, openingOf, gripRiseRad, piecesInPull, type Rig, type Running } from '../../rig';
import { lineOut, type LineOut } from './line-out';

export interface StrikeFigures {
  readonly window: DragWindow;
  /** the `drag-window` call that gave it */
  readonly asked: DragWindowInput & { readonly rod: TaperedRod };
  /** settings at a full spool, full and with a third of the line left, rod pointed and lifted */
  readonly scales: readonly ClutchScale[];
  /** the rod at the peak of the strike */
  readonly rodBend: RodBend;
  readonly mainLineM: number;
  /** line still on the spool [m] */
  readonly leftM: number;
}

/**
 * The strike on rod, line and clutch, and the settings that bury the hook without losing the fish; null for a snag or a
 * line that is too short.
 *
 * What the hook needs, and what opens it or tears out, are said as pulls in the line: each is divided by the share of the
 * pull that cover lets through, as in `hookset`. The weakest joint is that of the line as rigged; the hook's opening has
 * its own bound.
 */
export function strikeFigures(rig: Rig, presentation: Presentation, running: Running | null): StrikeFigures | null {
  if (presentation.fishKg === null) return null;
  const out = lineOut(rig, presentation, running);
  if (out.kind === 'line-too-short') return null;
  const { through } = rig.classes.covers[presentation.cover];
  const { spec, tissue } = rig.hook;
  const asked: StrikeFigures['asked'] = {
    rod: asTaper(rig.rod),
    pullAngleRad: pullAngleRad(rig, presentation, running),
    line: piecesInPull(rig).map(({ lengthM, line }) => ({ lengthM: lengthM ?? out.mainLineM, eaN: line.eaN })),
    fishKg: presentation.fishKg,
    speedMps: presentation.speedMps,
    fishMps: rig.classes.fighting.fish.strikeMps,
    neededN: rig.hook.neededN / through,
    openingN: openingOf(spec) / through,
    weakestN: lineRiggedN(rig),
    tearN: tearForceN(tissue.wireMm, presentation.mouth, rig.classes) / through,
    ...(presentation.clutchN === null ? {} : { clutchN: presentation.clutchN }),
    spool: { fullRadiusM: rig.reel.fullRadiusM.value, nowRadiusM: out.nowRadiusM },
    ...baitPull(rig, running),
  };
  const window = dragWindow(asked);
  return {
    window,
    asked,
    scales: clutchScales({
      windowN: window.windowN,
      fullRadiusM: rig.reel.fullRadiusM.value,
      thirdRadiusM: radiusWithThirdLeft(rig, out),
      liftedRad: presentation.sweep.endRad,
    }),
    rodBend: rodBend({ ...rig.rod, pull: { forceN: window.peakN, angleRad: asked.pullAngleRad } }),
    mainLineM: out.mainLineM,
    leftM: onSpoolM(rig, out) - out.mainLineM,
  };
}

/**
 * Line against the grip axis when the fish takes [rad]. In the hand: the end of the sweep. In a holder that leans δ from
 * upright, with the line going down from the tip at θ below level as it is towed: 90° − δ + θ.
 */
export function pullAngleRad(rig: Rig, presentation: Presentation, running: Running | null): number {
  return running === null || presentation.kind === 'cast' || presentation.held === 'hand'
    ? presentation.sweep.endRad
    : steadyAngleRad(rig, presentation, running);
}

/** Line against the grip axis while it is towed, in a holder or in the hand [rad]. */
export const steadyAngleRad = (rig: Rig, presentation: Presentation, running: Running): number =>
  Math.min(MOST_ANGLE_RAD, gripRiseRad(rig, presentation) + running.tipAngleRad);

/** A line that doubles back along the rod is no pull on it [rad]. */
const MOST_ANGLE_RAD = 3.1;

/**
 * The steady pull that the light setting must hold: that of the towed line at its tip or release, and of a live bait half
 * its weight besides.
 */
function baitPull(rig: Rig, running: Running | null): { readonly baitPullN?: number } {
  if (!running) return {};
  const liveKg = rig.chainOfParts.reduce(
    (sum, { part }) => sum + (part.kind === 'natural-bait' && part.state === 'live' ? part.massKg.value : 0),
    0,
  );
  return { baitPullN: (running.pullN ?? 0) + rig.classes.fighting.bait.pullShare * liveKg * STANDARD_GRAVITY_MPS2 };
}

type ReadyLine = Extract<LineOut, { kind: 'ready' }>;

/** Line that the spool has, before any is out [m]. */
const onSpoolM = ({ linePart }: Rig, { spool, wound }: ReadyLine): number =>
  Math.min(linePart.lengthM.value, spoolCapacityM(spool, wound));

const radiusWithThirdLeft = (rig: Rig, out: ReadyLine): number =>
  spoolRadiusM(out.spool, out.wound, (2 / 3) * onSpoolM(rig, out))!;
