import type { HardwarePart } from '../../tackle';
import { arc, circle, path, type Primitive, type Pt } from './primitives';
import { shapeOf, type Shape } from './shape';

/** A piece of hardware from the side, the line arriving at the origin [mm of the thing]. */
export function hardwareShape(part: HardwarePart, jointId: string): Shape {
  const w = part.widthM.value * 1e3;
  const ring = (x: number, radius: number, wire = 0.14): Primitive[] => [
    circle('wire', [x, 0], radius, jointId),
    circle('wire', [x, 0], radius * (1 - wire), jointId),
  ];
  const anchor = (x: number, y = -w / 2) => [{ jointId, at: [x, y] as Pt, side: 'above' as const }];
  switch (part.form) {
    case 'swivel': {
      // Two eyes and a barrel, three widths long.
      const L = 3 * w;
      const r = 0.42 * w;
      const barrel: Pt[] = [
        [0.3 * L, -0.28 * w],
        [0.38 * L, -0.5 * w],
        [0.62 * L, -0.5 * w],
        [0.7 * L, -0.28 * w],
        [0.7 * L, 0.28 * w],
        [0.62 * L, 0.5 * w],
        [0.38 * L, 0.5 * w],
        [0.3 * L, 0.28 * w],
      ];
      return shapeOf(
        [...ring(r, r), ...ring(L - r, r), path('metal', barrel, { closed: true, jointId })],
        [L, 0],
        anchor(L / 2),
      );
    }
    case 'snap': {
      const L = 2.4 * w;
      const loop: Pt[] = [
        [0.14 * L, 0],
        [0.3 * L, -0.34 * w],
        [0.78 * L, -0.5 * w],
        ...arc([0.82 * L, 0], 0.5 * w, -Math.PI / 2, Math.PI / 2, 9),
        [0.5 * L, 0.42 * w],
        [0.2 * L, 0.14 * w],
      ];
      return shapeOf(
        [
          ...ring(0.12 * L, 0.12 * L),
          path('wire', loop, { jointId }),
          path('wire', [
            [0.3 * L, -0.34 * w],
            [0.34 * L, 0.3 * w],
          ]),
        ],
        [L, 0],
        anchor(0.6 * L),
      );
    }
    case 'solid-ring':
      return shapeOf(ring(w / 2, w / 2, 0.2), [w, 0], anchor(w / 2));
    case 'split-ring':
      return shapeOf(
        [
          ...ring(w / 2, w / 2, 0.12),
          circle('wire', [w / 2, 0], (w / 2) * 0.76, jointId),
          path('wire', [
            [w * 0.5, -w * 0.5],
            [w * 0.56, -w * 0.38],
          ]),
        ],
        [w, 0],
        anchor(w / 2),
      );
    case 'bead':
      return shapeOf([circle('bait', [w / 2, 0], w / 2, jointId)], [w, 0], anchor(w / 2));
    case 'stop':
      return shapeOf(
        [
          path(
            'metal',
            [
              [0, -0.35 * w],
              [0.8 * w, -0.5 * w],
              [1.6 * w, -0.35 * w],
              [1.6 * w, 0.35 * w],
              [0.8 * w, 0.5 * w],
              [0, 0.35 * w],
            ],
            { closed: true, jointId },
          ),
        ],
        [1.6 * w, 0],
        anchor(0.8 * w),
      );
    case 'sleeve':
      return shapeOf(
        [
          path(
            'bait',
            [
              [0, -w / 2],
              [3 * w, -w / 2],
              [3 * w, w / 2],
              [0, w / 2],
            ],
            { closed: true, jointId },
          ),
        ],
        [3 * w, 0],
        anchor(1.5 * w),
      );
    case 'crimp': {
      // The tube with the loop that it closes behind it.
      const L = 4 * w;
      const loop: Pt[] = [
        [L, -0.2 * w],
        [L + 2 * w, -1.3 * w],
        ...arc([L + 3 * w, 0], 1.3 * w, -Math.PI / 2, Math.PI / 2, 9),
        [L + 2 * w, 1.3 * w],
        [L, 0.2 * w],
      ];
      return shapeOf(
        [
          path('leader', loop),
          path(
            'metal',
            [
              [0, -w / 2],
              [L, -w / 2],
              [L, w / 2],
              [0, w / 2],
            ],
            { closed: true, jointId },
          ),
          path('wire', [
            [0.3 * L, -w / 2],
            [0.3 * L, w / 2],
          ]),
          path('wire', [
            [0.7 * L, -w / 2],
            [0.7 * L, w / 2],
          ]),
        ],
        [L + 4.2 * w, 0],
        anchor(L / 2),
      );
    }
    case 'screw-keeper': {
      const turns = Array.from({ length: 25 }, (_, i): Pt => [
        w * 0.4 + i * 0.07 * w,
        Math.sin((i / 24) * 6 * Math.PI) * 0.3 * w,
      ]);
      return shapeOf(
        [...ring(0.2 * w, 0.2 * w), path('wire', [[0.4 * w, 0], ...turns], { jointId })],
        [2.1 * w, 0],
        anchor(w),
      );
    }
    case 'hook-guard':
      return shapeOf(
        [-0.4, 0, 0.4].map((spread) =>
          path(
            'wire',
            [
              [0, 0],
              [3 * w, (spread - 1) * w],
            ],
            { jointId },
          ),
        ),
        [0.2 * w, 0],
        anchor(1.5 * w, -w),
      );
    case 'trace': {
      // Drawn short: a wire of thirty centimetres says no more than one of six with a break in it.
      const L = Math.min(60, (part.lengthM?.value ?? 0.25) * 1e3);
      const mid = L / 2;
      const whole: Primitive[] = [
        path(
          'wire',
          [
            [w, 0],
            [mid - 3, 0],
          ],
          { jointId },
        ),
        path(
          'wire',
          [
            [mid + 3, 0],
            [L - w, 0],
          ],
          { jointId },
        ),
        path('break', [
          [mid - 3, 3],
          [mid - 1, -2.4],
          [mid + 1, 2.4],
          [mid + 3, -3],
        ]),
      ];
      return shapeOf([...ring(w / 2, w / 2), ...ring(L - w / 2, w / 2), ...whole], [L, 0], anchor(L * 0.3, 0));
    }
    case 'wobble-disc':
      // Seen from the side a tilted disc is a narrow oval.
      return shapeOf(
        [path('bait', oval([0.22 * w, 0], 0.16 * w, w / 2, 0.35), { closed: true, jointId })],
        [0.44 * w, 0],
        anchor(0.25 * w),
      );
    case 'bait-head':
      return shapeOf(
        [
          path(
            'bait',
            [
              [0, -0.12 * w],
              [0.35 * w, -0.46 * w],
              [1.1 * w, -0.5 * w],
              [1.4 * w, 0.5 * w],
              [0.5 * w, 0.46 * w],
              [0, 0.2 * w],
            ],
            { closed: true, jointId },
          ),
          path('rib', [
            [1.1 * w, -0.5 * w],
            [1.4 * w, 0.5 * w],
          ]),
        ],
        [1.25 * w, 0],
        anchor(0.6 * w),
      );
    case 'planer-board':
      // Seen from the side: blunt behind, raked in front, a weight along its keel, the line's clips on its face.
      return shapeOf(
        [
          path(
            'bait',
            [
              [0.16 * w, -0.18 * w],
              [w, -0.18 * w],
              [w, 0.18 * w],
              [0, 0.18 * w],
            ],
            { closed: true, jointId },
          ),
          path(
            'metal',
            [
              [0.34 * w, 0.18 * w],
              [0.66 * w, 0.18 * w],
              [0.62 * w, 0.23 * w],
              [0.38 * w, 0.23 * w],
            ],
            { closed: true, jointId },
          ),
          circle('wire', [0.2 * w, -0.02 * w], 0.03 * w, jointId),
          circle('wire', [0.92 * w, 0.04 * w], 0.03 * w, jointId),
        ],
        [w, 0],
        anchor(w / 2, -0.18 * w),
      );
    case 'release-clip':
      return shapeOf(
        [
          ...ring(0.08 * w, 0.08 * w),
          path(
            'metal',
            [
              [0.16 * w, -0.04 * w],
              [0.9 * w, -0.16 * w],
              [w, -0.06 * w],
              [0.3 * w, 0],
              [w, 0.06 * w],
              [0.9 * w, 0.16 * w],
              [0.16 * w, 0.04 * w],
            ],
            { closed: true, jointId },
          ),
        ],
        [w, 0],
        anchor(w / 2, -0.16 * w),
      );
    case 'bridle':
      return shapeOf(
        [
          path('leader', oval([w / 2, 0], w / 2, 0.22 * w, 0), { closed: true, jointId }),
          circle('knot', [0, 0], 0.05 * w, jointId),
        ],
        [w, 0],
        anchor(w / 2, -0.22 * w),
      );
    case 'blade':
      return shapeOf(
        [
          path('metal', oval([0.9 * w, 0.7 * w], w, 0.42 * w, 0.6), { closed: true, jointId }),
          circle('wire', [0.1 * w, 0.1 * w], 0.12 * w, jointId),
        ],
        [0.3 * w, 0],
        [{ jointId, at: [w, w], side: 'below' }],
      );
    default:
      return part.form satisfies never;
  }
}

/** An oval with half axes `a` along and `b` across, turned by `tilt` [rad]. */
export const oval = ([cx, cy]: Pt, a: number, b: number, tilt: number, count = 33): Pt[] =>
  Array.from({ length: count }, (_, i): Pt => {
    const angle = (2 * Math.PI * i) / (count - 1);
    const [x, y] = [a * Math.cos(angle), b * Math.sin(angle)];
    return [cx + x * Math.cos(tilt) - y * Math.sin(tilt), cy + x * Math.sin(tilt) + y * Math.cos(tilt)];
  });
