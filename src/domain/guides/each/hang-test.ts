import { STANDARD_GRAVITY_MPS2 } from '@/core/base/constants';
import { DEFAULT_CLASSES } from '@/core/tackle/defaults/classes';
import { rodOf } from '@/core/rig';
import { resolveRod, rodBend } from '@/core/tackle';
import { measured, type GuideDefinition } from '../guide';

export const hangGuide: GuideDefinition = {
  asks: () => [{ name: 'tipAngleRad', kind: 'figure', measure: 'angle', start: null, optional: true }],
  columns: () => [
    { name: 'massKg', measure: 'mass' },
    { name: 'dropM', measure: 'size' },
  ],
  find: (part, rows, { figure }) => {
    if (part.kind !== 'rod') throw new Error('only a rod is hung');
    const { lengthM } = rodOf(part, DEFAULT_CLASSES);
    const angle = figure('tipAngleRad');
    const loads = rows.map(({ massKg, dropM }) => ({ massKg: massKg!, dropM: dropM! }));
    const rod = {
      lengthM,
      stiffness: { kind: 'hang-test', loads, ...(angle === null ? {} : { tipAngleRad: angle }) },
    } as const;
    const { buttEiNm2, tipRatio, fit } = resolveRod(rod);
    const heaviest = Math.max(...loads.map(({ massKg }) => massKg));
    const taper = { lengthM, stiffness: { kind: 'taper', buttEiNm2, tipRatio } } as const;
    const dropAt = (massKg: number) =>
      rodBend({ ...taper, pull: { forceN: massKg * STANDARD_GRAVITY_MPS2, angleRad: Math.PI / 2 } }).tip.yM;
    const guessed = loads.length === 1 && angle === null;
    const ratioSpread = fit!.tipRatioSd / tipRatio;
    return {
      results: [
        { name: 'rigidity', value: buttEiNm2, measure: 'rigidity', spread: fit!.buttEiSd / buttEiNm2 },
        { name: 'tip-ratio', value: tipRatio, measure: 'ratio', spread: ratioSpread },
        { name: 'rms-drop', value: fit!.rmsDropM ?? 0, measure: 'size' },
      ],
      after: {
        stiffness: {
          kind: 'taper',
          buttEiNm2: measured(buttEiNm2, 'N·m²', fit!.buttEiSd / buttEiNm2),
          tipRatio: guessed
            ? { value: tipRatio, unit: '1', provenance: 'class', spread: ratioSpread }
            : measured(tipRatio, '1', ratioSpread),
        },
      },
      hints: angle === null ? ['add-tip-angle'] : loads.length === 1 ? ['add-mass'] : [],
      plot: {
        x: 'mass',
        y: 'size',
        points: loads.map(({ massKg, dropM }) => [massKg, dropM]),
        curve: Array.from(
          { length: 17 },
          (_, i) => [(heaviest * 1.15 * i) / 16, dropAt((heaviest * 1.15 * i) / 16)] as const,
        ),
      },
    };
  },
};
