import type { BodyMaterial } from '@/core/tackle/defaults/sink-classes';
import { floatTest } from '@/core/make';
import { measured, type GuideDefinition } from '../guide';
import { WATER, few, column, massOf } from './common';

export const floatGuide: GuideDefinition = {
  asks: () => [
    ...WATER,
    { name: 'addedMaterial', kind: 'choice', options: ['lead', 'tungsten', 'steel', 'brass'], start: 'lead' },
  ],
  columns: () => [{ name: 'addedKg', measure: 'mass' }],
  find: (part, rows, { figure, word }) => {
    const massKg = massOf(part);
    if (massKg === null) return { results: [], after: {}, hints: ['weigh-first'] };
    const found = floatTest({
      water: { temperatureC: figure('temperatureC') ?? 18, salinity: figure('salinity') ?? 0 },
      massKg,
      addedKg: column(rows, 'addedKg'),
      addedMaterial: word('addedMaterial') as BodyMaterial,
    });
    return {
      results: [
        { name: 'volume', value: found.volumeM3, measure: 'volume', spread: found.spread },
        { name: 'density', value: found.densityKgPm3, measure: 'density' },
      ],
      after: { volumeM3: measured(found.volumeM3, 'm³', found.spread) },
      hints: few(rows),
    };
  },
};
