import type { NaturalBaitPart } from '../../tackle';
import { circle, path, type Primitive, type Pt } from './primitives';
import { FISH_BACK, FISH_BELLY, type Size, outline } from './outline';

/** A natural bait from the side, nose at the origin [mm of the bait]. */
export function drawNatural(part: NaturalBaitPart, size: Size, jointId: string): Primitive[] {
  const { lengthMm: L, heightMm: H } = size;
  switch (part.bait) {
    case 'bait-fish':
    case 'bait-head': {
      const cut = part.bait === 'bait-head' ? 0.62 : 1;
      const body = path('bait', outline({ lengthMm: L * cut, heightMm: H }, FISH_BACK, FISH_BELLY), {
        closed: true,
        jointId,
      });
      const tail =
        part.bait === 'bait-fish'
          ? [
              path(
                'bait',
                [
                  [0.94 * L, -0.1 * H],
                  [1.06 * L, -0.5 * H],
                  [1.02 * L, 0],
                  [1.06 * L, 0.5 * H],
                  [0.94 * L, 0.1 * H],
                ],
                { closed: true, jointId },
              ),
            ]
          : [];
      const fins = [
        path(
          'bait',
          [
            [0.42 * L, -0.48 * H],
            [0.5 * L, -0.72 * H],
            [0.58 * L, -0.4 * H],
          ],
          { closed: true, jointId },
        ),
      ];
      return [
        ...tail,
        ...(part.bait === 'bait-fish' ? fins : []),
        body,
        circle('wire', [0.08 * L, -0.1 * H], 0.07 * H),
        path('rib', [
          [0.19 * L, -0.36 * H],
          [0.22 * L, 0.05 * H],
          [0.18 * L, 0.36 * H],
        ]),
        path('rib', [
          [0.26 * L, -0.02 * H],
          [0.9 * L * cut, 0],
        ]),
      ];
    }
    case 'bait-worm': {
      const wave = (side: number) =>
        Array.from({ length: 41 }, (_, i): Pt => [
          (i / 40) * L,
          Math.sin((i / 40) * 3 * Math.PI) * 0.35 * H + (side * H * (1 - (i / 40) ** 4 * 0.7)) / 2,
        ]);
      return [
        path('bait', [...wave(-1), ...wave(1).reverse()], { closed: true, jointId }),
        path('rib', [
          [0.26 * L, -0.3 * H],
          [0.26 * L, 0.6 * H],
        ]),
        path('rib', [
          [0.34 * L, -0.4 * H],
          [0.34 * L, 0.4 * H],
        ]),
      ];
    }
    case 'crustacean':
      return [
        ...[0.3, 0.4, 0.5, 0.6].map((x) =>
          path(
            'strand',
            [
              [x * L, 0.3 * H],
              [(x - 0.03) * L, 0.75 * H],
              [(x - 0.07) * L, 0.95 * H],
            ],
            { jointId },
          ),
        ),
        ...[-0.5, -0.15].map((y) =>
          path(
            'strand',
            [
              [0.06 * L, -0.1 * H],
              [-0.12 * L, y * H],
              [-0.3 * L, (y + 0.25) * H],
            ],
            { jointId },
          ),
        ),
        path(
          'bait',
          outline(
            size,
            [
              [0, 0.05],
              [0.1, 0.5],
              [0.3, 0.95],
              [0.5, 1],
              [0.7, 0.8],
              [0.86, 0.45],
              [0.92, 0.4],
              [1, 0.95],
            ],
            [
              [0, 0.05],
              [0.12, 0.35],
              [0.34, 0.7],
              [0.55, 0.62],
              [0.75, 0.4],
              [0.88, 0.2],
              [0.92, 0.2],
              [1, 0.8],
            ],
          ),
          { closed: true, jointId },
        ),
        circle('wire', [0.08 * L, -0.12 * H], 0.06 * H),
        ...[0.4, 0.5, 0.6, 0.7, 0.8].map((x) =>
          path('rib', [
            [x * L, -0.44 * H * (1.3 - 0.6 * x)],
            [(x - 0.02) * L, 0],
            [x * L, 0.3 * H * (1.3 - 0.7 * x)],
          ]),
        ),
      ];
    case 'bait-strip':
      return [
        path(
          'bait',
          [
            [0, -0.3 * H],
            [0.3 * L, -0.5 * H],
            [L, -0.05 * H],
            [L, 0.05 * H],
            [0.3 * L, 0.5 * H],
            [0, 0.3 * H],
          ],
          { closed: true, jointId },
        ),
      ];
    default:
      return part.bait satisfies never;
  }
}
