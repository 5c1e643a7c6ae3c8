import { isAssembly, elementsOf, fitChain } from '../../rig';
import type { Setup } from '../../tackle';
import type { DayConditions } from './day';
import { methodOf, type Method } from './method';
import type { Suited } from './suited';

/** A depth, a bait length or a method of the day that no setup serves, with the setup that comes nearest to it. */
export type Hole =
  | { readonly kind: 'method'; readonly method: Method; readonly nearest: string | null }
  | { readonly kind: 'depth'; readonly fromM: number; readonly toM: number; readonly nearest: string | null }
  | { readonly kind: 'bait'; readonly fromM: number; readonly toM: number; readonly nearest: string | null };

/** A setup serves the depths about its own, from two thirds to one and a half times: beyond that its weight is another. */
const SERVES = { from: 2 / 3, to: 1.5 } as const;
/** A bait passes for another that is a quarter longer or shorter. */
const BAIT_SHARE = 0.25;
/** A gap narrower than this does not count [share of the range asked for]. */
const LEAST_GAP = 0.08;

/** Gaps between what was asked of depths, bait lengths and methods and what the setups that suit or go cover. */
export function holesOf(
  setups: readonly { readonly id: string; readonly setup: Setup }[],
  ranked: readonly Suited[],
  { depthM, baitM, methods }: DayConditions,
): readonly Hole[] {
  const good = new Set(ranked.flatMap(({ id, standing }) => (standing === 'suits' || standing === 'goes' ? [id] : [])));
  const serving = setups.filter(({ id }) => good.has(id));
  const depths = setups.map(({ id, setup }) => ({ id, at: setup.presentation.depthM }));
  const baits = setups.flatMap(({ id, setup }) => {
    const at = baitLengthM(setup);
    return at === null ? [] : [{ id, at }];
  });
  return [
    ...gaps(
      depthM,
      serving.map(({ setup: { presentation } }) => ({
        from: SERVES.from * presentation.depthM,
        to: SERVES.to * presentation.depthM,
      })),
    ).map(({ from, to }): Hole => ({
      kind: 'depth',
      fromM: from,
      toM: to,
      nearest: nearestTo(depths, (from + to) / 2),
    })),
    ...(baitM
      ? gaps(
          baitM,
          baits
            .filter(({ id }) => good.has(id))
            .map(({ at }) => ({ from: (1 - BAIT_SHARE) * at, to: (1 + BAIT_SHARE) * at })),
        ).map(({ from, to }): Hole => ({
          kind: 'bait',
          fromM: from,
          toM: to,
          nearest: nearestTo(baits, (from + to) / 2),
        }))
      : []),
    ...methodHoles(methods ?? [], setups, ranked, good),
  ];
}

/** Methods that no setup serves; nearest is the best ranked of those that are fished so and fail or are for other days. */
function methodHoles(
  methods: readonly Method[],
  setups: readonly { readonly id: string; readonly setup: Setup }[],
  ranked: readonly Suited[],
  good: ReadonlySet<string>,
): readonly Hole[] {
  const fished = new Map(setups.map(({ id, setup }) => [id, methodOf(setup)]));
  return methods.flatMap((method): Hole[] => {
    const own = ranked.filter(({ id }) => fished.get(id) === method);
    return own.some(({ id }) => good.has(id)) ? [] : [{ kind: 'method', method, nearest: own[0]?.id ?? null }];
  });
}

interface Span {
  readonly from: number;
  readonly to: number;
}

/** What of a range no span covers, from its low end on. */
export function gaps(asked: Span, spans: readonly Span[]): readonly Span[] {
  const least = Math.max(LEAST_GAP * (asked.to - asked.from), 1e-9);
  const found: Span[] = [];
  let at = asked.from;
  for (const { from, to } of [...spans].sort((a, b) => a.from - b.from)) {
    if (from > at) found.push({ from: at, to: Math.min(from, asked.to) });
    at = Math.max(at, to);
    if (at >= asked.to) break;
  }
  if (at < asked.to) found.push({ from: at, to: asked.to });
  return found.filter(({ from, to }) => to - from >= least);
}

const nearestTo = (all: readonly { readonly id: string; readonly at: number }[], wanted: number): string | null =>
  all.length === 0 ? null : all.reduce((a, b) => (Math.abs(b.at - wanted) < Math.abs(a.at - wanted) ? b : a)).id;

/** Length of what the fish is to take [m]: the longest body at the end of the rig; null: a bare hook. */
function baitLengthM(setup: Setup): number | null {
  const lengths = elementsOf(fitChain(setup))
    .filter(isAssembly)
    .flatMap(({ bearer, attached }) => [
      ...(bearer.kind === 'lure' && 'lengthM' in bearer.part ? [bearer.part.lengthM.value] : []),
      ...attached.flatMap((each) => (each.kind === 'bait' || each.kind === 'trailer' ? [each.part.lengthM.value] : [])),
    ]);
  return lengths.length === 0 ? null : Math.max(...lengths);
}
