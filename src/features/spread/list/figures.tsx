'use client';

import { isSolved } from '@/domain/spread/line-names';
import type { SpreadQuestion } from '@/domain/spread/solve';
import { useI18n, type I18n } from '@/i18n/client';
import { lineState, type LineRemark } from '../line-state';
import type { Solved } from '../use-solved';
import type { SpreadInHand } from '../use-spread';
import { nameOf, numberOf } from '../words';

/** A release is set to about this many times the clean pull of its line. */
const RELEASE = 2;

/** What is read of the chosen line: where its lure runs, its pulls, what it does in the turn, and what is wrong with it. */
export function Figures({
  inHand,
  question,
  solved,
  geometry,
  chosen,
}: {
  readonly inHand: SpreadInHand;
  readonly question: SpreadQuestion;
  readonly solved: Solved['solved'];
  readonly geometry: Solved['geometry'];
  readonly chosen: string | null;
}) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const { spread } = inHand;
  const line = spread.lines.find(({ id }) => id === chosen);
  const answer = solved?.lines.find(({ id }) => id === chosen);
  const laid = geometry?.find(({ id }) => id === chosen);
  if (!line || !answer) return null;
  const number = numberOf(spread, line.id);
  if (!isSolved(answer))
    return (
      <p role="alert" className="semi-narrow px-2.5 py-1 text-[13.5px]">
        {number}:{' '}
        {answer.problem.code === 'outside'
          ? t('spread.problem.outside', { field: answer.problem.field })
          : t(`spread.problem.${answer.problem.code}`)}
      </p>
    );
  const { remarks } = lineState(line, answer, { question, spread: solved?.spread ?? null });
  const turned = solved?.spread?.lines.find(({ name }) => name === line.id)?.turn;
  const [x, y] = laid?.lureM ?? [0, 0];
  const parts = [
    t('spread.figures.behind', { distance: format(y, 'distance') }),
    ...(Math.abs(x) > 0.3
      ? [
          t(x > 0 ? 'spread.figures.toStarboard' : 'spread.figures.toPort', {
            distance: format(Math.abs(x), 'distance'),
          }),
        ]
      : []),
    t('spread.figures.clean', { force: format(answer.cleanN, 'force') }),
    t('spread.figures.weed', { force: format(answer.fouledN, 'force') }),
    ...(line.cableM !== undefined || line.board
      ? [t('spread.figures.release', { force: format(line.releaseN ?? RELEASE * answer.lineN, 'force') })]
      : []),
    ...(answer.ballDepthM === null || line.cableM === undefined
      ? []
      : [
          t('spread.figures.ball', {
            depth: format(answer.ballDepthM, 'depth'),
            lifted: format(line.cableM - answer.ballDepthM, 'depth'),
          }),
        ]),
    ...(turned?.outcome === 'goes-slack'
      ? [t('spread.figures.slack')]
      : turned?.lureM && turned.speedMps !== null
        ? [
            t(
              turned.lureM[2] > answer.depthM + 0.05
                ? 'spread.figures.drops'
                : turned.lureM[2] < answer.depthM - 0.05
                  ? 'spread.figures.rises'
                  : 'spread.figures.stays',
              {
                depth: format(turned.lureM[2], 'depth'),
                speed: format(turned.speedMps, 'speed'),
              },
            ),
          ]
        : []),
  ];
  return (
    <p className="semi-narrow px-2.5 py-1 text-[13.5px] leading-snug" data-testid="figures" aria-live="polite">
      <b>{number}</b> {parts.join(' · ')}
      {remarks.map((remark, i) => (
        <b key={i} className="font-semibold">
          {' '}
          · {remarkText(i18n, inHand, remark)}
        </b>
      ))}
    </p>
  );
}

export function remarkText(i18n: I18n, { spread }: Pick<SpreadInHand, 'spread'>, remark: LineRemark): string {
  const { t, format } = i18n;
  switch (remark.code) {
    case 'shallow':
    case 'deep':
      return t(`spread.remark.${remark.code}`, { by: format(remark.byM, 'depth') });
    case 'slow':
    case 'fast':
      return t(`spread.remark.${remark.code}`, { by: format(remark.byMps, 'speed') });
    case 'near':
    case 'rod-twice':
    case 'place-twice':
      return t(`spread.remark.${remark.code}`, { other: nameOf(i18n, spread, remark.other) });
    case 'spool':
      return t('spread.remark.spool', { have: format(remark.haveM, 'distance') });
    default:
      return t(`spread.remark.${remark.code}`);
  }
}
