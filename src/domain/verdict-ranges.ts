import type { RangedFigure, Ranges } from '@/core/decide';
import { VERDICT_NAMES, type VerdictName } from '@/core/judge';
import type { Setup } from '@/core/tackle';
import { measurableBy } from './measurable';
import { uncertainInput } from './uncertain-input';
import type { Measurement } from './measurement';

/** A mark that fewer draws than this share is no mark yet. */
const SURE_FROM = 0.6;
/** A cause below this share of the variance is not named. */
const NAMED_FROM = 0.1;

export interface VerdictRange {
  /** the figure nine times in ten; null where it has none or does not move */
  readonly range: readonly [number, number] | null;
  /** share of draws that give the same mark */
  readonly sure: number;
  readonly isSure: boolean;
  /** what the mark mostly comes from, and what would narrow it */
  readonly mostly: { readonly path: string; readonly share: number; readonly measure: Measurement | null } | null;
}

/** The figure of a path and its range. */
export const figureAt = (ranges: Ranges, path: string): RangedFigure | undefined =>
  ranges.figures.find((figure) => figure.path === path);

const markOf = (ranges: Ranges, name: VerdictName) =>
  ranges.words.find(({ path }) => path === `verdicts.${name}.mark`) ?? { sure: 1, from: [] };

/**
 * What the doubt about a verdict comes from. Where draws differ in the mark, what decides the mark, its checks with it; else what
 * moves its place among its limits, and where it has no limits, its figure.
 */
export function causesOf(ranges: Ranges, name: VerdictName): RangedFigure['from'] {
  const ways = [
    markOf(ranges, name).from,
    figureAt(ranges, `places.${name}`)?.from ?? [],
    figureAt(ranges, `verdicts.${name}.value`)?.from ?? [],
  ];
  return ways.find(([top]) => top !== undefined && top.share >= NAMED_FROM) ?? ways.find((way) => way.length > 0) ?? [];
}

/** What the ranges say of each verdict. */
export function verdictRanges(ranges: Ranges, setup: Setup): Readonly<Record<VerdictName, VerdictRange>> {
  const of = (name: VerdictName): VerdictRange => {
    const figure = figureAt(ranges, `verdicts.${name}.value`);
    const { sure } = markOf(ranges, name);
    const [top] = causesOf(ranges, name);
    const input = top && uncertainInput(top.path, setup);
    return {
      range: figure && figure.p95 - figure.p5 > 1e-9 * Math.abs(figure.p50) ? [figure.p5, figure.p95] : null,
      sure,
      isSure: sure >= SURE_FROM,
      mostly: top && input && top.share >= NAMED_FROM ? { ...top, measure: measurableBy(input, setup) } : null,
    };
  };
  return Object.fromEntries(VERDICT_NAMES.map((name) => [name, of(name)])) as Record<VerdictName, VerdictRange>;
}
