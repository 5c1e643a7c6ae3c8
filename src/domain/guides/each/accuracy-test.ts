import { accuracyTest } from '@/core/make';
import { measured, type GuideDefinition } from '../guide';
import { column } from './common';

/** So many casts tell how well one throws. */
const TEN_CASTS = 10;

export const accuracyGuide: GuideDefinition = {
  asks: () => [{ name: 'distanceM', kind: 'figure', measure: 'distance', start: 20 }],
  columns: () => [{ name: 'missesM', measure: 'distance' }],
  find: (_, rows, { figure }) => {
    const { share, halfWithinM } = accuracyTest({
      distanceM: figure('distanceM') ?? 20,
      missesM: column(rows, 'missesM'),
    });
    return {
      results: [
        { name: 'miss', value: share.value, measure: 'share', spread: share.spread },
        { name: 'half-within', value: halfWithinM, measure: 'distance' },
      ],
      after: { missShare: measured(share.value, '1', share.spread) },
      hints: rows.length < TEN_CASTS ? ['ten-casts'] : [],
    };
  },
};
