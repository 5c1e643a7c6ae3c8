'use client';

import { USUAL_BOARD, isSolved } from '@/domain/spread/line-names';
import { useState } from 'react';
import { cutBack } from '@/domain/spread/line-mark';
import { movedTo } from '@/domain/spread/place-setup';
import { MARK_WAYS } from '@/domain/spread/mark-ways';
import { SPREAD_DOCUMENT_LIMITS as L } from '@/domain/spread/spread-limits';
import type { LineAnswer } from '@/domain/spread/solve';
import { PRESENTATION_LIMITS as P } from '@/domain/presentation-limits';
import { pointNumber, towPointsOf } from '@/domain/spread/tow-points';
import { QuantityField } from '@/features/fields/quantity-field';
import { Fields, Figure, Note, Press } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import { ChoiceField } from '@/ui/choice-field';
import { TextField } from '@/ui/text-field';
import type { SpreadInHand } from '../use-spread';
import { fileOf, markText } from '../words';

/** A line may be let out as far as its spool has it; the drawing is at its end there. */
const spoolLimit = (answer: LineAnswer | undefined) => ({
  min: L.lineM.min,
  max: answer && isSolved(answer) && answer.spoolM !== null ? Math.min(L.lineM.max, answer.spoolM) : L.lineM.max,
});

/** All that can be said of one line: its place and rod, its lengths, its mark, where it is wanted, its drag. */
export function LinePanel({
  inHand,
  lineId,
  answer,
}: {
  readonly inHand: SpreadInHand;
  readonly lineId: string;
  readonly answer: LineAnswer | undefined;
}) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const { spread, craft, rods, setups } = inHand;
  const [cutM, setCut] = useState(1);
  const line = spread.lines.find(({ id }) => id === lineId);
  if (!line || !craft) return null;
  const points = towPointsOf(craft);
  const point = points.find(({ id }) => id === line.pointId);
  const file = fileOf(inHand, line);
  const own = setups.find(({ id }) => id === line.setupId)?.file;
  const ownRod = own?.chain.find(({ kind }) => kind === 'rod')?.partId;
  const put = (changes: Partial<typeof line>) => inHand.changeLine(line.id, changes);
  const wants =
    line.wants ??
    (own?.presentation.kind === 'towed' ? { of: 'setup' as const, ...own.presentation.wanted.depth } : null);
  return (
    <div className="flex flex-col gap-3" data-testid="line-panel">
      <ChoiceField
        label={t('spread.line.place')}
        value={line.pointId}
        options={[
          ...(point ? [] : [{ value: line.pointId, label: t('spread.problem.no-point') }]),
          ...points.map((each) => ({
            value: each.id,
            label: t('spread.pointNamed', {
              place: t(`spread.point.${each.kind}`),
              number: pointNumber(points, each),
              side: t(each.xM < 0 ? 'spread.port' : 'spread.starboard'),
            }),
          })),
        ]}
        onValueChange={(pointId) => inHand.change({ lines: [...movedTo(spread.lines, line.id, pointId, points)] })}
      />
      <ChoiceField
        label={t('spread.line.setup')}
        value={line.setupId as string}
        options={[
          ...(own ? [] : [{ value: line.setupId as string, label: t('spread.problem.no-setup') }]),
          ...setups.map(({ id, name }) => ({ value: id as string, label: name })),
        ]}
        onValueChange={(id) => {
          const setup = setups.find((each) => each.id === id);
          if (setup) put({ setupId: setup.id });
        }}
      />
      <ChoiceField
        label={t('spread.line.rod')}
        value={line.rodId ?? ownRod ?? ''}
        options={rods.map((rod) => ({ value: rod.id as string, label: partTitle(i18n, rod as never) }))}
        onValueChange={(id) => {
          const rod = rods.find((each) => each.id === id);
          const { rodId: _, ...rest } = line;
          inHand.change({
            lines: spread.lines.map((each) =>
              each.id === line.id ? (rod && rod.id !== ownRod ? { ...rest, rodId: rod.id as never } : rest) : each,
            ),
          });
        }}
      />
      <Fields>
        <Figure
          label={t(line.cableM !== undefined || line.board ? 'spread.line.lead' : 'spread.line.out')}
          measure="distance"
          value={line.lineM}
          limits={spoolLimit(answer)}
          onValue={(lineM) => put({ lineM })}
        />
        {line.cableM !== undefined && (
          <>
            <Figure
              label={t('spread.line.cable')}
              measure="distance"
              value={line.cableM}
              limits={L.cableM}
              onValue={(cableM) => put({ cableM })}
            />
            <Figure
              label={t('spread.line.ball')}
              measure="bodyMass"
              value={line.ballKg ?? 4.5}
              limits={L.ballKg}
              onValue={(ballKg) => put({ ballKg })}
            />
          </>
        )}
        {line.board && (
          <>
            <Figure
              label={t('spread.line.board')}
              measure="distance"
              value={line.board.lineM}
              limits={{ min: Math.max(L.boardM.min, line.board.outM + 0.5), max: L.boardM.max }}
              onValue={(lineM) => put({ board: { ...line.board!, lineM } })}
            />
            <Figure
              label={t('spread.line.boardOut')}
              measure="distance"
              value={line.board.outM}
              limits={{ min: L.boardOutM.min, max: line.board.lineM - 0.5 }}
              onValue={(outM) => put({ board: { ...line.board!, outM } })}
            />
          </>
        )}
        <QuantityField
          label={t('spread.line.drag')}
          measure="force"
          value={line.dragN ?? null}
          limits={P.clutchN}
          emptyMeans={
            answer && isSolved(answer) && answer.dragN !== null
              ? format(answer.dragN, 'force')
              : t('spread.line.ofSetup')
          }
          onValueChange={(dragN) => put({ dragN: dragN ?? undefined })}
        />
        {(line.cableM !== undefined || line.board) && (
          <QuantityField
            label={t('spread.line.release')}
            measure="force"
            value={line.releaseN ?? null}
            limits={L.releaseN}
            emptyMeans={t('spread.line.twiceClean')}
            onValueChange={(releaseN) => put({ releaseN: releaseN ?? undefined })}
          />
        )}
      </Fields>
      {point && point.kind === 'holder' && (
        <label className="semi-narrow flex min-h-8 items-center gap-2">
          <input
            type="checkbox"
            checked={line.board !== undefined}
            onChange={(event) => put({ board: event.target.checked ? { ...USUAL_BOARD } : undefined })}
          />
          {t('spread.line.onBoard')}
        </label>
      )}
      <label className="semi-narrow flex min-h-8 items-center gap-2">
        <input type="checkbox" checked={line.pinned} onChange={(event) => put({ pinned: event.target.checked })} />
        {t('spread.line.pinned')}
      </label>

      <h3 className="narrow border-t border-ink pt-1 text-[15px] font-semibold">{t('spread.line.mark')}</h3>
      <div className="grid grid-cols-2 gap-x-5 gap-y-1">
        <ChoiceField
          label={t('spread.line.markBy')}
          value={line.mark.by}
          options={MARK_WAYS.map((by) => ({ value: by, label: t(`spread.markBy.${by}`) }))}
          onValueChange={(by) => put({ mark: { ...line.mark, by } })}
        />
        {(line.mark.by === 'tied' || line.mark.by === 'colours') && (
          <ChoiceField
            label={t('spread.line.markAt')}
            value={line.mark.at}
            options={(['reel', 'tip'] as const).map((at) => ({ value: at, label: t(`spread.markAt.${at}`) }))}
            onValueChange={(at) => put({ mark: { ...line.mark, at } })}
          />
        )}
        {line.mark.by === 'tied' && (
          <TextField
            label={t('spread.line.markName')}
            value={line.mark.name}
            maxLength={40}
            onValueChange={(name) => put({ mark: { ...line.mark, name } })}
          />
        )}
        {line.mark.by === 'passes' && (
          <Figure
            label={t('spread.line.turnsAPass')}
            measure="ratio"
            value={line.mark.turnsAPass ?? 12}
            limits={L.turnsAPass}
            onValue={(turnsAPass) => put({ mark: { ...line.mark, turnsAPass } })}
          />
        )}
      </div>
      <p className="semi-narrow text-[14px]">
        {t('spread.line.reads', { mark: markText(i18n, line, file) })}{' '}
        {line.mark.toCheck && (
          <Press onPress={() => put({ mark: { ...line.mark, toCheck: false } })}>{t('spread.mark.checked')}</Press>
        )}
      </p>
      <div className="flex items-end gap-3">
        <Figure
          label={t('spread.line.cutBy')}
          measure="distance"
          value={cutM}
          limits={{ min: 0.1, max: 100 }}
          onValue={setCut}
        />
        <Press
          onPress={() =>
            inHand.change({
              lines: [
                ...cutBack(spread, Object.fromEntries(setups.map((each) => [each.id, each.file])), line.id, cutM),
              ],
            })
          }
        >
          {t('spread.line.cut')}
        </Press>
      </div>
      <Note>{t('spread.line.cutNote')}</Note>

      <h3 className="narrow border-t border-ink pt-1 text-[15px] font-semibold">{t('spread.line.wanted')}</h3>
      <ChoiceField
        label={t('spread.line.wantedOf')}
        value={line.wants?.of ?? 'setup'}
        options={(['setup', 'surface', 'break'] as const).map((of) => ({
          value: of,
          label: t(`spread.wantedOf.${of}`),
        }))}
        onValueChange={(of) =>
          put({
            wants:
              of === 'setup'
                ? null
                : of === 'break'
                  ? { of, fromM: -2, toM: 2 }
                  : { of, fromM: Math.max(0, wants?.fromM ?? 2), toM: Math.max(0.5, wants?.toM ?? 4) },
          })
        }
      />
      {line.wants && (
        <Fields>
          <Figure
            label={t('spread.line.from')}
            measure="depth"
            value={line.wants.fromM}
            limits={{ min: line.wants.of === 'break' ? L.fromBreakM.min : 0, max: line.wants.toM }}
            onValue={(fromM) => put({ wants: { ...line.wants!, fromM } })}
          />
          <Figure
            label={t('spread.line.to')}
            measure="depth"
            value={line.wants.toM}
            limits={{ min: line.wants.fromM, max: L.depthM.max }}
            onValue={(toM) => put({ wants: { ...line.wants!, toM } })}
          />
        </Fields>
      )}
      {line.wants?.of === 'break' && spread.breakM === undefined && <p role="alert">{t('spread.line.noBreak')}</p>}
      {!line.wants && wants && (
        <p className="semi-narrow text-[14px] text-dim">
          {t('spread.line.setupBand', { from: format(wants.fromM, 'depth'), to: format(wants.toM, 'depth') })}
        </p>
      )}
      <button
        type="button"
        onClick={() =>
          inHand.change({
            lines: spread.lines.filter(({ id }) => id !== line.id),
            order: spread.order?.filter((id) => id !== line.id) ?? null,
          })
        }
        className="narrow min-h-9 self-start border border-faint px-3 text-[14px] hover:border-ink"
      >
        {t('spread.key.remove')}
      </button>
    </div>
  );
}
