import type { Barb, HookPoints, Sharpness } from '../defaults/hookset-classes';
import type { HardwareForm } from '../defaults/hardware-classes';
import type { HookStyle } from '../defaults/hook-classes';
import type { KnotPattern } from '../defaults/knots';
import type { LineMaterial } from '../defaults/line-materials';
import type { RodAction, RodFamily, RodHandle, RodPower } from '../defaults/rod-classes';
import type { BodyMaterial, TailShape } from '../defaults/sink-classes';
import type { WeightShape } from '../defaults/weight-shapes';
import type { Quantity } from '../../base/quantity';

/** What `evaluate` needs to know of each kind of part; stored parts carry more. */
interface PartBase {
  readonly id: string;
  readonly name?: string | undefined;
  readonly price?: { readonly minor: number; readonly currency: string } | undefined;
}

export interface RodPart extends PartBase {
  readonly kind: 'rod';
  /** overall length as printed */
  readonly lengthM: Quantity<'m'>;
  /** grip to tip, when it was measured; else the class rule for the handle */
  readonly workingLengthM?: Quantity<'m'> | undefined;
  readonly handle: RodHandle;
  /** where the reel sits: on the back of the blank, under it, or as a boat rod either way */
  readonly mount?: 'cast' | 'spin' | 'trolling' | 'boat' | undefined;
  /** the sort of rod, where the label does not tell it */
  readonly family?: RodFamily | undefined;
  readonly stiffness:
    | { readonly kind: 'class'; readonly power: RodPower; readonly action: RodAction }
    /** by the lure window on the label: that of the rod, unless it stands here [kg, kg] */
    | { readonly kind: 'window'; readonly action: RodAction; readonly ratingKg?: readonly [number, number] | undefined }
    /** by the line class on the label: that of the rod, unless it stands here [N, N] */
    | {
        readonly kind: 'line-class';
        readonly action: RodAction;
        readonly lineN?: readonly [number, number] | undefined;
      }
    | { readonly kind: 'taper'; readonly buttEiNm2: Quantity<'N·m²'>; readonly tipRatio: Quantity<'1'> };
  readonly rating: { readonly loKg: Quantity<'kg'>; readonly hiKg: Quantity<'kg'> } | null;
  readonly handleLengthM?: Quantity<'m'> | undefined;
  readonly massKg?: Quantity<'kg'> | undefined;
  /** pieces that it comes apart into */
  readonly sections?: number | undefined;
  /** mean miss of ten casts at a mark, over the distance */
  readonly missShare?: Quantity<'1'> | undefined;
  /** printed line class */
  readonly lineLoN?: Quantity<'N'> | undefined;
  readonly lineHiN?: Quantity<'N'> | undefined;
  readonly guides?: 'ceramic' | 'hard-ceramic' | 'steel-rings' | 'rollers' | undefined;
  readonly tip?: 'ring-tip' | 'swivel-tip' | 'roller-tip' | 'wide-tip' | undefined;
}

export interface ReelPart extends PartBase {
  readonly kind: 'reel';
  readonly build: 'fixed-spool' | 'multiplier';
  readonly arborRadiusM: Quantity<'m'>;
  readonly fullRadiusM: Quantity<'m'>;
  readonly widthM: Quantity<'m'>;
  readonly gearRatio: Quantity<'1'>;
  readonly clutchMaxN: Quantity<'N'>;
  readonly clutch?: 'star' | 'lever' | 'front' | 'rear' | undefined;
  /** axle to knob */
  readonly handleRadiusM?: Quantity<'m'> | undefined;
  readonly handleSide?: 'left' | 'right' | 'either' | undefined;
  readonly massKg?: Quantity<'kg'> | undefined;
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
  readonly style: HookStyle;
  readonly size: string;
  readonly wireM: Quantity<'m'>;
  readonly gapM: Quantity<'m'>;
  readonly shankM: Quantity<'m'>;
  readonly points: HookPoints;
  readonly barb: Barb;
  readonly sharpness: Sharpness;
  readonly finish?: 'bronze' | 'nickel' | 'black' | 'red' | 'tinned' | undefined;
}

export interface HookPart extends PartBase, HookFacts {
  readonly kind: 'hook';
  readonly massKg: Quantity<'kg'>;
  readonly blade?: 'no-blade' | 'blade' | undefined;
  /** length of that blade */
  readonly bladeLengthM?: Quantity<'m'> | undefined;
  /** weight moulded on the shank, counted in the mass */
  readonly shankWeightKg?: Quantity<'kg'> | undefined;
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

export interface SkirtedJigPart extends PartBase, HookFacts {
  readonly kind: 'skirted-jig';
  readonly massKg: Quantity<'kg'>;
  readonly material: BodyMaterial;
  readonly shape: WeightShape;
  readonly guard: 'none' | 'bristle';
  readonly blade: 'no-blade' | 'blade';
}

/** What a float test and a sink test tell; they replace material, buoyancy and shape. */
interface InWater {
  readonly volumeM3?: Quantity<'m³'> | undefined;
  readonly dragAreaM2?: Quantity<'m²'> | undefined;
}

/** What a dive test tells of a lure or plane in tow; it takes the place of the class. */
interface InTow {
  readonly towDragM2?: Quantity<'m²'> | undefined;
  /** area by which speed drives it down */
  readonly diveM2?: Quantity<'m²'> | undefined;
  /** how much faster than the square of the speed that drive grows, from dive tests at two speeds */
  readonly diveExponent?: Quantity<'1'> | undefined;
}

/** Speeds between which it works. */
interface WorkingSpeeds {
  readonly worksFromMps?: Quantity<'m/s'> | undefined;
  readonly worksToMps?: Quantity<'m/s'> | undefined;
}

/** The hooks that a lure carries as it comes. */
interface CarriedHooks {
  readonly hookStyle?: HookStyle | undefined;
  readonly hookSize?: string | undefined;
}

export interface SoftBaitPart extends PartBase, InWater {
  readonly kind: 'soft-bait';
  readonly massKg: Quantity<'kg'>;
  readonly lengthM: Quantity<'m'>;
  readonly heightM: Quantity<'m'>;
  readonly material: BodyMaterial;
  readonly tail: TailShape;
  /** a slot that the hook lies in */
  readonly slot?: 'solid' | 'slotted' | undefined;
  readonly segments?: number | undefined;
}

export interface NaturalBaitPart extends PartBase {
  readonly kind: 'natural-bait';
  readonly bait: 'bait-fish' | 'bait-worm' | 'crustacean' | 'bait-strip' | 'bait-head';
  readonly state: 'live' | 'dead';
  readonly massKg: Quantity<'kg'>;
  readonly lengthM: Quantity<'m'>;
  readonly heightM?: Quantity<'m'> | undefined;
}

export interface HardLurePart extends PartBase, InWater, InTow, WorkingSpeeds, CarriedHooks {
  readonly kind: 'hard-lure';
  /** with the hooks that it came with */
  readonly massKg: Quantity<'kg'>;
  readonly lengthM: Quantity<'m'>;
  readonly buoyancy: 'floats' | 'suspends' | 'sinks';
  readonly lip: 'no-lip' | 'shallow-lip' | 'medium-lip' | 'deep-lip';
  readonly lipLengthM?: Quantity<'m'> | undefined;
  readonly hookStations: number;
}

export interface SpoonPart extends PartBase, InWater, InTow, WorkingSpeeds, CarriedHooks {
  readonly kind: 'spoon';
  readonly massKg: Quantity<'kg'>;
  readonly lengthM: Quantity<'m'>;
  readonly material: BodyMaterial;
}

export interface TopwaterPart extends PartBase, WorkingSpeeds, CarriedHooks {
  readonly kind: 'topwater';
  readonly massKg: Quantity<'kg'>;
  readonly lengthM: Quantity<'m'>;
  readonly body: 'hollow' | 'stick' | 'cupped' | 'bladed';
}

export interface TrolledFlyPart extends PartBase, WorkingSpeeds {
  readonly kind: 'trolled-fly';
  readonly massKg: Quantity<'kg'>;
  readonly lengthM: Quantity<'m'>;
  readonly discDiameterM?: Quantity<'m'> | undefined;
  readonly hookSize?: string | undefined;
}

export interface TrailerPart extends PartBase {
  readonly kind: 'trailer';
  readonly massKg: Quantity<'kg'>;
  readonly lengthM: Quantity<'m'>;
  readonly material: BodyMaterial;
  readonly tail: TailShape;
  readonly segments?: number | undefined;
}

export interface SkirtPart extends PartBase {
  readonly kind: 'skirt';
  readonly massKg: Quantity<'kg'>;
  readonly lengthM: Quantity<'m'>;
  readonly strands: 'silicone' | 'rubber' | 'hair' | 'vinyl';
}

export interface AttractorPart extends PartBase, WorkingSpeeds {
  readonly kind: 'attractor';
  readonly motion: 'rotating' | 'swaying';
  readonly massKg: Quantity<'kg'>;
  readonly lengthM: Quantity<'m'>;
  readonly dragAreaM2?: Quantity<'m²'> | undefined;
}

export interface DivingPlanePart extends PartBase, InTow {
  readonly kind: 'diving-plane';
  readonly massKg: Quantity<'kg'>;
  readonly lengthM: Quantity<'m'>;
}

export interface BottomBouncerPart extends PartBase {
  readonly kind: 'bottom-bouncer';
  readonly massKg: Quantity<'kg'>;
  readonly armM: Quantity<'m'>;
  readonly wireM: Quantity<'m'>;
}

export interface SnellPart extends PartBase {
  readonly kind: 'snell';
  readonly hooks: number;
  readonly hookSize: string;
  /** between two hooks */
  readonly spacingM?: Quantity<'m'> | undefined;
  readonly lengthM: Quantity<'m'>;
  readonly strengthN: Quantity<'N'>;
  readonly beads: number;
  readonly blade: 'no-blade' | 'blade';
  readonly bladeLengthM?: Quantity<'m'> | undefined;
  /** a front hook that slides is set to the bait's length */
  readonly front?: 'fixed' | 'sliding' | undefined;
}

export interface HardwarePart extends PartBase {
  readonly kind: 'hardware';
  readonly form: HardwareForm;
  /** its greatest outer width */
  readonly widthM: Quantity<'m'>;
  readonly boreM?: Quantity<'m'> | undefined;
  readonly massKg: Quantity<'kg'>;
  readonly strengthN?: Quantity<'N'> | undefined;
  readonly lengthM?: Quantity<'m'> | undefined;
}

/** A lure that ends a line and carries its own hooks. */
export type LurePart = HardLurePart | SpoonPart | TopwaterPart | TrolledFlyPart | SkirtedJigPart;
export type BaitPart = SoftBaitPart | NaturalBaitPart;

export type Part =
  | RodPart
  | ReelPart
  | LinePart
  | KnotPart
  | WeightPart
  | HookPart
  | JigHeadPart
  | BaitPart
  | LurePart
  | TrailerPart
  | SkirtPart
  | AttractorPart
  | DivingPlanePart
  | BottomBouncerPart
  | SnellPart
  | HardwarePart;
export type PartKind = Part['kind'];
