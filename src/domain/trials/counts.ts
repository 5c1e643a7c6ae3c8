import type { LiveEvent, LiveTry } from '@/core/afloat';
import type { Strike } from '../log/trip';
import { pairsOfSpells, type Spent } from './spell-pairs';
import { sliced, type Levels, type TriedTrip } from './slices';
import { isShare, type Side, type TrialDocument } from './trial-document';

/** What a version has to show. */
export interface Arm {
  /** every strike, doubles too */
  readonly strikes: number;
  /** what is counted, a flurry once */
  readonly counted: number;
  /** hours of one line, or casts, of which it is counted */
  readonly exposure: number;
  /** of shares: how many of how many, a flurry once */
  readonly hits: number;
  readonly of: number;
}

/** Hours and what was counted under the same levels, for strata and confounders. */
export interface CountCell {
  readonly version: Side;
  readonly levels: Levels;
  readonly exposure: number;
  readonly counted: number;
  readonly hits: number;
  readonly of: number;
}

export interface Counts {
  readonly a: Arm;
  readonly b: Arm;
  /** in the order in which they may be looked at */
  readonly events: readonly LiveEvent[];
  readonly tries: readonly LiveTry[];
  readonly cells: readonly CountCell[];
  /** strikes and hours while the other version was not in the water, or not yet: they prove nothing */
  readonly apart: { readonly strikes: number; readonly exposure: number };
  /** strikes in all, of which so many were doubles of a flurry */
  readonly doubles: number;
  readonly trips: readonly { readonly id: string; readonly name: string; readonly counted: number }[];
}

const NO_LEVELS: Levels = { rod: '', side: '', place: '', angler: '', trip: '', part: '' };

interface Hit {
  readonly atS: number;
  readonly version: Side;
  readonly line: string;
  readonly levels: Levels;
  readonly aLines: number;
  readonly bLines: number;
  /** whether it is one of what is counted; null: it is no try at all */
  readonly hit: boolean | null;
}

/** Everything that a trial has to show, from the log and by hand. */
export function countsOf(trial: TrialDocument, trips: readonly TriedTrip[]): Counts {
  const sum = new Sum(trial);
  for (const tried of [...trips].sort((a, b) => (a.trip.opened?.atS ?? 0) - (b.trip.opened?.atS ?? 0)))
    if (trial.a.pick.by === 'hook') sum.addHooks(tried);
    else if (trial.a.pick.by !== 'hand') sum.addTrip(tried);
  sum.addTouches();
  return sum.counts();
}

/** What a strike comes to: null where it is no try, or nothing is known of it yet. */
function hitOf(counted: TrialDocument['counted'], { told }: Strike): boolean | null {
  const outcome = told?.outcome ?? null;
  if (outcome === 'followed') return null;
  const hooked = outcome === 'hooked' || outcome === 'lost' || outcome === 'landed';
  switch (counted) {
    case 'strikes':
      return true;
    case 'hooked':
      return hooked;
    case 'landed':
      return outcome === 'landed';
    case 'hooked-of-strikes':
      return outcome === null ? null : hooked;
    case 'landed-of-hooked':
      return outcome === 'landed' ? true : outcome === 'lost' ? false : null;
    default:
      return counted satisfies never;
  }
}

class Sum {
  private readonly arms = { a: emptyArm(), b: emptyArm() };
  private readonly events: LiveEvent[] = [];
  private readonly tries: LiveTry[] = [];
  private readonly cells = new Map<string, { -readonly [K in keyof CountCell]: CountCell[K] }>();
  private readonly trips: { id: string; name: string; counted: number }[] = [];
  private apart = { strikes: 0, exposure: 0 };
  private doubles = 0;
  private readonly isShare: boolean;

  constructor(private readonly trial: TrialDocument) {
    this.isShare = isShare(trial.counted);
  }

  addTrip(tried: TriedTrip): void {
    const { trial } = this;
    const trip = sliced(tried, trial);
    const spent: Spent[] =
      trial.exposure === 'casts'
        ? this.inTime(tried.trip.casts).flatMap(({ line, atS, count }): Spent[] => {
            const own = trip.at(atS).find((each) => each.line === line);
            return own?.version
              ? [
                  {
                    line,
                    version: own.version,
                    fromS: atS,
                    toS: atS,
                    exposure: count,
                    levels: own.levels,
                    beside: false,
                  },
                ]
              : [];
          })
        : trip.slices.map((slice) => ({ ...slice, exposure: (slice.toS - slice.fromS) / 3600 }));
    const hits = this.inTime(tried.trip.strikes).flatMap((strike): (Hit & { readonly flurry: number })[] => {
      if (strike.told?.outcome === 'followed') return [];
      const lines = trip.at(strike.atS);
      const own = lines.find(({ line }) => line === strike.line);
      if (!own?.version) return [];
      const count = (side: Side) => lines.filter(({ version }) => version === side).length;
      return [
        {
          atS: strike.atS,
          version: own.version,
          line: strike.line,
          levels: own.levels,
          aLines: count('a'),
          bLines: count('b'),
          hit: hitOf(trial.counted, strike),
          flurry: strike.flurry,
        },
      ];
    });
    const singles = this.firstOfFlurries(hits);
    const before = this.arms.a.counted + this.arms.b.counted;
    if (this.isShare) this.addTries(singles);
    else if (trial.way === 'in-turn') this.addInTurn(singles, spent, tried.trip.closedS !== null);
    else this.addTogether(singles, spent);
    for (const { version } of hits) this.arms[version].strikes += 1;
    const counted = this.arms.a.counted + this.arms.b.counted - before;
    if (hits.length > 0 || spent.length > 0) this.trips.push({ id: tried.id, name: tried.name, counted });
  }

  /** Hooks of one lure meet the same fish: every strike is a pair, and one that several held tells nothing. */
  addHooks(tried: TriedTrip): void {
    const { a, b, counted } = this.trial;
    const own = this.inTime(tried.trip.strikes).flatMap((strike): (Hit & { readonly flurry: number })[] => {
      const isOf = ({ pick }: TrialDocument['a']) =>
        pick.by === 'hook' && (pick.setupId === undefined || pick.setupId === strike.gear?.setupId);
      const held = strike.told?.heldBy ?? null;
      const hit = hitOf(counted, strike);
      if (!isOf(a) || held === null || !hit || strike.gear === null) return [];
      const version =
        a.pick.by === 'hook' && a.pick.hook === held ? 'a' : b.pick.by === 'hook' && b.pick.hook === held ? 'b' : null;
      if (version === null) {
        this.apart.strikes += 1;
        return [];
      }
      const { words } = tried.gear(strike.gear);
      const levels = { ...NO_LEVELS, rod: words.rod, side: words.side, angler: strike.angler ?? '', trip: tried.name };
      return [
        { atS: strike.atS, version, line: strike.line, levels, aLines: 1, bLines: 1, hit, flurry: strike.flurry },
      ];
    });
    const singles = this.firstOfFlurries(own);
    for (const each of singles) this.event(each);
    for (const { version } of own) this.arms[version].strikes += 1;
    if (own.length > 0) this.trips.push({ id: tried.id, name: tried.name, counted: singles.length });
  }

  /** What was touched by hand: each touch says itself how many fished. */
  addTouches(): void {
    const { touches, byHand } = this.trial;
    for (const { version, aLines, bLines, hit } of [...touches].sort((a, b) => a.atS - b.atS)) {
      this.arms[version].strikes += 1;
      const levels = NO_LEVELS;
      if (this.isShare) this.addTries([{ atS: 0, version, line: '', levels, aLines, bLines, hit: hit ?? null }]);
      else if (this.trial.way === 'together')
        this.event({ atS: 0, version, line: '', levels, aLines, bLines, hit: true });
      // In turn it counts once it is known how long each version was fished.
      else if (byHand.a > 0 && byHand.b > 0)
        this.event({ atS: 0, version, line: '', levels, ...sharesOf(byHand), hit: true });
      else this.apart.strikes += 1;
    }
    for (const version of ['a', 'b'] as const)
      if (!this.isShare) this.spend({ version, levels: NO_LEVELS, exposure: byHand[version] });
  }

  counts(): Counts {
    const { arms, events, tries, apart, doubles, trips } = this;
    return { ...arms, events, tries, cells: [...this.cells.values()], apart, doubles, trips };
  }

  private inTime<T extends { readonly atS: number }>(all: readonly T[]): readonly T[] {
    const { startedS, closed } = this.trial;
    return all.filter(({ atS }) => atS >= startedS && atS <= (closed?.atS ?? Infinity));
  }

  private firstOfFlurries<H extends Hit & { readonly flurry: number }>(hits: readonly H[]): readonly H[] {
    const seen = new Set<number>();
    return hits.filter(({ hit, flurry }) => {
      if (hit === null || (!this.isShare && !hit)) return false;
      const isFirst = !seen.has(flurry);
      seen.add(flurry);
      if (!isFirst) this.doubles += 1;
      return isFirst;
    });
  }

  private addTries(hits: readonly Hit[]): void {
    for (const { version, hit, levels } of hits) {
      if (hit === null) continue;
      const cell = this.cell(version, levels);
      const arm = this.arms[version];
      for (const each of [cell, arm]) {
        each.of += 1;
        each.hits += Number(hit);
      }
      this.tries.push({ version, hit });
    }
  }

  private addTogether(hits: readonly Hit[], spent: readonly Spent[]): void {
    for (const each of spent)
      if (each.beside) this.spend(each);
      else this.apart.exposure += each.exposure;
    for (const each of hits)
      if (each.aLines > 0 && each.bLines > 0) this.event(each);
      else this.apart.strikes += 1;
  }

  /** Each spell stands against the next one of the other version on the same line, once both are over. */
  private addInTurn(hits: readonly Hit[], spent: readonly Spent[], isOver: boolean): void {
    const { pairs, unpaired } = pairsOfSpells(spent, hits, isOver);
    for (const { spells, hits: own, aExposure, bExposure } of pairs) {
      const whole = aExposure + bExposure;
      for (const spell of spells) this.spend(spell);
      for (const each of own) this.event({ ...each, aLines: aExposure / whole, bLines: bExposure / whole });
    }
    this.apart.strikes += unpaired.hits;
    this.apart.exposure += unpaired.exposure;
  }

  private event({ version, levels, aLines, bLines }: Hit): void {
    this.arms[version].counted += 1;
    this.cell(version, levels).counted += 1;
    this.events.push({ version, aLines, bLines });
  }

  private spend({ version, levels, exposure }: Pick<Spent, 'version' | 'levels' | 'exposure'>): void {
    if (exposure <= 0) return;
    this.arms[version].exposure += exposure;
    this.cell(version, levels).exposure += exposure;
  }

  private cell(version: Side, levels: Levels) {
    const key = `${version} ${JSON.stringify(levels)}`;
    const found = this.cells.get(key) ?? { version, levels, exposure: 0, counted: 0, hits: 0, of: 0 };
    this.cells.set(key, found);
    return found;
  }
}

const sharesOf = ({ a, b }: TrialDocument['byHand']) => ({ aLines: a / (a + b), bLines: b / (a + b) });

const emptyArm = () => ({ strikes: 0, counted: 0, exposure: 0, hits: 0, of: 0 });
