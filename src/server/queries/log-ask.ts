import 'server-only';
import { askOf, isCounted, isDimension, levelsIn, type Answer, type Level, type Question } from '@/domain/log/ask';
import { BAND_DIMENSIONS, DIMENSIONS, type BandDimension, type Dimension } from '@/domain/log/dimensions';
import { database } from '../database';
import { pageQuery } from '../page-query';
import { cellsOfTrips } from '../trips/kept-cells';

export interface LogAsk {
  readonly question: Question;
  readonly answer: Answer;
  /** the same, flurries counted once */
  readonly flurries: Answer;
  readonly trips: number;
  /** what each dimension could be narrowed to */
  readonly levels: Readonly<Record<Dimension, readonly Level[]>>;
}

type Asked = Readonly<Record<string, string | string[] | undefined>>;

/** The question of an address: `by`, `count`, `doubtful`, and any dimension with the levels that it is narrowed to. */
export function questionOf(asked: Asked): Question {
  const one = (name: string) => (typeof asked[name] === 'string' ? asked[name] : '');
  const [by, counted] = [one('by'), one('count')];
  return {
    by: isDimension(by) ? by : 'lure',
    counted: isCounted(counted) ? counted : 'strikes',
    withDoubtful: one('doubtful') === 'yes',
    only: DIMENSIONS.flatMap((dimension) => {
      const given = [asked[dimension] ?? []].flat().filter((text) => text !== '');
      const levels = given.flatMap((text): Level[] => {
        if (!Object.hasOwn(BAND_DIMENSIONS, dimension)) return [text];
        const band = Number(text);
        return Number.isInteger(band) && band >= 0 && band <= BAND_DIMENSIONS[dimension as BandDimension].edges.length
          ? [band]
          : [];
      });
      return levels.length > 0 ? [{ dimension, levels }] : [];
    }),
  };
}

/** What all trips say together. */
export const getLogAsk = (asked: Asked): Promise<LogAsk> =>
  pageQuery('log', async (_, benchId) => {
    const question = questionOf(asked);
    const trips = [...(await cellsOfTrips(database(), benchId)).values()];
    const answer = askOf(trips, question);
    return {
      question,
      answer,
      flurries: question.counted === 'strikes' ? askOf(trips, { ...question, counted: 'flurries' }) : answer,
      trips: trips.length,
      levels: Object.fromEntries(DIMENSIONS.map((name) => [name, levelsIn(trips, name)])) as LogAsk['levels'],
    };
  });
