import { InputRangeError, requireInRange, type Limits } from '../../base/guard';
import { evaluate, placeOf, roomOf, VERDICT_NAMES, type Evaluation } from '../../judge';
import type { Conditions, Setup } from '../../tackle';
import type { Steps } from '../choose';
import { checkDay, depthOn, onTheDay, temperatureAt, type DayConditions } from './day';
import { holesOf, type Hole } from './holes';
import type { OutsideUse, Suited } from './suited';

export const SUIT_LIMITS = { setups: { min: 1, max: 500 } } as const satisfies Record<string, Limits>;

export interface SuitInput {
  readonly setups: readonly { readonly id: string; readonly setup: Setup }[];
  readonly day: DayConditions;
}

export interface Suit {
  readonly outcome: 'ok';
  /** what suits best first */
  readonly ranked: readonly Suited[];
  /** setups that no model could work out */
  readonly refused: readonly string[];
  readonly holes: readonly Hole[];
}

const STANDING = { suits: 0, goes: 1, fails: 2, outside: 3 } as const satisfies Record<Suited['standing'], number>;
/** An open verdict counts as an edge: it may be either. */
const OPEN_ROOM = -0.5;

/**
 * Which setups suit a day: each is evaluated again under its conditions, nothing else of it changed.
 *
 * Ranked by how they stand, then by how many verdicts are not sound, then by the room of the verdict that has least, then as
 * given. A setup outside its owner's own use window stands last, whatever its marks. Nothing is said of where fish are.
 *
 * @throws {InputRangeError} when the number of setups lies outside SUIT_LIMITS, or the day outside DAY_LIMITS.
 */
export function* suit({ setups, day }: SuitInput): Steps<Suit> {
  requireInRange('setups', setups.length, SUIT_LIMITS.setups);
  checkDay(day);
  const suited: Suited[] = [];
  const refused: string[] = [];
  for (const [i, { id, setup }] of setups.entries()) {
    const today = onTheDay(setup, day);
    const evaluation = answered(today);
    if (evaluation) suited.push(standingOf(id, setup, day, evaluation));
    else refused.push(id);
    yield { done: i + 1, of: setups.length };
  }
  const order = new Map(setups.map(({ id }, i) => [id, i]));
  const ranked = suited.sort(
    (a, b) =>
      STANDING[a.standing] - STANDING[b.standing] ||
      notSound(a) - notSound(b) ||
      b.decides.room - a.decides.room ||
      order.get(a.id)! - order.get(b.id)!,
  );
  return { outcome: 'ok', ranked, refused, holes: holesOf(setups, ranked, day) };
}

/** A rig that lies outside of what the models take is not ranked, and takes no other down. */
function answered(setup: Setup): Evaluation | null {
  try {
    return evaluate(setup);
  } catch (error) {
    if (error instanceof InputRangeError) return null;
    throw error;
  }
}

const notSound = ({ marks }: Suited): number => VERDICT_NAMES.filter((name) => marks[name] !== 'sound').length;

function standingOf(id: string, setup: Setup, day: DayConditions, { verdicts, checks }: Evaluation): Suited {
  const rooms = VERDICT_NAMES.map((verdict) => ({
    verdict,
    room: roomOf(verdicts[verdict]) ?? OPEN_ROOM,
    place: placeOf(verdicts[verdict]) ?? Infinity,
  }));
  // Room ends at one; of several that have it all, the one whose figure stands nearest to a limit.
  const least = rooms.reduce((a, b) => (b.room < a.room || (b.room === a.room && b.place < a.place) ? b : a));
  const { mark, value, unit } = verdicts[least.verdict];
  const outside = outsideUse(setup, day);
  const marks = Object.fromEntries(VERDICT_NAMES.map((name) => [name, verdicts[name].mark])) as Suited['marks'];
  const worst = Object.values(marks);
  const depthM = depthOn(day, setup.presentation.depthM);
  return {
    id,
    standing:
      outside.length > 0
        ? 'outside'
        : worst.includes('fails')
          ? 'fails'
          : worst.some((each) => each !== 'sound')
            ? 'goes'
            : 'suits',
    marks,
    decides: { verdict: least.verdict, mark, value, unit, room: least.room },
    remark: checks.find(({ severity }) => severity !== 'note') ?? null,
    outside,
    depthM,
    temperatureC: temperatureAt(day, depthM),
  };
}

/** What of the day lies outside of a setup's own use window; what the owner did not say holds for all. */
function outsideUse({ presentation }: Setup, day: DayConditions): readonly OutsideUse[] {
  const { conditions } = presentation;
  const found: OutsideUse[] = [];
  const depthM = depthOn(day, presentation.depthM);
  const span = (
    what: 'temperatureC' | 'depthM' | 'speedMps',
    asked: number | undefined,
    window: Conditions['speedMps'],
  ) => {
    if (asked !== undefined && window && (asked < window.from || asked > window.to))
      found.push({ what, asked, from: window.from, to: window.to });
  };
  span('temperatureC', temperatureAt(day, depthM), conditions.temperatureC);
  span('depthM', depthM, conditions.depthM);
  // A setup goes at any speed of the day's range that its owner uses it at.
  if (day.speedMps && conditions.speedMps)
    span(
      'speedMps',
      Math.min(day.speedMps.to, Math.max(day.speedMps.from, conditions.speedMps.from)),
      conditions.speedMps,
    );
  for (const what of ['clarity', 'light', 'mood', 'bottom'] as const) {
    const [asked, own] = [day[what], conditions[what]];
    if (asked !== undefined && own !== undefined && asked !== own) found.push({ what, asked, from: own, to: own });
  }
  return found;
}
