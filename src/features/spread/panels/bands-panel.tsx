'use client';

import { DEVIATIONS_TO_RANGE, toHalfMetre } from '@/domain/spread/let-out';
import { isSolved } from '@/domain/spread/line-names';
import { wantedBand } from '@/domain/spread/wanted-band';
import { useMemo } from 'react';
import { coverage } from '@/core/rig';
import type { SolvedSpread, SpreadQuestion } from '@/domain/spread/solve';
import { useAnswer } from '@/features/fields/use-answer';
import { Fields, Note, Press, Table } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';
import type { QuestionOf } from '@/workers/protocol';
import type { SpreadInHand } from '../use-spread';
import { numberOf } from '../words';
import { DepthFields } from './depth-fields';

/** Less than this is not worth winding [m]. */
const WORTH_M = 0.5;

/** What the lines cover of the water, and what to wind in or let out so that each runs in its band; nothing changes by itself. */
export function BandsPanel({
  inHand,
  question,
  solved,
}: {
  readonly inHand: SpreadInHand;
  readonly question: SpreadQuestion;
  readonly solved: SolvedSpread;
}) {
  const { t, format } = useI18n();
  const { spread } = inHand;
  const asked = useMemo((): QuestionOf<'spread-moves'> => ({ kind: 'spread-moves', input: question }), [question]);
  const { last, waiting } = useAnswer(asked, 150);
  const moves = last?.answer ?? [];
  const runs = solved.lines.filter(isSolved).map(({ depthM, depthSdM }) => ({
    fromM: Math.max(0, depthM - DEVIATIONS_TO_RANGE * depthSdM - 0.25),
    toM: depthM + DEVIATIONS_TO_RANGE * depthSdM + 0.25,
  }));
  const bands = spread.lines.flatMap(
    (line) => wantedBand(line, spread, question.files[line.setupId]?.presentation) ?? [],
  );
  const wantedWhole = bands.length > 0 && {
    fromM: Math.min(...bands.map(({ fromM }) => fromM)),
    toM: Math.max(...bands.map(({ toM }) => toM)),
  };
  const columns = [
    ...(spread.bottomM === undefined ? [] : [{ key: 'column' as const, fromM: 0, toM: spread.bottomM }]),
    ...(wantedWhole ? [{ key: 'wanted' as const, ...wantedWhole }] : []),
    ...(spread.breakM === undefined
      ? []
      : [{ key: 'break' as const, fromM: Math.max(0, spread.breakM - 3), toM: spread.breakM + 3 }]),
  ];
  const take = (id: string) => {
    const move = moves.find((each) => each.id === id);
    if (move)
      inHand.changeLine(
        id,
        move.of === 'cable' ? { cableM: toHalfMetre(move.thenM) } : { lineM: toHalfMetre(move.thenM) },
      );
  };
  return (
    <div data-testid="bands" data-state={waiting ? 'waiting' : 'ready'}>
      <Fields>
        <DepthFields inHand={inHand} />
      </Fields>
      <Table
        caption={t('spread.bands.moves')}
        head={[t('spread.list.number'), t('spread.bands.band'), t('spread.bands.now'), t('spread.bands.do'), '']}
        rows={moves.map((move) => {
          const by = toHalfMetre(move.thenM) - move.nowM;
          const answer = solved.lines.find(({ id }) => id === move.id);
          return [
            numberOf(spread, move.id),
            `${format(move.band.fromM, 'depth')}–${format(move.band.toM, 'depth')}`,
            answer && isSolved(answer) ? format(answer.depthM, 'depth') : '–',
            move.outcome === 'out-of-reach'
              ? t('spread.bands.outOfReach')
              : Math.abs(by) < WORTH_M
                ? t('spread.bands.stays')
                : t(by > 0 ? `spread.bands.letOut.${move.of}` : `spread.bands.windIn.${move.of}`, {
                    by: format(Math.abs(by), 'distance'),
                  }),
            move.outcome === 'ok' && Math.abs(by) >= WORTH_M ? (
              <Press onPress={() => take(move.id)}>{t('spread.bands.take')}</Press>
            ) : (
              ''
            ),
          ];
        })}
      />
      {moves.length === 0 && <p>{t('spread.bands.none')}</p>}
      <Table
        caption={t('spread.bands.coverage')}
        head={[t('spread.bands.of'), t('spread.bands.share'), t('spread.bands.gaps')]}
        rows={columns.map(({ key, ...wanted }) => {
          const { share, gaps } = coverage(runs, wanted);
          return [
            t(`spread.bands.ofWhat.${key}`, { from: format(wanted.fromM, 'depth'), to: format(wanted.toM, 'depth') }),
            format(share, 'share'),
            gaps.length === 0
              ? t('spread.bands.noGaps')
              : gaps.map(({ fromM, toM }) => `${format(fromM, 'depth')}–${format(toM, 'depth')}`).join(', '),
          ];
        })}
      />
      <Note>{t('spread.bands.note')}</Note>
    </div>
  );
}
