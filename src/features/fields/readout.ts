import type { Measure } from '@/core/base/measure';
import { kindOf, type ChannelName } from '@/domain/instruments/channels';
import type { I18n } from '@/i18n/client';

/** The measure in which a channel is shown. */
export const measureOf = (channel: ChannelName): Measure => {
  const { measure } = kindOf(channel);
  return measure === 'degrees' ? 'angle' : measure;
};

/** A large figure keeps its decimals, so that it does not jump about: tenths, of metres a second hundredths. */
export function decimalsOf({ unitLabel }: Pick<I18n, 'unitLabel'>, channel: ChannelName): number {
  const measure = measureOf(channel);
  if (measure === 'angle') return 0;
  return measure === 'speed' && unitLabel('speed') === 'm/s' ? 2 : 1;
}

/** The digits of a channel without its unit; a direction has three. */
export function digitsOf(i18n: I18n, channel: ChannelName, value: number | null): string {
  if (value === null) return '–';
  const shown = i18n.inUnit(value, measureOf(channel));
  if (kindOf(channel).turns) return String(Math.round(shown) % 360).padStart(3, '0');
  const decimals = Math.abs(shown) >= 100 ? 0 : decimalsOf(i18n, channel);
  return i18n.fixed(shown, decimals);
}

export const unitOf = (i18n: I18n, channel: ChannelName): string => i18n.unitLabel(measureOf(channel));

/** With its unit: "4.6 km/h", "214°". */
export function readout(i18n: I18n, channel: ChannelName, value: number | null): string {
  if (value === null) return '–';
  const unit = unitOf(i18n, channel);
  return unit === '°' ? `${digitsOf(i18n, channel, value)}°` : `${digitsOf(i18n, channel, value)} ${unit}`;
}

/** Scatter, never told as none: rounded up to the last digit that is shown. */
export function scatterText(i18n: I18n, channel: ChannelName, sd: number): string {
  const { inUnit } = i18n;
  const measure = measureOf(channel);
  const perUnit = 1 / (inUnit(1, measure) - inUnit(0, measure));
  const tens = 10 ** decimalsOf(i18n, channel);
  // A difference has no zero to be moved by, as a temperature has.
  const shown = Math.ceil((sd / perUnit) * tens - 1e-9) / tens;
  return `${i18n.number(shown, decimalsOf(i18n, channel))} ${unitOf(i18n, channel)}`;
}

/** The time of day of a second since 1970, on this device's clock, with or without seconds. */
export const clockText = ({ time }: Pick<I18n, 'time'>, atS: number, to: 'minutes' | 'seconds' = 'minutes'): string =>
  time(new Date(atS * 1000), to);
