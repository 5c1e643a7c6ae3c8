import { STANDARD_GRAVITY_MPS2 } from '../../base/constants';
import { ROD_ACTIONS, ROD_CLASS_SPREAD, ROD_POWERS, type RodAction } from '../defaults/rod-classes';
import { requireInRange } from '../../base/guard';
import { ELASTICA_LIMITS } from './elastica';
import type { Rod, ResolvedRod, TaperedRod } from './rod';
import { fitHangTest } from './hang-test';
import { lineClassPowerN, windowPowerN } from './printed-power';

export const ROD_LIMITS = {
  lengthM: { min: 0, max: 20, exclusiveMin: true },
  buttEiNm2: { min: 0, max: 1e6, exclusiveMin: true },
  tipRatio: ELASTICA_LIMITS.tipRatio,
  forceN: { min: 0, max: 1e5 },
  /** π is left out: a pull straight back along the grip has no solution without inflexion. */
  angleRad: { min: 0, max: 3.1415 },
} as const;

/**
 * Rigidity at the grip [N·m²] and taper of a rod.
 *
 * Model: a rod drops its tip by L/3 under its power's force, buttEI = k·F·L²; the force is that of the word, of the printed
 * lure window or of the printed line class. A hung rod is fitted, see `fitHangTest`.
 *
 * @throws {InputRangeError} when a value lies outside ROD_LIMITS.
 */
export function resolveRod(rod: Rod): ResolvedRod {
  const lengthM = requireInRange('rod.lengthM', rod.lengthM, ROD_LIMITS.lengthM);
  const { stiffness } = rod;
  switch (stiffness.kind) {
    case 'taper':
      return {
        lengthM,
        buttEiNm2: requireInRange('rod.stiffness.buttEiNm2', stiffness.buttEiNm2, ROD_LIMITS.buttEiNm2),
        tipRatio: requireInRange('rod.stiffness.tipRatio', stiffness.tipRatio, ROD_LIMITS.tipRatio),
      };
    case 'class':
      return ofPower(
        lengthM,
        ROD_POWERS[stiffness.power].powerKgf * STANDARD_GRAVITY_MPS2,
        ROD_CLASS_SPREAD.power,
        stiffness.action,
      );
    case 'window':
      return ofPower(lengthM, windowPowerN(stiffness.ratingKg), ROD_CLASS_SPREAD.power, stiffness.action);
    case 'line-class':
      return ofPower(lengthM, lineClassPowerN(stiffness.lineN), ROD_CLASS_SPREAD.lineClass, stiffness.action);
    case 'power':
      return ofPower(lengthM, stiffness.forceN, stiffness.spread, stiffness.action);
    case 'hang-test': {
      const fit = fitHangTest(lengthM, stiffness);
      return { lengthM, buttEiNm2: fit.buttEiNm2, tipRatio: fit.tipRatio, fit };
    }
    default:
      return stiffness satisfies never;
  }
}

function ofPower(lengthM: number, forceN: number, spread: number, action: RodAction): ResolvedRod {
  const { tipRatio, k } = ROD_ACTIONS[action];
  const buttEiNm2 = k * forceN * lengthM ** 2;
  const fit = {
    buttEiNm2,
    tipRatio,
    rmsDropM: null,
    buttEiSd: spread * buttEiNm2,
    tipRatioSd: ROD_CLASS_SPREAD.tipRatio * tipRatio,
  };
  return { lengthM, buttEiNm2, tipRatio, fit };
}

/** The same rod, said by rigidity and taper alone. */
export function asTaper(rod: Rod): TaperedRod {
  const { lengthM, buttEiNm2, tipRatio } = resolveRod(rod);
  return { lengthM, stiffness: { kind: 'taper', buttEiNm2, tipRatio } };
}
