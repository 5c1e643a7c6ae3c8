import { MATERIALS, type BodyMaterial } from '../defaults/sink-classes';
import { WEIGHT_SHAPES, type WeightShape } from '../defaults/weight-shapes';

/** Diameter across and length along the line [m] of a weight of a shape, from its mass [kg] and material. */
export function weightSize(weight: {
  readonly massKg: number;
  readonly material: BodyMaterial;
  readonly shape: WeightShape;
}): {
  readonly diameterM: number;
  readonly lengthM: number;
} {
  const { fullness, slenderness } = WEIGHT_SHAPES[weight.shape];
  const volume = weight.massKg / MATERIALS[weight.material].densityKgPm3;
  const diameterM = Math.cbrt((4 * volume) / (Math.PI * fullness * slenderness));
  return { diameterM, lengthM: slenderness * diameterM };
}
