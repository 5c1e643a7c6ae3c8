import { gearNow, type GearIn } from '../log/planned';
import type { Gear, Trip } from '../log/trip';
import type { TripEventOf } from '../log/trip-event';
import { isGearOf } from './versions';
import type { Side, TrialDocument } from './trial-document';

/** Nobody is reminded so soon after a strike [s]. */
const QUIET_S = 600;
/** A line that is in anyway is swapped so long before its time [s]. */
const EARLY_S = 900;

/** A line that should fish another version from now on. */
export interface DueSwap {
  readonly line: string;
  readonly to: Side;
  /** when the plan wants it [s since 1970] */
  readonly atS: number;
  /** it is not in the water, so that the swap costs nothing */
  readonly isIn: boolean;
}

/** Lines to swap now: those whose time has come, and those that are in anyway; none within ten minutes of a strike unless it is in. */
export function dueSwaps(
  document: TrialDocument,
  trip: Pick<Trip, 'lines' | 'strikes'>,
  nowS: number,
): readonly DueSwap[] {
  const { plan, closed } = document;
  if (!plan || closed || document.a.pick.by !== 'gear') return [];
  const last = plan.spells.at(-1)!;
  if (nowS < plan.spells[0]!.fromS || nowS > last.toS) return [];
  const isQuiet = trip.strikes.some(({ atS }) => atS <= nowS && nowS - atS < QUIET_S);
  const now = new Map(versionsNow(document, trip).map((each) => [each.line, each]));
  return plan.lines.flatMap(({ line }): DueSwap[] => {
    const own = now.get(line);
    if (!own) return [];
    const isIn = own.state !== 'fishing';
    const byS = nowS + (isIn ? EARLY_S : 0);
    const wanted = plan.spells.findLast(({ fromS }) => fromS <= byS)!;
    const to = wanted.lines.find((each) => each.line === line)?.version;
    return !to || to === own.version || (isQuiet && !isIn) ? [] : [{ line, to, atS: wanted.fromS, isIn }];
  });
}

const versionsNow = ({ a, b }: TrialDocument, { lines }: Pick<Trip, 'lines'>) =>
  lines.map(({ line, state, gear }) => ({
    line,
    state,
    version: isGearOf(a.pick, gear) ? ('a' as const) : isGearOf(b.pick, gear) ? ('b' as const) : null,
  }));

type Swap = ({ readonly kind: 'in' } & GearIn) | Pick<TripEventOf<'changed'>, 'kind' | 'what' | 'partId' | 'name'>;

/** What the log notes when a line is swapped to a version: another setup goes in, or a part of it is changed. */
export function swapTo({ pick }: TrialDocument['a'], gear: Gear): readonly Swap[] {
  if (pick.by !== 'gear') return [];
  const other = gear.setupId !== pick.setupId || (pick.revision !== undefined && gear.revision !== pick.revision);
  const into: readonly Swap[] = other
    ? [{ kind: 'in', ...gearNow(gear), setupId: pick.setupId, revision: pick.revision ?? gear.revision }]
    : [];
  const changes = (['lure', 'colour', 'leader'] as const).flatMap((what): Swap[] =>
    pick[what] === undefined || (!other && (gear.changed[what]?.name ?? '') === pick[what])
      ? []
      : [{ kind: 'changed', what, partId: null, name: pick[what] }],
  );
  return [...into, ...changes];
}
