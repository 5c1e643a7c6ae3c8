import type { LurePart } from '../../tackle';
import { circle, path, type Primitive } from './primitives';
import { FISH_BACK, FISH_BELLY, type Size, outline } from './outline';

export function topwater(part: Extract<LurePart, { kind: 'topwater' }>, size: Size, jointId: string): Primitive[] {
  const { lengthMm: L, heightMm: H } = size;
  const eye = circle('wire', [0.16 * L, -0.14 * H], 0.09 * H);
  switch (part.body) {
    case 'hollow': {
      const body = path(
        'bait',
        outline(
          size,
          [
            [0, 0.1],
            [0.1, 0.6],
            [0.3, 0.95],
            [0.55, 1],
            [0.8, 0.8],
            [0.86, 0.3],
          ],
          [
            [0, 0.1],
            [0.1, 0.5],
            [0.3, 0.8],
            [0.55, 0.9],
            [0.8, 0.7],
            [0.86, 0.3],
          ],
        ),
        { closed: true, jointId },
      );
      const legs = [-0.3, 0.1, 0.4].map((y) =>
        path(
          'strand',
          [
            [0.84 * L, 0],
            [1.02 * L, y * H],
            [1.16 * L, y * 1.3 * H],
          ],
          { jointId },
        ),
      );
      return [
        ...legs,
        body,
        eye,
        path('rib', [
          [0.34 * L, -0.4 * H],
          [0.78 * L, -0.36 * H],
        ]),
      ];
    }
    case 'cupped':
      return [
        path(
          'bait',
          outline(
            size,
            [
              [0, 0.9],
              [0.05, 0.98],
              [0.3, 1],
              [0.7, 0.6],
              [1, 0.24],
            ],
            [
              [0.03, 0.7],
              [0.1, 0.9],
              [0.3, 0.98],
              [0.7, 0.6],
              [1, 0.24],
            ],
          ),
          { closed: true, jointId },
        ),
        path('rib', [
          [0, -0.44 * H],
          [0.06 * L, 0],
          [0.03 * L, 0.34 * H],
        ]),
        eye,
      ];
    case 'bladed':
      return [
        path('bait', outline(size, FISH_BACK, FISH_BELLY), { closed: true, jointId }),
        path(
          'metal',
          [
            [-0.02 * L, -0.5 * H],
            [0.03 * L, 0],
            [-0.02 * L, 0.5 * H],
            [-0.05 * L, 0],
          ],
          { closed: true, jointId },
        ),
        eye,
      ];
    case 'stick':
      return [
        path(
          'bait',
          outline(
            size,
            [
              [0, 0.2],
              [0.06, 0.7],
              [0.3, 0.94],
              [0.6, 1],
              [0.85, 0.74],
              [1, 0.3],
            ],
            [
              [0, 0.2],
              [0.06, 0.7],
              [0.3, 0.94],
              [0.6, 1],
              [0.85, 0.74],
              [1, 0.3],
            ],
          ),
          { closed: true, jointId },
        ),
        eye,
      ];
    default:
      return part.body satisfies never;
  }
}
