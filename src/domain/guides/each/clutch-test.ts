import { clutchTest } from '@/core/make';
import { measured, type GuideDefinition } from '../guide';
import { few } from './common';

export const clutchGuide: GuideDefinition = {
  asks: () => [],
  columns: () => [
    { name: 'mark', measure: 'count' },
    { name: 'pullN', measure: 'force' },
    { name: 'fill', measure: 'share', optional: true },
  ],
  find: (_, rows) => {
    const found = clutchTest(rows.map(({ mark, pullN, fill }) => ({ mark: mark!, pullN: pullN!, fill: fill ?? 1 })));
    if (found.outcome === 'one-mark')
      return {
        results: [{ name: 'at-this-mark', value: found.pullAtFullN, measure: 'force', spread: found.spread }],
        after: {},
        hints: ['another-mark'],
      };
    const most = Math.max(...rows.map(({ mark }) => mark!));
    return {
      results: [
        { name: 'a-mark', value: found.perMarkN, measure: 'force', spread: found.spread },
        { name: 'at-zero', value: found.atZeroN, measure: 'force' },
        { name: 'strongest', value: found.strongestN, measure: 'force', spread: found.spread },
      ],
      after: {
        clutchMaxN: measured(found.strongestN, 'N', found.spread),
        clutchAtZeroN: measured(found.atZeroN, 'N', found.spread),
        clutchPerMarkN: measured(found.perMarkN, 'N', found.spread),
      },
      hints: few(rows),
      plot: {
        x: 'ratio',
        y: 'force',
        points: rows.map(({ mark, pullN, fill }) => [mark!, pullN! * (fill ?? 1)]),
        curve: [
          [0, found.atZeroN],
          [most * 1.1, found.atZeroN + found.perMarkN * most * 1.1],
        ],
      },
    };
  },
};
