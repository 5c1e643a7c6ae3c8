import type { HelmId } from '../ids';
import type { ChannelName } from '../instruments/channels';
import type { WantedWindow } from './figure';
import { USUAL_ROUTES } from '../instruments/routes';
import { CALIBRATED, type Calibrated } from './helm-limits';
import type { Calibration, Helm } from './helm';

/** A helm of which nothing was said yet: speed at the lures, over ground, and temperature at the probe. */
export const usualHelm = (id: HelmId): Helm => ({
  id,
  craftId: null,
  spreadId: null,
  connections: [],
  routes: USUAL_ROUTES.map((route) => ({ ...route })),
  figures: [
    { channel: 'probeMps', wanted: null, alarm: false },
    { channel: 'sogMps', wanted: null, alarm: false },
    { channel: 'probeC', wanted: null, alarm: false },
  ],
  beside: ['waterMps', 'headingRad', 'bottomM', 'surfaceC', 'currentMps'],
  // Waves of small waters last two to five seconds: eight seconds hold at least one and a half.
  smoothingS: 8,
  // Instruments send each second or two; a probe on a slow link every ten.
  staleS: 15,
  lostAlarm: true,
  breakC: null,
  clearM: null,
  sound: true,
  probe: null,
  calibrations: [],
});

const isCalibrated = (channel: ChannelName): channel is Calibrated =>
  (CALIBRATED as readonly string[]).includes(channel);

/** What is in force of a sensor; null: its readings are taken as they come. */
export const calibrationOf = (
  { calibrations }: Pick<Helm, 'calibrations'>,
  channel: ChannelName,
): Calibration | null =>
  isCalibrated(channel) ? (calibrations.findLast(({ sensor }) => sensor === channel) ?? null) : null;

/** A reading as its sensor's runs say it is meant. */
export function corrected(helm: Pick<Helm, 'calibrations'>, channel: ChannelName, reading: number): number {
  const known = calibrationOf(helm, channel);
  return known ? Math.max(0, known.scale * reading + known.offsetMps) : reading;
}

/** A window as the sensor itself would read it. */
export function asRead(
  helm: Pick<Helm, 'calibrations'>,
  channel: ChannelName,
  { from, to }: WantedWindow,
): WantedWindow {
  const known = calibrationOf(helm, channel);
  const back = (value: number) => (known ? (value - known.offsetMps) / known.scale : value);
  return { from: back(from), to: back(to) };
}
