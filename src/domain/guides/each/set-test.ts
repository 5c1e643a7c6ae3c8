import { LINE_MATERIALS, type LineMaterial } from '@/core/tackle/defaults/line-materials';
import { DEFAULT_CLASSES } from '@/core/tackle/defaults/classes';
import { rodOf } from '@/core/rig';
import { lineProperties } from '@/core/tackle';
import { setTest } from '@/core/make';
import { measured, type GuideDefinition } from '../guide';
import { few, column } from './common';

export const setGuide: GuideDefinition = {
  asks: () => [
    { name: 'lineLengthM', kind: 'figure', measure: 'distance', start: 15 },
    { name: 'material', kind: 'choice', options: Object.keys(LINE_MATERIALS), start: 'braid' },
    { name: 'diameterM', kind: 'figure', measure: 'diameter', start: 2.8e-4 },
    { name: 'startRad', kind: 'figure', measure: 'angle', start: (25 * Math.PI) / 180 },
    { name: 'endRad', kind: 'figure', measure: 'angle', start: (105 * Math.PI) / 180 },
  ],
  columns: () => [{ name: 'peakN', measure: 'force' }],
  find: (part, rows, { figure, word }) => {
    if (part.kind !== 'rod') throw new Error('a set is made with a rod');
    const { eaN } = lineProperties({
      material: word('material') as LineMaterial,
      diameterM: figure('diameterM') ?? 2.8e-4,
    });
    const found = setTest({
      rod: rodOf(part, DEFAULT_CLASSES),
      sweep: { startRad: figure('startRad') ?? 0.44, endRad: figure('endRad') ?? 1.83, stepBackM: 0 },
      line: { lengthM: figure('lineLengthM') ?? 15, eaN },
      peaksN: column(rows, 'peakN'),
    });
    return {
      results: [
        { name: 'peak-moment', value: found.peakMoment.value, measure: 'moment', spread: found.peakMoment.spread },
        { name: 'slack', value: found.slack.value, measure: 'distance', spread: found.slack.spread },
        { name: 'take-up', value: found.takeUpM, measure: 'distance' },
      ],
      after: {},
      angler: {
        peakMomentNm: measured(found.peakMoment.value, 'N·m', found.peakMoment.spread),
        setSlackM: measured(found.slack.value, 'm', found.slack.value > 0 ? found.slack.spread : 1),
      },
      hints: few(rows),
    };
  },
};
