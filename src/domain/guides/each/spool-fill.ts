import { LINE_MATERIALS, type LineMaterial } from '@/core/tackle/defaults/line-materials';
import { backingUnderM, lineATurnM, spoolCapacityM } from '@/core/tackle';
import type { GuideDefinition } from '../guide';

export const spoolGuide: GuideDefinition = {
  asks: () => [
    { name: 'material', kind: 'choice', options: Object.keys(LINE_MATERIALS), start: 'braid' },
    { name: 'backingMaterial', kind: 'choice', options: Object.keys(LINE_MATERIALS), start: 'nylon' },
    { name: 'backingDiameterM', kind: 'figure', measure: 'diameter', start: 3e-4 },
  ],
  columns: () => [
    { name: 'diameterM', measure: 'diameter' },
    { name: 'topShotM', measure: 'distance' },
  ],
  find: (part, rows, { figure, word }) => {
    if (part.kind !== 'reel') throw new Error('only a reel is filled');
    const spool = {
      arborRadiusM: part.arborRadiusM.value,
      fullRadiusM: part.fullRadiusM.value,
      widthM: part.widthM.value,
    };
    const { diameterM, topShotM } = rows.at(-1)!;
    const line = { material: word('material') as LineMaterial, diameterM: diameterM! };
    const backing = backingUnderM(spool, line, topShotM!, {
      material: word('backingMaterial') as LineMaterial,
      diameterM: figure('backingDiameterM') ?? 3e-4,
    });
    return {
      results: [
        { name: 'capacity', value: spoolCapacityM(spool, line), measure: 'distance' },
        ...(backing === null ? [] : [{ name: 'backing', value: backing, measure: 'distance' as const }]),
        { name: 'a-turn', value: lineATurnM(spool.fullRadiusM, part.gearRatio.value), measure: 'size' },
        { name: 'a-turn-empty', value: lineATurnM(spool.arborRadiusM, part.gearRatio.value), measure: 'size' },
      ],
      after: {},
      hints: backing === null ? ['too-long'] : [],
    };
  },
};
