import 'server-only';
import { askOf, levelsIn, type Answer, type Level, type Question } from '@/domain/log/ask';
import { DIMENSIONS, type Dimension } from '@/domain/log/dimensions';
import { questionOf } from '@/domain/log/question-address';
import { bandUnits } from '@/i18n/band-units';
import { currentPreferences } from '@/i18n/server';
import { database } from '../database';
import { pageQuery } from '../page-query';
import { cellsOfTrips } from '../trips/kept-cells';

export interface LogAsk {
  readonly question: Question;
  readonly answer: Answer;
  /** the same, flurries counted once */
  readonly flurries: Answer;
  readonly trips: number;
  /** so many more are still to be worked out: ask again */
  readonly left: number;
  /** so many cannot be */
  readonly failed: number;
  /** what each dimension could be narrowed to */
  readonly levels: Readonly<Record<Dimension, readonly Level[]>>;
}

/** An answer out of fewer trips now is better than one out of all of them in a minute [ms]. */
const WITHIN_MS = 1500;

/** What all trips say together, as far as they are worked out. */
export const getLogAsk = (asked: Parameters<typeof questionOf>[0]): Promise<LogAsk> =>
  pageQuery('log', async (_, benchId) => {
    const units = bandUnits(await currentPreferences());
    const question = questionOf(asked, units);
    const { cells: trips, left, failed } = await cellsOfTrips(database(), benchId, units, WITHIN_MS);
    const answer = askOf(trips, question);
    return {
      question,
      answer,
      flurries: question.counted === 'strikes' ? askOf(trips, { ...question, counted: 'flurries' }) : answer,
      trips: trips.length,
      left,
      failed,
      levels: Object.fromEntries(DIMENSIONS.map((name) => [name, levelsIn(trips, name)])) as LogAsk['levels'],
    };
  });
