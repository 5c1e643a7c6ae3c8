'use client';

import { useState } from 'react';
import { FIGURES, HELM_LIMITS as L, MOST_BESIDE, type FigureName } from '@/domain/helm/helm-limits';
import type { HelmFigure } from '@/domain/helm/helm';
import { kindOf } from '@/domain/instruments/channels';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import type { HelmPage } from '@/server/queries/helm-page';
import { ChoiceField } from '@/ui/choice-field';
import { measureOf } from '@/features/fields/readout';
import type { HelmInHand } from '../use-helm';
import { CheckField } from './check-field';
import { PanelButton } from './panel-button';

const NONE = '';

/** Which figures are large, what is wanted of them, what sounds, and what hangs behind the boat. */
export function FiguresPanel({
  inHand: { helm, change, busy },
  page,
  common,
}: {
  readonly inHand: HelmInHand;
  readonly page: HelmPage;
  /** the speeds that all lures in the water share; null: none, or not known */
  readonly common: { readonly fromMps: number; readonly toMps: number } | null;
}) {
  const { t, format } = useI18n();
  const changeFigure = (i: number, changes: Partial<HelmFigure>) =>
    change({ figures: helm.figures.map((figure, k) => (k === i ? { ...figure, ...changes } : figure)) });
  const names = FIGURES.map((value) => ({ value, label: t(`helm.channel.${value}`) }));
  return (
    <div className="flex flex-col gap-3" data-testid="figures">
      {helm.figures.map(({ channel, wanted, alarm }, i) => {
        const measure = measureOf(channel);
        const { limits } = kindOf(channel);
        return (
          <section key={i} className="flex flex-col gap-2 border-b border-faint pb-3">
            <ChoiceField
              label={t('helm.figures.large', { number: i + 1 })}
              value={channel}
              options={names}
              onValueChange={(value: FigureName) => changeFigure(i, { channel: value, wanted: null, alarm: false })}
            />
            {kindOf(channel).turns ? null : (
              <>
                <Wanted
                  key={channel}
                  measure={measure}
                  limits={limits}
                  wanted={wanted}
                  onWanted={(next) => changeFigure(i, { wanted: next, alarm: next !== null && alarm })}
                />
                {channel === 'probeMps' && common && Number.isFinite(common.toMps) && (
                  <PanelButton
                    disabled={busy}
                    onClick={() => changeFigure(i, { wanted: { from: common.fromMps, to: common.toMps } })}
                  >
                    {t('helm.figures.useCommon', {
                      from: format(common.fromMps, 'speed'),
                      to: format(common.toMps, 'speed'),
                    })}
                  </PanelButton>
                )}
                <CheckField
                  label={t('helm.figures.alarm')}
                  checked={alarm}
                  disabled={wanted === null}
                  onChange={(on) => changeFigure(i, { alarm: on })}
                />
              </>
            )}
          </section>
        );
      })}
      <fieldset className="border-b border-faint pb-3">
        <legend className="narrow text-[14px] text-dim">{t('helm.figures.beside')}</legend>
        <div className="grid grid-cols-2 gap-x-3">
          {FIGURES.map((channel) => {
            const on = helm.beside.includes(channel);
            return (
              <CheckField
                key={channel}
                label={t(`helm.channel.${channel}`)}
                checked={on}
                disabled={!on && helm.beside.length >= MOST_BESIDE}
                onChange={(to) =>
                  change({ beside: to ? [...helm.beside, channel] : helm.beside.filter((each) => each !== channel) })
                }
              />
            );
          })}
        </div>
      </fieldset>
      <div className="grid grid-cols-2 gap-3">
        <QuantityField
          label={t('helm.figures.smoothing')}
          measure="time"
          value={helm.smoothingS}
          limits={L.smoothingS}
          onValueChange={(value) => value !== null && change({ smoothingS: value })}
        />
        <QuantityField
          label={t('helm.figures.stale')}
          measure="time"
          value={helm.staleS}
          limits={L.staleS}
          onValueChange={(value) => value !== null && change({ staleS: value })}
        />
        <QuantityField
          label={t('helm.breakC')}
          measure="temperature"
          value={helm.breakC}
          limits={{ min: -5, max: 40 }}
          emptyMeans={t('helm.none')}
          onValueChange={(breakC) => change({ breakC })}
        />
        <QuantityField
          label={t('helm.figures.clear')}
          measure="depth"
          value={helm.clearM}
          limits={L.clearM}
          emptyMeans={t('helm.none')}
          onValueChange={(clearM) => change({ clearM })}
        />
      </div>
      <CheckField
        label={t('helm.figures.lost')}
        checked={helm.lostAlarm}
        onChange={(lostAlarm) => change({ lostAlarm })}
      />
      <CheckField label={t('helm.figures.sound')} checked={helm.sound} onChange={(sound) => change({ sound })} />
      <ChoiceField
        label={t('helm.figures.spread')}
        value={helm.spreadId ?? NONE}
        options={[
          { value: NONE, label: t('helm.none') },
          ...page.spreads.map(({ id, name }) => ({ value: id as string, label: name })),
        ]}
        onValueChange={(id) => change({ spreadId: page.spreads.find((spread) => spread.id === id)?.id ?? null })}
      />
    </div>
  );
}

interface Ends {
  readonly from: number | null;
  readonly to: number | null;
}
const NO_ENDS: Ends = { from: null, to: null };

function Wanted({
  measure,
  limits,
  wanted,
  onWanted,
}: {
  readonly measure: ReturnType<typeof measureOf>;
  readonly limits: { readonly min: number; readonly max: number };
  readonly wanted: HelmFigure['wanted'];
  readonly onWanted: (wanted: HelmFigure['wanted']) => void;
}) {
  const { t } = useI18n();
  // The ends as they are typed; they follow what is wanted when that changes from elsewhere.
  const [ends, setEnds] = useState<Ends>(wanted ?? NO_ENDS);
  const [of, setOf] = useState(wanted);
  if (wanted?.from !== of?.from || wanted?.to !== of?.to) {
    setOf(wanted);
    if (wanted) setEnds(wanted);
  }
  const set = (changes: Partial<Ends>) => {
    const next = { ...ends, ...changes };
    setEnds(next);
    if (next.from === null && next.to === null) onWanted(null);
    else if (next.from !== null && next.to !== null && next.to > next.from) onWanted({ from: next.from, to: next.to });
  };
  return (
    <div className="grid grid-cols-2 gap-3">
      {(['from', 'to'] as const).map((end) => (
        <QuantityField
          key={end}
          label={t(`helm.figures.${end}`)}
          measure={measure}
          value={ends[end]}
          limits={limits}
          emptyMeans={t('helm.none')}
          onValueChange={(value) => set({ [end]: value })}
        />
      ))}
      {ends.from !== null && ends.to !== null && ends.to <= ends.from && (
        <p role="alert" className="semi-narrow col-span-2 text-[13px]">
          {t('helm.figures.order')}
        </p>
      )}
    </div>
  );
}
