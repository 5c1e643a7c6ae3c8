import type { BlockValues } from './blocks';
import { CHANNEL_NAMES, kindOf, type ChannelName } from './channels';
import { directionOf } from './direction';

/** One point of a drawn channel: when, and the least, the mean and the most of its seconds. */
export type DrawnPoint = readonly [tS: number, least: number, mean: number, most: number];

const MOST_POINTS = 600;

/** Readings of a span as the points that a screen can tell apart; where nothing was read there is no point. */
export function drawnOf(
  blocks: readonly { readonly startS: number; readonly values: BlockValues }[],
  { fromS, toS }: { readonly fromS: number; readonly toS: number },
  channels: readonly ChannelName[] = CHANNEL_NAMES,
): Partial<Record<ChannelName, readonly DrawnPoint[]>> {
  const stepS = Math.max(1, (toS - fromS) / MOST_POINTS);
  const drawn: Partial<Record<ChannelName, readonly DrawnPoint[]>> = {};
  for (const channel of channels) {
    const points: DrawnPoint[] = [];
    let [at, n, sum, least, most, north, east] = [-1, 0, 0, Infinity, -Infinity, 0, 0];
    const { turns } = kindOf(channel);
    const end = () => {
      if (n === 0) return;
      const mean = turns ? directionOf(north, east) : sum / n;
      points.push([fromS + (at + 0.5) * stepS, turns ? mean : least, mean, turns ? mean : most]);
    };
    for (const { startS, values } of blocks)
      values[channel]?.forEach((value, i) => {
        const t = startS + i;
        if (value === null || t < fromS || t >= toS) return;
        const bin = Math.floor((t - fromS) / stepS);
        if (bin !== at) {
          end();
          [at, n, sum, least, most, north, east] = [bin, 0, 0, Infinity, -Infinity, 0, 0];
        }
        n += 1;
        sum += value;
        least = Math.min(least, value);
        most = Math.max(most, value);
        if (turns) [north, east] = [north + Math.cos(value), east + Math.sin(value)];
      });
    end();
    if (points.length > 0) drawn[channel] = points;
  }
  return drawn;
}
