import { weighed } from '@/core/make';
import { measured, type GuideDefinition } from '../guide';
import { column } from './common';

export const weighGuide: GuideDefinition = {
  asks: () => [
    { name: 'count', kind: 'whole', start: 1 },
    { name: 'stepKg', kind: 'figure', measure: 'mass', start: 1e-4 },
  ],
  columns: () => [{ name: 'pileKg', measure: 'mass' }],
  find: (_, rows, { figure }) => {
    const { value, spread } = weighed({
      pilesKg: column(rows, 'pileKg'),
      count: figure('count') ?? 1,
      stepKg: figure('stepKg') ?? 1e-4,
    });
    return {
      results: [{ name: 'one-piece', value, measure: 'mass', spread }],
      after: { massKg: measured(value, 'kg', spread) },
      hints: spread > 0.05 ? ['more-pieces'] : [],
    };
  },
};
