import { windowTest } from '@/core/make';
import { measured, type GuideDefinition } from '../guide';
import { few, column } from './common';

export const windowGuide: GuideDefinition = {
  asks: () => [],
  columns: () => [
    { name: 'startsMps', measure: 'speed' },
    { name: 'failsMps', measure: 'speed', optional: true },
  ],
  find: (_, rows) => {
    const { from, to } = windowTest({
      startsMps: column(rows, 'startsMps'),
      failsMps: rows.flatMap(({ failsMps }) => (failsMps === undefined ? [] : [failsMps])),
    });
    return {
      results: [
        { name: 'works-from', value: from.value, measure: 'speed', spread: from.spread },
        ...(to ? [{ name: 'works-to', value: to.value, measure: 'speed' as const, spread: to.spread }] : []),
      ],
      after: {
        worksFromMps: measured(from.value, 'm/s', from.spread),
        ...(to ? { worksToMps: measured(to.value, 'm/s', to.spread) } : {}),
      },
      hints: to ? few(rows) : ['faster-still'],
    };
  },
};
