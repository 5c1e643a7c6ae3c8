import { sinkTest } from '@/core/make';
import { measured, type GuideDefinition } from '../guide';
import { WATER, few, massOf, volumeOf } from './common';

export const sinkGuide: GuideDefinition = {
  timed: 'timeS',
  asks: () => WATER,
  columns: () => [
    { name: 'depthM', measure: 'depth' },
    { name: 'timeS', measure: 'time' },
  ],
  find: (part, rows, { figure }) => {
    const [massKg, volumeM3] = [massOf(part), volumeOf(part)];
    if (massKg === null || volumeM3 === null) return { results: [], after: {}, hints: ['float-test-first'] };
    const found = sinkTest({
      water: { temperatureC: figure('temperatureC') ?? 18, salinity: figure('salinity') ?? 0 },
      massKg,
      volumeM3,
      falls: rows.map(({ depthM, timeS }) => ({ depthM: depthM!, timeS: timeS! })),
    });
    if (found.outcome === 'floats') return { results: [], after: {}, hints: ['it-floats'] };
    return {
      results: [
        { name: 'drag-area', value: found.dragAreaM2, measure: 'area', spread: found.spread },
        { name: 'terminal', value: found.terminalMps, measure: 'fallSpeed', spread: found.spread / 2 },
        { name: 'rms-time', value: found.rmsTimeS, measure: 'time' },
        { name: 'depth-for-tenth', value: found.depthForTenthM, measure: 'depth' },
      ],
      after: { dragAreaM2: measured(found.dragAreaM2, 'm²', found.spread) },
      hints: few(rows),
    };
  },
};
