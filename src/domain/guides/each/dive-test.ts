import { LINE_MATERIALS, type LineMaterial } from '@/core/tackle/defaults/line-materials';
import { DEFAULT_CLASSES } from '@/core/tackle/defaults/classes';
import { divesAlone } from '@/core/rig';
import { waterProperties } from '@/core/water';
import { lineProperties } from '@/core/tackle';
import { diveTest } from '@/core/make';
import { measured, type GuideDefinition } from '../guide';
import { WATER } from './common';

export const diveGuide: GuideDefinition = {
  asks: () => [
    ...WATER,
    { name: 'material', kind: 'choice', options: [...Object.keys(LINE_MATERIALS), 'lead-core'], start: 'braid' },
    { name: 'diameterM', kind: 'figure', measure: 'diameter', start: 2.8e-4 },
    { name: 'tipHeightM', kind: 'figure', measure: 'depth', start: 1.5 },
  ],
  columns: () => [
    { name: 'bottomM', measure: 'depth' },
    { name: 'lineM', measure: 'distance' },
    { name: 'speedMps', measure: 'speed' },
  ],
  find: (part, rows, { figure, word }) => {
    if (part.kind !== 'hard-lure' && part.kind !== 'spoon' && part.kind !== 'diving-plane')
      throw new Error('only what is towed dives');
    const water = { temperatureC: figure('temperatureC') ?? 18, salinity: figure('salinity') ?? 0 };
    const { towDragM2: _, diveM2: __, diveExponent: ___, ...asClass } = part;
    const alone = divesAlone(asClass as typeof part, DEFAULT_CLASSES, waterProperties(water));
    const line = lineProperties({
      material: word('material') as LineMaterial,
      diameterM: figure('diameterM') ?? 2.8e-4,
    });
    const found = diveTest({
      water,
      segments: [
        {
          lengthM: 0,
          diameterM: line.diameterM,
          massPerLengthKgPm: line.massPerLengthKgPm,
          tangentialCt: line.tangentialCt,
          normalDragFactor: line.normalDragFactor,
        },
      ],
      netWeightN: alone.netWeightN,
      tipHeightM: figure('tipHeightM') ?? 1.5,
      classDragM2: alone.dragAreaM2,
      // A spoon does not drive itself down; what it does is found from next to nothing.
      classDiveM2: Math.max(alone.downAreaM2 ?? 0, 0.02 * alone.dragAreaM2),
      readings: rows.map(({ bottomM, lineM, speedMps }) => ({ depthM: bottomM!, lineM: lineM!, speedMps: speedMps! })),
    });
    if (found.outcome === 'not-reached') return { results: [], after: {}, hints: ['dives-not'] };
    return {
      results: [
        { name: 'drag-area', value: found.dragAreaM2!, measure: 'area', spread: found.dragSpread! },
        { name: 'dive-area', value: found.downAreaM2!, measure: 'area', spread: found.downSpread! },
        ...(found.downExponent === null
          ? []
          : [{ name: 'dive-exponent' as const, value: found.downExponent, measure: 'ratio' as const }]),
        { name: 'rms-depth', value: found.rmsDepthM!, measure: 'depth' },
      ],
      after: {
        towDragM2: measured(found.dragAreaM2!, 'm²', found.dragSpread!),
        diveM2: measured(found.downAreaM2!, 'm²', found.downSpread!),
        ...(found.downExponent === null
          ? {}
          : { diveExponent: measured(found.downExponent, '1', found.exponentSd! / Math.max(0.1, found.downExponent)) }),
      },
      hints: rows.length < 2 ? ['another-speed'] : [],
    };
  },
};
