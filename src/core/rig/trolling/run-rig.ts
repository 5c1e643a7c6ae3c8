import { STANDARD_GRAVITY_MPS2 } from '../../base/constants';
import { findRoot } from '../../base/numeric';
import { towedLine, type Rig } from '../rigging';
import type { TowedPresentation } from '../../tackle';
import { tow, waterProperties, type Tow } from '../../water';
import { behindRelease } from './behind-release';
import { hungCable } from './cable';
import { onBottom, onTheFloor } from './on-bottom';
import type { Running } from './running';
import { tipHeightM } from './tip';
import {
  towInput,
  atSurface,
  boatSpeeds,
  behindMainM,
  deepestM,
  LEAST_WET_M,
  liftedN,
  SAME_LINE_M,
  solvedRun,
  type FreeRun,
  type Scene,
} from './towed-scene';

/** Wet line is solved to the centimetre [m]. */
const LINE_TOLERANCE_M = 0.01;

/**
 * How a towed rig runs: depth, pull and shape of its line, from the rod's tip or a release on.
 *
 * Model: `tow`; the air part straight from the tip's height at the angle of entry, so that line out = wet + height/sin α.
 * Behind a downrigger the line starts at the ball's release, at depth 0 of a water whose current is shifted by the ball's
 * depth. Where it would run deeper than the bottom, the heaviest body rests on it: what the bottom carries is solved so that
 * the body lies just there, rubbing by the bottom's μ. Line that no angle takes lies on the water, and a weight that would come
 * out of it rides on it.
 */
export function runRig(
  rig: Rig,
  presentation: TowedPresentation,
  /** of the place over the water where the line leaves the boat [m] */
  heightM: number = tipHeightM(rig, presentation),
): Running {
  const water = waterProperties(presentation.water);
  const { layers = [] } = presentation;
  const { sogMps, throughMps } = boatSpeeds(rig, presentation);
  const line = towedLine(rig, water, throughMps, presentation.fouling);
  const scene: Scene = { presentation, water, line, sogMps };
  const { gear } = presentation;
  if (gear?.kind === 'downrigger') {
    const cable = hungCable({ water: presentation.water, speedMps: sogMps, current: layers, ...gear }, rig.classes);
    const from = { depthM: cable.depthM, behindM: cable.laybackM };
    return released(behindRelease(scene, gear.leadM, from, rig), heightM, { ...from, cable });
  }
  if (gear?.kind === 'side-planer') {
    const from = { depthM: 0, behindM: gear.boardM * Math.cos(BOARD_RUNS_OUT_RAD) };
    return released(behindRelease(scene, gear.leadM, from, rig), heightM, { ...from, cable: null });
  }
  const free = fromTip(scene, heightM, rig);
  return { ...free, tipHeightM: heightM, tipAngleRad: free.surfaceAngleRad ?? Math.PI / 2, release: null };
}

/** The release carries the pull until it trips; then the rod does, with the line straight from the tip to the lure. */
const released = (free: FreeRun, heightM: number, release: NonNullable<Running['release']>): Running => ({
  ...free,
  tipHeightM: heightM,
  tipAngleRad: Math.atan2(heightM + (free.depthM ?? release.depthM), free.behindM ?? release.behindM),
  release,
});

/** How far out from the boat's course a board runs, seen from the rod [rad]. */
const BOARD_RUNS_OUT_RAD = 0.7;

function fromTip(scene: Scene, heightM: number, rig: Rig): FreeRun {
  const { lineOutM, bottomM } = scene.presentation;
  const trailingM = behindMainM(scene.line);
  if (lineOutM + trailingM <= heightM) return inTheAir(scene, lineOutM, heightM);
  // The line rises straight to the tip, so what is left of it for the water hangs on its own angle.
  const airOf = (result: Tow) =>
    result.outcome === 'ok' ? heightM / Math.max(1e-6, Math.sin(result.surfaceAngleRad!)) : Infinity;
  const towed = (each: number) => tow(towInput(scene, each), { shaped: false });
  const balanced = wetOf((each) => Math.min(1e6, airOf(towed(each))), { lineOutM, trailingM, heightM });
  const wetM = balanced !== null && sags(scene, balanced, towed) ? 0 : balanced;
  if (wetM === null) return atSurface(scene, lineOutM, heightM, towInput(scene, LEAST_WET_M));
  const takes = (line: Tow, wet: number) => Math.abs(lineOutM - wet - airOf(line)) <= SAME_LINE_M;
  const { result, asked, dryM } = ridden(scene, wetM, lineOutM, takes);
  if (result.outcome !== 'ok') return atSurface(scene, lineOutM, heightM, asked);
  if (bottomM !== undefined && deepestM(result) > bottomM) {
    const rested = onBottom(
      scene,
      result,
      { bottomM, fromM: 0 },
      rig,
      (paid) => lineOutM - (paid.lineOutM! - trailingM) - Math.min(1e6, airOf(paid)),
    );
    return onTheFloor(
      solvedRun(scene, rested.result, rested.asked, { heightM, lineM: lineOutM, contact: rested.contact }),
      bottomM,
    );
  }
  return solvedRun(scene, result, asked, { heightM, lineM: lineOutM, dryM, contact: null });
}

/**
 * Whether the weights that hang in the air are too heavy to hang there: the line is taken as straight from the tip, which holds
 * where they weigh a tenth of its pull at most. Heavier ones bend it down until they touch the water again.
 */
function sags(scene: Scene, wetM: number, towed: (wetM: number) => Tow): boolean {
  const weightN = wetM < 0 ? liftedN(scene, wetM) : 0;
  return weightN > 0 && weightN > CARRIED_SHARE * (towed(wetM).surfaceTensionN ?? 0);
}

const CARRIED_SHARE = 0.1;

/**
 * The line with so much of it wet. The balance jumps where a weight leaves the water: under it the weight's drag draws the line
 * up, above it no more. Such a weight rides on the surface, and the line is solved with it just under water.
 */
function ridden(scene: Scene, wetM: number, lineOutM: number, takes: (line: Tow, wetM: number) => boolean) {
  const at = (each: number) => {
    const asked = towInput(scene, each);
    return { asked, result: tow(asked), dryM: lineOutM - each };
  };
  const there = at(wetM);
  if (there.result.outcome !== 'ok' || takes(there.result, wetM)) return there;
  const wetter = at(wetM + 2 * LINE_TOLERANCE_M);
  return wetter.result.outcome === 'ok' ? wetter : there;
}

/**
 * How much of the main line is wet, where what is wet tells how much is in the air; less than none where some of the leader
 * is in the air too. Null where even the least leaves too little: the line holds the lure on top.
 */
function wetOf(
  air: (wetM: number) => number,
  { lineOutM, trailingM, heightM }: { readonly lineOutM: number; readonly trailingM: number; readonly heightM: number },
): number | null {
  const spare = (wetM: number) => lineOutM - wetM - air(wetM);
  let hi = Math.max(2 * LEAST_WET_M, lineOutM - heightM);
  let fHi = spare(hi);
  if (fHi >= 0) return hi;
  // The angle hardly changes with a little less line, so the air that all of it would leave is a good guess. Then less and less of
  // it: heavy line can balance with most of it wet and with hardly any, and sinks to the first. Then all weights under water, before
  // any hangs above: out of it they no longer hold the line down, and both can balance.
  const guess = hi + fHi;
  // Without a leader there is no line left to solve once none of the main line is wet.
  const noneWet = trailingM > 0 ? 0 : LEAST_WET_M;
  const mostWet = guess > noneWet ? guess : hi;
  const lessAndLess = SHARES_WET.map((share) => share * mostWet).filter((wetM) => wetM < hi && wetM > noneWet);
  for (const lo of [...lessAndLess, noneWet, LEAST_WET_M - trailingM]) {
    const fLo = spare(lo);
    if (fLo > 0) return findRoot(spare, { lo, hi, fLo, fHi }, LINE_TOLERANCE_M);
    [hi, fHi] = [lo, fLo];
  }
  return null;
}

const SHARES_WET = [1, 0.9, 0.3] as const;

/** Less line than the tip is high: it hangs there. */
function inTheAir(scene: Scene, lineOutM: number, heightM: number): FreeRun {
  const weightN = [...scene.line.weights, scene.line.end].reduce(
    (sum, { netWeightN }) => sum + Math.max(0, netWeightN),
    0,
  );
  return {
    outcome: 'in-the-air',
    depthM: null,
    lineM: lineOutM,
    airM: lineOutM,
    behindM: null,
    surfaceAngleRad: null,
    pullN: weightN || STANDARD_GRAVITY_MPS2 * 1e-3,
    lureMps: 0,
    sogMps: scene.sogMps,
    contact: null,
    shape: [
      [0, -heightM],
      [0, lineOutM - heightM],
    ],
    asked: towInput(scene, 1e-3),
  };
}
