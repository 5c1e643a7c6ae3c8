import {
  confounders,
  evidencePath,
  sharePath,
  STRATA_LIMITS,
  trial,
  trialLive,
  trialLiveShare,
  trialStrata,
  type Trial,
  type TrialStrata,
} from '@/core/afloat';
import { countsOf, type Counts, type CountCell } from './counts';
import { FACTORS, type Factor, type TriedTrip } from './slices';
import { isShare, type Side, type TrialDocument } from './trial-document';

export interface FactorResult {
  /** one of the factors, or all of them at once */
  readonly factor: Factor | 'all';
  /** how alike the hours of both versions were; null of all at once */
  readonly overlap: number | null;
  readonly confounded: boolean;
  /** of the version that leans furthest to one level: which, where, and its share there */
  readonly leans: { readonly version: Side; readonly level: string; readonly share: number } | null;
  /** the ratio with this taken into account; null where there is nothing to count by */
  readonly adjusted: TrialStrata | null;
}

export interface TrialResult {
  readonly counts: Omit<Counts, 'events' | 'tries' | 'cells'>;
  /** b-better, a-better or not-yet, however often one looks */
  readonly verdict: 'b-better' | 'a-better' | 'not-yet';
  readonly evidence: number;
  readonly alwaysValidP: number;
  /** evidence after each strike, or each pair of tries */
  readonly path: readonly number[];
  /** the totals; null where a rate has no hours yet */
  readonly totals: Trial | null;
  readonly factors: readonly FactorResult[];
}

/** The greatest number of points that a picture shows. */
const MOST_POINTS = 400;

/** What a trial says so far. */
export function resultOf(document: TrialDocument, trips: readonly TriedTrip[]): TrialResult {
  const { events, tries, cells, ...counts } = countsOf(document, trips);
  const share = isShare(document.counted);
  const live = share ? trialLiveShare(tries) : trialLive(events);
  return {
    counts,
    verdict: live.outcome,
    evidence: live.evidence,
    alwaysValidP: live.alwaysValidP,
    path: thinned(share ? sharePath(tries) : evidencePath(events)),
    totals: totalsOf(document, counts),
    factors: document.a.pick.by === 'hand' ? [] : factorsOf(cells, share, document.a.pick.by === 'hook'),
  };
}

function thinned(path: readonly number[]): readonly number[] {
  const step = Math.ceil(path.length / MOST_POINTS);
  return path.filter((_, i) => i % step === 0 || i === path.length - 1);
}

function totalsOf({ counted, a }: TrialDocument, { a: A, b: B }: Pick<Counts, 'a' | 'b'>): Trial | null {
  if (isShare(counted)) return trial({ kind: 'share', a: A, b: B });
  // Hooks of one lure had the same hours.
  const hours = (own: number) => (a.pick.by === 'hook' ? 1 : own);
  const [aH, bH] = [hours(A.exposure), hours(B.exposure)];
  if (aH <= 0 || bH <= 0) return null;
  return trial({
    kind: 'rate',
    a: { events: A.counted, exposureH: aH },
    b: { events: B.counted, exposureH: bH },
  });
}

function factorsOf(cells: readonly CountCell[], share: boolean, isHook: boolean): readonly FactorResult[] {
  if (isHook) return [];
  const weighed = cells.map((cell) => ({ ...cell, weight: share ? cell.of : cell.exposure }));
  const found = confounders(
    weighed
      .filter(({ weight }) => weight > 0)
      .map(({ version, levels, weight }) => ({ version, levels: { ...levels }, hours: weight })),
  ).factors;
  const adjusted = (levelOf: (cell: CountCell) => string): TrialStrata | null => {
    const levels = [...new Set(cells.map(levelOf))];
    const sum = (version: Side, level: string, field: 'counted' | 'exposure' | 'hits' | 'of') =>
      cells.reduce((all, cell) => (cell.version === version && levelOf(cell) === level ? all + cell[field] : all), 0);
    if (levels.length === 0 || levels.length > STRATA_LIMITS.strata.max) return null;
    const arm = (version: Side, level: string) =>
      share
        ? { hits: sum(version, level, 'hits'), of: sum(version, level, 'of') }
        : { events: sum(version, level, 'counted'), exposureH: sum(version, level, 'exposure') };
    const strata = levels.map((name) => ({ name, a: arm('a', name), b: arm('b', name) }));
    return trialStrata({ kind: share ? 'share' : 'rate', strata } as Parameters<typeof trialStrata>[0]);
  };
  const leaning = (factor: Factor): FactorResult['leans'] => {
    const all = (['a', 'b'] as const).flatMap((version) => {
      const own = weighed.filter((cell) => cell.version === version);
      const whole = own.reduce((sum, { weight }) => sum + weight, 0);
      return [...new Set(own.map(({ levels }) => levels[factor]))].map((level) => ({
        version,
        level,
        share: own.reduce((sum, cell) => (cell.levels[factor] === level ? sum + cell.weight : sum), 0) / whole,
      }));
    });
    const off = ({ version, level, share: own }: (typeof all)[number]) =>
      own - (all.find((each) => each.version !== version && each.level === level)?.share ?? 0);
    return all.filter(({ level }) => level !== '').sort((a, b) => off(b) - off(a))[0] ?? null;
  };
  const own = FACTORS.flatMap((factor): FactorResult[] => {
    const confounder = found.find(({ name }) => name === factor);
    const isTold = cells.some(({ levels }) => levels[factor] !== '');
    if (!confounder || !isTold) return [];
    return [
      {
        factor,
        overlap: confounder.overlap,
        confounded: confounder.confounded,
        leans: leaning(factor),
        adjusted: adjusted(({ levels }) => levels[factor]),
      },
    ];
  });
  const all: FactorResult = {
    factor: 'all',
    overlap: null,
    confounded: false,
    leans: null,
    adjusted: adjusted(({ levels }) => JSON.stringify(levels)),
  };
  return own.length === 0 ? [] : [...own, all];
}
