import type { PointPlace } from '../defaults/bait-classes';
import type { CastStyle } from '../defaults/cast-styles';
import type { FallWindow } from '../defaults/fall-windows';
import type { Barb, Cover, HookPoints, Mouth, SetWay, Sharpness } from '../defaults/hookset-classes';
import type { KnotPattern } from '../defaults/knots';
import type { LineMaterial } from '../defaults/line-materials';
import type { RodAction, RodHandle, RodPower } from '../defaults/rod-classes';
import type { BodyMaterial, TailShape } from '../defaults/sink-classes';
import type { WeightShape } from '../defaults/weight-shapes';
import type { Quantity } from '../quantity';
import type { WaterInput } from '../water';

/** What `evaluate` needs to know of each kind of part; stored parts carry more. */
interface PartBase {
  readonly id: string;
  readonly name?: string | undefined;
}

export interface RodPart extends PartBase {
  readonly kind: 'rod';
  /** overall length as printed */
  readonly lengthM: Quantity<'m'>;
  /** grip to tip, when it was measured; else the class rule for the handle */
  readonly workingLengthM?: Quantity<'m'> | undefined;
  readonly handle: RodHandle;
  readonly stiffness:
    | { readonly kind: 'class'; readonly power: RodPower; readonly action: RodAction }
    | { readonly kind: 'taper'; readonly buttEiNm2: Quantity<'N·m²'>; readonly tipRatio: Quantity<'1'> };
  readonly rating: { readonly loKg: Quantity<'kg'>; readonly hiKg: Quantity<'kg'> } | null;
}

export interface ReelPart extends PartBase {
  readonly kind: 'reel';
  readonly build: 'fixed-spool' | 'multiplier';
  readonly arborRadiusM: Quantity<'m'>;
  readonly fullRadiusM: Quantity<'m'>;
  readonly widthM: Quantity<'m'>;
  readonly gearRatio: Quantity<'1'>;
  readonly clutchMaxN: Quantity<'N'>;
}

export interface LinePart extends PartBase {
  readonly kind: 'line';
  readonly material: LineMaterial;
  readonly strengthN?: Quantity<'N'> | undefined;
  readonly diameterM?: Quantity<'m'> | undefined;
  /** left on the spool */
  readonly lengthM: Quantity<'m'>;
  /** stiffness from a line test; it replaces that of the material */
  readonly eaN?: Quantity<'N'> | undefined;
}

export interface KnotPart extends PartBase {
  readonly kind: 'knot';
  readonly pattern: KnotPattern;
  /** the user's own pull tests, by the material it was tied in; they replace the class share */
  readonly shares: { readonly [material in LineMaterial]?: Quantity<'1'> | undefined };
}

export interface WeightPart extends PartBase {
  readonly kind: 'weight';
  readonly massKg: Quantity<'kg'>;
  readonly material: BodyMaterial;
  readonly shape: WeightShape;
  readonly dragAreaM2?: Quantity<'m²'> | undefined;
}

/** The hook of a rig, loose or cast into a head. */
export interface HookFacts {
  readonly size: string;
  readonly wireM: Quantity<'m'>;
  readonly gapM: Quantity<'m'>;
  readonly shankM: Quantity<'m'>;
  readonly points: HookPoints;
  readonly barb: Barb;
  readonly sharpness: Sharpness;
}

export interface HookPart extends PartBase, HookFacts {
  readonly kind: 'hook';
  readonly massKg: Quantity<'kg'>;
  /** pull at which one opened, from a pull test; it replaces the wire's rule */
  readonly openingN?: Quantity<'N'> | undefined;
}

export interface JigHeadPart extends PartBase, HookFacts {
  readonly kind: 'jig-head';
  /** head and hook together */
  readonly massKg: Quantity<'kg'>;
  readonly material: BodyMaterial;
  readonly shape: WeightShape;
  readonly guard: 'none' | 'bristle';
}

export interface SoftBaitPart extends PartBase {
  readonly kind: 'soft-bait';
  readonly massKg: Quantity<'kg'>;
  readonly lengthM: Quantity<'m'>;
  readonly heightM: Quantity<'m'>;
  readonly material: BodyMaterial;
  readonly tail: TailShape;
  /** from a float test and a sink test; they replace material and tail */
  readonly volumeM3?: Quantity<'m³'> | undefined;
  readonly dragAreaM2?: Quantity<'m²'> | undefined;
}

/** A part of the Box that no joint of these rigs takes. */
export interface OtherPart extends PartBase {
  readonly kind:
    | 'hard-lure' | 'spoon' | 'topwater' | 'trolled-fly' | 'skirted-jig' | 'trailer' | 'skirt' | 'attractor' | 'diving-plane' | 'bottom-bouncer' | 'snell'
    | 'hardware' | 'natural-bait';
}

export type Part = RodPart | ReelPart | LinePart | KnotPart | WeightPart | HookPart | JigHeadPart | SoftBaitPart | OtherPart;
export type PartKind = Part['kind'];

/** A place in the rig, from the rod to the bait, and the part that fills it. */
export type Joint = { readonly id: string; readonly partId: string } & (
  | { readonly kind: 'rod' | 'reel' | 'line' | 'knot' | 'jig-head' | 'bait' }
  | { readonly kind: 'leader'; readonly lengthM: number }
  | { readonly kind: 'weight'; readonly hold: 'free' | 'pegged' }
  | { readonly kind: 'hook'; readonly point: PointPlace }
);
export type JointKind = Joint['kind'];

/** The kind of part that each kind of joint takes. */
export const PART_OF_JOINT = {
  rod: 'rod', reel: 'reel', line: 'line', knot: 'knot', leader: 'line', weight: 'weight', hook: 'hook', 'jig-head': 'jig-head', bait: 'soft-bait',
} as const satisfies Record<JointKind, PartKind>;

export interface CastPresentation {
  readonly kind: 'cast';
  readonly castStyle: CastStyle;
  /** grip to where the bait enters the water, over the surface [m] */
  readonly distanceM: number;
  /** how deep the bait is to fish [m] */
  readonly depthM: number;
  /** hands above the surface [m] */
  readonly handHeightM: number;
  readonly water: WaterInput;
  readonly currentMps: number;
  readonly sweep: {
    readonly way: SetWay;
    readonly startRad: number;
    readonly endRad: number;
    readonly timeS: number;
    readonly stepBackM: number;
    readonly woundM: number;
    /** moment that this angler's set reaches, where it was measured [N·m]; else that of the way */
    readonly peakMomentNm?: number | undefined;
  };
  readonly slackM: number;
  readonly cover: Cover;
  readonly mouth: Mouth;
  /** null: a snag */
  readonly fishKg: number | null;
  /** pull at which the clutch gives line from a full spool [N]; null: locked */
  readonly clutchN: number | null;
  readonly wanted: {
    readonly fall: { readonly kind: FallWindow } | { readonly kind: 'own'; readonly fromMps: number; readonly toMps: number };
    /** id of the joint at which it is to break; null: anywhere */
    readonly breakAt: string | null;
  };
}

export interface Setup {
  readonly parts: readonly Part[];
  /** from the rod to the bait */
  readonly chain: readonly Joint[];
  readonly presentation: CastPresentation;
}
