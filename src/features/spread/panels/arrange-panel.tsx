'use client';

import { useMemo, useState } from 'react';
import type { SpreadQuestion } from '@/domain/spread/solve';
import type { SpreadLineDocument } from '@/domain/spread/spread';
import { SPREAD_DOCUMENT_LIMITS as L } from '@/domain/spread/spread-limits';
import { pointNumber, towPointsOf } from '@/domain/spread/tow-points';
import { useAnswer } from '@/features/fields/use-answer';
import { Fields, Figure, Note, Press, Table } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';
import { ProgressLine } from '@/ui/progress-line';
import type { QuestionOf } from '@/workers/protocol';
import type { SpreadInHand } from '../use-spread';
import { fileOf, markText, nameOf, numberOf, rodName } from '../words';

/** The best places and lengths that there are, with what rules them; nothing changes until it is taken. */
export function ArrangePanel({
  inHand,
  question,
  onTake,
}: {
  readonly inHand: SpreadInHand;
  readonly question: SpreadQuestion;
  readonly onTake: (lines: readonly SpreadLineDocument[]) => void;
}) {
  const i18n = useI18n();
  const { t, format } = i18n;
  // The spread as it was when the panel opened; only clearance and radius may change while it is open.
  const [opened] = useState(question);
  const { clearM, radiusM } = inHand.spread;
  const asked = useMemo(
    (): QuestionOf<'spread-arrange'> => ({
      kind: 'spread-arrange',
      input: { ...opened, spread: { ...opened.spread, clearM, radiusM } },
    }),
    [opened, clearM, radiusM],
  );
  const { last, waiting, progress, failed } = useAnswer(asked, 200);
  const answer = last && !waiting ? last.answer : null;
  const points = towPointsOf(opened.craft);
  /** A mark that is on the line itself says nothing of another length: then the metres do. */
  const lengths = (line: SpreadLineDocument) =>
    line.mark.by === 'tied' || line.mark.by === 'colours'
      ? format(line.lineM, 'distance')
      : markText(i18n, line, fileOf(inHand, line));
  const placeName = (id: string) => {
    const point = points.find((each) => each.id === id);
    return point ? `${t(`spread.point.${point.kind}`)} ${pointNumber(points, point)}` : '–';
  };
  return (
    <div data-testid="arrange" data-state={waiting ? 'waiting' : (answer?.found.outcome ?? 'failed')}>
      <Fields>
        <Figure
          label={t('spread.clear')}
          measure="distance"
          value={clearM}
          limits={L.clearM}
          onValue={(next) => inHand.change({ clearM: next })}
        />
        <Figure
          label={t('spread.wantedRadius')}
          measure="distance"
          value={radiusM}
          limits={L.radiusM}
          onValue={(next) => inHand.change({ radiusM: next })}
        />
      </Fields>
      {waiting && (
        <ProgressLine label={t('spread.arrange.working')} share={progress ? progress.done / progress.of : 0} />
      )}
      {failed && <p role="alert">{t('error.failedTitle')}</p>}
      {answer && (
        <>
          <p className="my-2 text-[15px]" role="status">
            {t(`spread.arrange.${answer.found.outcome}`)}{' '}
            {answer.found.leastM !== null && answer.found.because && (
              <>
                {t(`spread.arrange.because.${answer.found.because.in}`, {
                  a: nameOf(i18n, opened.spread, answer.found.because.pair[0]),
                  b: nameOf(i18n, opened.spread, answer.found.because.pair[1]),
                  distance: format(answer.found.leastM, 'distance'),
                  radius: format(answer.found.because.radiusM ?? 0, 'distance'),
                })}
              </>
            )}
          </p>
          {answer.found.choice && (
            <>
              <Table
                caption={t('spread.arrange.table')}
                head={[
                  t('spread.list.rod'),
                  t('spread.line.place'),
                  t('spread.arrange.before'),
                  t('spread.arrange.after'),
                ]}
                rows={answer.lines.map((line) => {
                  const before = opened.spread.lines.find(({ id }) => id === line.id)!;
                  return [
                    `${numberOf(opened.spread, line.id)} ${rodName(i18n, fileOf(inHand, line))}`,
                    before.pointId === line.pointId
                      ? placeName(line.pointId)
                      : t('spread.arrange.moves', { from: placeName(before.pointId), to: placeName(line.pointId) }),
                    lengths(before),
                    sameLengths(before, line) ? t('spread.arrange.same') : lengths(line),
                  ];
                })}
              />
              <Press onPress={() => onTake(answer.lines)}>{t('spread.arrange.take')}</Press>
            </>
          )}
          <Note>{t('spread.arrange.note')}</Note>
        </>
      )}
    </div>
  );
}

const sameLengths = (a: SpreadLineDocument, b: SpreadLineDocument): boolean =>
  a.lineM === b.lineM && a.cableM === b.cableM && a.board?.lineM === b.board?.lineM && a.board?.outM === b.board?.outM;
