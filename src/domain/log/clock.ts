import type { TripEvent } from './trip-event';

/** A clock that is off by less than this is right: the way to the server takes as long [s]. */
export const CLOCK_OFF_S = 3;

/** How far a phone's clock was behind the server's when it sent something; 0 while that is no more than the way takes. */
export const behind = (sentS: number, receivedS: number): number =>
  Math.abs(receivedS - sentS) < CLOCK_OFF_S ? 0 : receivedS - sentS;

/** An event by the server's clock: every time in it was of the phone's. */
export function byServerClock(event: TripEvent, behindS: number): TripEvent {
  if (behindS === 0) return event;
  const moved = { ...event, atS: event.atS + behindS };
  if (moved.kind === 'track')
    return { ...moved, points: moved.points.map(([tS, lat, lon]) => [tS + behindS, lat, lon]) };
  if (moved.kind === 'strike') return { ...moved, touchedS: moved.touchedS + behindS };
  return moved.kind === 'retimed' ? { ...moved, toS: moved.toS + behindS } : moved;
}
