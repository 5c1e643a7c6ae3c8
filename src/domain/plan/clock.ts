const DAY_S = 86_400;
const two = (value: number): string => String(value).padStart(2, '0');

/** Seconds after midnight as a clock shows them, to the minute; an hour of the next day starts again at zero: `07:10`. */
export function clockOf(atS: number): string {
  const minutes = Math.round((((atS % DAY_S) + DAY_S) % DAY_S) / 60) % 1440;
  return `${two(Math.floor(minutes / 60))}:${two(minutes % 60)}`;
}

/** What a clock shows as seconds after midnight; null where it is no time of day. */
export function secondsOf(clock: string): number | null {
  const found = /^(\d{1,2}):(\d{2})$/.exec(clock.trim());
  if (!found) return null;
  const [hours, minutes] = [Number(found[1]), Number(found[2])];
  return hours < 24 && minutes < 60 ? 3600 * hours + 60 * minutes : null;
}

/** An end after a start: an earlier hour is that of the next day. */
export const endAfter = (fromS: number, toS: number): number => (toS > fromS ? toS : toS + DAY_S);
