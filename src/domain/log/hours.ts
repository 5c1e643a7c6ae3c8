import type { ExposureInput } from '@/core/afloat';
import type { Gear, Trip } from './trip';

/** What hours are counted by, besides what instruments say: as texts, so that equal ones are pooled. */
export const keysOf = ({ setupId, rodId, pointId, changed }: Gear): Readonly<Record<string, string>> => ({
  setup: setupId,
  rod: rodId ?? '',
  place: pointId ?? '',
  lure: changed.lure?.name ?? '',
  colour: changed.colour?.name ?? '',
});

export interface HoursOptions {
  /** lines that still fish are counted until here [s since 1970] */
  readonly untilS: number;
  readonly series?: ExposureInput['series'];
  /** stretches at whose end weed was found count too */
  readonly withDoubtful?: boolean;
}

export interface Hours {
  readonly input: ExposureInput;
  /** strikes on lines of which no fishing is known then: they can be part of no rate */
  readonly apart: number;
}

/** A trip as `exposure` takes it: its stretches as lines, its strikes as events on them, of a doubtful stretch neither. */
export function hoursOf(
  { stretches, strikes }: Trip,
  { untilS, series = [], withDoubtful = false }: HoursOptions,
): Hours {
  const counted = stretches.filter(({ fromS, isDoubtful }) => (withDoubtful || !isDoubtful) && fromS < untilS);
  const lines = counted.map(({ fromS, toS, gear }) => ({
    fromS,
    toS: Math.min(toS ?? untilS, untilS),
    keys: keysOf(gear),
  }));
  const events = strikes.flatMap(({ line, atS }) => {
    const at = counted.findIndex((stretch, i) => stretch.line === line && stretch.fromS <= atS && atS <= lines[i]!.toS);
    return at < 0 ? [] : [{ tS: atS, line: at }];
  });
  return { input: { lines, series, events }, apart: strikes.length - events.length };
}
