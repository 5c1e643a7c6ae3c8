import { since, type Tracks } from './tracks';

export interface ProfileLayer {
  readonly depthM: number;
  readonly temperatureC: number | null;
  readonly speedMps: number | null;
}

export interface DropProfile {
  readonly layers: readonly ProfileLayer[];
  /** where the water turns cold fastest; null: it does not */
  readonly breakM: number | null;
  /** there [K/m] */
  readonly breakKPm: number | null;
}

/** Layers so thick [m]. */
const LAYER_M = 1;
/** Over so many metres the steepest fall is looked for, and so steep it must be to be a break [m, K/m]. */
const BREAK = { overM: 2, leastKPm: 0.3 } as const;
const MOST_LAYERS = 120;

/**
 * What a probe read on its way down: means of each metre, and the temperature break.
 *
 * Model: readings from the start of the drop to its deepest point, each with the depth of its second; the break is the middle of
 * the two metres over which the temperature falls or rises most, 0.3 K a metre at least.
 */
export function profileOf(tracks: Tracks, fromS: number, toS: number): DropProfile {
  const upTo = <T extends { readonly tS: readonly number[]; readonly values: readonly number[] }>(track: T) => {
    const end = track.tS.findIndex((t) => t > toS);
    return end < 0 ? track : { tS: track.tS.slice(0, end), values: track.values.slice(0, end) };
  };
  const depths = upTo(since(tracks.of('probeM'), fromS));
  const deepest = depths.values.reduce((best, value, i) => (value > (depths.values[best] ?? -1) ? i : best), 0);
  const depthAt = new Map(depths.tS.slice(0, deepest + 1).map((t, i) => [t, depths.values[i]!]));
  const layers = new Map<number, { c: number[]; v: number[] }>();
  const gather = (channel: 'probeC' | 'probeMps', into: 'c' | 'v') => {
    const { tS, values } = upTo(since(tracks.of(channel), fromS));
    tS.forEach((t, i) => {
      const depth = depthAt.get(t);
      if (depth === undefined) return;
      const at = Math.round(depth / LAYER_M);
      const layer = layers.get(at) ?? { c: [], v: [] };
      layer[into].push(values[i]!);
      layers.set(at, layer);
    });
  };
  gather('probeC', 'c');
  gather('probeMps', 'v');
  const mean = (values: readonly number[]) =>
    values.length === 0 ? null : values.reduce((sum, value) => sum + value, 0) / values.length;
  const found = [...layers]
    .sort(([a], [b]) => a - b)
    .slice(0, MOST_LAYERS)
    .map(([at, { c, v }]): ProfileLayer => ({ depthM: at * LAYER_M, temperatureC: mean(c), speedMps: mean(v) }));
  return { layers: found, ...breakOf(found) };
}

export function breakOf(layers: readonly ProfileLayer[]): Pick<DropProfile, 'breakM' | 'breakKPm'> {
  const known = layers.flatMap(({ depthM, temperatureC }) =>
    temperatureC === null ? [] : [{ depthM, c: temperatureC }],
  );
  let best: { breakM: number; breakKPm: number } | null = null;
  known.forEach((top, i) => {
    const below = known.slice(i + 1).find(({ depthM }) => depthM - top.depthM >= BREAK.overM);
    if (!below) return;
    const steep = (below.c - top.c) / (below.depthM - top.depthM);
    if (Math.abs(steep) > Math.abs(best?.breakKPm ?? 0))
      best = { breakM: (top.depthM + below.depthM) / 2, breakKPm: steep };
  });
  const is = best as { breakM: number; breakKPm: number } | null;
  return is && Math.abs(is.breakKPm) >= BREAK.leastKPm ? is : { breakM: null, breakKPm: null };
}

/** Temperature by depth between the layers of a drop; null above its first and below its last. */
export function layerTemperature(layers: readonly ProfileLayer[]): (depthM: number) => number | null {
  const known = layers.flatMap(({ depthM, temperatureC }) =>
    temperatureC === null ? [] : [{ depthM, c: temperatureC }],
  );
  return (depthM) => {
    const next = known.findIndex((layer) => layer.depthM >= depthM);
    if (next < 0) return null;
    const below = known[next]!;
    if (next === 0) return below.depthM === depthM ? below.c : null;
    const above = known[next - 1]!;
    return above.c + ((depthM - above.depthM) / (below.depthM - above.depthM)) * (below.c - above.c);
  };
}
