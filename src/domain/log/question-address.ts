import { SIDES } from '../spread/tow-points';
import { isCounted, isDimension, type Level, type Question } from './ask';
import { bandEdges, DIMENSIONS, isBand, measureOf, type BandUnits, type Dimension } from './dimensions';
import { HELD_BY } from './event-choices';

type Asked = Readonly<Record<string, string | string[] | undefined>>;

/** The question as the end of an address: `by`, `count`, `doubtful`, and any dimension with the levels that it is narrowed to. */
export function addressOf({ by, counted, withDoubtful, only }: Question, units: BandUnits): string {
  const asked = new URLSearchParams({ by, count: counted });
  if (withDoubtful) asked.set('doubtful', 'yes');
  for (const { dimension, levels } of only)
    for (const level of levels) asked.append(dimension, levelInAddress(dimension, level, units));
  return String(asked);
}

/** The question of an address; what cannot be read in it is left out. */
export function questionOf(asked: Asked, units: BandUnits): Question {
  const one = (name: string) => (typeof asked[name] === 'string' ? asked[name] : '');
  const [by, counted] = [one('by'), one('count')];
  return {
    by: isDimension(by) ? by : 'lure',
    counted: isCounted(counted) ? counted : 'strikes',
    withDoubtful: one('doubtful') === 'yes',
    only: DIMENSIONS.flatMap((dimension) => {
      const given = [asked[dimension] ?? []].flat().filter((text) => text !== '');
      const levels = new Set(given.flatMap((text) => levelOfAddress(dimension, text, units)));
      return levels.size > 0 ? [{ dimension, levels: [...levels] }] : [];
    }),
  };
}

/** A band of a measure stands in an address by its middle in SI: a reader of other units gets the band that this lies in. */
function levelInAddress(dimension: Dimension, level: Level, units: BandUnits): string {
  if (typeof level === 'string' || !isBand(dimension) || measureOf(dimension) === null) return String(level);
  const edges = bandEdges(dimension, units);
  const step = edges[1]! - edges[0]!;
  return String(Number((edges[0]! + (level - 0.5) * step).toPrecision(4)));
}

function levelOfAddress(dimension: Dimension, text: string, units: BandUnits): readonly Level[] {
  if (!isBand(dimension)) return WORDS[dimension]?.includes(text) === false ? [] : [text];
  const value = Number(text);
  const edges = bandEdges(dimension, units);
  if (measureOf(dimension) !== null)
    return Number.isFinite(value) ? [edges.filter((edge) => edge <= value).length] : [];
  return Number.isInteger(value) && value >= 0 && value <= edges.length ? [value] : [];
}

/** Words that come from a list; others are names. */
const WORDS: Partial<Record<Dimension, readonly string[]>> = { hook: HELD_BY, side: SIDES };
