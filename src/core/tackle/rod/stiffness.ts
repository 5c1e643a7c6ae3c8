import { STANDARD_GRAVITY_MPS2 } from '../../base/constants';
import { ROD_ACTIONS, ROD_CLASS_SPREAD, ROD_POWERS } from '../defaults/rod-classes';
import { requireInRange } from '../../base/guard';
import { ELASTICA_LIMITS } from './elastica';
import type { Rod, ResolvedRod, TaperedRod } from './rod';
import { fitHangTest } from './hang-test';

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
 * Model: a class rod drops its tip by L/3 under its power's force, buttEI = k·F·L²; a hung rod is fitted, see `fitHangTest`.
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
    case 'class': {
      const powerKgf = stiffness.powerKgf ?? ROD_POWERS[stiffness.power].powerKgf;
      const { tipRatio, k } = ROD_ACTIONS[stiffness.action];
      const buttEiNm2 = k * powerKgf * STANDARD_GRAVITY_MPS2 * lengthM ** 2;
      const fit = {
        buttEiNm2,
        tipRatio,
        rmsDropM: null,
        buttEiSd: ROD_CLASS_SPREAD.power * buttEiNm2,
        tipRatioSd: ROD_CLASS_SPREAD.tipRatio * tipRatio,
      };
      return { lengthM, buttEiNm2, tipRatio, fit };
    }
    case 'hang-test': {
      const fit = fitHangTest(lengthM, stiffness);
      return { lengthM, buttEiNm2: fit.buttEiNm2, tipRatio: fit.tipRatio, fit };
    }
    default:
      return stiffness satisfies never;
  }
}

/** The same rod, said by rigidity and taper alone. */
export function asTaper(rod: Rod): TaperedRod {
  const { lengthM, buttEiNm2, tipRatio } = resolveRod(rod);
  return { lengthM, stiffness: { kind: 'taper', buttEiNm2, tipRatio } };
}
