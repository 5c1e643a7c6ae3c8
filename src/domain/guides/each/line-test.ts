import { lineTest } from '@/core/make';
import { measured, type GuideDefinition } from '../guide';

export const lineGuide: GuideDefinition = {
  asks: () => [{ name: 'lengthM', kind: 'figure', measure: 'distance', start: 10 }],
  columns: () => [
    { name: 'forceN', measure: 'force' },
    { name: 'stretchM', measure: 'size' },
  ],
  find: (_, rows, { figure }) => {
    const lengthM = figure('lengthM') ?? 10;
    const pulls = rows.map(({ forceN, stretchM }) => ({ forceN: forceN!, stretchM: stretchM! }));
    const found = lineTest({ lengthM, pulls });
    const most = Math.max(...pulls.map(({ forceN }) => forceN)) * 1.15;
    return {
      results: [
        { name: 'ea', value: found.eaN, measure: 'force', spread: found.spread },
        { name: 'rms-stretch', value: found.rmsStretchM, measure: 'size' },
      ],
      after: { eaN: measured(found.eaN, 'N', found.spread) },
      hints: rows.length < 2 ? ['another-pull'] : [],
      plot: {
        x: 'force',
        y: 'size',
        points: pulls.map(({ forceN, stretchM }) => [forceN, stretchM]),
        curve: [
          [0, 0],
          [most, (most * lengthM) / found.eaN],
        ],
      },
    };
  },
};
