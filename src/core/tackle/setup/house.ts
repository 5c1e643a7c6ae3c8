import type { Quantity } from '../../base/quantity';
import type { SchoolId } from '../defaults/schools';

/** What was measured or said of the angler; the rest of a person is nobody's business. */
export interface Angler {
  readonly heightM?: Quantity<'m'> | undefined;
  /** hands above the ground or the deck, by stance */
  readonly handStandingM?: Quantity<'m'> | undefined;
  readonly handSeatedM?: Quantity<'m'> | undefined;
  /** hands above the water when wading */
  readonly handWadingM?: Quantity<'m'> | undefined;
  /** how far an arm reaches past the grip for the line or the net */
  readonly reachM?: Quantity<'m'> | undefined;
  /** the hand that winds */
  readonly winds?: 'left' | 'right' | undefined;
  readonly peakMomentNm?: Quantity<'N·m'> | undefined;
  readonly setSlackM?: Quantity<'m'> | undefined;
  /** moment above which a bad shoulder complains */
  readonly shoulderLimitNm?: Quantity<'N·m'> | undefined;
}

export interface Craft {
  readonly id: string;
  readonly name: string;
  readonly lengthM: number;
  /** gunwale above the water [m] */
  readonly freeboardM: number;
  /** room between the holders and what stands behind, for two rods side by side [m]; null: not measured */
  readonly holders: number;
  /** depth of a holder's tube [m] */
  readonly holderDepthM: number;
  /** how far a rod in a holder leans out from upright [rad] */
  readonly holderAngleRad: number;
  /** distance between neighbouring holders [m] */
  readonly holderGapM: number;
  readonly downriggers: number;
  readonly booms: number;
  /** pull to tow the hull at 1 m/s [N]; grows with the square */
  readonly hullDragN: number;
  /** rods, and mass of tackle [kg], that it takes; absent: as much as is wanted */
  readonly carriesRods?: number | undefined;
  readonly carriesKg?: number | undefined;
}

/** Local rules as the user read them at the authority; empty fields rule nothing. */
export interface RulesSheet {
  readonly authority?: string | undefined;
  /** ISO date on which it was read */
  readonly readOn?: string | undefined;
  readonly rodsPerPerson?: number | undefined;
  readonly hooksPerLine?: number | undefined;
  readonly pointsPerLine?: number | undefined;
  readonly baitsPerLine?: number | undefined;
  readonly barbless?: boolean | undefined;
  readonly noTrebles?: boolean | undefined;
  /** lead lighter than this is not allowed [kg] */
  readonly leadOverKg?: number | undefined;
  readonly noLead?: boolean | undefined;
  readonly noNaturalBait?: boolean | undefined;
  readonly noLiveBait?: boolean | undefined;
  readonly noWire?: boolean | undefined;
  readonly largestGapM?: number | undefined;
  readonly words?: string | undefined;
}

/** What a bench holds to besides parts: which side it takes where practice differs, who fishes, from what, under which rules. */
export interface House {
  readonly schools: { readonly [school in SchoolId]?: string | undefined };
  readonly angler: Angler;
  readonly crafts: readonly Craft[];
  readonly sheet: RulesSheet;
  /** class values that the user has changed, by path as `mouths.soft.strengthMpa` */
  readonly classes: Readonly<Record<string, number>>;
}

export const EMPTY_HOUSE: House = { schools: {}, angler: {}, crafts: [], sheet: {}, classes: {} };
