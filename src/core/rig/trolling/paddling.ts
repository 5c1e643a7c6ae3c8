import { hullPullN } from '../../strike';
import type { Rig } from '../rigging';
import type { TowedPresentation } from '../../tackle';
import { runRig } from './run-rig';

export interface Paddling {
  /** slowest, mean and fastest of a stroke, and the depth at each held speed */
  readonly speedsMps: readonly [number, number, number];
  readonly depthsM: readonly (number | null)[];
  /** what hull and lures pull at the mean speed [N] */
  readonly hullN: number;
  /** what the wind pushes along the course; from ahead it is negative [N] */
  readonly windN: number;
  readonly luresN: number;
  /** work at the paddle [W], and how much more it is than without lures */
  readonly paddlerW: number;
  readonly moreShare: number;
}

/**
 * Trolling by paddle: the hull gains and loses speed with each stroke, and the lures' pull comes on top of the hull's.
 *
 * Model: the hull's pull by `hullPullN`, which meets a wall at hull speed; wind along the course pushes with
 * ½ρ_air·A·(w − v)·|w − v| on the paddler; the paddler's power (hull + lures − wind)·v over the paddle's efficiency, never
 * less than none. A lure follows the
 * speed with its line's delay, so depths of the extremes are bounds of what it does.
 */
export function paddling(rig: Rig, presentation: TowedPresentation, lines: number, windMps = 0): Paddling | null {
  const craft = rig.house.crafts.find(({ id }) => id === presentation.craftId);
  if (!craft || craft.hullDragN === 0) return null;
  const { swing, efficiency } = rig.classes.drift.paddle;
  const v = presentation.speedMps;
  const speedsMps = [v * (1 - swing), v, v * (1 + swing)] as const;
  const runs = speedsMps.map((speedMps) => runRig(rig, { ...presentation, speedMps }));
  const hullN = hullPullN(v, craft.hullDragN, craft.lengthM);
  const apparentMps = windMps - v;
  const { densityKgPm3 } = rig.classes.flight.air;
  const windN =
    windMps === 0 ? 0 : 0.5 * densityKgPm3 * rig.classes.drift.paddler.areaM2 * apparentMps * Math.abs(apparentMps);
  const luresN = lines * (runs[1]!.pullN ?? 0) * Math.cos(runs[1]!.surfaceAngleRad ?? 0);
  return {
    speedsMps,
    depthsM: runs.map(({ depthM }) => depthM),
    hullN,
    luresN,
    windN,
    paddlerW: (Math.max(0, hullN + luresN - windN) * v) / efficiency,
    moreShare: luresN / hullN,
  };
}
