import type { LurePart } from '../../tackle';
import { oval } from './hardware-shape';
import { circle, path, type Primitive } from './primitives';
import { FISH_BACK, FISH_BELLY, type Size, outline } from './outline';
import { topwater } from './topwater-shape';

/** A lure from the side without its hooks, nose at the origin [mm of the lure]. */
export function drawLure(part: Exclude<LurePart, { kind: 'skirted-jig' }>, size: Size, jointId: string): Primitive[] {
  const { lengthMm: L, heightMm: H } = size;
  switch (part.kind) {
    case 'hard-lure': {
      const lipMm =
        part.lip === 'no-lip' ? 0 : (part.lipLengthM?.value ?? LIP_OVER_LENGTH[part.lip] * part.lengthM.value) * 1e3;
      const fall = part.lip === 'deep-lip' ? 0.3 : part.lip === 'medium-lip' ? 0.75 : 1.15;
      const lip: Primitive[] =
        lipMm === 0
          ? []
          : [
              path(
                'glass',
                [
                  [0.05 * L, 0.3 * H],
                  [0.05 * L - lipMm * Math.cos(fall), 0.3 * H + lipMm * Math.sin(fall)],
                  [0.05 * L - lipMm * Math.cos(fall) + 0.05 * L, 0.36 * H + lipMm * Math.sin(fall)],
                  [0.13 * L, 0.42 * H],
                ],
                { closed: true, jointId },
              ),
            ];
      const body = path('bait', outline(size, FISH_BACK, FISH_BELLY), { closed: true, jointId });
      return [
        ...lip,
        body,
        circle('wire', [0.1 * L, -0.12 * H], 0.08 * H),
        path('rib', [
          [0.2 * L, -0.36 * H],
          [0.23 * L, 0],
          [0.2 * L, 0.4 * H],
        ]),
        path('rib', [
          [0.3 * L, 0],
          [0.92 * L, 0],
        ]),
        circle('wire', [-0.01 * L, 0], 0.015 * L, jointId),
      ];
    }
    case 'spoon':
      // A cupped plate seen edge-on would be a line: it is drawn turned to its face.
      return [
        path(
          'metal',
          outline(
            { lengthMm: L, heightMm: L * 0.33 },
            [
              [0, 0.06],
              [0.15, 0.34],
              [0.45, 0.74],
              [0.72, 1],
              [0.9, 0.8],
              [1, 0.1],
            ],
            [
              [0, 0.06],
              [0.15, 0.34],
              [0.45, 0.74],
              [0.72, 1],
              [0.9, 0.8],
              [1, 0.1],
            ],
          ),
          { closed: true, jointId },
        ),
        path('rib', oval([0.62 * L, 0], 0.26 * L, 0.08 * L, 0)),
        circle('wire', [0.03 * L, 0], 0.02 * L),
        circle('wire', [0.97 * L, 0], 0.02 * L),
      ];
    case 'topwater':
      return topwater(part, size, jointId);
    case 'trolled-fly': {
      const strands = [-1, -0.6, -0.25, 0.1, 0.45, 0.8].map((spread, i) =>
        path(
          'strand',
          [
            [0.12 * L, 0],
            [0.5 * L, (spread * H) / 2.2],
            [(0.92 + 0.02 * i) * L, (spread * H) / 1.6],
          ],
          { jointId },
        ),
      );
      const disc = part.discDiameterM
        ? [
            path('glass', oval([-0.02 * L, 0], 0.05 * L, part.discDiameterM.value * 500, 0.3), {
              closed: true,
              jointId,
            }),
          ]
        : [];
      return [
        ...strands,
        path('bait', oval([0.09 * L, 0], 0.09 * L, H * 0.28, 0), { closed: true, jointId }),
        ...disc,
        circle('wire', [0.07 * L, -0.06 * H], 0.06 * H),
      ];
    }
    default:
      return part satisfies never;
  }
}

const LIP_OVER_LENGTH = { 'shallow-lip': 0.1, 'medium-lip': 0.16, 'deep-lip': 0.28 } as const;
