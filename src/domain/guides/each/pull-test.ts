import { STANDARD_GRAVITY_MPS2 } from '@/core/base/constants';
import { LINE_MATERIALS } from '@/core/tackle/defaults/line-materials';
import { pullTest } from '@/core/make';
import { measured, type GuideDefinition } from '../guide';
import { few, column } from './common';

export const pullGuide: GuideDefinition = {
  asks: (part) => [
    { name: 'stepN', kind: 'figure', measure: 'force', start: STANDARD_GRAVITY_MPS2 * 0.05 },
    ...(part.kind === 'knot'
      ? ([
          { name: 'material', kind: 'choice', options: [...Object.keys(LINE_MATERIALS)], start: 'fluorocarbon' },
          { name: 'onLineN', kind: 'figure', measure: 'force', start: null },
        ] as const)
      : []),
  ],
  columns: () => [{ name: 'pullN', measure: 'force' }],
  find: (part, rows, { figure, word }) => {
    const onLineN = part.kind === 'knot' ? figure('onLineN') : null;
    if (part.kind === 'knot' && onLineN === null) return { results: [], after: {}, hints: ['line-strength'] };
    const found = pullTest({
      pullsN: column(rows, 'pullN'),
      stepN: figure('stepN') ?? 0,
      ...(onLineN === null ? {} : { onLineN }),
    });
    const after =
      part.kind === 'knot'
        ? { [`shares.${word('material')}`]: measured(found.share!, '1', found.spread) }
        : { [part.kind === 'hook' ? 'openingN' : 'strengthN']: measured(found.meanN, 'N', found.spread) };
    return {
      results: [
        { name: 'mean', value: found.meanN, measure: 'force', spread: found.spread },
        ...(found.share === null
          ? []
          : [{ name: 'share', value: found.share, measure: 'share' as const, spread: found.spread }]),
        { name: 'least', value: found.leastN, measure: 'force' },
      ],
      after,
      hints: few(rows),
    };
  },
};
