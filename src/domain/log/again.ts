import { lineFor, tipAt, type PaidOut } from '@/core/afloat';
import { runRig, tipHeightM } from '@/core/rig';
import { groundSpeedToHold, SAME_COURSE_RAD, wayTo, type CurrentKnown } from '../helm/current-here';
import { turnBetween } from '../instruments/direction';
import { SPREAD_DOCUMENT_LIMITS as L } from '../spread/spread-limits';
import { isProblem, placedRod, type OnBoat } from '../spread/on-boat';
import type { RiggedFile } from '../spread/line-names';
import { fishedSpread, type GearIn } from './planned';
import type { Then } from './trip-event';
import type { SpreadDocument } from '../spread/spread';

export interface AgainNow {
  /** the course that is steered, or will be; null: not known */
  readonly courseRad: number | null;
  readonly latDeg: number | null;
  readonly lonDeg: number | null;
  /** through the surface water, and at the probe, corrected; null: not read */
  readonly waterMps: number | null;
  readonly probeMps: number | null;
  readonly probeM: number | null;
  readonly current: CurrentKnown | null;
}

/** Orders to have a strike's depth and speed again. */
export interface Orders {
  readonly outcome: 'ok' | 'out-of-reach' | 'too-fast-already' | 'cannot-tell';
  /** what the probe reads then, on the scale of the strike's own reading; null: it was not read */
  readonly probe: { readonly readingMps: number; readonly depthM: number | null } | null;
  /** over ground; null where the current on this course is not known */
  readonly groundMps: number | null;
  /** which course: that of now, or that of the strike where nothing is known of another */
  readonly courseRad: number | null;
  readonly courseIs: 'now' | 'then' | 'unknown';
  /** through the surface water; null: not known */
  readonly surfaceMps: number | null;
  readonly lureDepthM: number | null;
  readonly lureMps: number | null;
  readonly paidOut: PaidOut | null;
  /** what the water does differs little enough that the line stays as it was */
  readonly sameLine: boolean;
  readonly back: { readonly distanceM: number; readonly bearingRad: number } | null;
}

export interface AgainQuestion {
  readonly then: Then;
  readonly gear: GearIn;
  readonly file: RiggedFile;
  readonly onBoat: Omit<OnBoat, 'scene'>;
  /** gives the figures of sensors as they were calibrated */
  readonly correct: (channel: 'waterMps' | 'probeMps' | 'sogMps', reading: number) => number;
  readonly now: AgainNow;
}

/** Line is paid out to a half metre: below that it is the same. */
const SAME_LINE_M = 0.5;
/** A boat slower than this does not steer [m/s]. */
const LEAST_MPS = 0.05;

/**
 * Orders to repeat a strike in the water of now.
 *
 * Model: seen from the surface water, which carries boat and line alike, only how the deep water moves against it bends the line:
 * at the probe that is the speed through the surface less the probe's, straight from the surface down to the probe and constant
 * below. With it as it was then the rig is run for the depth and the speed of the lure; with it as it is now the boat's speed is
 * what gives the lure that speed, and the line is what `lineFor` asks for that depth: of a downrigger its cable with the same
 * lead, of boards and planes their own gear. Over ground the probe's own current decides. Left out: currents across the course.
 */
export function ordersOf({ then, gear, file, onBoat, correct, now }: AgainQuestion): Orders {
  const back =
    then.latDeg === null || then.lonDeg === null || now.latDeg === null || now.lonDeg === null
      ? null
      : wayTo({ latDeg: now.latDeg, lonDeg: now.lonDeg }, { latDeg: then.latDeg, lonDeg: then.lonDeg });
  const thenCourse = then.headingRad ?? then.cogRad;
  const probeThen = then.probeMps === null ? null : correct('probeMps', then.probeMps);
  const waterThen = then.waterMps !== null ? correct('waterMps', then.waterMps) : (probeThen ?? then.sogMps);
  const nothing: Orders = {
    outcome: 'cannot-tell',
    probe: then.probeMps === null ? null : { readingMps: then.probeMps, depthM: then.probeM },
    groundMps: then.sogMps,
    courseRad: thenCourse,
    courseIs: thenCourse === null ? 'unknown' : 'then',
    surfaceMps: waterThen,
    lureDepthM: then.lureM,
    lureMps: null,
    paidOut: null,
    sameLine: true,
    back,
  };
  if (waterThen === null || gear.lineM === null || gear.pointId === null) return nothing;
  const shearThen = shearOf(waterThen, probeThen, then.probeM);
  const shearNow = shearOf(now.waterMps, now.probeMps, now.probeM) ?? shearThen;
  const was = rigAt({ gear, file, onBoat }, waterThen, shearThen);
  if (!was) return nothing;
  const lureDepthM = was.depthM;
  const lureMps = waterThen - slower(shearThen, lureDepthM);
  const surfaceMps = lureMps + slower(shearNow, lureDepthM);
  const probeMps = shearNow === null ? null : surfaceMps - slower(shearNow, shearNow.depthM);
  // What the probe must read there, on the scale on which it read then.
  const probe =
    then.probeMps === null || probeThen === null
      ? null
      : {
          readingMps: probeMps === null ? then.probeMps : then.probeMps + (probeMps - probeThen),
          depthM: now.probeM ?? then.probeM,
        };
  const ground = groundOf(now, probeMps ?? lureMps, { courseRad: thenCourse, sogMps: then.sogMps });
  const known = { probe, ...ground, lureDepthM, lureMps, back };
  if (surfaceMps < LEAST_MPS || ground.groundMps === 0)
    return { ...known, outcome: 'too-fast-already', surfaceMps: null, paidOut: null, sameLine: false };
  const is = rigAt({ gear, file, onBoat }, surfaceMps, shearNow);
  const paidOut = is ? lineFor(is.placed, { depthM: lureDepthM }, { lineM: L.lineM, cableM: L.cableM }) : null;
  const before = gear.cableM ?? gear.lineM;
  const after = paidOut ? (paidOut.cableM ?? paidOut.lineM) : before;
  return {
    ...known,
    outcome: paidOut?.outcome === 'out-of-reach' ? 'out-of-reach' : 'ok',
    surfaceMps,
    paidOut,
    sameLine: Math.abs(after - before) < SAME_LINE_M,
  };
}

/** How much slower the water passes the probe than the surface does, and how deep that is. */
interface Shear {
  readonly slowerMps: number;
  readonly depthM: number;
}

const shearOf = (waterMps: number | null, probeMps: number | null, probeM: number | null): Shear | null =>
  waterMps === null || probeMps === null || probeM === null || probeM < 0.5
    ? null
    : { slowerMps: waterMps - probeMps, depthM: probeM };

const slower = (shear: Shear | null, depthM: number): number =>
  shear === null ? 0 : shear.slowerMps * Math.min(1, Math.max(0, depthM / shear.depthM));

function rigAt(
  { gear, file, onBoat }: Pick<AgainQuestion, 'gear' | 'file' | 'onBoat'>,
  throughMps: number,
  shear: Shear | null,
) {
  const scene: Pick<SpreadDocument, 'speedMps' | 'current' | 'bottomM'> = {
    speedMps: Math.min(L.speedMps.max, Math.max(L.speedMps.min + 1e-3, throughMps)),
    current:
      shear === null
        ? []
        : [
            { depthM: 0, alongMps: 0, acrossMps: 0 },
            { depthM: shear.depthM, alongMps: shear.slowerMps, acrossMps: 0 },
          ],
  };
  const [line] = fishedSpread(ONE_LINE, [{ line: 'again', gear }]).lines;
  const placed = line ? placedRod(line, file, { ...onBoat, scene }) : null;
  if (!placed || isProblem(placed)) return null;
  const { rig, presentation, point } = placed;
  const heightM = point.kind === 'downrigger' ? tipHeightM(rig, presentation) : -tipAt(rig, presentation, point)[2];
  const { depthM } = runRig(rig, presentation, heightM);
  return depthM === null ? null : { placed, depthM };
}

/** A spread with no line yet: `fishedSpread` puts in the one in question. */
const ONE_LINE = { lines: [] } as unknown as SpreadDocument;

function groundOf(
  { courseRad, current }: AgainNow,
  probeMps: number,
  then: { readonly courseRad: number | null; readonly sogMps: number | null },
): Pick<Orders, 'groundMps' | 'courseRad' | 'courseIs'> {
  if (courseRad !== null && current) {
    const groundMps = groundSpeedToHold(current, courseRad, probeMps);
    if (groundMps !== null) return { groundMps, courseRad, courseIs: 'now' };
    if (current.kind === 'whole') return { groundMps: 0, courseRad, courseIs: 'now' };
  }
  if (then.courseRad === null) return { groundMps: null, courseRad, courseIs: 'unknown' };
  const isSame = courseRad !== null && Math.abs(turnBetween(courseRad, then.courseRad)) <= SAME_COURSE_RAD;
  return { groundMps: then.sogMps, courseRad: isSame ? courseRad : then.courseRad, courseIs: isSame ? 'now' : 'then' };
}
