import { STANDARD_GRAVITY_MPS2 } from '../../base/constants';
import type { CastStyle } from '../../tackle/defaults/cast-styles';
import { DEFAULT_CLASSES, type Classes } from '../../tackle/defaults/classes';
import { InputRuleError, requireInRange, type Limits } from '../../base/guard';
import { eventIn, hermite, integrate } from '../../base/numeric';
import { bendRod, resolveRod, type Rod } from '../../tackle';
import { CAST_LIMITS } from './cast-fit';
import { movingShare } from './moving-share';

export const FLIGHT_LIMITS = {
  dragAreaM2: { min: 0, max: 1 },
  diameterM: { min: 0, max: 0.01 },
  massPerLengthKgPm: { min: 0, max: 0.5 },
  tangentialCt: { min: 0, max: 0.5 },
  heightM: { min: 0, max: 50 },
  launchRad: { min: -0.5, max: 1.5 },
  windMps: { min: -25, max: 25 },
  blankKg: { min: 0, max: 5 },
} as const satisfies Record<string, Limits>;

export interface CastInput {
  readonly rod: Rod;
  /** everything beyond the tip that is thrown [kg] */
  readonly massKg: number;
  readonly style: CastStyle;
  /** of all that flies, in air [m²] */
  readonly dragAreaM2: number;
  readonly line: { readonly diameterM: number; readonly massPerLengthKgPm: number; readonly tangentialCt: number };
  /** where the lure leaves, over the water [m] */
  readonly heightM: number;
  /** above level [rad]; that of the style when absent */
  readonly launchRad?: number | undefined;
  /** against the cast positive [m/s] */
  readonly windMps?: number | undefined;
  /** mass of the part that bends [kg]; it takes its share of the stored energy */
  readonly blankKg?: number | undefined;
}

export interface Cast {
  readonly outcome: 'ok';
  /** what the hands give the tip, what the unbending rod adds, and both [m/s] */
  readonly tipMps: number;
  readonly springMps: number;
  readonly releaseMps: number;
  /** stored in the rod under m·a [J] */
  readonly energyJ: number;
  /** over the water, from the angler [m] */
  readonly distanceM: number;
  /** with the speed one standard deviation less and more [m] */
  readonly rangeM: readonly [number, number];
  readonly flightS: number;
  /** highest over the water [m] */
  readonly peakM: number;
}

/**
 * How far a rod throws a lure: a range, and above all a comparison of rods for one lure.
 *
 * Model: the hands give the tip its style's speed, in proportion to the rod's length (1.8 m); the energy E that m·a bends
 * into the rod comes back as √(2E/(m + m_tip)), m_tip the part of the bending blank that moves with the tip. Flight of a
 * point mass with quadratic drag against air that moves with the wind; the line behind it drags along its length as a
 * cylinder in axial flow, and each new piece must be brought to the lure's speed, λv². Friction on spool and rings is not
 * in it: the range is what a clean cast does at most. No lift, no side wind.
 * Frame: x away from the angler, z up from the water.
 *
 * @throws {InputRangeError} when a value lies outside FLIGHT_LIMITS, CAST_LIMITS or the rod's limits.
 */
export function cast(input: CastInput, classes: Pick<Classes, 'castStyles' | 'flight'> = DEFAULT_CLASSES): Cast {
  const F = FLIGHT_LIMITS;
  const m = requireInRange('massKg', input.massKg, CAST_LIMITS.massKg);
  const blankKg = requireInRange('blankKg', input.blankKg ?? 0, F.blankKg);
  requireInRange('line.diameterM', input.line.diameterM, F.diameterM);
  requireInRange('line.massPerLengthKgPm', input.line.massPerLengthKgPm, F.massPerLengthKgPm);
  requireInRange('line.tangentialCt', input.line.tangentialCt, F.tangentialCt);
  const style = classes.castStyles[input.style];
  const flight: Flight = {
    m,
    style,
    dragAreaM2: requireInRange('dragAreaM2', input.dragAreaM2, F.dragAreaM2),
    line: input.line,
    heightM: requireInRange('heightM', input.heightM, F.heightM),
    launchRad: requireInRange('launchRad', input.launchRad ?? style.launchRad, F.launchRad),
    windMps: requireInRange('windMps', input.windMps ?? 0, F.windMps),
    rho: classes.flight.air.densityKgPm3,
  };
  const rod = resolveRod(input.rod);
  const { energyJ } = bendRod(rod, m * style.accelerationMps2, Math.PI / 2);
  const tipMps = (style.tipMps * rod.lengthM) / STYLE_ROD_M;
  const springMps = Math.sqrt((2 * energyJ) / (m + blankKg * movingShare(rod.tipRatio)));
  const releaseMps = tipMps + springMps;
  const flown = fly(flight, releaseMps);
  const { spread } = classes.flight.speed;
  return {
    outcome: 'ok',
    tipMps,
    springMps,
    releaseMps,
    energyJ,
    ...flown,
    rangeM: [fly(flight, releaseMps * (1 - spread)).distanceM, fly(flight, releaseMps * (1 + spread)).distanceM],
  };
}

/** Length of the rod for which the styles say their speeds [m]. */
const STYLE_ROD_M = 1.8;
/** No cast is longer in the air [s]. */
const LONGEST_S = 60;

interface Flight extends Pick<CastInput, 'line' | 'heightM' | 'dragAreaM2'> {
  readonly m: number;
  readonly style: { readonly accelerationMps2: number };
  readonly launchRad: number;
  readonly windMps: number;
  readonly rho: number;
}

function fly(
  { m, dragAreaM2, line, heightM, launchRad, windMps, rho }: Flight,
  speedMps: number,
): Pick<Cast, 'distanceM' | 'flightS' | 'peakM'> {
  const end = { distanceM: 0, flightS: LONGEST_S, peakM: heightM };
  const { kind } = integrate(
    (_, y, out) => {
      const [x, z, vx, vz] = [y[0]!, y[1]!, y[2]!, y[3]!];
      const [ux, speed] = [vx + windMps, Math.hypot(vx, vz)];
      const air = 0.5 * rho * dragAreaM2 * Math.hypot(ux, vz);
      const lineM = Math.hypot(x, z - heightM);
      const drawn = (0.5 * rho * Math.PI * line.diameterM * line.tangentialCt * lineM + line.massPerLengthKgPm) * speed;
      out[0] = vx;
      out[1] = vz;
      out[2] = -(air * ux + drawn * vx) / m;
      out[3] = -STANDARD_GRAVITY_MPS2 - (air * vz + drawn * vz) / m;
    },
    { t: 0, y: [0, heightM, speedMps * Math.cos(launchRad), speedMps * Math.sin(launchRad)] },
    { tolerance: 1e-6, scale: 1e-2, firstStep: 0.01, maxSteps: 2000, until: LONGEST_S },
    (step) => {
      const top = eventIn(step, (at) => at(3));
      if (top !== null) end.peakM = Math.max(end.peakM, hermite(step, 1, top));
      // It starts on the surface where the height is 0: only coming down counts.
      const down = step.y1[3]! < 0 ? eventIn(step, (at) => at(1)) : null;
      if (down === null && !(step.y1[1]! <= 0 && step.t0 > 0)) return true;
      end.flightS = down ?? step.t1;
      end.distanceM = Math.max(0, hermite(step, 0, end.flightS));
      return false;
    },
  );
  if (kind === 'out-of-steps')
    throw new InputRuleError('massKg', 'a lure whose flight can be followed: heavier for its drag');
  return end;
}
