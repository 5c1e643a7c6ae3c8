import { boatSide, type StrikeFigures } from '../../judge';
import type { Rig } from '../../rig';
import type { Setup } from '../../tackle';
import { hookTerms, rodTerms } from './shared-terms';
import { chosen, classTerm, computed, reading, type Term, type Working } from './working';

/** What the strike and the clutch do, from rod, line, hook and fish. */
export function clutchWorking(rig: Rig, { window, asked }: StrikeFigures): Working {
  const { fish, bait } = rig.classes.fighting;
  const spool = asked.spool!;
  return {
    equations: [
      String.raw`F_{lo} = 1.3\,\frac{F_n}{q}, \qquad F_{hi} = \frac{1}{1.8}\min\left(\frac{F_o}{q},\ F_w,\ \frac{F_t}{q}\right)`,
      String.raw`\tfrac12\cdot1.5\,M\,(v+v_f)^2 = E_{\mathrm{rod}}(T) + T^2\sum_i\frac{L_i}{2\,EA_i}`,
      String.raw`T_{pk} = \min\left(T,\ 1.2\,F_c\,\frac{R_{\mathrm{full}}}{R}\right)`,
      ...(window.holdsBaitN === null ? [] : [String.raw`F_{\mathrm{light}} = 1.3\,F_{\mathrm{bait}}`]),
    ],
    inputs: [
      ...rodTerms(rig),
      computed(String.raw`\beta`, 'pull-angle', asked.pullAngleRad, 'angle'),
      ...asked.line.map(({ eaN }, i) => computed(`EA_{${i + 1}}`, i === 0 ? 'line-ea' : 'leader-ea', eaN, 'force')),
      chosen('M', 'fish-mass', asked.fishKg, 'bodyMass'),
      chosen('v', 'boat-speed', asked.speedMps, 'speed'),
      classTerm('v_f', 'strike-speed', fish.strikeMps, 'speed', 0.4),
      ...hookTerms(rig),
      computed('F_n/q', 'needed', asked.neededN, 'force', 'figures.strike.asked.neededN'),
      computed('F_o/q', 'opening', asked.openingN, 'force', 'figures.strike.asked.openingN'),
      computed('F_w', 'weakest-of-line', asked.weakestN, 'force', 'figures.strike.asked.weakestN'),
      computed('F_t/q', 'tear', asked.tearN, 'force', 'figures.strike.asked.tearN'),
      ...(asked.clutchN === undefined ? [] : [chosen('F_c', 'clutch', asked.clutchN, 'force')]),
      computed(String.raw`R_{\mathrm{full}}`, 'radius-full', spool.fullRadiusM, 'size'),
      computed('R', 'radius-now', spool.nowRadiusM, 'size'),
      ...(asked.baitPullN === undefined
        ? []
        : [
            {
              ...computed(String.raw`F_{\mathrm{bait}}`, 'bait-pull', asked.baitPullN, 'force'),
              spread: bait.pullShare > 0 ? 0.25 : 0,
            },
          ]),
    ],
    results: [
      computed('T', 'elastic-peak', window.elasticPeakN, 'force', 'figures.strike.window.elasticPeakN'),
      computed('T_{pk}', 'peak', window.peakN, 'force', 'figures.strike.window.peakN'),
      computed('F_{lo}', 'window-low', window.windowN[0], 'force'),
      computed('F_{hi}', 'window-high', window.windowN[1], 'force'),
      ...(window.holdsBaitN === null
        ? []
        : [computed(String.raw`F_{\mathrm{light}}`, 'light-setting', window.holdsBaitN, 'force')]),
    ],
    sources: ['elastica', 'strike', 'clutch'],
    command: { model: 'drag-window', input: asked },
  };
}

/** How the figures of the fight were worked out; null where the setup has none. */
export function fightWorking(
  name: 'load-up' | 'fight' | 'winding' | 'small-craft',
  rig: Rig,
  setup: Setup,
): Working | null {
  const side = boatSide(setup);
  switch (name) {
    case 'load-up': {
      if (!side.load) return null;
      const { asked, stays, given } = side.load;
      return {
        equations: [
          String.raw`y = L\,(\cos\beta_1-\cos\beta_0), \qquad t_0 = \frac{y+s}{U+v}`,
          String.raw`\tfrac12\,1.5\,M\,(U+v)^2 = E_{\mathrm{rod}}(\hat T) + \tfrac12\hat T^2\sum_i\frac{L_i}{EA_i}, \qquad T \le 1.2\,F_c`,
        ],
        inputs: [
          ...rodTerms(rig),
          computed(String.raw`\beta_0`, 'held-angle', asked.heldRad, 'angle'),
          givenAngle(asked.giveToRad, rig),
          chosen('U', 'boat-speed', asked.speedMps, 'speed'),
          ...(asked.fishKg === null ? [] : [chosen('M', 'fish-mass', asked.fishKg, 'bodyMass')]),
          ...(asked.fishMps === undefined ? [] : [classTerm('v', 'fish-speed', asked.fishMps, 'speed')]),
          computed('F_n/q', 'needed', asked.neededN, 'force'),
          ...(asked.clutchN === undefined ? [] : [computed('F_c', 'clutch', asked.clutchN, 'force')]),
        ],
        results: [
          computed('y', 'yields', given.yieldsM, 'distance'),
          computed('t_0', 'tight-time', given.tightS, 'time'),
          computed('t', 'bury-time', stays.buriesS, 'time'),
          computed("t'", 'bury-time', given.buriesS, 'time'),
          computed('t_c', 'clutch-time', stays.clutchGivesS, 'time'),
        ],
        sources: ['elastica', 'load-up'],
        command: { model: 'load-up', input: asked },
      };
    }
    case 'fight': {
      const { pullN, fromRad, toRad, rods } = side.hands;
      const own = rods[1]!;
      return {
        equations: [
          String.raw`M = F\,\ell(F,\beta), \qquad \Delta = \left.\vec r_{\mathrm{tip}}\cdot\hat t\,\right|_{\beta_0}-\left.\vec r_{\mathrm{tip}}\cdot\hat t\,\right|_{\beta_1}`,
        ],
        inputs: [
          ...rodTerms(rig),
          computed('F', 'pull', pullN, 'force'),
          chosen(String.raw`\beta_0`, 'stroke-from', fromRad, 'angle'),
          chosen(String.raw`\beta_1`, 'stroke-to', toRad, 'angle'),
        ],
        results: [
          computed(String.raw`\ell`, 'lever', own.leverArmM, 'rodLength'),
          computed('M', 'moment', own.momentNm, 'moment'),
          computed(String.raw`\Delta`, 'gain', own.gainM, 'distance'),
        ],
        sources: ['elastica', 'fight'],
        command: {
          model: 'fight',
          input: {
            rod: side.strike?.asked.rod ?? rig.rod,
            pull: { forceN: pullN, angleRad: toRad },
            stroke: { fromRad, toRad },
          },
        },
      };
    }
    case 'winding': {
      const { asked, pullN, lineATurnM } = side.winding;
      const handle: Term = rig.reel.handleRadiusM
        ? reading('h', 'handle', rig.reel.handleRadiusM, 'size', rig.reel.id)
        : classTerm('h', 'handle', asked.handleM, 'size', 0.1);
      return {
        equations: [
          String.raw`\ell_1 = 2\pi R\,i, \qquad n = \frac{60\,v}{\ell_1}, \qquad F = \frac{F_h\,h\,\eta}{i\,R}`,
        ],
        inputs: [
          reading('i', 'gear', rig.reel.gearRatio, 'ratio', rig.reel.id),
          computed('R', 'radius-now', asked.nowRadiusM, 'size'),
          handle,
          classTerm('F_h', 'hand-push', rig.classes.fighting.winding.handN, 'force'),
          classTerm(String.raw`\eta`, 'efficiency', rig.classes.fighting.winding.efficiency, 'share', 0.1),
        ],
        results: [
          computed(String.raw`\ell_1`, 'line-a-turn', lineATurnM, 'distance'),
          computed('F', 'wound-pull', pullN, 'force'),
        ],
        sources: ['winding'],
        command: { model: 'winding', input: asked },
      };
    }
    case 'small-craft': {
      if (!side.craft) return null;
      const { asked, towedMps, lineNeededM, heelingNm } = side.craft;
      return {
        equations: [String.raw`v_h = \min\left(v_f,\ \sqrt{F/D}\right), \qquad \ell = (v_f-v_h)\,t, \qquad M = F\,h`],
        inputs: [
          computed('F', 'pull', asked.pullN, 'force'),
          chosen('D', 'hull-drag', asked.hullDragN, 'force'),
          computed('h', 'tip-height', asked.tipHeightM, 'distance'),
          classTerm('v_f', 'fish-speed', asked.fishMps!, 'speed'),
          classTerm('t', 'run-time', asked.runS!, 'time'),
        ],
        results: [
          computed('v_h', 'towed-speed', towedMps, 'speed'),
          computed(String.raw`\ell`, 'line-needed', lineNeededM, 'distance'),
          computed('M', 'heeling', heelingNm, 'moment'),
        ],
        sources: ['small-craft'],
        command: { model: 'small-craft', input: asked },
      };
    }
    default:
      return name satisfies never;
  }
}

/** Where the rod is given to: by its class, or no farther back than it is held. */
const givenAngle = (giveToRad: number, rig: Rig): Term =>
  giveToRad === rig.classes.fighting.giving.toRad
    ? classTerm(String.raw`\beta_1`, 'given-angle', giveToRad, 'angle')
    : computed(String.raw`\beta_1`, 'given-angle', giveToRad, 'angle');
