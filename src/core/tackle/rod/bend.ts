import { solveElastica, type Elastica } from './elastica';
import type { ResolvedRod } from './rod';

/** A rod under one pull; `yieldM` is the shift of its tip along the pull from the straight rod [m]. */
export interface Bend {
  readonly leverArmM: number;
  readonly yieldM: number;
  /** d(yieldM)/d(force) [m/N] */
  readonly complianceMPerN: number;
  /** elastic energy stored [J] */
  readonly energyJ: number;
  readonly elastica: Elastica;
}

/** Bends a rod by `forceN` at `angleRad` from the grip axis; `near` is a neighbouring bend to start from. */
export function bendRod(rod: ResolvedRod, forceN: number, angleRad: number, near?: Bend): Bend {
  const { lengthM: L, buttEiNm2: EI, tipRatio } = rod;
  const elastica = solveElastica({ loadRatio: (forceN * L * L) / EI, tipRatio, pullAngleRad: angleRad }, usable(near));
  return {
    leverArmM: elastica.leverArm * L,
    yieldM: elastica.yieldAlong * L,
    complianceMPerN: (elastica.compliance * L ** 3) / EI,
    energyJ: (elastica.energy * EI) / L,
    elastica,
  };
}

/** A rod in line with its pull stays straight and says nothing about its neighbours. */
const usable = (near: Bend | undefined) =>
  near && Number.isFinite(near.elastica.start.tip) ? near.elastica.start : undefined;
