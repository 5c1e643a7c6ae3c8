export interface DepthBand {
  readonly fromM: number;
  readonly toM: number;
}

/** What several bands cover of a wanted one: joined, and the gaps between them. Bands may come in any order. */
export function coverage(
  bands: readonly DepthBand[],
  wanted: DepthBand,
): { readonly covered: readonly DepthBand[]; readonly gaps: readonly DepthBand[]; readonly share: number } {
  const inside = bands
    .map(({ fromM, toM }) => ({ fromM: Math.max(fromM, wanted.fromM), toM: Math.min(toM, wanted.toM) }))
    .filter(({ fromM, toM }) => toM > fromM)
    .sort((a, b) => a.fromM - b.fromM);
  const covered: DepthBand[] = [];
  for (const band of inside) {
    const last = covered.at(-1);
    if (last && band.fromM <= last.toM)
      covered[covered.length - 1] = { fromM: last.fromM, toM: Math.max(last.toM, band.toM) };
    else covered.push(band);
  }
  const edges = [wanted.fromM, ...covered.flatMap(({ fromM, toM }) => [fromM, toM]), wanted.toM];
  const gaps = Array.from({ length: edges.length / 2 }, (_, i) => ({
    fromM: edges[2 * i]!,
    toM: edges[2 * i + 1]!,
  })).filter(({ fromM, toM }) => toM - fromM > 1e-9);
  const width = wanted.toM - wanted.fromM;
  return {
    covered,
    gaps,
    share: width > 0 ? covered.reduce((sum, { fromM, toM }) => sum + toM - fromM, 0) / width : 0,
  };
}

export interface WorkingSpeeds {
  readonly name: string;
  readonly fromMps: number;
  readonly toMps: number;
}

/** The speeds that suit all, and whom they fail for: the one whose leaving widens the common window most. */
export function commonSpeeds(windows: readonly WorkingSpeeds[]): {
  readonly common: { readonly fromMps: number; readonly toMps: number } | null;
  readonly oddOne: string | null;
} {
  const common = windowOf(windows);
  if (windows.length < 2 || width(common) > 0) return { common: width(common) > 0 ? common : null, oddOne: null };
  const without = windows.map(({ name }, i) => ({ name, left: windowOf(windows.filter((_, k) => k !== i)) }));
  const best = without.reduce((a, b) => (width(b.left) > width(a.left) ? b : a));
  return { common: null, oddOne: width(best.left) > 0 ? best.name : null };
}

const windowOf = (windows: readonly WorkingSpeeds[]) => ({
  fromMps: Math.max(0, ...windows.map(({ fromMps }) => fromMps)),
  toMps: Math.min(Infinity, ...windows.map(({ toMps }) => toMps)),
});
const width = ({ fromMps, toMps }: { readonly fromMps: number; readonly toMps: number }): number => toMps - fromMps;
