import { MATERIALS } from '../defaults/sink-classes';
import type { CastPresentation, Evaluation, Rig } from '../evaluate';
import { massTerms } from './shared-terms';
import { chosen, classTerm, computed, reading, type Working } from './working';

export function fallWorking(rig: Rig, presentation: CastPresentation, { figures }: Evaluation): Working {
  const { free, tightLine, meanMps } = figures.fall;
  const { depthM } = presentation;
  const row = free.table.find((each) => each.depthM === depthM);
  const tight = tightLine.table.find((each) => each.depthM === depthM);
  const metal = rig.weight ?? (rig.hook.kind === 'jig-head' ? rig.hook : null);
  return {
    equations: [
      String.raw`\left(\textstyle\sum m+\tfrac12\rho\sum V\right)\dot v = W + w\,z - \tfrac12\rho\,C_dA\,v^2 - \tfrac12\rho\,\pi d\,c_t\,z\,v^2`,
      String.raw`W = g\textstyle\sum (m-\rho V), \qquad \bar v = z/t`,
    ],
    inputs: [
      ...massTerms(rig),
      classTerm(String.raw`\rho_1`, 'bait-density', MATERIALS[rig.bait.material].densityKgPm3, 'density', 0.05),
      ...(metal ? [classTerm(String.raw`\rho_2`, 'metal-density', MATERIALS[metal.material].densityKgPm3, 'density', 0.03)] : []),
      reading(String.raw`\ell`, 'bait-length', rig.bait.lengthM, 'size', rig.bait.id),
      computed(String.raw`\rho`, 'water-density', figures.water.densityKgPm3, 'density'),
      computed('d', 'line-diameter', (rig.leader ?? rig.line).diameterM, 'diameter'),
      chosen('z', 'depth', depthM, 'depth'),
    ],
    results: [
      computed('W', 'net-weight', free.netWeightN, 'force'),
      computed('v_{\\infty}', 'terminal-speed', free.terminalMps, 'speed'),
      computed('t', 'time-free', row?.timeS ?? null, 'time'),
      computed("t'", 'time-tight', tight?.timeS ?? null, 'time'),
      computed(String.raw`\bar v`, 'mean-speed', meanMps, 'speed'),
    ],
    sources: ['sink', 'sphere-drag', 'water'],
  };
}
