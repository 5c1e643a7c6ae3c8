import { CAST_STYLES } from './cast-styles';
import { CHECK_LIMITS } from './check-limits';
import { COMPRESSION } from './bait-classes';
import { FALL_WINDOWS } from './fall-windows';
import { FIGHT_CLASSES, FISH_HOLDS, FISH_RUNS } from './fight-classes';
import { FLIGHT, HANDLING, ROD_MASS } from './handling-classes';
import { BARBS, COVERS, GUARDS, HOOK_POINTS, MOUTHS, SET_WAYS, SHARPNESS } from './hookset-classes';
import { HOOK_STYLES } from './hook-classes';
import { KNOTS } from './knots';
import { LINE_MATERIALS } from './line-materials';
import { BODIES, BUOYANCY, CRIMP_SHARE, OTHER_DENSITIES } from './rig-classes';
import { BIG_LURE_POWERS, BOAT_LINES, GRIP_LENGTH_M, ROD_FAMILIES, ROD_POWERS, ROD_PRINT } from './rod-classes';
import { FRONTAL_SHAPES, MATERIALS, SKIRT, TAIL_SHAPES } from './sink-classes';
import { TYING } from './tying-classes';
import {
  BOTTOM_RIG,
  BOTTOMS,
  CARRY,
  DRIFT,
  FAST_DIVE,
  FOULING,
  LIPS,
  PLANES,
  RELEASE,
  ROD_HELD,
  THUMB,
  TOWED_ENDS,
} from './tow-classes';

/** The class values that verdicts and checks hang on and that a user can change; each row carries its reason. */
const TABLES = {
  rodPowers: ROD_POWERS,
  rodFamilies: ROD_FAMILIES,
  bigLurePowers: BIG_LURE_POWERS,
  boatLines: BOAT_LINES,
  rodPrint: ROD_PRINT,
  grips: GRIP_LENGTH_M,
  castStyles: CAST_STYLES,
  lineMaterials: LINE_MATERIALS,
  knots: KNOTS,
  crimp: { share: CRIMP_SHARE },
  setWays: SET_WAYS,
  mouths: MOUTHS,
  barbs: BARBS,
  sharpness: SHARPNESS,
  hookPoints: HOOK_POINTS,
  hooks: HOOK_STYLES,
  guards: GUARDS,
  covers: COVERS,
  fallWindows: FALL_WINDOWS,
  materials: MATERIALS,
  tails: TAIL_SHAPES,
  frontal: FRONTAL_SHAPES,
  skirt: { falling: SKIRT },
  bodies: BODIES,
  buoyancy: BUOYANCY,
  otherDensities: OTHER_DENSITIES,
  compression: COMPRESSION,
  fighting: FIGHT_CLASSES,
  fishRuns: FISH_RUNS,
  fishHolds: FISH_HOLDS,
  tying: TYING,
  rodMass: ROD_MASS,
  flight: FLIGHT,
  handling: HANDLING,
  towed: TOWED_ENDS,
  lips: LIPS,
  planes: PLANES,
  bottoms: BOTTOMS,
  bottomRig: BOTTOM_RIG,
  carry: CARRY,
  release: RELEASE,
  fouling: FOULING,
  fastDive: FAST_DIVE,
  rodHeld: ROD_HELD,
  drift: DRIFT,
  thumb: THUMB,
  checks: CHECK_LIMITS,
} as const;

type Widened<T> = T extends number ? number : T extends string ? T : { readonly [K in keyof T]: Widened<T[K]> };

export type Classes = Widened<typeof TABLES>;
export type ClassTable = keyof Classes;

export const DEFAULT_CLASSES: Classes = TABLES;

/** One figure of a class table, as `mouths.soft.strengthMpa`. */
export interface ClassFigure {
  readonly path: string;
  readonly table: ClassTable;
  readonly row: string;
  readonly field: string;
  readonly value: number;
  readonly reason: string;
}

/** A number of things is no figure that could be otherwise. */
const COUNTS: ReadonlySet<string> = new Set(['bends']);

/** Every figure that can be changed, in the order of the tables. A zero stands for "none" and is left alone. */
export const CLASS_FIGURES: readonly ClassFigure[] = Object.entries(TABLES).flatMap(([table, rows]) =>
  Object.entries(rows as Record<string, Record<string, unknown>>).flatMap(([row, fields]) =>
    figuresOf(fields, []).map(([path, value]) => ({
      path: [table, row, ...path].join('.'),
      table: table as ClassTable,
      row,
      field: path.join('.'),
      value,
      reason: String(fields['reason'] ?? ''),
    })),
  ),
);

function figuresOf(fields: Record<string, unknown>, path: readonly string[]): (readonly [readonly string[], number])[] {
  return Object.entries(fields).flatMap(([key, value]) => {
    if (typeof value === 'number') return value === 0 || COUNTS.has(key) ? [] : [[[...path, key], value] as const];
    return typeof value === 'object' && value !== null
      ? figuresOf(value as Record<string, unknown>, [...path, key])
      : [];
  });
}

/** Ten times off is a slip of the finger and not another opinion. */
export const CLASS_EDIT_SPAN = 10;

const byPath = new Map(CLASS_FIGURES.map((figure) => [figure.path, { figure, keys: figure.path.split('.') }]));

export const classFigure = (path: string): ClassFigure | undefined => byPath.get(path)?.figure;

/** The tables with some figures changed; the tables themselves where none is. Paths that name no figure change nothing. */
export function classesWith(edits: Readonly<Record<string, number>> | undefined): Classes {
  const known = Object.entries(edits ?? {}).flatMap(([path, value]) => {
    const keys = byPath.get(path)?.keys;
    return keys ? [[keys, value] as const] : [];
  });
  if (known.length === 0) return DEFAULT_CLASSES;
  // A row that is a copy already is written in: ranges change fifty figures at once, two hundred times.
  const copies = new Set<unknown>();
  const own = (held: unknown): Record<string, unknown> => {
    if (copies.has(held)) return held as Record<string, unknown>;
    const copy = { ...(held as object) };
    copies.add(copy);
    return copy;
  };
  const tables = own(DEFAULT_CLASSES);
  for (const [keys, value] of known) {
    let at = tables;
    for (const key of keys.slice(0, -1)) at = at[key] = own(at[key]);
    at[keys.at(-1)!] = value;
  }
  return tables as unknown as Classes;
}

/** The tables as they are, which tell `onRead` the path of every figure that is read from them. */
export function watched(classes: Classes, onRead: (path: string) => void): Classes {
  const watch = (held: object, prefix: string): object =>
    new Proxy(held, {
      get(target, key, receiver) {
        const value: unknown = Reflect.get(target, key, receiver);
        if (typeof key === 'symbol') return value;
        const path = `${prefix}${key}`;
        if (typeof value === 'number') onRead(path);
        return typeof value === 'object' && value !== null ? watch(value, `${path}.`) : value;
      },
    });
  return watch(classes, '') as Classes;
}
