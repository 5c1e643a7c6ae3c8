import type { Limits } from '@/core/base/guard';
import type { Measure } from '@/core/base/measure';

export interface ChannelKind {
  readonly measure: Extract<Measure, 'speed' | 'angle' | 'temperature' | 'depth'> | 'degrees';
  /** what an instrument can mean; beyond it the reading is broken */
  readonly limits: Limits;
  /** goes round: means and differences are taken the short way */
  readonly turns: boolean;
  /** how finely it is kept */
  readonly step: number;
}

const speed: ChannelKind = { measure: 'speed', limits: { min: 0, max: 60 }, turns: false, step: 0.001 };
const direction: ChannelKind = {
  measure: 'angle',
  limits: { min: 0, max: 2 * Math.PI },
  turns: true,
  step: 0.001,
};
const temperature: ChannelKind = { measure: 'temperature', limits: { min: -5, max: 60 }, turns: false, step: 0.01 };
const depth: ChannelKind = { measure: 'depth', limits: { min: 0, max: 2000 }, turns: false, step: 0.01 };

/** What instruments tell, in SI units; directions clockwise from north, the wind's from the bow. */
export const CHANNELS = {
  sogMps: speed,
  cogRad: direction,
  latDeg: { measure: 'degrees', limits: { min: -90, max: 90 }, turns: false, step: 1e-6 },
  lonDeg: { measure: 'degrees', limits: { min: -180, max: 180 }, turns: false, step: 1e-6 },
  waterMps: speed,
  headingRad: direction,
  surfaceC: temperature,
  bottomM: depth,
  windMps: speed,
  windRad: direction,
  probeM: depth,
  probeC: temperature,
  probeMps: speed,
  /** worked out: what the boat makes over ground beyond what the probe has through the water */
  currentMps: { ...speed, limits: { min: -10, max: 10 } },
} as const satisfies Record<string, ChannelKind>;

export type ChannelName = keyof typeof CHANNELS;
export const CHANNEL_NAMES = Object.keys(CHANNELS) as readonly ChannelName[];

/** Channels that an instrument, or a hand, can feed. */
export const READ_CHANNELS = CHANNEL_NAMES.filter((name) => name !== 'currentMps');

export const isChannel = (name: string): name is ChannelName => Object.hasOwn(CHANNELS, name);

export const kindOf = (channel: ChannelName): ChannelKind => CHANNELS[channel];

/** Whether a value can be what an instrument meant. */
export const isPossible = (channel: ChannelName, value: number): boolean => {
  const { min, max } = kindOf(channel).limits;
  return Number.isFinite(value) && value >= min && value <= max;
};
