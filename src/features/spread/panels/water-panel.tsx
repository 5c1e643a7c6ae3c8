'use client';

import { isSolved } from '@/domain/spread/line-names';
import { useState } from 'react';
import { depthAfter } from '@/core/afloat';
import type { SolvedSpread } from '@/domain/spread/solve';
import { MOST_LAYERS, SPREAD_DOCUMENT_LIMITS as L } from '@/domain/spread/spread-limits';
import { pointNumber, towPointsOf } from '@/domain/spread/tow-points';
import { Fields, Figure, Note, Press, Table } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import type { SpreadInHand } from '../use-spread';
import { numberOf } from '../words';
import { DepthFields } from './depth-fields';

/** What all lines share: speed, current along and across by depth, bottom, break, room; a probe; and a burst of speed. */
export function WaterPanel({
  inHand,
  solved,
}: {
  readonly inHand: SpreadInHand;
  readonly solved: SolvedSpread | null;
}) {
  const { t, format } = useI18n();
  const { spread, craft } = inHand;
  const { current, probe } = spread;
  const [burst, setBurst] = useState({ byMps: 0.15, forS: 10 });
  const points = craft ? towPointsOf(craft) : [];
  const hung = points.filter(({ kind }) => kind === 'downrigger' || kind === 'holder');
  const runs = solved?.lines.filter(isSolved) ?? [];
  const toMps = Math.max(0.1, spread.speedMps + burst.byMps);
  return (
    <div className="flex flex-col gap-2" data-testid="water">
      <Fields>
        <Figure
          label={t('spread.speed')}
          measure="speed"
          value={spread.speedMps}
          limits={L.speedMps}
          onValue={(speedMps) => inHand.change({ speedMps })}
        />
        <DepthFields inHand={inHand} />
        <Figure
          label={t('spread.clear')}
          measure="distance"
          value={spread.clearM}
          limits={L.clearM}
          onValue={(clearM) => inHand.change({ clearM })}
        />
        <Figure
          label={t('spread.wantedRadius')}
          measure="distance"
          value={spread.radiusM}
          limits={L.radiusM}
          onValue={(radiusM) => inHand.change({ radiusM })}
        />
      </Fields>
      <h3 className="narrow border-t border-ink pt-1 text-[15px] font-semibold">{t('spread.current.title')}</h3>
      {current.map((layer, i) => {
        const put = (changes: Partial<typeof layer>) =>
          inHand.change({ current: current.map((each, k) => (k === i ? { ...each, ...changes } : each)) });
        return (
          <div key={i} className="grid grid-cols-[1fr_1fr_1fr_auto] items-end gap-3">
            <Figure
              label={t('spread.current.depth')}
              measure="depth"
              value={layer.depthM}
              limits={{
                min: i === 0 ? 0 : current[i - 1]!.depthM + 0.1,
                max: i + 1 < current.length ? current[i + 1]!.depthM - 0.1 : L.depthM.max,
              }}
              onValue={(depthM) => put({ depthM })}
            />
            <Figure
              label={t('spread.current.along')}
              measure="speed"
              value={layer.alongMps}
              limits={L.currentMps}
              onValue={(alongMps) => put({ alongMps })}
            />
            <Figure
              label={t('spread.current.across')}
              measure="speed"
              value={layer.acrossMps}
              limits={L.currentMps}
              onValue={(acrossMps) => put({ acrossMps })}
            />
            <Press onPress={() => inHand.change({ current: current.filter((_, k) => k !== i) })}>
              {t('spread.current.remove')}
            </Press>
          </div>
        );
      })}
      {current.length < MOST_LAYERS && (
        <p>
          <Press
            onPress={() =>
              inHand.change({
                current: [
                  ...current,
                  { depthM: current.length === 0 ? 0 : current.at(-1)!.depthM + 5, alongMps: 0, acrossMps: 0 },
                ],
              })
            }
          >
            {t('spread.current.add')}
          </Press>
        </p>
      )}
      <Note>{t('spread.current.note')}</Note>

      <h3 className="narrow border-t border-ink pt-1 text-[15px] font-semibold first-letter:uppercase">
        {t('spread.probe')}
      </h3>
      <label className="semi-narrow flex min-h-8 items-center gap-2">
        <input
          type="checkbox"
          checked={probe !== null}
          disabled={hung.length === 0}
          onChange={(event) =>
            inHand.change({
              probe: event.target.checked
                ? {
                    pointId: (hung.find(({ id }) => !spread.lines.some((line) => line.pointId === id)) ?? hung[0])!.id,
                    cableM: 15,
                    ballKg: 4.5,
                  }
                : null,
            })
          }
        />
        {t('spread.probeOwn')}
      </label>
      {probe && (
        <Fields>
          <ChoiceField
            label={t('spread.line.place')}
            value={probe.pointId}
            options={hung.map((point) => ({
              value: point.id,
              label: `${t(`spread.point.${point.kind}`)} ${pointNumber(points, point)}`,
            }))}
            onValueChange={(pointId) => inHand.change({ probe: { ...probe, pointId } })}
          />
          <Figure
            label={t('spread.line.cable')}
            measure="distance"
            value={probe.cableM}
            limits={L.cableM}
            onValue={(cableM) => inHand.change({ probe: { ...probe, cableM } })}
          />
          <Figure
            label={t('spread.line.ball')}
            measure="bodyMass"
            value={probe.ballKg}
            limits={L.ballKg}
            onValue={(ballKg) => inHand.change({ probe: { ...probe, ballKg } })}
          />
        </Fields>
      )}
      {solved?.probe && (
        <p className="semi-narrow">{t('spread.probeAt', { depth: format(solved.probe.depthM, 'depth') })}</p>
      )}

      <h3 className="narrow border-t border-ink pt-1 text-[15px] font-semibold">{t('spread.burst.title')}</h3>
      <Fields>
        <Figure
          label={t('spread.burst.by')}
          measure="speed"
          value={burst.byMps}
          limits={{ min: -2, max: 4 }}
          onValue={(byMps) => setBurst({ ...burst, byMps })}
        />
        <Figure
          label={t('spread.burst.for')}
          measure="time"
          value={burst.forS}
          limits={L.forS}
          onValue={(forS) => setBurst({ ...burst, forS })}
        />
      </Fields>
      <Table
        caption={t('spread.burst.table', { speed: format(toMps, 'speed'), time: format(burst.forS, 'time') })}
        head={[t('spread.list.number'), t('spread.burst.before'), t('spread.burst.after'), t('spread.burst.held')]}
        rows={runs.map(({ id, depthM, depthsAt, behindTipM }) => [
          numberOf(spread, id),
          format(depthM, 'depth'),
          format(
            depthAfter(depthsAt, {
              fromMps: spread.speedMps,
              toMps,
              forS: burst.forS,
              laybackM: Math.max(1, behindTipM),
            }),
            'depth',
          ),
          format(
            depthAfter(depthsAt, { fromMps: spread.speedMps, toMps, forS: 1e5, laybackM: Math.max(1, behindTipM) }),
            'depth',
          ),
        ])}
      />
      <Note>{t('spread.burst.note')}</Note>
    </div>
  );
}
