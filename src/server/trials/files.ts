import 'server-only';
import { trialRepo } from '@/db/repo';
import { resultOf, type TrialResult } from '@/domain/trials/result';
import type { TrialDocument } from '@/domain/trials/trial-document';
import { csv, download } from '../download';
import { routeQuery } from '../page-query';
import { routeResponse } from '../route-response';
import { TrialTrips } from './tried-trips';

/** A trial with what it says, as a table or as JSON. */
export const trialFile = (request: Request): Promise<Response> =>
  routeResponse(async () => {
    const asked = new URL(request.url).searchParams;
    const found = await routeQuery('bench', async (db, benchId) => {
      const { rows } = await trialRepo.list(db, benchId);
      const document = rows.find((row) => row.document.id === asked.get('trial'))?.document;
      if (!document) return null;
      const trips = await TrialTrips.of(db, benchId);
      return { document, result: resultOf(document, await trips.forTrial(document)) };
    });
    if (!found) return new Response('There is no trial of that id.\n', { status: 404 });
    const { document, result } = found;
    switch (asked.get('as')) {
      case 'csv':
        return csv(rowsOf(document, result), `${document.id}.csv`);
      case 'json':
        return new Response(JSON.stringify({ version: 1, kind: 'trial', trial: document, result }, null, 1), {
          headers: download(`${document.id}.json`, 'application/json'),
        });
      default:
        return new Response('as must be csv or json.\n', { status: 400 });
    }
  });

/** What each version has to show, then the ratio as counted and by each factor. */
function rowsOf(trial: TrialDocument, { counts, totals, factors, evidence, verdict }: TrialResult) {
  const round = (value: number | null | undefined) => (typeof value === 'number' ? Number(value.toPrecision(5)) : '');
  const versions = (['a', 'b'] as const).map((side) => ({
    row: `version ${side}`,
    name: trial[side].name,
    strikes: counts[side].strikes,
    counted: counts[side].counted,
    [`exposure_${trial.exposure}`]: round(counts[side].exposure),
    hits: counts[side].hits,
    of: counts[side].of,
    ratio_b_over_a: '' as number | '',
    from_5_percent: '' as number | '',
    to_95_percent: '' as number | '',
    overlap: '' as number | '',
    evidence: round(evidence),
    verdict,
  }));
  const ratios = [
    { row: 'as counted', ratio: totals?.ratio, interval: totals?.interval, overlap: null },
    ...factors.map(({ factor, adjusted, overlap }) => ({
      row: `by ${factor}`,
      ratio: adjusted?.ratio,
      interval: adjusted?.interval,
      overlap,
    })),
  ].map(({ row, ratio, interval, overlap }) => ({
    ...Object.fromEntries(Object.keys(versions[0]!).map((key) => [key, ''])),
    row,
    ratio_b_over_a: round(ratio),
    from_5_percent: round(interval?.[0]),
    to_95_percent: round(interval?.[1]),
    overlap: round(overlap),
  }));
  return [...versions, ...ratios];
}
