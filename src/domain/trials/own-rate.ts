import { lineOf, stretchesByTurn } from '../log/stretches-by-turn';
import type { TriedTrip } from './slices';

/** What a user brings home in a day, for how long a trial would take. */
export interface OwnRate {
  readonly trips: number;
  /** flurries an hour of one line */
  readonly perLineH: number;
  readonly hoursADay: number;
  readonly linesAtOnce: number;
}

/** From all trips on which a line was out; hours before weed was found count for nothing, as in the Log's answers. */
export function ownRate(trips: readonly Pick<TriedTrip, 'trip' | 'untilS'>[]): OwnRate {
  const fished = trips.filter(({ trip }) => trip.stretches.length > 0);
  let [lineS, dayS, flurries] = [0, 0, 0];
  for (const { trip, untilS } of fished) {
    const endOf = (toS: number | null) => Math.min(toS ?? untilS, untilS);
    const lines = stretchesByTurn(trip, untilS);
    const times = lines.map(({ stretch: { fromS, toS } }) => ({ fromS, toS: endOf(toS) }));
    lines.forEach(({ stretch }, i) => {
      if (!stretch.isDoubtful) lineS += times[i]!.toS - times[i]!.fromS;
    });
    for (const strike of trip.strikes) {
      const line = lines[lineOf(strike, lines, times)];
      const isFirst = trip.strikes.find(({ flurry }) => flurry === strike.flurry) === strike;
      if (line && !line.stretch.isDoubtful && isFirst && strike.told?.outcome !== 'followed') flurries += 1;
    }
    const { stretches } = trip;
    dayS += Math.max(...stretches.map(({ toS }) => endOf(toS))) - Math.min(...stretches.map(({ fromS }) => fromS));
  }
  return {
    trips: fished.length,
    perLineH: lineS > 0 ? flurries / (lineS / 3600) : 0,
    hoursADay: fished.length > 0 ? dayS / 3600 / fished.length : 0,
    linesAtOnce: dayS > 0 ? lineS / dayS : 0,
  };
}
