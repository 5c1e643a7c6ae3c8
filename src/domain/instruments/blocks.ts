import { CHANNEL_NAMES, isChannel, kindOf, type ChannelName } from './channels';

/** A block holds so many seconds, and begins at a multiple of them. */
export const BLOCK_S = 600;

/** A value for each second of a block, null where nothing was read. */
export type BlockValues = Partial<Record<ChannelName, readonly (number | null)[]>>;

export const blockStart = (tS: number): number => Math.floor(tS / BLOCK_S) * BLOCK_S;

interface Packed {
  readonly v: 1;
  /** by channel: gaps as strings of how long, the rest as steps from the value before */
  readonly c: Readonly<Record<string, readonly (number | string)[]>>;
}

/**
 * A block as text: each channel in whole steps of its own, as differences, since readings follow each other closely; compressed it
 * takes one or two bytes a reading.
 */
export function packedBlock(values: BlockValues): string {
  const c: Record<string, (number | string)[]> = {};
  for (const channel of CHANNEL_NAMES) {
    const own = values[channel];
    if (!own || own.every((value) => value === null)) continue;
    const { step } = kindOf(channel);
    const out: (number | string)[] = [];
    let last = 0;
    let gap = 0;
    for (const value of own) {
      if (value === null) {
        gap += 1;
        continue;
      }
      if (gap > 0) out.push(String(gap));
      gap = 0;
      const whole = Math.round(value / step);
      out.push(whole - last);
      last = whole;
    }
    c[channel] = out;
  }
  return JSON.stringify({ v: 1, c } satisfies Packed);
}

/** @throws {Error} when the text is no block. */
export function unpackedBlock(text: string): BlockValues {
  const packed = JSON.parse(text) as Partial<Packed> | null;
  if (packed?.v !== 1 || typeof packed.c !== 'object') throw new Error('this is no block of readings of version 1');
  const values: BlockValues = {};
  for (const [channel, entries] of Object.entries(packed.c)) {
    if (!isChannel(channel)) continue;
    const { step } = kindOf(channel);
    const own: (number | null)[] = [];
    let last = 0;
    for (const entry of entries)
      if (typeof entry === 'string') for (let i = Number(entry); i > 0 && own.length < BLOCK_S; i -= 1) own.push(null);
      else own.push((last += entry) * step);
    while (own.length < BLOCK_S) own.push(null);
    values[channel] = own.slice(0, BLOCK_S);
  }
  return values;
}
