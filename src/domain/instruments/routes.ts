import { SI_PER_UNIT } from '@/core/base/units';
import { isPossible, kindOf, type ChannelName } from './channels';
import { asDirection } from './direction';
import type { Said } from './nmea';

/** Units in which an instrument may send a bare number. */
export const BARE_UNITS = ['m/s', 'km/h', 'kn', 'mph', 'm', 'ft', 'degC', 'degF', 'deg'] as const;
export type BareUnit = (typeof BARE_UNITS)[number];

/** A row of the table that says which figure of which sentence feeds which channel. */
export interface Route {
  /** `VTG.speed`, `XDR.PROBE_T` */
  readonly source: string;
  readonly channel: ChannelName;
  /** of a bare number */
  readonly unit?: BareUnit | undefined;
  /** what is added, in the channel's unit: a compass's variation, a transducer's depth */
  readonly plus?: number | undefined;
}

/** Of two that feed one channel the upper goes first; the lower speaks while the upper is silent. */
export const USUAL_ROUTES: readonly Route[] = [
  { source: 'VTG.speed', channel: 'sogMps' },
  { source: 'RMC.speed', channel: 'sogMps' },
  { source: 'VTG.course', channel: 'cogRad' },
  { source: 'RMC.course', channel: 'cogRad' },
  { source: 'RMC.latitude', channel: 'latDeg' },
  { source: 'GGA.latitude', channel: 'latDeg' },
  { source: 'RMC.longitude', channel: 'lonDeg' },
  { source: 'GGA.longitude', channel: 'lonDeg' },
  { source: 'VHW.speed', channel: 'waterMps' },
  { source: 'HDG.heading', channel: 'headingRad' },
  { source: 'VHW.heading', channel: 'headingRad' },
  { source: 'HDG.magnetic', channel: 'headingRad' },
  { source: 'MTW.temperature', channel: 'surfaceC' },
  { source: 'DPT.depth', channel: 'bottomM' },
  { source: 'DBT.depth', channel: 'bottomM' },
  { source: 'MWV.speed', channel: 'windMps' },
  { source: 'MWV.angle', channel: 'windRad' },
  { source: 'XDR.PROBE_D', channel: 'probeM' },
  { source: 'XDR.PROBE_T', channel: 'probeC' },
  { source: 'XDR.PROBE_S', channel: 'probeMps', unit: 'kn' },
];

/** How long the upper of two sources may be silent before the lower is heard [s]. */
const HEARD_S = 5;

export interface Routed {
  readonly channel: ChannelName;
  readonly value: number;
}

/** Sends what sentences say to channels; remembers only which source was heard last, and when. */
export class Router {
  readonly #heard = new Map<string, number>();

  constructor(private readonly routes: readonly Route[]) {}

  /** `nowS` is the time of arrival; figures that no instrument can mean are left out, see `refused`. */
  route(
    said: readonly Said[],
    nowS: number,
  ): { readonly taken: readonly Routed[]; readonly refused: readonly string[] } {
    const taken: Routed[] = [];
    const refused: string[] = [];
    for (const { source, value, isBare } of said)
      this.routes.forEach((row, i) => {
        if (row.source !== source) return;
        const at = placed(row, value, isBare);
        if (!isPossible(row.channel, at)) {
          refused.push(source);
          return;
        }
        this.#heard.set(source, nowS);
        if (!this.#upperIsHeard(row.channel, i, nowS)) taken.push({ channel: row.channel, value: at });
      });
    return { taken, refused };
  }

  #upperIsHeard(channel: ChannelName, i: number, nowS: number): boolean {
    return this.routes
      .slice(0, i)
      .some((row) => row.channel === channel && nowS - (this.#heard.get(row.source) ?? -Infinity) <= HEARD_S);
  }
}

function placed({ channel, unit, plus = 0 }: Route, value: number, isBare: boolean): number {
  const si = isBare && unit !== undefined ? fromUnit(value, unit) : value;
  const shifted = si + plus;
  return kindOf(channel).turns ? asDirection(shifted) : shifted;
}

function fromUnit(value: number, unit: BareUnit): number {
  if (unit === 'degC') return value;
  if (unit === 'degF') return (value - 32) / 1.8;
  return value * SI_PER_UNIT[unit];
}
