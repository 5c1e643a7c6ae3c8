'use client';

import { useMemo, useState } from 'react';
import type { EChartsCoreOption } from 'echarts/core';
import { evaluate, withPart } from '@/core/judge';
import { nesting } from '@/core/rig';
import type { Measure } from '@/core/base/measure';
import type { Setup } from '@/core/tackle';
import { USUAL_DAY, type Day, type RodInHand, type RodTrade } from '@/core/decide';
import { Answers, Fields, Figure, Note, Table } from '@/features/fields/sheet';
import { useAnswer } from '@/features/fields/use-answer';
import { useI18n } from '@/i18n/client';
import { findingText } from '@/i18n/setup-text';
import type { Part } from '@/domain/parts';
import type { Joint } from '@/domain/joint';
import type { QuiverPage } from '@/server/queries/quiver-page';
import type { Question } from '@/workers/protocol';
import { Chart, type Pens } from '@/ui/chart';
import { ChoiceField } from '@/ui/choice-field';
import { ProgressLine } from '@/ui/progress-line';
import type { Presented } from './job';
import { rowName } from './names';
import { inScene, SCENE_IDS, type Scene } from './scenes';

/** What grows and what shrinks with a rod's length; each a curve of its own. */
const CURVES = [
  { id: 'distance', measure: 'distance', of: ({ cast }: RodInHand) => cast?.distanceM ?? null },
  { id: 'gathered', measure: 'distance', of: ({ set }: RodInHand) => set?.takeUpM ?? null },
  { id: 'atHook', measure: 'force', of: ({ set }: RodInHand) => set?.atHookN ?? null },
  { id: 'delay', measure: 'time', of: ({ set }: RodInHand) => set?.timeToSetS ?? null },
  { id: 'clear', measure: 'distance', of: ({ clearM }: RodInHand) => clearM },
  { id: 'circle', measure: 'distance', of: ({ circleM }: RodInHand) => circleM },
  { id: 'moment', measure: 'moment', of: ({ load }: RodInHand) => load.momentNm },
  { id: 'packed', measure: 'distance', of: ({ packedM }: RodInHand) => packedM },
] as const satisfies readonly { id: string; measure: Measure; of: (rod: RodInHand) => number | null }[];

const RANGE = { casts: { min: 0, max: 600 }, hours: { min: 0, max: 24 }, wind: { min: -20, max: 20 } } as const;

/** Choosing a rod for a technique: what length, power and action would change, the present rod marked. */
export function ChoosePanel({ page, start }: { readonly page: QuiverPage; readonly start: Presented }) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const [scene, setScene] = useState<Scene | ''>('');
  const [rodId, setRodId] = useState<string>(start.file.chain.find(({ kind }) => kind === 'rod')!.partId);
  const [day, setDay] = useState<Day>({ ...USUAL_DAY, windMps: 0 });
  const rods = page.box.filter((part) => part.kind === 'rod');
  const setup = useMemo(() => {
    const rod = page.box.find(({ id }) => id === rodId);
    const joint = start.file.chain.find(({ kind }) => kind === 'rod')!;
    const on = rod ? withPart(start.file, joint.id, rod) : start.file;
    return { ...on, presentation: inScene(on.presentation, scene) };
  }, [page.box, rodId, start, scene]);
  const question = useMemo(
    (): Extract<Question, { kind: 'rod-trade' }> => ({ kind: 'rod-trade', setup, day }),
    [setup, day],
  );
  const { last, waiting, progress, failed } = useAnswer(question, 150);
  const trade = last?.answer ?? null;
  return (
    <>
      <div className="grid gap-x-5 gap-y-1 sm:grid-cols-3">
        <p className="semi-narrow self-end text-[14px]">{rowName(i18n, start)}</p>
        <ChoiceField
          label={t('word.rod')}
          value={rodId}
          options={rods.map((rod) => ({ value: rod.id as string, label: rod.name ?? rod.id }))}
          onValueChange={setRodId}
        />
        <ChoiceField
          label={t('quiver.choose.scene')}
          value={scene}
          options={[
            { value: '' as const, label: t('quiver.choose.asIs') },
            ...SCENE_IDS.map((id) => ({ value: id, label: t(`quiver.scene.${id}`) })),
          ]}
          onValueChange={setScene}
        />
      </div>
      <Fields>
        <PlainField
          label={t('quiver.choose.casts')}
          value={day.castsPerHour}
          limits={RANGE.casts}
          onValue={(castsPerHour) => setDay({ ...day, castsPerHour })}
        />
        <PlainField
          label={t('quiver.choose.hours')}
          value={day.hours}
          limits={RANGE.hours}
          onValue={(hours) => setDay({ ...day, hours })}
        />
        <Figure
          label={t('quiver.choose.wind')}
          measure="speed"
          value={day.windMps}
          limits={RANGE.wind}
          onValue={(windMps) => setDay({ ...day, windMps })}
        />
      </Fields>
      {waiting && progress && <ProgressLine label={t('quiver.choose.computing')} share={progress.done / progress.of} />}
      {failed && <p role="alert">{t('error.refused')}</p>}
      {trade && (
        <div className={waiting ? 'opacity-60' : ''} data-testid="trade">
          <Lengths trade={trade} />
          <div className="grid gap-x-6 lg:grid-cols-2">
            <div>
              <Powers trade={trade} cover={setup.presentation.cover} />
            </div>
            <div>
              <Actions trade={trade} />
            </div>
          </div>
          <div className="grid gap-x-6 lg:grid-cols-2">
            <Load own={trade.own} hours={day.hours} limitNm={setup.house?.angler.shoulderLimitNm?.value ?? null} />
            <Beside page={page} rodId={rodId} craftId={setup.presentation.craftId} own={trade.own} />
          </div>
          <Guides setup={setup} />
          <Note>
            {t('quiver.choose.note', {
              range: trade.own.cast
                ? `${format(trade.own.cast.rangeM[0], 'distance')}–${format(trade.own.cast.rangeM[1], 'distance')}`
                : '–',
            })}
          </Note>
        </div>
      )}
    </>
  );
}

function PlainField({
  label,
  value,
  limits,
  onValue,
}: {
  readonly label: string;
  readonly value: number;
  readonly limits: { readonly min: number; readonly max: number };
  readonly onValue: (value: number) => void;
}) {
  return (
    <label className="block">
      <span className="narrow block text-[12px] text-dim">{label}</span>
      <input
        type="number"
        value={value}
        min={limits.min}
        max={limits.max}
        onChange={(event) => onValue(Math.min(limits.max, Math.max(limits.min, Number(event.target.value) || 0)))}
        className="min-h-7 w-full border-b border-faint bg-transparent text-[15px]"
      />
    </label>
  );
}

function Lengths({ trade }: { readonly trade: RodTrade }) {
  const { t, inUnit, unitLabel, format } = useI18n();
  return (
    <section aria-label={t('quiver.choose.lengths')}>
      <h3 className="narrow mt-2 text-[14px] font-semibold">{t('quiver.choose.lengths')}</h3>
      <div className="grid grid-cols-2 gap-x-3 md:grid-cols-4">
        {CURVES.filter(({ of }) => trade.lengths.some(({ rod }) => of(rod) !== null)).map(({ id, measure, of }) => {
          const now = of(trade.own);
          return (
            <figure key={id} className="min-w-0">
              <figcaption className="narrow text-[13px]">
                {t(`quiver.curve.${id}`)} [{unitLabel(measure)}]{' '}
                <strong className="font-semibold">{format(now, measure)}</strong>
              </figcaption>
              <Chart
                className="h-32"
                label={t('quiver.choose.curveLabel', { name: t(`quiver.curve.${id}`) })}
                option={(pens: Pens): EChartsCoreOption => ({
                  grid: { left: 38, right: 8, top: 8, bottom: 22 },
                  xAxis: {
                    type: 'value',
                    min: 'dataMin',
                    max: 'dataMax',
                    axisLabel: { color: pens.dim, fontSize: 11, hideOverlap: true },
                    axisLine: { lineStyle: { color: pens.ink } },
                    splitLine: { show: false },
                  },
                  yAxis: {
                    type: 'value',
                    scale: true,
                    axisLabel: { color: pens.dim, fontSize: 11 },
                    splitNumber: 3,
                    splitLine: { lineStyle: { color: pens.faint } },
                  },
                  series: [
                    {
                      type: 'line',
                      showSymbol: false,
                      lineStyle: { color: pens.ink, width: 1.6 },
                      data: trade.lengths.map(({ at, rod }) => [
                        inUnit(at, 'rodLength'),
                        of(rod) === null ? null : inUnit(of(rod)!, measure),
                      ]),
                    },
                    {
                      type: 'scatter',
                      symbol: 'diamond',
                      symbolSize: 10,
                      itemStyle: { color: pens.hi, borderColor: pens.ink },
                      data: now === null ? [] : [[inUnit(trade.own.overallM, 'rodLength'), inUnit(now, measure)]],
                    },
                  ],
                })}
              />
            </figure>
          );
        })}
      </div>
    </section>
  );
}

function Powers({ trade, cover }: { readonly trade: RodTrade; readonly cover: 'open' | 'sparse' | 'dense' }) {
  const { t, format } = useI18n();
  const covers = ['open', 'sparse', 'dense'] as const;
  return (
    <Table
      caption={t('quiver.choose.powers')}
      head={[
        t('quiver.choose.power'),
        t('quiver.choose.window'),
        t('quiver.choose.drop'),
        ...covers.map((each) => `${t('quiver.choose.wire')} ${t(`cover.${each}`)}${each === cover ? ' ◆' : ''}`),
      ]}
      rows={[
        [
          t('quiver.choose.ownRod'),
          windowText(trade.own, format),
          format(trade.own.dropShare, 'share'),
          ...covers.map((each) => format(trade.own.buriesWireM?.[each] ?? null, 'diameter')),
        ],
        ...trade.powers.map(({ at, rod }) => [
          t(`word.${at}`),
          windowText(rod, format),
          format(rod.dropShare, 'share'),
          ...covers.map((each) => format(rod.buriesWireM?.[each] ?? null, 'diameter')),
        ]),
      ]}
    />
  );
}

const windowText = ({ throws }: RodInHand, format: (value: number | null, measure: Measure) => string) =>
  throws === null
    ? '–'
    : throws.fromKg <= throws.toKg
      ? `${format(throws.fromKg, 'mass')} – ${format(throws.toKg, 'mass')}`
      : '✕';

function Actions({ trade }: { readonly trade: RodTrade }) {
  const { t, format } = useI18n();
  const row = (name: string, { set, dropShare, cast }: RodInHand) => [
    name,
    format(set?.timeToSetS ?? null, 'time'),
    format(set?.margin ?? null, 'ratio'),
    format(dropShare, 'share'),
    format(cast?.springMps ?? null, 'speed'),
    format(cast?.distanceM ?? null, 'distance'),
  ];
  return (
    <>
      <Table
        caption={t('quiver.choose.actions')}
        head={[
          t('quiver.choose.action'),
          t('quiver.curve.delay'),
          t('quiver.choose.margin'),
          t('quiver.choose.drop'),
          t('quiver.choose.spring'),
          t('quiver.curve.distance'),
        ]}
        rows={[
          row(t('quiver.choose.ownRod'), trade.own),
          ...trade.actions.map(({ at, rod }) => row(t(`word.${at}`), rod)),
        ]}
      />
      <Note>{t('quiver.choose.actionNote')}</Note>
    </>
  );
}

function Load({
  own: { load },
  hours,
  limitNm,
}: {
  readonly own: RodInHand;
  readonly hours: number;
  readonly limitNm: number | null;
}) {
  const { t, format, number } = useI18n();
  return (
    <section aria-label={t('quiver.choose.load')}>
      <h3 className="narrow mt-2 text-[14px] font-semibold">{t('quiver.choose.load')}</h3>
      <Answers
        rows={[
          [
            t('quiver.choose.hand'),
            t('quiver.choose.ofLimit', {
              moment: format(load.momentNm, 'moment'),
              limit: format(load.limitNm, 'moment'),
            }),
            'hand-load',
          ],
          [
            t('quiver.choose.shoulder'),
            `${format(load.shoulderNm, 'moment')}${limitNm !== null ? ` / ${format(limitNm, 'moment')}` : ''}`,
          ],
          [
            t('quiver.choose.lasts'),
            load.lastsMin === null
              ? t('quiver.choose.endless')
              : t('quiver.choose.minutes', { minutes: number(load.lastsMin, 1) }),
          ],
          [t('quiver.choose.hour'), format(load.hourShare, 'share')],
          [t('quiver.choose.day', { hours: number(hours, 1) }), `${format(load.dayNms / 60, 'moment')}·min`],
        ]}
      />
      <Note>{t('quiver.choose.loadNote')}</Note>
    </section>
  );
}

function Beside({
  page,
  rodId,
  craftId,
  own,
}: {
  readonly page: QuiverPage;
  readonly rodId: string;
  readonly craftId: string | null;
  readonly own: RodInHand;
}) {
  const { t, format } = useI18n();
  const rods = page.box.filter((part) => part.kind === 'rod');
  const [otherId, setOtherId] = useState<string>(rods.find(({ id }) => id !== rodId)?.id ?? rodId);
  const house = page.setups[0]?.file.house;
  const craft =
    house?.crafts.find(({ id }) => id === craftId) ?? house?.crafts.find(({ holders }) => holders > 1) ?? null;
  const other = rods.find(({ id }) => id === otherId);
  const own1 = rods.find(({ id }) => id === rodId);
  const sections = own1?.sections;
  const miss = own1?.missShare;
  const nested =
    craft && other
      ? nesting(craft.holderGapM, [
          { lengthM: own.overallM, leanRad: craft.holderAngleRad },
          { lengthM: other.lengthM.value, leanRad: craft.holderAngleRad },
        ])
      : null;
  return (
    <section aria-label={t('quiver.choose.room')}>
      <h3 className="narrow mt-2 text-[14px] font-semibold">{t('quiver.choose.room')}</h3>
      <ChoiceField
        label={t('quiver.choose.other')}
        value={otherId}
        options={rods.map((rod) => ({ value: rod.id as string, label: rod.name ?? rod.id }))}
        onValueChange={setOtherId}
      />
      <Answers
        rows={[
          ...(craft && nested
            ? [
                [t('quiver.choose.tips', { craft: craft.name }), format(nested.apartM, 'distance')] as const,
                [t('quiver.choose.lines'), format(nested.acrossM, 'distance')] as const,
                [
                  t('quiver.choose.share', { craft: craft.name }),
                  format(own.overallM / craft.lengthM, 'share'),
                ] as const,
              ]
            : []),
          [t('quiver.curve.clear'), `${format(own.clearM, 'distance')} / ${format(own.clearAskedM, 'distance')}`],
          [t('quiver.choose.packed', { sections: sections ?? 1 }), format(own.packedM, 'distance')],
          [
            t('quiver.choose.accuracy'),
            miss ? (
              t('quiver.choose.miss', { share: format(miss.value, 'share') })
            ) : (
              <a
                href={`/box?part=${encodeURIComponent(rodId)}&guide=accuracy-test`}
                className="underline underline-offset-2"
              >
                {t('quiver.choose.measureIt')}
              </a>
            ),
          ],
        ]}
      />
    </section>
  );
}

/** Remarks of the checks that are about rings, tip and seat. */
const ABOUT_GUIDES: ReadonlySet<string> = new Set([
  'guide-material',
  'through-rings',
  'wound-into-tip',
  'reel-seat',
  'line-class',
  'rod-in-holder',
  'boatside-turn',
  'room-in-craft',
  'tip-clearance',
  'rod-length',
]);

function Guides({ setup }: { readonly setup: Setup }) {
  const i18n = useI18n();
  const { t } = i18n;
  const found = useMemo(() => evaluate(setup).checks.filter(({ id }) => ABOUT_GUIDES.has(id)), [setup]);
  return (
    <section aria-label={t('quiver.choose.guides')}>
      <h3 className="narrow mt-2 text-[14px] font-semibold">{t('quiver.choose.guides')}</h3>
      {found.length === 0 ? (
        <p className="semi-narrow text-[14px]">{t('quiver.choose.guidesFine')}</p>
      ) : (
        <ul className="semi-narrow text-[14px]">
          {found.map((finding, i) => {
            const {
              title,
              found: says,
              todo,
            } = findingText(i18n, finding, {
              chain: setup.chain as readonly Joint[],
              parts: setup.parts as readonly Part[],
            });
            return (
              <li key={i}>
                <strong className="font-semibold">{title}</strong> · {t(`checks.severity.${finding.severity}`)}: {says}{' '}
                {todo}
              </li>
            );
          })}
        </ul>
      )}
    </section>
  );
}
