import type { Evaluation } from '../../judge';
import type { Rig } from '../../rig';
import type { Presentation } from '../../tackle';
import { chosen, computed, type Term, type Working } from './working';

/** Balance of the end that lies farthest from what is wanted: its masses with their places, and both pitches. */
export function balanceWorking(
  rig: Rig,
  presentation: Presentation,
  { figures, verdicts }: Evaluation,
): Working | null {
  const shown = figures.balance.ends.findIndex(({ pitchRad }) => pitchRad === verdicts.balance.value);
  const index = Math.max(0, shown);
  const end = rig.ends[index];
  const result = figures.balance.ends[index];
  if (!end || !result) return null;
  return {
    equations: [
      String.raw`\tan\varphi_0 = \frac{x_G-x_B}{z_B-z_G}, \qquad W_i = (m_i-\rho V_i)\,g`,
      String.raw`\tan\varphi = \frac{\sum W_i x_i+\sum D_i z_i}{\sum D_i x_i-\sum W_i z_i}, \qquad D_i = \tfrac12\rho A_i U^2`,
      String.raw`\text{clear} = g - k\,h, \qquad \text{asked} = 0.4\,g`,
    ],
    inputs: [
      ...end.masses.flatMap((mass, i): Term[] => [
        computed(`m_{${i + 1}}`, 'mass', mass.massKg, 'mass'),
        computed(`V_{${i + 1}}`, 'volume', mass.volumeM3, 'volume'),
        computed(`x_{${i + 1}}`, 'place-x', mass.xM, 'size'),
        computed(`z_{${i + 1}}`, 'place-z', mass.zM, 'size'),
        ...(mass.dragAreaM2 ? [computed(`A_{${i + 1}}`, 'drag-area', mass.dragAreaM2, 'area')] : []),
      ]),
      computed(String.raw`\rho`, 'water-density', figures.water.densityKgPm3, 'density'),
      chosen('U', 'speed', presentation.speedMps, 'speed'),
    ],
    results: [
      computed('W', 'net-weight', result.trim.netWeightN, 'smallForce'),
      computed(String.raw`\varphi_0`, 'pitch-rest', result.trim.pitchFallingRad, 'angle'),
      computed(String.raw`\varphi`, 'pitch-pulled', result.trim.pitchPulledRad, 'angle'),
      computed('', 'roll-arm', result.trim.rollArmM, 'size'),
      ...result.hooks.flatMap((hook): Term[] => [
        ...(hook.clearGapM === null
          ? []
          : [computed('', 'clear-gap', hook.clearGapM, 'size'), computed('', 'asked-gap', hook.askedGapM, 'size')]),
        ...(hook.station === null ? [] : [computed('', 'point-station', hook.station, 'share')]),
      ]),
    ],
    sources: ['trim', 'water'],
    command: {
      model: 'trim',
      input: {
        water: presentation.water,
        parts: end.masses.map(({ jointId: _, ...mass }) => mass),
        eye: end.eye,
        speedMps: presentation.speedMps,
      },
    },
  };
}
