import { DEVIATIONS_TO_RANGE } from '@/domain/spread/let-out';
import { isSolved, lineIdOf } from '@/domain/spread/line-names';
import { wantedBand } from '@/domain/spread/wanted-band';
import { classesWith } from '@/core/tackle/defaults/classes';
import type { LineAnswer, SpreadQuestion } from '@/domain/spread/solve';
import type { SpreadLineDocument } from '@/domain/spread/spread';
import type { Spread } from '@/core/afloat';
import type { MarkShape } from '@/ui/mark';

export type LineRemark =
  | { readonly code: 'shallow' | 'deep'; readonly byM: number }
  | { readonly code: 'slow' | 'fast'; readonly byMps: number }
  | { readonly code: 'near' | 'rod-twice' | 'place-twice'; readonly other: string }
  | { readonly code: 'spool'; readonly haveM: number }
  | { readonly code: 'surface' | 'bottom' | 'unsure' | 'white' };

export interface LineState {
  readonly shape: MarkShape;
  readonly remarks: readonly LineRemark[];
}

/** Deeper than this a lure is under the white water [m]. */
const SEEN_FROM_M = 2;

/** Whether a line runs as it is wanted: in its band, at its speed, clear of the others, with line left on the spool. */
export function lineState(
  line: SpreadLineDocument,
  answer: LineAnswer | undefined,
  { question, spread }: { readonly question: SpreadQuestion; readonly spread: Spread | null },
): LineState {
  if (!answer || !isSolved(answer)) return { shape: 'dotted', remarks: [] };
  const remarks: LineRemark[] = [];
  let worst = 0;
  const say = (grade: 1 | 2, remark: LineRemark) => {
    worst = Math.max(worst, grade);
    remarks.push(remark);
  };
  const band = wantedBand(line, question.spread, question.files[line.setupId]?.presentation);
  const half = DEVIATIONS_TO_RANGE * answer.depthSdM;
  if (answer.outcome === 'in-the-air') say(2, { code: 'surface' });
  if (answer.outcome === 'on-bottom') say(1, { code: 'bottom' });
  if (band) {
    if (answer.depthM < band.fromM)
      say(answer.depthM + half < band.fromM ? 2 : 1, { code: 'shallow', byM: band.fromM - answer.depthM });
    else if (answer.depthM > band.toM)
      say(answer.depthM - half > band.toM ? 2 : 1, { code: 'deep', byM: answer.depthM - band.toM });
    else if (answer.depthM - half < band.fromM || answer.depthM + half > band.toM) say(1, { code: 'unsure' });
  }
  const { works } = answer;
  const { edge } = classesWith(question.house.classes).checks.workingSpeed;
  const v = question.spread.speedMps;
  if (works && v < works.fromMps)
    say(v < works.fromMps * (1 - edge) ? 2 : 1, { code: 'slow', byMps: works.fromMps - v });
  if (works && v > works.toMps) say(v > works.toMps * (1 + edge) ? 2 : 1, { code: 'fast', byMps: v - works.toMps });
  for (const pair of spread?.pairs ?? []) {
    const ids = [lineIdOf(pair.a), lineIdOf(pair.b)];
    const isClose = spread!.tooClose.some(([a, b]) => a === pair.a && b === pair.b);
    const straight = pair.straightM !== null && pair.straightM < question.spread.clearM;
    if (isClose && straight && ids.includes(line.id))
      say(2, { code: 'near', other: lineIdOf(pair.a) === line.id ? pair.b : pair.a });
  }
  const lure = spread?.lines.find(({ name }) => name === line.id)?.lureM;
  const { whiteWater } = question.craft;
  if (
    lure &&
    whiteWater &&
    lure[2] < SEEN_FROM_M &&
    lure[1] <= whiteWater.lengthM &&
    2 * Math.abs(lure[0]) <= whiteWater.widthM
  )
    say(1, { code: 'white' });
  for (const other of question.spread.lines) {
    if (other.id === line.id) continue;
    if (other.pointId === line.pointId) say(2, { code: 'place-twice', other: other.id });
    if (rodIdOf(other, question) === rodIdOf(line, question)) say(2, { code: 'rod-twice', other: other.id });
  }
  const out = line.lineM + (line.cableM ?? 0) + (line.board?.lineM ?? 0);
  if (answer.spoolM !== null && out > answer.spoolM) say(2, { code: 'spool', haveM: answer.spoolM });
  return { shape: worst === 2 ? 'crossed' : worst === 1 ? 'half' : 'filled', remarks };
}

const rodIdOf = ({ rodId, setupId }: SpreadLineDocument, { files }: SpreadQuestion): string | undefined =>
  rodId ?? files[setupId]?.chain.find(({ kind }) => kind === 'rod')?.partId;
