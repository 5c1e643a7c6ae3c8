import { requireInRange, type Limits } from '../../base/guard';
import type { Conditions, Presentation, Setup } from '../../tackle';
import type { Cover } from '../../tackle/defaults/hookset-classes';
import type { Fouling } from '../../tackle/defaults/tow-classes';
import type { Method } from './method';

interface Span {
  readonly from: number;
  readonly to: number;
}

/** What is known of a day, or of one slot of it. What is not said stays as each setup has it. */
export interface DayConditions {
  readonly surfaceC: number;
  /** water deep down, where it is colder or warmer [°C at m] */
  readonly deep?: { readonly temperatureC: number; readonly depthM: number } | undefined;
  /** measured on the way down, deeper and deeper; it stands in place of `deep` */
  readonly profile?: readonly { readonly depthM: number; readonly temperatureC: number }[] | undefined;
  readonly salinity?: number | undefined;
  /** depths that are to be fished [m] */
  readonly depthM: Span;
  readonly bottomM?: number | undefined;
  readonly currentMps?: number | undefined;
  readonly speedMps?: Span | undefined;
  readonly fishKg?: number | undefined;
  /** lengths of the bait that fish take just now [m] */
  readonly baitM?: Span | undefined;
  /** ways of fishing that are wanted, whatever serves them */
  readonly methods?: readonly Method[] | undefined;
  readonly cover?: Cover | undefined;
  readonly fouling?: Fouling | undefined;
  readonly clarity?: Conditions['clarity'];
  readonly light?: Conditions['light'];
  readonly mood?: Conditions['mood'];
  readonly bottom?: Conditions['bottom'];
  readonly craftId?: string | null | undefined;
}

export const DAY_LIMITS = {
  temperatureC: { min: -2, max: 40 },
  depthM: { min: 0, max: 100 },
} as const satisfies Record<string, Limits>;

/**
 * Temperature at a depth [°C]: along straight lines from the surface through the points of the profile, or to the deep water;
 * below the last of them as there.
 */
export function temperatureAt(
  { surfaceC, deep, profile }: Pick<DayConditions, 'surfaceC' | 'deep' | 'profile'>,
  depthM: number,
): number {
  const below = profile && profile.length > 0 ? profile : deep ? [deep] : [];
  const points = [{ depthM: 0, temperatureC: surfaceC }, ...below.filter((point) => point.depthM > 0)];
  const next = points.findIndex((point) => point.depthM > depthM);
  if (next < 0) return points.at(-1)!.temperatureC;
  const [a, b] = [points[next - 1]!, points[next]!];
  return a.temperatureC + ((b.temperatureC - a.temperatureC) * (depthM - a.depthM)) / (b.depthM - a.depthM);
}

/** Depth at which a setup is fished on such a day [m]: its own, or the nearest of those that are asked. */
export const depthOn = ({ depthM }: Pick<DayConditions, 'depthM'>, own: number): number =>
  Math.min(depthM.to, Math.max(depthM.from, own));

/**
 * A setup as it would be fished on a day: water, fish, cover and craft of the day, its own technique. Its depth moves as
 * little as the day's depths ask; a wanted band of a towed lure moves with it and keeps its width.
 *
 * @throws {InputRangeError} when a temperature or depth of the day lies outside DAY_LIMITS, or a range ends before it begins.
 */
export function onTheDay(setup: Setup, day: DayConditions): Setup {
  checkDay(day);
  const { presentation } = setup;
  const depthM = Math.max(0.1, depthOn(day, presentation.depthM));
  const waterNow = {
    temperatureC: temperatureAt(day, depthM),
    salinity: day.salinity ?? ('salinity' in presentation.water ? presentation.water.salinity : 0),
  };
  const common = {
    depthM,
    water: waterNow,
    ...given('currentMps', day.currentMps),
    ...given('fishKg', day.fishKg),
    ...given('cover', day.cover),
    ...given('fouling', day.fouling),
    ...given('craftId', day.craftId),
    conditions: {
      ...presentation.conditions,
      ...given('clarity', day.clarity),
      ...given('light', day.light),
      ...given('mood', day.mood),
      ...given('bottom', day.bottom),
    },
  };
  return { ...setup, presentation: { ...moved(presentation, depthM, day.bottomM), ...common } as Presentation };
}

const given = <K extends string, V>(key: K, value: V | undefined): Partial<Record<K, V>> =>
  value === undefined ? {} : ({ [key]: value } as Record<K, V>);

/** A wanted band about another depth, and a bottom that lies no higher than what is fished over it. */
function moved(presentation: Presentation, depthM: number, bottomM: number | undefined): Presentation {
  if (presentation.kind === 'cast') return presentation;
  const by = depthM - presentation.depthM;
  const { fromM, toM } = presentation.wanted.depth;
  const atMost = (m: number) => Math.min(DAY_LIMITS.depthM.max, m);
  return {
    ...presentation,
    ...(bottomM === undefined ? {} : { bottomM: Math.max(bottomM, depthM + 0.1) }),
    wanted: {
      ...presentation.wanted,
      depth: { fromM: atMost(Math.max(0, fromM + by)), toM: atMost(Math.max(0.1, toM + by)) },
    },
  };
}

export function checkDay({ surfaceC, deep, profile, depthM, baitM, speedMps }: DayConditions): void {
  requireInRange('day.surfaceC', surfaceC, DAY_LIMITS.temperatureC);
  if (deep) {
    requireInRange('day.deep.temperatureC', deep.temperatureC, DAY_LIMITS.temperatureC);
    requireInRange('day.deep.depthM', deep.depthM, DAY_LIMITS.depthM);
  }
  for (const [i, point] of (profile ?? []).entries()) {
    requireInRange(`day.profile[${i}].temperatureC`, point.temperatureC, DAY_LIMITS.temperatureC);
    const least = i === 0 ? DAY_LIMITS.depthM.min : profile![i - 1]!.depthM;
    requireInRange(`day.profile[${i}].depthM`, point.depthM, { ...DAY_LIMITS.depthM, min: least });
  }
  for (const [name, span] of [
    ['depthM', depthM],
    ['baitM', baitM],
    ['speedMps', speedMps],
  ] as const) {
    if (!span) continue;
    requireInRange(`day.${name}.from`, span.from, DAY_LIMITS.depthM);
    requireInRange(`day.${name}.to`, span.to, { min: span.from, max: DAY_LIMITS.depthM.max });
  }
}
