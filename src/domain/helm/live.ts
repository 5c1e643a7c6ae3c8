import type { TripId } from '../ids';
import type { ChannelName } from '../instruments/channels';
import type { Helm } from './helm';
import type { HelmEvent } from './helm-event';
import type { TracksWhole } from './tracks';

/** How a connection stands. */
export interface LinkState {
  readonly id: string;
  readonly name: string;
  readonly state: 'connecting' | 'open' | 'waiting' | 'off';
  /** why it waits, as the system calls it */
  readonly why: string | null;
  /** sentences that were read, of a type that is not used, and bad ones */
  readonly read: number;
  readonly unknown: Readonly<Record<string, number>>;
  readonly bad: Readonly<Record<string, number>>;
  /** the newest line that was bad, shortened */
  readonly lastBad: string | null;
  /** sources that were heard, with the newest value of each */
  readonly heard: Readonly<Record<string, number>>;
}

/** Entries of a trip that a phone of the crew sent: pages of that trip fetch what they do not have. */
export interface Logged {
  readonly kind: 'logged';
  readonly tripId: TripId;
  readonly ids: readonly string[];
}

/** What the live line sends: all there is at first, then what is new. */
export type LiveMessage =
  | {
      readonly kind: 'hello';
      readonly nowS: number;
      readonly tracks: TracksWhole;
      readonly links: readonly LinkState[];
      readonly events: readonly HelmEvent[];
      readonly helm: { readonly document: Helm; readonly version: number } | null;
      /** whether this server is the one that reads the instruments */
      readonly reads: boolean;
    }
  | { readonly kind: 'readings'; readonly readings: readonly (readonly [ChannelName, number, number])[] }
  | { readonly kind: 'links'; readonly links: readonly LinkState[] }
  | { readonly kind: 'event'; readonly event: HelmEvent }
  | { readonly kind: 'helm'; readonly helm: { readonly document: Helm; readonly version: number } }
  | Logged;
