import type { CurrentLayer, WaterInput } from '../../base/surroundings';
import type { CastStyle } from '../defaults/cast-styles';
import type { FallWindow } from '../defaults/fall-windows';
import type { Cover, Mouth, SetWay } from '../defaults/hookset-classes';
import type { Attitude } from '../defaults/rig-classes';
import type { Fouling } from '../defaults/tow-classes';

/** When a setup is the right one, as its owner sees it. */
export interface Conditions {
  readonly temperatureC?: { readonly from: number; readonly to: number } | undefined;
  readonly depthM?: { readonly from: number; readonly to: number } | undefined;
  readonly clarity?: 'clear' | 'stained' | 'murky' | undefined;
  readonly light?: 'bright' | 'overcast' | 'dusk' | 'dark' | undefined;
  readonly mood?: 'active' | 'neutral' | 'wary' | undefined;
  readonly bottom?: 'rock' | 'sand' | 'mud' | 'weed' | undefined;
  /** speed over which it was found to work */
  readonly speedMps?: { readonly from: number; readonly to: number } | undefined;
}

interface PresentationBase {
  /** how deep the bait is to fish [m] */
  readonly depthM: number;
  /** hands above the surface [m] */
  readonly handHeightM: number;
  readonly water: WaterInput;
  readonly currentMps: number;
  /** retrieve, tow or drift through the water [m/s] */
  readonly speedMps: number;
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
  /** how long a fish holds the bait before it spits it out [s]; absent: the class of the bait; null: not judged */
  readonly fishHoldsS?: number | null | undefined;
  /** pull at which the clutch gives line from a full spool [N]; null: locked */
  readonly clutchN: number | null;
  /** what the leader will rub against */
  readonly wear: readonly ('teeth' | 'gill-plates' | 'rock')[];
  readonly stance: 'standing' | 'seated' | 'wading';
  /** how the rod is worked while fishing */
  readonly rodWorked: 'up' | 'level' | 'down';
  /** weed or water fleas that gather on the line */
  readonly fouling?: Fouling | undefined;
  /** the bait is swung round beside the boat or the bank before it is lifted out */
  readonly boatsideTurn: boolean;
  /** which craft of the house it is fished from; null: from the bank */
  readonly craftId: string | null;
  readonly conditions: Conditions;
}

interface WantedBase {
  readonly attitude: { readonly kind: Attitude } | { readonly kind: 'own'; readonly pitchRad: number };
  /** id of the joint at which it is to break; null: anywhere */
  readonly breakAt: string | null;
}

export interface CastPresentation extends PresentationBase {
  readonly kind: 'cast';
  readonly castStyle: CastStyle;
  /** grip to where the bait enters the water, over the surface [m] */
  readonly distanceM: number;
  readonly wanted: WantedBase & {
    readonly fall:
      | { readonly kind: FallWindow | 'floats' | 'suspends' }
      | { readonly kind: 'own'; readonly fromMps: number; readonly toMps: number };
  };
}

/** What takes the line down or aside before it gets to the rig; leadM is the line behind its release [m]. */
export type Gear =
  | {
      readonly kind: 'downrigger';
      readonly leadM: number;
      /** cable in the water [m], what it is made of, how thick [m] */
      readonly cableM: number;
      readonly cable: CableMaterial;
      readonly cableDiameterM: number;
      readonly ballKg: number;
    }
  | {
      readonly kind: 'side-planer';
      readonly leadM: number;
      /** line from the rod to the board [m] */
      readonly boardM: number;
    };

export type CableMaterial = 'steel-cable' | 'braid';

export interface TowedPresentation extends PresentationBase {
  readonly kind: 'towed';
  readonly way: 'trolled' | 'paddled' | 'drifted' | 'dropped';
  /** how fast a lure is lifted or wound where it hangs straight down [m/s]; absent: the class of a lift */
  readonly workedMps?: number | undefined;
  /** main line from the tip on, air and water together [m]; with gear its release says that */
  readonly lineOutM: number;
  readonly gear?: Gear | undefined;
  /** water under the boat [m]; absent: more than the rig reaches */
  readonly bottomM?: number | undefined;
  /** how the water moves over ground along the course, by depth, forward positive; speedMps is that through the surface water */
  readonly layers?: readonly CurrentLayer[] | undefined;
  /** who holds the rod when the fish takes */
  readonly held: 'holder' | 'hand';
  /** lean of the rod in its holder from upright [rad]; else that of the craft */
  readonly holderRad?: number | undefined;
  readonly wanted: WantedBase & {
    /** band in which it is to run [m] */
    readonly depth: { readonly fromM: number; readonly toM: number };
    /** line above the surface's level [rad]; absent: that of the method where it has one; null: not judged */
    readonly lineAngleRad?: number | null | undefined;
    /** share of its weight that the bottom is to carry, on the mean; absent: that of the method; null: not judged */
    readonly contactShare?: number | null | undefined;
  };
}

export type Presentation = CastPresentation | TowedPresentation;
