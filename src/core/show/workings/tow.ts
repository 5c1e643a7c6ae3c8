import type { Evaluation, TowFigures } from '../../judge';
import type { Rig } from '../../rig';
import { asTaper, type TowedPresentation } from '../../tackle';
import { rodTerms } from './shared-terms';
import { chosen, classTerm, computed, type Term, type Working } from './working';

/** How far the steady pull bends the rod. */
export function carryWorking(rig: Rig, { figures: { tow } }: Evaluation): Working | null {
  if (!tow) return null;
  return {
    equations: [
      String.raw`\beta = \varepsilon + \theta, \qquad EI\,\theta' = M, \qquad \text{Carry} = \frac{y(F,\ \beta)}{L}`,
      String.raw`F = T(C_dA), \qquad F_w = T(C_dA + A_{\mathrm{weed}})`,
    ],
    inputs: [
      ...rodTerms(rig),
      computed(String.raw`\beta`, 'pull-angle', tow.pullAngleRad, 'angle'),
      computed(String.raw`\theta`, 'line-angle', tow.running.tipAngleRad, 'angle'),
      computed('F', 'pull', tow.clean.pullN, 'force', 'figures.tow.clean.pullN'),
      classTerm(String.raw`A_{\mathrm{weed}}`, 'weed', rig.classes.towed.weed.dragAreaM2, 'area'),
      computed('F_w', 'fouled-pull', tow.fouled.pullN, 'force', 'figures.tow.fouled.pullN'),
    ],
    results: [
      computed('y/L', 'drop-share', tow.dropShare, 'share', 'figures.tow.dropShare'),
      computed('', 'tip-moves', tow.clean.tipMovedM, 'size', 'figures.tow.clean.tipMovedM'),
      computed('', 'tip-moves-fouled', tow.fouled.tipMovedM, 'size', 'figures.tow.fouled.tipMovedM'),
    ],
    sources: ['elastica', 'tow'],
    command: {
      model: 'rod-bend',
      input: { ...asTaper(rig.rod), pull: { forceN: tow.clean.pullN, angleRad: tow.pullAngleRad } },
    },
  };
}

/** Where the line runs, and the call that says so. */
export function depthWorking(rig: Rig, presentation: TowedPresentation, { figures }: Evaluation): Working | null {
  const { tow } = figures;
  if (!tow) return null;
  const { running } = tow;
  return {
    equations: [
      String.raw`\frac{dT}{ds} = w\sin\theta + \tfrac12\rho\,\pi d\,c_t\,u_t|u_t|, \qquad T\,\frac{d\theta}{ds} = w\cos\theta - \tfrac12\rho\,f\,C_n\,d\,u_n|u_n|`,
      String.raw`C_n = 1 + 10\,Re^{-2/3}, \qquad u_n = U\sin\theta,\quad u_t = U\cos\theta,\quad U(z) = v - c(z)`,
      String.raw`T_0\cos\theta_0 = \tfrac12\rho\,A_d\,U|U|, \qquad T_0\sin\theta_0 = W + \tfrac12\rho\,A_{\downarrow}\,U^2`,
      ...(running.release ? [] : [String.raw`\ell_{\mathrm{out}} = \ell_{\mathrm{wet}} + \frac{h}{\sin\alpha}`]),
    ],
    inputs: [
      chosen('v', 'boat-speed', presentation.speedMps, 'speed'),
      ...(running.release
        ? [computed('z_r', 'release-depth', running.release.depthM, 'depth')]
        : [
            chosen(String.raw`\ell_{\mathrm{out}}`, 'line-out', presentation.lineOutM, 'distance'),
            computed('h', 'tip-height', running.tipHeightM, 'depth'),
          ]),
      computed(String.raw`\rho`, 'water-density', figures.water.densityKgPm3, 'density'),
      ...running.asked.segments.map((segment, i) =>
        computed(`d_{${i + 1}}`, 'line-diameter', segment.diameterM, 'diameter'),
      ),
      ...endTerms(tow),
    ],
    results: [
      computed('z', 'depth', running.depthM, 'depth', 'figures.tow.running.depthM'),
      computed('x', 'layback', running.behindM, 'distance', 'figures.tow.running.behindM'),
      computed(
        String.raw`\alpha`,
        'entry-angle',
        running.surfaceAngleRad,
        'angle',
        'figures.tow.running.surfaceAngleRad',
      ),
      computed('T', 'pull', running.pullN, 'force', 'figures.tow.running.pullN'),
      computed('U', 'lure-speed', running.lureMps, 'speed', 'figures.tow.running.lureMps'),
      ...(running.contact ? [computed('N', 'on-bottom', running.contact.forceN, 'smallForce')] : []),
    ],
    sources: ['tow', 'water', 'towed-ends'],
    command: { model: 'tow', input: running.asked },
  };
}

function endTerms({ running: { asked } }: TowFigures): Term[] {
  const bodies = [...(asked.weights ?? []), asked.end];
  return bodies.flatMap((body, i) => [
    computed(`W_{${i + 1}}`, 'net-weight', body.netWeightN, 'smallForce'),
    computed(`A_{d${i + 1}}`, 'drag-area', body.dragAreaM2, 'area'),
    ...(body.downAreaM2 ? [computed(`A_{\\downarrow ${i + 1}}`, 'down-area', body.downAreaM2, 'area')] : []),
  ]);
}
