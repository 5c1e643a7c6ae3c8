import type { ClassTable } from './classes';
import { HOOK_SPREAD } from './hook-classes';

type Spread = { readonly [field: string]: number };

/**
 * How well class figures are known, one standard deviation over the value, where a quarter is wrong; by table and field.
 * A row that carries its own `spread` keeps that. Tables that say what is wanted, and not what is, have none.
 */
export const CLASS_SPREADS: { readonly [table in ClassTable]?: Spread | null } = {
  // What is wanted of a rig and how strictly it is held: chosen, not measured.
  checks: null,
  handling: null,
  tying: null,
  thumb: null,
  fallWindows: null,
  // Densities of metals and plastics differ by alloy and filler, hardly more.
  materials: { densityKgPm3: 0.02 },
  otherDensities: { densityKgPm3: 0.06 },
  buoyancy: { overWater: 0.05 },
  // A rod that was not hung is drawn as a whole; these say how far its parts may be trusted.
  rodFamilies: { factor: 0.2 },
  rodPrint: { perLine: 0.3, lobbedKg: 0.3 },
  // The hand covers about the same on every grip.
  grips: { valueM: 0.1 },
  // Breaking stress differs by maker; density does not.
  lineMaterials: { strengthPa: 0.15, densityKgPm3: 0.03, normalDragFactor: 0.15 },
  lips: { perLength: 0.2, share: 0.2 },
  // The barb is a part of the wire, and never thinner than it.
  barbs: { factor: 0.07 },
  // One point is one point; two of three share more or less evenly.
  hookPoints: { factor: 0.1 },
  // As the hooks of the Box: wire is drawn to gauge, gaps and shanks are bent.
  hooks: {
    wireMm: HOOK_SPREAD.wire,
    gapMm: HOOK_SPREAD.gap,
    shankPerGap: HOOK_SPREAD.shank,
    gapGrowth: 0,
    wireGrowth: 0,
    eyePerWire: 0.2,
  },
  setWays: { peakMomentNm: 0.3 },
  // Part of the pull is lost on stems; never more than all of it comes through.
  covers: { through: 0.12 },
  // Measured on many hands with the same knot.
  knots: { nylon: 0.1, fluorocarbon: 0.1, braid: 0.1, metal: 0.15 },
  crimp: { value: 0.08 },
  // Proportions of bodies of one sort.
  bodies: { height: 0.15, width: 0.15 },
  compression: { share: 0.15 },
  bottoms: { mu: 0.3, share: 0.3 },
  // Where the hands hold a rod is seen.
  rodHeld: { riseRad: 0.15 },
  bottomRig: null,
  carry: null,
  fishRuns: { massKg: 0, runMps: 0.4, runS: 0.4 },
  fishHolds: { holdsS: 0.4 },
  fastDive: { exponent: 0.5 },
  fighting: { strikeMps: 0.4, leanRad: 0.1, handleM: 0.1, efficiency: 0.1 },
};

/** Where nothing else is said of a class figure. */
export const CLASS_SPREAD = 0.25;

/** Figures that are exact, or a share that nothing can raise above one. */
export const EXACT_CLASS_FIGURES: readonly string[] = [
  'hookPoints.single.factor',
  'barbs.barbless.factor',
  'covers.open.through',
  'fouling.none.width',
  'fouling.none.along',
];
export const SHARE_TABLES: readonly ClassTable[] = ['knots', 'crimp', 'covers', 'compression'];
