/** Weights as solids: fullness of the enclosing cylinder and length over diameter; mass and material give the size. */
export const WEIGHT_SHAPES = {
  sphere: { fullness: 2 / 3, slenderness: 1, reason: 'exact' },
  bullet: { fullness: 0.62, slenderness: 1.9, reason: 'half an ellipsoid on a short cylinder, less the bore' },
  cone: { fullness: 0.45, slenderness: 1.8, reason: 'a third for the point, more for its rounded base' },
  football: { fullness: 2 / 3, slenderness: 0.62, reason: 'an ellipsoid lying across' },
} as const;

export type WeightShape = keyof typeof WEIGHT_SHAPES;
