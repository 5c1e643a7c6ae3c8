import type { GearKnown } from '../log/cells';
import { depthAtSpeed, speedTrend, thenAt } from '../log/then-at';
import { stretchesByTurn, type TurnedStretch } from '../log/stretches-by-turn';
import type { Series } from '../log/block-series';
import type { Gear, Trip } from '../log/trip';
import { isGearOf } from './versions';
import type { Side, TrialDocument, VersionPick } from './trial-document';

/** What instruments say is looked at so often [s]. */
const STEP_S = 20;
const QUARTERS = 4;

/** A trip with what its versions are told by. */
export interface TriedTrip {
  readonly id: string;
  readonly name: string;
  readonly trip: Trip;
  readonly untilS: number;
  /** null where no version is told by instruments */
  readonly series: Series | null;
  readonly gear: (gear: Gear) => Pick<GearKnown, 'words' | 'depthsAt'>;
}

export const FACTORS = ['rod', 'side', 'place', 'angler', 'trip', 'part'] as const;
export type Factor = (typeof FACTORS)[number];
export type Levels = Readonly<Record<Factor, string>>;

/** A stretch of time of one line under one version. */
export interface Slice {
  readonly line: string;
  readonly version: Side;
  readonly fromS: number;
  readonly toS: number;
  readonly levels: Levels;
  /** whether the other version was in the water too */
  readonly beside: boolean;
}

export interface SlicedTrip {
  readonly slices: readonly Slice[];
  /** which version each line in the water was then, the struck one with it, and what else is true of it */
  readonly at: (
    atS: number,
  ) => readonly { readonly line: string; readonly version: Side | null; readonly levels: Levels }[];
}

/** A trip's hours by version; stretches at whose end weed was found are left out. */
export function sliced(tried: TriedTrip, { a, b, startedS, closed }: TrialDocument): SlicedTrip {
  const { trip, untilS, series } = tried;
  const isMeasured = a.pick.by === 'measure' || a.pick.by === 'pace';
  const stretches = stretchesByTurn(trip, untilS).flatMap((each): TurnedStretch[] => {
    const fromS = Math.max(each.stretch.fromS, startedS);
    const toS = Math.min(endOf(each.stretch.toS, untilS), closed?.atS ?? Infinity);
    return each.stretch.isDoubtful || toS <= fromS ? [] : [{ ...each, stretch: { ...each.stretch, fromS, toS } }];
  });
  const startS = Math.min(untilS, ...stretches.map(({ stretch }) => stretch.fromS));
  const cuts = new Set(stretches.flatMap(({ stretch }) => [stretch.fromS, endOf(stretch.toS, untilS)]));
  const quarterS = (untilS - startS) / QUARTERS;
  for (let k = 1; k < QUARTERS; k += 1) cuts.add(startS + k * quarterS);
  if (isMeasured) for (let atS = startS; atS < untilS; atS += STEP_S) cuts.add(atS);
  const levelsOf = ({ stretch, angler }: TurnedStretch, atS: number): Levels => {
    const { words } = tried.gear(stretch.gear);
    const quarter = quarterS > 0 ? Math.min(QUARTERS, 1 + Math.floor((atS - startS) / quarterS)) : 1;
    return { rod: words.rod, side: words.side, place: words.place, angler, trip: tried.name, part: String(quarter) };
  };
  const versionAt = (gear: Gear, atS: number): Side | null => {
    const known = isMeasured ? measuredAt(tried, series, gear, atS) : null;
    return fits(a.pick, gear, known) ? 'a' : fits(b.pick, gear, known) ? 'b' : null;
  };
  const sorted = [...cuts].sort((one, other) => one - other);
  const slices = sorted.slice(1).flatMap((toS, i): Slice[] => {
    const fromS = sorted[i]!;
    const middleS = (fromS + toS) / 2;
    const active = stretches
      .filter(({ stretch }) => stretch.fromS <= fromS && endOf(stretch.toS, untilS) >= toS)
      .map((each) => ({ each, version: versionAt(each.stretch.gear, middleS) }));
    return active.flatMap(({ each, version }): Slice[] =>
      version === null
        ? []
        : [
            {
              line: each.stretch.line,
              version,
              fromS,
              toS,
              levels: levelsOf(each, middleS),
              beside: active.some((other) => other.version !== null && other.version !== version),
            },
          ],
    );
  });
  return {
    slices,
    at: (atS) => {
      const lines = new Map<string, TurnedStretch>();
      // Of a line that was changed in that very second the stretch that ends is the one that was struck.
      for (const each of stretches)
        if (each.stretch.fromS <= atS && endOf(each.stretch.toS, untilS) >= atS && !lines.has(each.stretch.line))
          lines.set(each.stretch.line, each);
      return [...lines].map(([line, each]) => ({
        line,
        version: versionAt(each.stretch.gear, atS),
        levels: levelsOf(each, atS),
      }));
    },
  };
}

const endOf = (toS: number | null, untilS: number): number => Math.min(toS ?? untilS, untilS);

interface Measured {
  readonly speed: number | null;
  readonly 'ground-speed': number | null;
  readonly depth: number | null;
  readonly lead: number | null;
  readonly pace: 'steady' | 'broken' | null;
}

function measuredAt(tried: TriedTrip, series: Series | null, gear: Gear, atS: number): Measured {
  const then = series && thenAt(series, atS);
  const boatMps = then?.waterMps ?? then?.sogMps ?? null;
  const faster = then?.fasterMps ?? null;
  return {
    speed: then?.probeMps ?? boatMps,
    'ground-speed': then?.sogMps ?? null,
    depth: boatMps === null ? null : depthAtSpeed(tried.gear(gear).depthsAt, boatMps),
    lead: gear.lineM,
    pace: faster === null ? null : speedTrend(faster) === 'steady' ? 'steady' : 'broken',
  };
}

function fits(pick: VersionPick, gear: Gear, measured: Measured | null): boolean {
  switch (pick.by) {
    case 'gear':
      return isGearOf(pick, gear);
    case 'measure': {
      const value = measured?.[pick.what] ?? null;
      return value !== null && value >= pick.from && value < pick.to;
    }
    case 'pace':
      return measured?.pace === pick.is;
    case 'hook':
    case 'hand':
      return false;
    default:
      return pick satisfies never;
  }
}
