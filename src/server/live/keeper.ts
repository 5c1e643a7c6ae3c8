import 'server-only';
import type { Db } from '@/db/client';
import { blocksIn, keepBlock } from '@/db/repo';
import type { Tracks } from '@/domain/helm/tracks';
import type { BenchId } from '@/domain/ids';
import { BLOCK_S, blockStart } from '@/domain/instruments/blocks';
import { CHANNEL_NAMES, type ChannelName } from '@/domain/instruments/channels';

/** Blocks that wait for a database which is away: half a day. */
const MOST_WAITING = 72;

interface Open {
  readonly values: Partial<Record<ChannelName, (number | null)[]>>;
  /** whether what an earlier run of the server kept of these minutes was read in */
  merged: boolean;
  dirty: boolean;
}

/** Takes each second into its block, and writes blocks to the database; while that is away they wait. */
export class Keeper {
  readonly #open = new Map<number, Open>();
  #writing = false;

  constructor(
    private readonly db: () => Db,
    private readonly benchId: BenchId,
  ) {}

  /** Takes the means of a second that is over. */
  take(tracks: Tracks, second: number): void {
    const start = blockStart(second);
    for (const channel of CHANNEL_NAMES) {
      const { tS, values } = tracks.of(channel);
      // The second that is over is the newest or the one before it.
      const at = tS.at(-1) === second ? values.at(-1) : tS.at(-2) === second ? values.at(-2) : undefined;
      if (at === undefined) continue;
      const block = this.#open.get(start) ?? { values: {}, merged: false, dirty: true };
      this.#open.set(start, block);
      (block.values[channel] ??= new Array<number | null>(BLOCK_S).fill(null))[second - start] = at;
      block.dirty = true;
    }
    for (const old of [...this.#open.keys()].sort((a, b) => a - b).slice(0, -MOST_WAITING)) this.#open.delete(old);
  }

  /** Writes what is new; what cannot be written now is tried again. */
  async write(nowS: number): Promise<void> {
    if (this.#writing) return;
    this.#writing = true;
    try {
      for (const [start, block] of [...this.#open]) {
        if (block.dirty) {
          if (!block.merged) await this.#merge(start, block);
          block.dirty = false;
          try {
            await keepBlock(this.db(), this.benchId, start, block.values);
          } catch (error) {
            block.dirty = true;
            throw error;
          }
        }
        if (start + 2 * BLOCK_S < nowS && !block.dirty) this.#open.delete(start);
      }
    } finally {
      this.#writing = false;
    }
  }

  async #merge(start: number, block: Open): Promise<void> {
    const { blocks } = await blocksIn(this.db(), this.benchId, { fromS: start, toS: start + 1 });
    for (const channel of CHANNEL_NAMES) {
      const earlier = blocks[0]?.values[channel];
      if (!earlier) continue;
      const own = (block.values[channel] ??= new Array<number | null>(BLOCK_S).fill(null));
      earlier.forEach((value, i) => (own[i] ??= value));
    }
    block.merged = true;
  }
}
