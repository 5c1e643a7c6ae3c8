import type { ReelPart } from '../setup';
import { InputRangeError, requireInRange } from '../../base/guard';
import type { LineMaterial } from '../defaults/line-materials';

/** Share of the wound volume that is line: round nylon lies in ridges, flat braid beds in. */
export const SPOOL_PACKING = { round: 0.72, braid: 0.78 } as const;

export const SPOOL_LIMITS = {
  radiusM: { min: 0, max: 0.5, exclusiveMin: true },
  widthM: { min: 0, max: 0.5, exclusiveMin: true },
} as const;

export interface Spool {
  readonly arborRadiusM: number;
  readonly fullRadiusM: number;
  readonly widthM: number;
}

export interface WoundLine {
  readonly material: LineMaterial;
  readonly diameterM: number;
}

export const packingOf = (material: LineMaterial): number =>
  material === 'braid' ? SPOOL_PACKING.braid : SPOOL_PACKING.round;

/** Room between arbor and lip [m³]. */
export function spoolVolumeM3(spool: Spool): number {
  const { arborRadiusM, fullRadiusM, widthM } = checked(spool);
  return Math.PI * (fullRadiusM ** 2 - arborRadiusM ** 2) * widthM;
}

/** Length [m] of a line that fills the spool. */
export function spoolCapacityM(spool: Spool, line: WoundLine): number {
  return spoolVolumeM3(spool) / woundSectionM2(line);
}

/** Length [m] of backing that just fills the spool under `topShotM` of another line; null where the top shot alone is too long. */
export function backingUnderM(spool: Spool, topShot: WoundLine, topShotM: number, backing: WoundLine): number | null {
  const left = spoolVolumeM3(spool) - topShotM * woundSectionM2(topShot);
  return left < 0 ? null : left / woundSectionM2(backing);
}

/** Radius of the wound line [m] after `outM` has left a full spool; null when more is out than was on it. */
export function spoolRadiusM(spool: Spool, line: WoundLine, outM: number): number | null {
  const { arborRadiusM, fullRadiusM, widthM } = checked(spool);
  const squared = fullRadiusM ** 2 - (outM * woundSectionM2(line)) / (Math.PI * widthM);
  return squared < arborRadiusM ** 2 ? null : Math.sqrt(squared);
}

/** Line wound a turn of the handle [m] at a spool radius. */
export const lineATurnM = (radiusM: number, gearRatio: number): number => 2 * Math.PI * radiusM * gearRatio;

/** Pull [N] at which a clutch set at a full spool gives line once the spool is down to `nowRadiusM`. */
export const clutchNowN = (settingAtFullN: number, spool: Spool, nowRadiusM: number): number =>
  (settingAtFullN * spool.fullRadiusM) / nowRadiusM;

const woundSectionM2 = ({ material, diameterM }: WoundLine) => (Math.PI * diameterM ** 2) / 4 / packingOf(material);

function checked(spool: Spool): Spool {
  requireInRange('arborRadiusM', spool.arborRadiusM, SPOOL_LIMITS.radiusM);
  requireInRange('fullRadiusM', spool.fullRadiusM, SPOOL_LIMITS.radiusM);
  requireInRange('widthM', spool.widthM, SPOOL_LIMITS.widthM);
  if (spool.fullRadiusM <= spool.arborRadiusM)
    throw new InputRangeError('fullRadiusM', spool.fullRadiusM, spool.arborRadiusM, SPOOL_LIMITS.radiusM.max);
  return spool;
}

/** The spool of a reel as its part says it. */
export const spoolOf = ({ arborRadiusM, fullRadiusM, widthM }: Pick<ReelPart, keyof Spool>): Spool => ({
  arborRadiusM: arborRadiusM.value,
  fullRadiusM: fullRadiusM.value,
  widthM: widthM.value,
});
