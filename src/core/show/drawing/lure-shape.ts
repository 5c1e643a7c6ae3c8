import type { LurePart, NaturalBaitPart } from '../../tackle';
import { oval } from './hardware-shape';
import { circle, path, type Primitive, type Pt } from './primitives';

/** Size of a body as it is drawn [mm]. */
interface Size {
  readonly lengthMm: number;
  readonly heightMm: number;
}

/** A body by half heights along it, back and belly, mirrored or not. */
function outline(
  { lengthMm: L, heightMm: H }: Size,
  back: readonly (readonly [number, number])[],
  belly: readonly (readonly [number, number])[],
): Pt[] {
  return [
    ...smooth(back.map(([x, y]): Pt => [x * L, (-y * H) / 2])),
    ...smooth([...belly].reverse().map(([x, y]): Pt => [x * L, (y * H) / 2])),
  ];
}

/** A curve through points, five steps between two (Catmull and Rom 1974). */
function smooth(points: readonly Pt[]): Pt[] {
  return points
    .slice(0, -1)
    .flatMap((p1, i) => {
      const [p0, p2] = [points[Math.max(0, i - 1)]!, points[i + 1]!];
      const p3 = points[Math.min(points.length - 1, i + 2)]!;
      return Array.from({ length: 5 }, (_, k): Pt => {
        const t = k / 5;
        const at = (j: 0 | 1) =>
          0.5 *
          (2 * p1[j] +
            (p2[j] - p0[j]) * t +
            (2 * p0[j] - 5 * p1[j] + 4 * p2[j] - p3[j]) * t ** 2 +
            (3 * p1[j] - p0[j] - 3 * p2[j] + p3[j]) * t ** 3);
        return [at(0), at(1)];
      });
    })
    .concat([points.at(-1)!]);
}

const FISH_BACK = [
  [0, 0],
  [0.03, 0.35],
  [0.1, 0.66],
  [0.22, 0.92],
  [0.36, 1],
  [0.55, 0.86],
  [0.75, 0.54],
  [0.9, 0.3],
  [1, 0.22],
] as const;
const FISH_BELLY = [
  [0, 0],
  [0.03, 0.4],
  [0.1, 0.75],
  [0.24, 1],
  [0.4, 0.98],
  [0.6, 0.74],
  [0.78, 0.44],
  [0.9, 0.26],
  [1, 0.22],
] as const;

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

function topwater(part: Extract<LurePart, { kind: 'topwater' }>, size: Size, jointId: string): Primitive[] {
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
        path(
          'bait',
          outline(
            size,
            [
              [0, 0.2],
              [0.2, 0.9],
              [0.5, 1],
              [0.8, 0.7],
              [1, 0.9],
            ],
            [
              [0, 0.2],
              [0.2, 0.7],
              [0.5, 0.7],
              [0.8, 0.5],
              [1, 0.9],
            ],
          ),
          { closed: true, jointId },
        ),
        ...[0.3, 0.42, 0.54, 0.66].map((x) =>
          path('rib', [
            [x * L, -0.45 * H],
            [x * L, 0.34 * H],
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
