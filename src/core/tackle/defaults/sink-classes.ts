/** Densities of what rigs are made of [kg/m³]. */
export const MATERIALS = {
  lead: { densityKgPm3: 11340, reason: 'pure lead; hardened alloys run 2% lighter' },
  tungsten: { densityKgPm3: 17500, reason: 'sintered tungsten with binder' },
  steel: { densityKgPm3: 7850, reason: 'carbon steel' },
  brass: { densityKgPm3: 8500, reason: 'free-cutting brass' },
  bismuth: { densityKgPm3: 9780, reason: 'pure bismuth' },
  tin: { densityKgPm3: 7290, reason: 'pure tin' },
  soft: { densityKgPm3: 1080, reason: 'plasticised vinyl' },
  'soft-salted': { densityKgPm3: 1180, reason: 'plasticised vinyl with a fifth of salt' },
  'soft-floating': { densityKgPm3: 960, reason: 'foamed vinyl or elastomer' },
} as const;

/** Drag coefficients on the frontal area. */
export const FRONTAL_SHAPES = {
  bullet: { cd: 0.45, reason: 'rounded nose, blunt base' },
  cone: { cd: 0.6, reason: 'pointed nose, sharp blunt base' },
  football: { cd: 0.7, reason: 'an ellipsoid across the flow' },
  minnow: { cd: 0.15, reason: 'a streamlined body falling nose first' },
} as const;

/** Drag coefficients on the plan area. */
export const PLAN_SHAPES = {
  broadside: { cd: 1, reason: 'a round body lying across the flow' },
  'spoon-flutter': { cd: 1.6, reason: 'a cupped plate falling flat' },
} as const;

/** Drag area of a soft bait over its length squared. */
export const TAIL_SHAPES = {
  'paddle-tail': { perLengthSquared: 0.045, reason: 'the tail paddles across the flow' },
  'twin-tail': { perLengthSquared: 0.08, reason: 'two curled tails spread out' },
  'straight-tail': { perLengthSquared: 0.02, reason: 'only the body' },
  'curl-tail': { perLengthSquared: 0.05, reason: 'one flat sickle that streams and flutters' },
  'claw-tail': { perLengthSquared: 0.075, reason: 'two claws that spread as they sink' },
  'fan-tail': { perLengthSquared: 0.05, reason: 'legs and a fan beside a round body' },
} as const;

/** Drag area of a skirt [m²], which flares as it falls. */
export const SKIRT = { dragAreaM2: 2e-4, reason: 'about sixty strands flared to 2 cm' } as const;

export type BodyMaterial = keyof typeof MATERIALS;
export type FrontalShape = keyof typeof FRONTAL_SHAPES;
export type PlanShape = keyof typeof PLAN_SHAPES;
export type TailShape = keyof typeof TAIL_SHAPES;
