import type { Rig } from '../rigging';
import type { TowedPresentation } from '../../tackle';
import { turn } from '../../water';
import { runRig } from './run-rig';

export interface TurningLine {
  readonly outcome: 'ok' | 'goes-slack';
  /** circle of the lure and its speed */
  readonly radiusM: number | null;
  readonly speedMps: number | null;
  /** straight, and in the steady turn [m] */
  readonly straightM: number | null;
  readonly turningM: number | null;
  /** behind the boat before the turn, where its entry begins [m] */
  readonly straightLaybackM: number;
}

/** Rounds of layback and speed: a slower lure hangs steeper and nearer. */
const ROUNDS = 4;

/**
 * What a rig does in a steady turn of radius R, its line leaving the boat `offsetM` to the outside.
 *
 * Model: `turn` gives circle and speed by the layback, `tow` depth and layback by the speed; a few rounds make them agree. A
 * line whose layback reaches its circle goes slack: the lure sinks, floats or hangs until it is pulled again.
 */
export function turnRig(
  rig: Rig,
  presentation: TowedPresentation,
  { radiusM, offsetM }: { readonly radiusM: number; readonly offsetM: number },
): TurningLine {
  const { speedMps } = presentation;
  const straight = runRig(rig, presentation);
  let laybackM = straight.behindM ?? 0;
  let depthM = straight.depthM;
  let now = turn({ radiusM, speedMps, lines: [{ offsetM, laybackM }] }).lines[0]!;
  for (let round = 0; round < ROUNDS && now.outcome === 'ok'; round += 1) {
    const running = runRig(rig, { ...presentation, speedMps: now.speedMps! });
    laybackM = running.behindM ?? 0;
    depthM = running.depthM;
    now = turn({ radiusM, speedMps, lines: [{ offsetM, laybackM }] }).lines[0]!;
  }
  return {
    outcome: now.outcome,
    radiusM: now.radiusM,
    speedMps: now.speedMps,
    straightM: straight.depthM,
    turningM: now.outcome === 'ok' ? depthM : null,
    straightLaybackM: straight.behindM ?? 0,
  };
}

/** Points of a track, and steps between two: each step draws the lure straight towards the tip. */
const TRACK_POINTS = 240;
const STEPS_A_POINT = 20;

export interface TurnTrack {
  /** seconds since the boat began to turn */
  readonly timeS: readonly number[];
  /** boat and lure, east and north of where the turn began, the boat going north [m] */
  readonly boat: readonly (readonly [number, number])[];
  readonly lure: readonly (readonly [number, number])[];
  readonly speedMps: readonly number[];
}

/**
 * Entry into a turn: the lure as a point drawn by a line that cannot stretch, so that it always moves along its line.
 *
 * Model: the tractrix, ẋ = (v_tip·e)e with e from lure to tip, the length held. The boat turns to the right on radius R;
 * `offsetM` is to its left, the outside.
 */
export function turnTrack({
  radiusM,
  speedMps,
  offsetM,
  laybackM,
  untilS,
}: {
  readonly radiusM: number;
  readonly speedMps: number;
  readonly offsetM: number;
  readonly laybackM: number;
  readonly untilS: number;
}): TurnTrack {
  const at = (t: number) => {
    const angle = (t * speedMps) / radiusM;
    const boat = [radiusM * (1 - Math.cos(angle)), radiusM * Math.sin(angle)] as const;
    const tip = [boat[0] - offsetM * Math.cos(angle), boat[1] + offsetM * Math.sin(angle)] as const;
    return { boat, tip };
  };
  const first = at(0).tip;
  let lure: readonly [number, number] = [first[0], first[1] - laybackM];
  const dt = untilS / TRACK_POINTS;
  const track = { timeS: [0], boat: [at(0).boat], lure: [lure], speedMps: [speedMps] };
  for (let i = 1; i <= TRACK_POINTS; i += 1) {
    let wayM = 0;
    for (let k = 1; k <= STEPS_A_POINT; k += 1) {
      const { tip } = at((i - 1 + k / STEPS_A_POINT) * dt);
      const d = Math.hypot(tip[0] - lure[0], tip[1] - lure[1]);
      // A line that has come slack draws nothing.
      if (d <= laybackM) continue;
      wayM += d - laybackM;
      lure = [tip[0] - (laybackM * (tip[0] - lure[0])) / d, tip[1] - (laybackM * (tip[1] - lure[1])) / d];
    }
    track.timeS.push(i * dt);
    track.boat.push(at(i * dt).boat);
    track.speedMps.push(wayM / dt);
    track.lure.push(lure);
  }
  return track;
}

/** Speeds at which a turning rig is run; between them its depth is taken as straight. */
const SPEEDS_RUN = 8;
const SLOWEST_MPS = 0.05;

/**
 * Depths [m] of a rig at the speeds that a turn gives it, each as if it were held: a lure that has just been slowed is still on
 * its way there. Null where it hangs in the air.
 */
export function depthsAt(
  rig: Rig,
  presentation: TowedPresentation,
  speedsMps: readonly number[],
): readonly (number | null)[] {
  const most = Math.max(2 * SLOWEST_MPS, ...speedsMps);
  const step = (most - SLOWEST_MPS) / (SPEEDS_RUN - 1);
  const run = Array.from(
    { length: SPEEDS_RUN },
    (_, i) => runRig(rig, { ...presentation, speedMps: SLOWEST_MPS + i * step }).depthM,
  );
  return speedsMps.map((speedMps) => {
    const at = Math.max(0, (speedMps - SLOWEST_MPS) / step);
    const i = Math.min(SPEEDS_RUN - 2, Math.floor(at));
    const [a, b] = [run[i], run[i + 1]];
    return a === null || a === undefined || b === null || b === undefined ? null : a + Math.min(1, at - i) * (b - a);
  });
}
