import { hookSizeAt, hookStep, type Joint, type Part as CorePart } from '@/core/tackle';
import { ROD_ACTIONS, ROD_POWERS } from '@/core/tackle/defaults/rod-classes';
import type { Part } from '../parts';
import { completePart } from '../parts/class-part';
import type { GivenPart } from '../parts/kind-of-part';

/** Sizes up and down, and factors on mass and strength, that are worth looking for. */
const SIZE_STEPS = [-3, -2, -1, 1, 2, 3] as const;
const WIRES = ['fine', 'regular', 'stout'] as const;
const MASSES = [0.4, 0.55, 0.75, 1.35, 1.8, 2.5] as const;
const STRENGTHS = [0.5, 0.7, 0.85, 1.2, 1.45, 2] as const;
const MATERIALS = ['nylon', 'fluorocarbon', 'braid'] as const;

/** What classes of part could stand in a joint in place of what is there: what to look for, never a product. */
export function classPartsFor(joint: Joint, now: CorePart): readonly Part[] {
  return given(joint, now).flatMap((fields, i) => {
    const result = completePart({ ...fields, id: `class-${joint.id}-${i}`, kind: now.kind } as GivenPart);
    return result.ok ? [result.data] : [];
  });
}

const amount = (value: number, unit: string) => ({
  value: Number(value.toPrecision(2)),
  unit,
  provenance: 'class' as const,
});

function given(joint: Joint, now: CorePart): readonly Record<string, unknown>[] {
  switch (now.kind) {
    case 'rod':
      return Object.keys(ROD_POWERS).flatMap((power) =>
        Object.keys(ROD_ACTIONS).map((action) => ({
          handle: now.handle,
          lengthM: now.lengthM,
          stiffness: { kind: 'class', power, action },
          ...(now.guides ? { guides: now.guides } : {}),
          ...(now.tip ? { tip: now.tip } : {}),
          ...('mount' in now ? { mount: now.mount } : {}),
        })),
      );
    case 'hook': {
      const step = hookStep(now.size);
      const sizes =
        step === null
          ? [now.size]
          : [now.size, ...SIZE_STEPS.map((by) => hookSizeAt(step + by)).filter((size) => size !== null)];
      return sizes.flatMap((size) =>
        WIRES.map((wireClass) => ({
          style: now.style,
          size,
          wireClass,
          points: now.points,
          barb: now.barb,
          sharpness: now.sharpness,
        })),
      );
    }
    case 'jig-head': {
      const step = hookStep(now.size);
      const sizes =
        step === null
          ? [now.size]
          : [now.size, ...[-2, -1, 1].map((by) => hookSizeAt(step + by)).filter((size) => size !== null)];
      return sizes.flatMap((size) =>
        [1, ...MASSES].flatMap((factor) =>
          ['fine', 'regular'].map((wireClass) => ({
            style: now.style,
            size,
            wireClass,
            barb: now.barb,
            sharpness: now.sharpness,
            material: now.material,
            shape: now.shape,
            guard: now.guard,
            massKg: amount(now.massKg.value * factor, 'kg'),
          })),
        ),
      );
    }
    case 'line': {
      const strengthN = now.strengthN?.value;
      if (strengthN === undefined) return [];
      const materials = now.material in { nylon: 1, fluorocarbon: 1, braid: 1 } ? MATERIALS : [now.material];
      return materials
        .filter((material) => joint.kind !== 'leader' || material !== 'braid')
        .flatMap((material) =>
          [1, ...STRENGTHS]
            .filter((factor) => factor !== 1 || material !== now.material)
            .map((factor) => ({
              material,
              strengthN: amount(strengthN * factor, 'N'),
              use: joint.kind === 'leader' ? 'leader-stock' : 'main-line',
            })),
        );
    }
    case 'weight':
      return MASSES.map((factor) => ({
        material: now.material,
        shape: now.shape,
        massKg: amount(now.massKg.value * factor, 'kg'),
      }));
    default:
      return [];
  }
}
