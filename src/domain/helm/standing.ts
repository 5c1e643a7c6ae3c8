import { CHANNEL_NAMES, type ChannelName } from '../instruments/channels';
import type { Helm } from './helm';
import type { HelmEvent } from './helm-event';
import { figureOf, type Figure } from './figure';
import type { Tracks } from './tracks';
import { corrected } from './usual-helm';

/** A reading that was typed holds until somebody types another; from here on it says how old it is with some weight [s]. */
const TYPED_STALE_S = 1800;

/** A channel as the helm shows it: corrected by its sensor's runs, and whether a hand or an instrument read it last. */
export interface Standing extends Figure {
  readonly isTyped: boolean;
}

/** When each channel was typed last [s since 1970]. */
export function typedAt(events: readonly HelmEvent[]): ReadonlyMap<ChannelName, number> {
  const at = new Map<ChannelName, number>();
  for (const event of events)
    if (event.kind === 'typed')
      for (const { channel } of event.readings) at.set(channel, Math.max(at.get(channel) ?? 0, event.atS));
  return at;
}

/** Every channel as it stands now. */
export function standingOf(
  tracks: Tracks,
  { helm, events, nowS }: { readonly helm: Helm; readonly events: readonly HelmEvent[]; readonly nowS: number },
): Readonly<Record<ChannelName, Standing>> {
  const typed = typedAt(events);
  return Object.fromEntries(
    CHANNEL_NAMES.map((channel): [ChannelName, Standing] => {
      const track = tracks.of(channel);
      const isTyped = track.readS !== null && track.readS <= (typed.get(channel) ?? -Infinity) + 0.5;
      const figure = figureOf(channel, track, {
        nowS,
        smoothingS: isTyped ? 0 : helm.smoothingS,
        staleS: isTyped ? TYPED_STALE_S : helm.staleS,
      });
      const scale = (value: number) => corrected(helm, channel, value);
      return [
        channel,
        {
          ...figure,
          value: figure.value === null ? null : scale(figure.value),
          minute: figure.minute && {
            mean: scale(figure.minute.mean),
            sd: Math.abs(scale(figure.minute.mean + figure.minute.sd) - scale(figure.minute.mean)),
          },
          isTyped,
        },
      ];
    }),
  ) as Record<ChannelName, Standing>;
}

/** The value of a channel while it is fresh enough to reckon with; null else. */
export const freshValue = ({ value, isStale }: Standing): number | null => (isStale ? null : value);
