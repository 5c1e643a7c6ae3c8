import { hookStep } from '@/core/tackle';
import { STANDARD_GRAVITY_MPS2 } from '@/core/base/constants';
import type { PartKind } from '@/domain/parts';

/** A figure on a part: of one value or from–to; `heavy` is kilograms or pounds, which may be a mass or a pull. */
export type Figure =
  | { readonly kind: 'length' | 'mass' | 'heavy' | 'force' | 'speed'; readonly value: number; readonly text: string }
  | {
      readonly kind: 'length' | 'mass' | 'heavy' | 'force' | 'speed';
      readonly lo: number;
      readonly hi: number;
      readonly text: string;
    }
  | { readonly kind: 'bare'; readonly value: number; readonly text: string }
  | { readonly kind: 'gear' | 'count' | 'hooks'; readonly value: number }
  | { readonly kind: 'price'; readonly value: number; readonly currency: string }
  | { readonly kind: 'size'; readonly size: string };

/** What has a window of speeds in which it works. */
const WORKS: ReadonlySet<PartKind> = new Set(['hard-lure', 'spoon', 'topwater', 'trolled-fly', 'attractor']);

type Placed = readonly (readonly [path: string, value: unknown])[];

const label = (value: number, unit: string) => ({ value, unit, provenance: 'label' as const });

/** Lengths above this are line on a spool, below it a diameter or a body [m]. */
const SPOOL_FROM_M = 4;
const DIAMETER_TO_M = 0.005;

/** The fields of a kind that a figure fills; null where the kind has no use for it. */
export function placeFigure(kind: PartKind, figure: Figure): Placed | null {
  switch (figure.kind) {
    case 'count':
      return kind === 'line' ? null : [['left', figure.value]];
    case 'price':
      return [['price', { minor: Math.round(figure.value * 100), currency: figure.currency }]];
    case 'gear':
      return kind === 'reel' ? [['gearRatio', label(figure.value, '1')]] : null;
    case 'hooks':
      return kind === 'snell'
        ? [['hooks', figure.value]]
        : kind === 'hard-lure'
          ? [['hookStations', figure.value]]
          : null;
    case 'speed':
      return 'lo' in figure && WORKS.has(kind)
        ? [
            ['worksFromMps', label(figure.lo, 'm/s')],
            ['worksToMps', label(figure.hi, 'm/s')],
          ]
        : null;
    case 'size':
      return sizeOf(kind, figure.size);
    case 'bare':
      return bare(kind, figure.value, figure.text);
    case 'length':
      return 'value' in figure ? lengthOf(kind, figure.value) : null;
    case 'mass':
      if ('lo' in figure)
        return kind === 'rod' ? [['rating', { loKg: label(figure.lo, 'kg'), hiKg: label(figure.hi, 'kg') }]] : null;
      return kind === 'rod' || kind === 'reel' || kind === 'line' ? null : massOf(kind, figure.value);
    case 'heavy':
      return heavy(kind, figure, STANDARD_GRAVITY_MPS2);
    case 'force':
      return heavy(kind, figure, 1);
    default:
      return figure satisfies never;
  }
}

function sizeOf(kind: PartKind, size: string): Placed | null {
  if (kind === 'hook' || kind === 'jig-head' || kind === 'skirted-jig' || kind === 'hardware') return [['size', size]];
  return kind === 'snell' || kind === 'trolled-fly' || kind === 'hard-lure' || kind === 'spoon' || kind === 'topwater'
    ? [['hookSize', size]]
    : null;
}

function bare(kind: PartKind, value: number, text: string): Placed | null {
  if (kind === 'line') return value * 1e-3 < DIAMETER_TO_M ? [['diameterM', label(value * 1e-3, 'm')]] : null;
  return hookStep(text) === null ? null : sizeOf(kind, text);
}

function lengthOf(kind: PartKind, value: number): Placed | null {
  switch (kind) {
    case 'line':
      return value < DIAMETER_TO_M
        ? [['diameterM', label(value, 'm')]]
        : value >= SPOOL_FROM_M
          ? [['lengthM', label(value, 'm')]]
          : null;
    case 'hook':
    case 'jig-head':
    case 'skirted-jig':
      return value < DIAMETER_TO_M ? [['wireM', label(value, 'm')]] : null;
    case 'hardware':
      return [['widthM', label(value, 'm')]];
    case 'bottom-bouncer':
      return [['armM', label(value, 'm')]];
    case 'reel':
    case 'knot':
    case 'weight':
      return null;
    case 'rod':
      // A printed length is measured, not guessed.
      return [['lengthM', { ...label(value, 'm'), spread: 0.01 }]];
    default:
      return [['lengthM', label(value, 'm')]];
  }
}

const massOf = (kind: PartKind, value: number): Placed | null =>
  kind === 'knot' || kind === 'snell' ? null : [['massKg', label(value, 'kg')]];

/** Kilograms on rod, reel, line and hardware are a pull; on anything else a mass. */
function heavy(
  kind: PartKind,
  figure: { readonly value: number } | { readonly lo: number; readonly hi: number },
  newtons: number,
): Placed | null {
  if ('lo' in figure)
    return kind === 'rod'
      ? [
          ['lineLoN', label(figure.lo * newtons, 'N')],
          ['lineHiN', label(figure.hi * newtons, 'N')],
        ]
      : null;
  const { value } = figure;
  switch (kind) {
    case 'reel':
      return [['clutchMaxN', label(value * newtons, 'N')]];
    case 'line':
    case 'hardware':
    case 'snell':
      return [['strengthN', label(value * newtons, 'N')]];
    case 'rod':
      // One line on a rod is its class.
      return [
        ['lineLoN', label(value * newtons, 'N')],
        ['lineHiN', label(value * newtons, 'N')],
      ];
    case 'knot':
      return null;
    default:
      return newtons === 1 ? null : massOf(kind, value);
  }
}
