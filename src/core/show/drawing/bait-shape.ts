import type { TailShape } from '../../tackle/defaults/sink-classes';
import { bodyProfile } from '../../rig';
import { smooth } from './outline';
import { path, type Primitive, type Pt } from './primitives';

export interface BaitShape {
  readonly lengthMm: number;
  /** without the tail */
  readonly trunkMm: number;
  readonly heightMm: number;
  readonly tail: TailShape;
}

/**
 * A soft bait from the side, nose at the origin, x aft, y down [mm of the bait].
 * The body's length and height are the bait's own; the profile and the tails are one plain shape for each class.
 */
export function drawBait(bait: BaitShape, jointId: string): Primitive[] {
  const L = bait.trunkMm;
  const half = bait.heightMm / 2;
  const stations = Array.from({ length: 33 }, (_, i) => i / 32);
  const back = stations.map((s): Pt => [s * L, -half * bodyProfile(s)]);
  const belly = stations.map((s): Pt => [s * L, half * bodyProfile(s)]).reverse();
  const body = path('bait', [...back, ...belly], { closed: true, jointId });
  const ribs = [0.36, 0.44, 0.52, 0.6, 0.68, 0.76, 0.84].map((s) =>
    path('rib', [
      [s * L, -half * bodyProfile(s) * 0.72],
      [s * L + half * 0.12, 0],
      [s * L, half * bodyProfile(s) * 0.72],
    ]),
  );
  return [...drawTail(bait, half, jointId), body, ...ribs];
}

function drawTail({ trunkMm: L, lengthMm, tail }: BaitShape, half: number, jointId: string): Primitive[] {
  const reach = lengthMm - L;
  const root = half * bodyProfile(1);
  const at = (x: number, y: number): Pt => [L + x * reach, y * half];
  switch (tail) {
    case 'paddle-tail':
      return [
        path(
          'bait',
          [
            [L - 1, -root],
            at(0.45, -0.16),
            at(0.66, -0.5),
            at(0.86, -0.92),
            at(1, -0.86),
            at(0.94, -0.3),
            at(0.92, 0.2),
            at(1, 0.8),
            at(0.84, 0.9),
            at(0.64, 0.45),
            at(0.45, 0.18),
            [L - 1, root],
          ],
          { closed: true, jointId },
        ),
      ];
    case 'straight-tail':
      return [
        path('bait', [[L - 1, -root], at(0.6, -0.13), at(1, 0), at(0.6, 0.13), [L - 1, root]], {
          closed: true,
          jointId,
        }),
      ];
    case 'twin-tail':
      return [-1, 1].map((side) =>
        path(
          'bait',
          [
            [L - 1, side * root * 0.2],
            at(0.25, side * 0.55),
            at(0.55, side * 0.95),
            at(0.85, side * 0.8),
            at(1, side * 0.25),
            at(0.86, side * 0.55),
            at(0.58, side * 0.66),
            at(0.28, side * 0.2),
            [L - 1, side * root * 0.9],
          ],
          { closed: true, jointId },
        ),
      );
    case 'curl-tail':
      return [
        path(
          'bait',
          [
            ...smooth([
              [L - 1, -root],
              at(0.22, -0.62),
              at(0.5, -0.85),
              at(0.78, -0.55),
              at(0.97, 0.15),
              at(1, 0.9),
              at(0.93, 1.25),
            ]),
            ...smooth([at(0.93, 1.25), at(0.86, 0.6), at(0.7, 0.05), at(0.48, -0.15), at(0.25, 0.05), [L - 1, root]]),
          ],
          { closed: true, jointId },
        ),
      ];
    case 'claw-tail':
      return [-1, 1].map((side) =>
        path(
          'bait',
          [
            ...smooth([
              [L - 1, side * root * 0.1],
              at(0.25, side * 0.3),
              at(0.42, side * 0.85),
              at(0.66, side * 1.2),
              at(0.9, side * 1.05),
              at(1, side * 0.72),
            ]),
            at(0.8, side * 0.74),
            ...smooth([at(0.98, side * 0.42), at(0.72, side * 0.4), at(0.45, side * 0.25), [L - 1, side * root]]),
          ],
          { closed: true, jointId },
        ),
      );
    case 'fan-tail':
      return [
        ...[0.3, 0.42, 0.54].map((s) =>
          path(
            'strand',
            [
              [s * L, half * bodyProfile(s) * 0.8],
              [(s - 0.05) * L, half * 1.5],
              [(s - 0.1) * L, half * 1.7],
            ],
            { jointId },
          ),
        ),
        path(
          'strand',
          [
            [0.04 * L, -0.2 * half],
            [-0.06 * L, -0.9 * half],
            [-0.12 * L, -1.1 * half],
          ],
          { jointId },
        ),
        path(
          'bait',
          [[L - 1, -root], at(0.5, -0.3), at(1, -0.8), at(0.85, 0), at(1, 0.8), at(0.5, 0.3), [L - 1, root]],
          {
            closed: true,
            jointId,
          },
        ),
      ];
    default:
      return tail satisfies never;
  }
}
