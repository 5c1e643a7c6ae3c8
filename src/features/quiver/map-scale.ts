import type { Territory, Wants } from '@/core/decide';

/** Logarithmic axes: lure mass across, pull at the hook up. */
export interface MapScale {
  readonly x: (kg: number) => number;
  readonly y: (N: number) => number;
  readonly masses: readonly number[];
  readonly pulls: readonly number[];
}

export const MARGIN = { left: 56, right: 14, top: 14, bottom: 40 } as const;

/** Round figures of one, two and five that lie between two values. */
export function roundsBetween(from: number, to: number): number[] {
  const first = Math.floor(Math.log10(from));
  const last = Math.ceil(Math.log10(to));
  return Array.from({ length: last - first + 1 }, (_, i) => 10 ** (first + i))
    .flatMap((ten) => [1, 2, 5].map((one) => one * ten))
    .filter((value) => value >= from && value <= to);
}

/** A scale that holds every rod and every lure; per unit: SI of one unit of each axis, so that ticks are round to the reader. */
export function mapScale(
  places: readonly Territory[],
  wants: readonly Wants[],
  unit: { readonly kg: number; readonly N: number },
  size: { readonly width: number; readonly height: number },
): MapScale {
  const masses = [
    ...places.flatMap(({ window }) => [window.soundFrom, window.soundTo]),
    ...wants.flatMap(({ castMassKg }) => (castMassKg === null ? [] : [castMassKg])),
  ].filter((value) => value > 0 && Number.isFinite(value));
  const pulls = [
    ...places.flatMap(({ pullN }) => pullN ?? []),
    ...wants.flatMap(({ fromN, toN }) => [fromN, toN]),
  ].filter((value) => value > 0 && Number.isFinite(value));
  const span = (values: readonly number[], spare: number): readonly [number, number] =>
    values.length === 0 ? [1, 10] : [Math.min(...values) / spare, Math.max(...values) * spare];
  const [m0, m1] = span(masses, 1.15);
  const [p0, p1] = span(pulls, 1.2);
  const along = (value: number, from: number, to: number) =>
    Math.log(Math.min(to, Math.max(from, value)) / from) / Math.log(to / from);
  const ticks = (from: number, to: number, one: number) =>
    roundsBetween(from / one, to / one).map((value) => value * one);
  return {
    x: (kg) => MARGIN.left + along(kg, m0, m1) * (size.width - MARGIN.left - MARGIN.right),
    y: (N) => size.height - MARGIN.bottom - along(N, p0, p1) * (size.height - MARGIN.top - MARGIN.bottom),
    masses: ticks(m0, m1, unit.kg),
    pulls: ticks(p0, p1, unit.N),
  };
}
