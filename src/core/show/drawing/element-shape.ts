import { weightSize } from '../../tackle';
import type { Element } from '../../rig';
import { hardwareShape, oval } from './hardware-shape';
import { weightOutline } from './head-shape';
import { circle, path, type Primitive, type Pt } from './primitives';
import { shapeOf, type Shape } from './shape';

/** Anything on the line but a piece of it or an assembly, the line arriving at the origin [mm of the thing]. */
export function elementShape(element: Exclude<Element, { kind: 'piece' | 'assembly' }>): Shape {
  switch (element.kind) {
    case 'knot':
      return shapeOf(
        [circle('knot', [0.8, 0], 0.8, element.fitted.joint.id)],
        [1.6, 0],
        [{ jointId: element.fitted.joint.id, at: [0.8, 0], side: 'above' }],
      );
    case 'link':
      return hardwareShape(element.fitted.part, element.fitted.joint.id);
    case 'threaded': {
      const base =
        element.fitted.kind === 'weight'
          ? weightShape(element.fitted.part, element.fitted.joint.id)
          : hardwareShape(element.fitted.part, element.fitted.joint.id);
      if (element.skirts.length === 0) return base;
      // A skirt on a trolled head covers what follows it.
      const strands = element.skirts.flatMap((skirt) =>
        [-1, -0.5, 0, 0.5, 1].map((y) =>
          path(
            'strand',
            [
              [base.exit[0] * 0.7, y * base.bottom * 0.6],
              [base.exit[0] + skirt.part.lengthM.value * 900, y * base.bottom * 1.6],
            ],
            { jointId: skirt.joint.id },
          ),
        ),
      );
      const anchors = element.skirts.map((skirt) => ({
        jointId: skirt.joint.id,
        at: [base.exit[0] + skirt.part.lengthM.value * 600, base.bottom * 1.2] as Pt,
        side: 'below' as const,
      }));
      return shapeOf([...strands, ...base.primitives], base.exit, [...base.anchors, ...anchors]);
    }
    case 'inline':
      return inlineShape(element.fitted);
    default:
      return element satisfies never;
  }
}

function weightShape(
  part: Extract<Element, { kind: 'threaded' }>['fitted']['part'] & { readonly kind: 'weight' },
  jointId: string,
): Shape {
  const size = weightSize({ massKg: part.massKg.value, material: part.material, shape: part.shape });
  const [L, D] = [size.lengthM * 1e3, size.diameterM * 1e3];
  return shapeOf(
    [path('metal', weightOutline(part.shape, D, L), { closed: true, jointId })],
    [L, 0],
    [{ jointId, at: [L / 2, D * 0.3], side: 'below' }],
  );
}

function inlineShape(fitted: Extract<Element, { kind: 'inline' }>['fitted']): Shape {
  const jointId = fitted.joint.id;
  switch (fitted.kind) {
    case 'weight': {
      const { primitives, exit } = weightShape(fitted.part, jointId);
      const ring: Primitive[] = [circle('wire', [1.4, 0], 1.4, jointId)];
      return shapeOf(
        [
          ...ring,
          ...primitives.map((p): Primitive =>
            p.kind === 'path' ? { ...p, points: p.points.map(([x, y]): Pt => [x + 2.6, y]) } : p,
          ),
        ],
        [exit[0] + 2.6, 0],
        [{ jointId, at: [2.6 + exit[0] / 2, 2], side: 'below' }],
      );
    }
    case 'attractor': {
      const L = fitted.part.lengthM.value * 1e3;
      const half = L * (fitted.part.motion === 'rotating' ? 0.15 : 0.18);
      const plate: Pt[] =
        fitted.part.motion === 'rotating'
          ? [
              [0, 0],
              [0.06 * L, -0.7 * half],
              [0.2 * L, -half],
              [0.8 * L, -half],
              [0.94 * L, -0.7 * half],
              [L, 0],
              [0.94 * L, 0.7 * half],
              [0.8 * L, half],
              [0.2 * L, half],
              [0.06 * L, 0.7 * half],
            ]
          : oval([L / 2, 0], L / 2, half, 0);
      // The fold at either end makes it turn; a dish makes it sway.
      const folds =
        fitted.part.motion === 'rotating'
          ? [
              path('rib', [
                [0.2 * L, -half],
                [0.3 * L, half],
              ]),
              path('rib', [
                [0.7 * L, -half],
                [0.8 * L, half],
              ]),
            ]
          : [path('rib', oval([0.54 * L, 0], 0.3 * L, half * 0.5, 0))];
      return shapeOf(
        [
          path('metal', plate, { closed: true, jointId }),
          ...folds,
          circle('wire', [0.02 * L, 0], 0.012 * L),
          circle('wire', [0.98 * L, 0], 0.012 * L),
        ],
        [L, 0],
        [{ jointId, at: [L / 2, -half * 0.8], side: 'above' }],
      );
    }
    case 'plane': {
      const L = fitted.part.lengthM.value * 1e3;
      return shapeOf(
        [
          path('glass', oval([0.42 * L, 0], 0.5 * L, 0.13 * L, 0.5), { closed: true, jointId }),
          path('wire', [
            [0, 0],
            [0.3 * L, 0.02 * L],
          ]),
          path('metal', oval([0.36 * L, 0.1 * L], 0.07 * L, 0.05 * L, 0.5), { closed: true }),
        ],
        [0.78 * L, 0],
        [{ jointId, at: [0.4 * L, -0.1 * L], side: 'above' }],
      );
    }
    case 'bouncer': {
      const size = weightSize({ massKg: fitted.part.massKg.value, material: 'lead', shape: 'bullet' });
      // The long arm is drawn short, with a break.
      const reach = Math.min(ARM_DRAWN_MM, fitted.part.armM.value * 1e3);
      const [L, D] = [size.lengthM * 1e3, size.diameterM * 1e3];
      const weight = weightOutline('bullet', D, L).map(([x, y]): Pt => [6 + y, reach * 0.34 + x]);
      return shapeOf(
        [
          path(
            'wire',
            [
              [0, 0],
              [3, 1.4],
              [6, 0],
              [24, 0],
            ],
            { jointId },
          ),
          path(
            'wire',
            [
              [3, 1.4],
              [6, 4],
              [6, reach * 0.7 - 2],
            ],
            { jointId },
          ),
          path('break', [
            [3.6, reach * 0.7 - 2],
            [8.4, reach * 0.7 - 0.8],
            [3.6, reach * 0.7 + 0.8],
            [8.4, reach * 0.7 + 2],
          ]),
          path(
            'wire',
            [
              [6, reach * 0.7 + 2],
              [6, reach],
            ],
            { jointId },
          ),
          path('metal', weight, { closed: true, jointId }),
          circle('wire', [25.4, 0], 1.4),
        ],
        [26.8, 0],
        [{ jointId, at: [6 + D / 3, reach * 0.34 + L / 2], side: 'below' }],
      );
    }
    default:
      return fitted satisfies never;
  }
}

const ARM_DRAWN_MM = 52;
