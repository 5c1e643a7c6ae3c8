'use client';

import { useMemo, type ReactNode } from 'react';
import type { EChartsCoreOption } from 'echarts/core';
import type { BoatSide } from '@/core/judge';
import type { LoadUp } from '@/core/strike';
import type { Setup } from '@/core/tackle';
import { useAnswer } from '@/features/fields/use-answer';
import { useI18n, type I18n } from '@/i18n/client';
import { Chart, type Pens } from '@/ui/chart';
import { chartAxis } from '@/ui/chart-axis';
import { Panel } from '@/ui/panel';
import type { QuestionOf } from '@/workers/protocol';
import { ClutchScaleView } from './clutch-scale';

export type FightWorking = 'clutch' | 'load-up' | 'fight' | 'winding' | 'small-craft';

export interface FightPanelProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly setup: Setup;
  readonly onWorking: (name: FightWorking) => void;
}

/** Between the take and the net: the clutch, the strike, the hands, the reel, the craft. */
export function FightPanel({ open, onOpenChange, setup, onWorking }: FightPanelProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const question = useMemo(
    (): QuestionOf<'boat-side'> | null => (open ? { kind: 'boat-side', setup } : null),
    [open, setup],
  );
  const { last, failed } = useAnswer(question);
  const side = last?.answer ?? null;
  const props = { i18n, setup, onWorking };
  return (
    <Panel open={open} onOpenChange={onOpenChange} title={t('fight.title')} closeLabel={t('common.close')}>
      {failed && <p role="alert">{t('error.failedTitle')}</p>}
      {side && (
        <>
          <Clutch side={side} {...props} />
          {side.load && <Load load={side.load} neededN={side.load.asked.neededN} {...props} />}
          {side.holders.length > 0 && <Holders side={side} {...props} />}
          <Hands side={side} {...props} />
          <Wound side={side} {...props} />
          {side.craft && <SmallCraft craft={side.craft} {...props} />}
        </>
      )}
    </Panel>
  );
}

interface SectionProps {
  readonly i18n: I18n;
  readonly setup: Setup;
  readonly onWorking: (name: FightWorking) => void;
}

function Section({
  title,
  working,
  children,
  i18n,
  onWorking,
}: Omit<SectionProps, 'setup'> & {
  readonly title: string;
  readonly working: FightWorking;
  readonly children: ReactNode;
}) {
  return (
    <section aria-label={title} className="mb-2 border-t border-ink pt-1">
      <h3 className="narrow flex items-baseline justify-between text-[15px] font-semibold">
        {title}
        <button
          type="button"
          onClick={() => onWorking(working)}
          className="min-h-8 text-[12.5px] font-normal underline underline-offset-2 lg:min-h-6"
        >
          {i18n.t('key.working')}
        </button>
      </h3>
      {children}
    </section>
  );
}

const Sentence = ({ children }: { readonly children: ReactNode }) => (
  <p className="semi-narrow text-[13.5px] leading-[1.3]">{children}</p>
);
const Caution = ({ children }: { readonly children: ReactNode }) => (
  <p className="semi-narrow mt-1 border-l-2 border-ink pl-2 text-[12.5px]">{children}</p>
);

function Clutch({ side: { strike }, i18n, setup, ...rest }: SectionProps & { readonly side: BoatSide }) {
  const { t, format } = i18n;
  const { clutchN } = setup.presentation;
  // In the hand the arms give before rod and line are loaded so far: there Set says what becomes of a strike.
  const inHolder = setup.presentation.kind === 'towed' && setup.presentation.held === 'holder';
  return (
    <Section title={t('clutch.title')} working="clutch" i18n={i18n} {...rest}>
      {!strike ? (
        <Sentence>{t('clutch.none')}</Sentence>
      ) : (
        <>
          <ClutchScaleView scales={strike.scales} clutchN={clutchN} lightN={strike.window.holdsBaitN} i18n={i18n} />
          <Sentence>
            {strike.window.outcome === 'no-window'
              ? t('clutch.noWindow', {
                  lo: format(strike.window.windowN[0], 'force'),
                  hi: format(strike.window.windowN[1], 'force'),
                  by: t(`clutch.by.${strike.window.upperBy}`),
                })
              : t('clutch.window', {
                  lo: format(strike.window.windowN[0], 'force'),
                  hi: format(strike.window.windowN[1], 'force'),
                  by: t(`clutch.by.${strike.window.upperBy}`),
                })}{' '}
            {inHolder &&
              t(strike.window.strikeBuries ? 'clutch.buries' : 'clutch.doesNotBury', {
                peak: format(strike.window.peakN, 'force'),
                elastic: format(strike.window.elasticPeakN, 'force'),
                needed: format(strike.asked.neededN, 'force'),
              })}
            {strike.window.holdsBaitN !== null &&
              ` ${t('clutch.lightIs', { light: format(strike.window.holdsBaitN, 'force'), pull: format(strike.asked.baitPullN ?? 0, 'force') })}`}
          </Sentence>
        </>
      )}
    </Section>
  );
}

function Load({
  load,
  neededN,
  i18n,
  setup: _,
  ...rest
}: SectionProps & { readonly load: NonNullable<BoatSide['load']>; readonly neededN: number }) {
  const { t, format } = i18n;
  const option = useMemo(() => (pens: Pens) => loadChart(load, neededN, i18n, pens), [load, neededN, i18n]);
  const when = ({ outcome, buriesS, clutchGivesS }: LoadUp) =>
    outcome === 'buries'
      ? t('load.buries', { time: format(buriesS, 'time') })
      : outcome === 'clutch-gives'
        ? t('load.clutchGives', { time: format(clutchGivesS, 'time') })
        : t('load.waits');
  return (
    <Section title={t('load.title')} working="load-up" i18n={i18n} {...rest}>
      <Chart option={option} label={t('load.chart')} className="h-48" />
      <Sentence>
        {t('load.stays', { when: when(load.stays) })}{' '}
        {t('load.given', {
          line: format(load.given.yieldsM, 'distance'),
          time: format(load.given.yieldsS, 'time'),
          speed: format(load.asked.speedMps, 'speed'),
          when: when(load.given),
        })}{' '}
        {load.given.outcome !== 'buries' && t('load.sweep', { time: format(load.given.tightS, 'time') })}
      </Sentence>
    </Section>
  );
}

/** A locked clutch lets the pull grow beyond any use; a line that leaves the chart says so. */
const MOST_SHOWN = 12;

/** Two lines told apart by their stroke, and the pull that buries as a rule across. */
function loadChart(
  { stays, given }: NonNullable<BoatSide['load']>,
  neededN: number,
  i18n: I18n,
  pens: Pens,
): EChartsCoreOption {
  const force = (value: number) => i18n.inUnit(value, 'force');
  const most =
    1.1 *
    Math.max(
      neededN,
      ...[...stays.curve, ...given.curve].map(({ tensionN }) => Math.min(tensionN, MOST_SHOWN * neededN)),
    );
  const line = (name: string, { curve }: LoadUp, type: 'solid' | 'dashed') => ({
    type: 'line',
    name,
    showSymbol: false,
    data: curve.map(({ timeS, tensionN }) => [timeS, force(tensionN)]),
    lineStyle: { color: pens.ink, width: 1.8, type },
    itemStyle: { color: pens.ink },
    endLabel: { show: true, formatter: name, color: pens.ink },
  });
  return {
    grid: { left: 52, right: 110, top: 10, bottom: 36 },
    xAxis: chartAxis(pens, i18n.number, { name: `${i18n.t('load.time')} [s]`, nameGap: 22 }),
    yAxis: chartAxis(pens, i18n.number, {
      name: `${i18n.t('load.pull')} [${i18n.unitLabel('force')}]`,
      nameGap: 36,
      max: force(most),
      axisLabel: { showMaxLabel: false },
    }),
    series: [
      {
        ...line(i18n.t('load.lineStays'), stays, 'solid'),
        markLine: {
          silent: true,
          symbol: 'none',
          data: [{ yAxis: force(neededN) }],
          lineStyle: { color: pens.ink, type: 'dotted' },
          label: { formatter: i18n.t('load.lineNeeded'), color: pens.ink, position: 'end' },
        },
      },
      line(i18n.t('load.lineGiven'), given, 'dashed'),
    ],
  };
}

const cells = 'border-t border-faint px-1 py-0.5 text-right';

function Holders({ side: { holders, strike }, i18n, setup: _, ...rest }: SectionProps & { readonly side: BoatSide }) {
  const { t, format } = i18n;
  return (
    <Section title={t('holder.title')} working="clutch" i18n={i18n} {...rest}>
      <table className="narrow w-full border-collapse text-[13px]">
        <thead className="text-right text-dim">
          <tr>
            <th className="text-left font-normal">{t('holder.lean')}</th>
            <th className="font-normal">{t('holder.angle')}</th>
            <th className="font-normal">{t('holder.elastic')}</th>
            <th className="font-normal">{t('holder.peak')}</th>
            <th className="font-normal">{t('holder.takesUp')}</th>
          </tr>
        </thead>
        <tbody>
          {holders.map(({ leanRad, pullAngleRad, elasticPeakN, peakN, takesUpJ }) => (
            <tr key={leanRad}>
              <td className="border-t border-faint">{format(leanRad, 'angle')}</td>
              <td className={cells}>{format(pullAngleRad, 'angle')}</td>
              <td className={cells}>{format(elasticPeakN, 'force')}</td>
              <td className={cells}>{format(peakN, 'force')}</td>
              <td className={cells}>{i18n.number(takesUpJ, 2)} J</td>
            </tr>
          ))}
        </tbody>
      </table>
      <Sentence>{t('holder.note', { now: format(strike?.asked.pullAngleRad ?? null, 'angle') })}</Sentence>
    </Section>
  );
}

function Hands({ side: { hands }, i18n, setup: _, ...rest }: SectionProps & { readonly side: BoatSide }) {
  const { t, format } = i18n;
  return (
    <Section title={t('hands.title')} working="fight" i18n={i18n} {...rest}>
      <table className="narrow w-full border-collapse text-[13px]">
        <thead className="text-right text-dim">
          <tr>
            <th className="text-left font-normal">{t('hands.rod')}</th>
            <th className="font-normal">{t('hands.lever')}</th>
            <th className="font-normal">{t('hands.moment')}</th>
            <th className="font-normal">{t('hands.gain')}</th>
          </tr>
        </thead>
        <tbody>
          {hands.rods.map(({ lengthM, leverArmM, momentNm, gainM }, i) => (
            <tr key={lengthM} className={i === 1 ? 'font-semibold' : ''}>
              <td className="border-t border-faint">
                {t(`hands.which.${['shorter', 'own', 'longer'][i] as 'own'}`, { length: format(lengthM, 'rodLength') })}
              </td>
              <td className={cells}>{format(leverArmM, 'distance')}</td>
              <td className={cells}>{format(momentNm, 'moment')}</td>
              <td className={cells}>{format(gainM, 'distance')}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <Sentence>
        {t('hands.note', {
          pull: format(hands.pullN, 'force'),
          from: format(hands.fromRad, 'angle'),
          to: format(hands.toRad, 'angle'),
        })}
      </Sentence>
      <Caution>{t('hands.caution')}</Caution>
    </Section>
  );
}

function Wound({ side: { winding }, i18n, setup: _, ...rest }: SectionProps & { readonly side: BoatSide }) {
  const { t, format, number } = i18n;
  return (
    <Section title={t('winding.title')} working="winding" i18n={i18n} {...rest}>
      <table className="narrow w-full border-collapse text-[13px]">
        <tbody>
          {winding.speeds.map(({ speedMps, turnsPerMin, winds }, i) => (
            <tr key={i}>
              <td className="border-t border-faint">{t(`winding.for.${['lure', 'drift', 'fish'][i] as 'lure'}`)}</td>
              <td className={cells}>{format(speedMps, 'speed')}</td>
              <td className={cells}>{t('winding.turns', { count: number(turnsPerMin, 0) })}</td>
              <td className={cells}>{winds ? '' : t('winding.tooFast')}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <Sentence>
        {t('winding.note', { pull: format(winding.pullN, 'force'), turn: format(winding.lineATurnM, 'distance') })}
      </Sentence>
    </Section>
  );
}

function SmallCraft({
  craft,
  i18n,
  setup: _,
  ...rest
}: SectionProps & { readonly craft: NonNullable<BoatSide['craft']> }) {
  const { t, format } = i18n;
  return (
    <Section title={t('smallCraft.title', { name: craft.name })} working="small-craft" i18n={i18n} {...rest}>
      <Sentence>
        {t('smallCraft.towed', { pull: format(craft.asked.pullN, 'force'), speed: format(craft.towedMps, 'speed') })}{' '}
        {t('smallCraft.line', {
          time: format(craft.asked.runS ?? null, 'time'),
          fish: format(craft.asked.fishMps ?? null, 'speed'),
          line: format(craft.lineNeededM, 'distance'),
        })}{' '}
        {craft.emptyS !== null && t('smallCraft.empty', { time: format(craft.emptyS, 'time') })}{' '}
        {t('smallCraft.heels', {
          moment: format(craft.heelingNm, 'moment'),
          height: format(craft.asked.tipHeightM, 'distance'),
        })}
      </Sentence>
      <Caution>{t('smallCraft.caution')}</Caution>
    </Section>
  );
}
