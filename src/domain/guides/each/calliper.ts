import { meanOf } from '@/core/make';
import { measured, type GuideDefinition } from '../guide';
import { few, column, lengthsOf } from './common';

export const calliperGuide: GuideDefinition = {
  asks: (part) => [
    {
      name: 'path',
      kind: 'choice',
      options: lengthsOf(part),
      start: lengthsOf(part).includes('wireM') ? 'wireM' : (lengthsOf(part)[0] ?? 'lengthM'),
    },
    { name: 'stepM', kind: 'figure', measure: 'size', start: 1e-5 },
  ],
  columns: () => [{ name: 'readingM', measure: 'size' }],
  find: (_, rows, { figure, word }) => {
    const step = figure('stepM') ?? 1e-5;
    const { value, spread } = meanOf(column(rows, 'readingM'), { step, loneSd: step });
    return {
      results: [{ name: 'mean', value, measure: 'size', spread }],
      after: { [word('path')]: measured(value, 'm', spread) },
      hints: few(rows),
    };
  },
};
