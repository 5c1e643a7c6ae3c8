import { fallInput, type Evaluation } from '../../judge';
import type { Rig } from '../../rig';
import type { CastPresentation } from '../../tackle';
import { massTerms } from './shared-terms';
import { chosen, classTerm, computed, reading, type Term, type Working } from './working';

export function fallWorking(rig: Rig, presentation: CastPresentation, { figures }: Evaluation): Working | null {
  if (!figures.fall) return null;
  const { free, tightLine, meanMps } = figures.fall;
  const { depthM } = presentation;
  const row = free.table.find((each) => each.depthM === depthM);
  const tight = tightLine.table.find((each) => each.depthM === depthM);
  return {
    equations: [
      String.raw`\left(\textstyle\sum m+\tfrac12\rho\sum V\right)\dot v = W + w\,z - \tfrac12\rho\,C_dA\,v^2 - \tfrac12\rho\,\pi d\,c_t\,z\,v^2`,
      String.raw`W = g\textstyle\sum (m-\rho V), \qquad \bar v = z/t`,
    ],
    inputs: [
      ...massTerms(rig),
      ...densityTerms(rig),
      computed(String.raw`\rho`, 'water-density', figures.water.densityKgPm3, 'density'),
      computed('d', 'line-diameter', (rig.pieces.at(-1) ?? rig.pieces[0]!).line.diameterM, 'diameter'),
      chosen('z', 'depth', depthM, 'depth'),
    ],
    results: [
      computed('W', 'net-weight', free.netWeightN, 'smallForce', 'figures.fall.free.netWeightN'),
      computed('v_{\\infty}', 'terminal-speed', free.terminalMps, 'fallSpeed', 'figures.fall.free.terminalMps'),
      computed('t', 'time-free', row?.timeS ?? null, 'time'),
      computed("t'", 'time-tight', tight?.timeS ?? null, 'time'),
      computed(String.raw`\bar v`, 'mean-speed', meanMps, 'fallSpeed', 'figures.fall.meanMps'),
    ],
    sources: ['sink', 'sphere-drag', 'water'],
    command: { model: 'sink', input: fallInput(rig, presentation) },
  };
}

/** Densities and lengths by which baits sink. */
function densityTerms(rig: Rig): Term[] {
  return rig.chainOfParts.flatMap(({ part }, i): Term[] => {
    if (part.kind === 'soft-bait' || part.kind === 'trailer') {
      return [
        classTerm(`\\rho_{${i}}`, 'bait-density', rig.classes.materials[part.material].densityKgPm3, 'density', 0.05),
        reading(`\\ell_{${i}}`, 'bait-length', part.lengthM, 'size', part.id),
      ];
    }
    if (part.kind === 'weight' || part.kind === 'jig-head' || part.kind === 'skirted-jig')
      return [
        classTerm(`\\rho_{${i}}`, 'metal-density', rig.classes.materials[part.material].densityKgPm3, 'density', 0.03),
      ];
    return [];
  });
}
