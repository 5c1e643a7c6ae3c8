import type { RodAction, RodHandle, RodPower } from '@/core/tackle/defaults/rod-classes';
import type { Part } from '@/domain/parts';
import { partIdSchema } from '@/domain/ids';
import { grams, metres, plain, rigidity } from './quantities';

type RodRow = readonly [
  nickname: string,
  mount: 'cast' | 'spin',
  handle: RodHandle,
  lengthM: number,
  power: RodPower,
  action: RodAction,
  loG: number,
  hiG: number,
];

const ROWS: readonly RodRow[] = [
  ['Snipe', 'spin', 'one-handed', 1.83, 'ultralight', 'moderate-fast', 1, 5],
  ['Dipper', 'spin', 'one-handed', 1.98, 'light', 'extra-fast', 2, 8],
  ['Wagtail', 'spin', 'one-handed', 2.1, 'medium-light', 'moderate-fast', 4, 14],
  ['Plover', 'spin', 'one-handed', 2.13, 'medium', 'fast', 7, 21],
  ['Kestrel', 'cast', 'one-handed', 2.1, 'medium', 'moderate', 7, 21],
  ['Tern', 'cast', 'one-handed', 2.13, 'medium-heavy', 'fast', 10, 28],
  ['Curlew', 'spin', 'two-handed', 2.4, 'medium-heavy', 'moderate', 12, 35],
  ['Heron', 'cast', 'one-handed', 2.18, 'heavy', 'fast', 14, 42],
  ['Gannet', 'cast', 'two-handed', 2.35, 'extra-heavy', 'fast', 30, 90],
];

/** Heron hung from the bench vise with three masses; the others are as printed. */
const HUNG = {
  Heron: { kind: 'taper', buttEiNm2: rigidity(86, 'measured', 0.05), tipRatio: plain(0.21, 'measured', 0.08) },
} as const;

export const demoRods: readonly Part[] = ROWS.map(([name, mount, handle, lengthM, power, action, loG, hiG]) => ({
  id: partIdSchema.parse(`rod-${name.toLowerCase()}`),
  kind: 'rod',
  name,
  mount,
  handle,
  lengthM: metres(lengthM, name in HUNG ? 'measured' : 'label', 0.01),
  stiffness: name === 'Heron' ? HUNG.Heron : { kind: 'class', power, action },
  rating: { loKg: grams(loG, 'label'), hiKg: grams(hiG, 'label') },
  guides: 'hard-ceramic',
  tip: 'ring-tip',
}));
