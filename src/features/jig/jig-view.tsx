'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import type { EChartsCoreOption } from 'echarts/core';
import { HEADS, type HeadShape } from '@/core/tackle/defaults/jig-classes';
import { MATERIALS, type BodyMaterial } from '@/core/tackle/defaults/sink-classes';
import { DROP_BINS, HEAD_LIMITS as H, type Landed } from '@/core/make';
import type { Part } from '@/domain/parts';
import { Caution, Figure } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import { Chart, type Pens } from '@/ui/chart';
import { ChoiceField } from '@/ui/choice-field';
import { KeyFoot } from '@/ui/key-foot';
import { groupKeys, useKeys, type KeyRow } from '@/ui/keys';
import { ProgressLine } from '@/ui/progress-line';
import { FileView, RestingJig } from './jig-drawing';
import { DROPS, useJig, type Jig } from './use-jig';

const KEYS = [
  { action: 'drop', keys: ['d'], label: 'drop', atFoot: true },
  { action: 'search', keys: ['f'], label: 'search', atFoot: true },
  { action: 'take', keys: ['Enter'], label: 'take', atFoot: true },
  { action: 'unfile', keys: ['u'], label: 'unfile', atFoot: true },
  { action: 'hand', keys: ['h'], label: 'hand', atFoot: true },
] as const satisfies readonly KeyRow[];

const METALS = ['lead', 'tungsten', 'bismuth', 'tin', 'brass', 'steel'] as const satisfies readonly BodyMaterial[];
const press = 'narrow min-h-9 border border-ink px-2.5 text-[14px] disabled:border-faint disabled:text-dim';
const NONE = '';

/** The jig lab: a head by its parts, a flat filed on it, and how it lands before and after. */
export function JigView({ box }: { readonly box: readonly Part[] }) {
  const { t } = useI18n();
  const jig = useJig();
  const run = (action: (typeof KEYS)[number]['action']) => {
    switch (action) {
      case 'drop':
        return jig.drop();
      case 'search':
        return jig.search();
      case 'take':
        return jig.takeBest();
      case 'unfile':
        return jig.unfile();
      case 'hand':
        return jig.byHand();
      default:
        return action satisfies never;
    }
  };
  useKeys(KEYS, run, false);
  return (
    <main
      id="main"
      tabIndex={-1}
      className="mx-auto flex flex-col gap-2 px-2 pb-1 pt-2 outline-none sm:px-3 lg:h-[calc(100dvh-40px)] lg:min-h-[720px]"
    >
      <h1 className="sr-only">{t('jig.title')}</h1>
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)] gap-2 lg:grid-cols-[250px_minmax(0,1fr)_360px]">
        <Parts jig={jig} box={box} />
        <div className="flex min-h-0 flex-col gap-2">
          <section aria-label={t('jig.onVice')} className="border border-ink bg-sheet">
            <FileView head={jig.after.head} standing={jig.after.standing} flat={jig.flat} onFlat={jig.setFlat} />
            <p className="semi-narrow flex flex-wrap gap-x-4 border-t border-faint px-2.5 py-1 text-[14px]">
              <Filed jig={jig} />
            </p>
          </section>
          <section
            aria-label={t('jig.drops')}
            className="flex min-h-0 flex-1 flex-col border border-ink bg-sheet px-2.5 py-1"
          >
            <div className="flex flex-wrap items-center gap-2">
              <button
                type="button"
                className={press}
                onClick={jig.drop}
                disabled={jig.after.stand.outcome === 'floats'}
              >
                {t('jig.key.drop')}
              </button>
              <button type="button" className={press} onClick={jig.search} disabled={jig.searching}>
                {t('jig.key.search')}
              </button>
              <button type="button" className={press} onClick={jig.takeBest} disabled={!jig.found?.cut}>
                {t('jig.key.take')}
              </button>
              <Link href="/tying" className="ml-auto text-[14px] underline underline-offset-2">
                {t('nav.tying')}
              </Link>
            </div>
            <Found jig={jig} />
            {jig.dropsProgress && jig.dropping && (
              <ProgressLine label={t('jig.dropping')} share={jig.dropsProgress.done / jig.dropsProgress.of} />
            )}
            {jig.searchProgress && jig.searching && (
              <ProgressLine label={t('jig.searching')} share={jig.searchProgress.done / jig.searchProgress.of} />
            )}
            <Histogram jig={jig} />
          </section>
        </div>
        <div className="flex min-h-0 flex-col gap-2 lg:overflow-y-auto">
          <Landing title={t('jig.before')} landed={jig.before} jig={null} />
          <Landing title={t('jig.after')} landed={jig.after} jig={jig} />
          <Caution>{t('jig.care')}</Caution>
        </div>
      </div>
      <footer className="narrow flex flex-wrap items-center gap-x-2.5 gap-y-1 text-[12.5px] text-dim">
        <KeyFoot
          groups={groupKeys(KEYS, true).map((group) => ({ ...group, label: t(`jig.key.${group.label}`) }))}
          onAction={run}
        />
      </footer>
    </main>
  );
}

function Parts({ jig: { head, change, floor, setFloor }, box }: { readonly jig: Jig; readonly box: readonly Part[] }) {
  const i18n = useI18n();
  const { t } = i18n;
  const baits = box.filter((part) => part.kind === 'soft-bait');
  const own = baits.find(
    (bait) => head.bait && bait.lengthM.value === head.bait.lengthM && bait.massKg.value === head.bait.massKg,
  );
  const take = (id: string) => {
    const bait = baits.find((each) => each.id === id);
    change({
      bait: bait
        ? {
            massKg: bait.massKg.value,
            lengthM: bait.lengthM.value,
            densityKgPm3: MATERIALS[bait.material].densityKgPm3,
          }
        : null,
    });
  };
  return (
    <section
      aria-label={t('jig.parts')}
      className="flex min-h-0 flex-col gap-1 border border-ink bg-sheet px-2.5 py-1.5 max-lg:order-last lg:overflow-y-auto"
    >
      <h2 className="narrow text-[15px] font-semibold">{t('jig.title')}</h2>
      <ChoiceField
        label={t('jig.shape')}
        value={head.shape}
        options={(Object.keys(HEADS) as HeadShape[]).map((shape) => ({
          value: shape,
          label: t(`jig.shapes.${shape}`),
        }))}
        onValueChange={(shape) => change({ shape })}
      />
      <ChoiceField
        label={t('field.material')}
        value={head.material}
        options={METALS.map((material) => ({ value: material as BodyMaterial, label: t(`word.${material}`) }))}
        onValueChange={(material) => change({ material })}
      />
      <Figure
        label={t('jig.mass')}
        measure="mass"
        value={head.headKg}
        limits={H.headKg}
        onValue={(headKg) => change({ headKg })}
      />
      <Figure
        label={t('jig.shank')}
        measure="size"
        value={head.hook.shankM}
        limits={H.shankM}
        onValue={(shankM) => change({ hook: { ...head.hook, shankM } })}
      />
      <Figure
        label={t('field.gapM')}
        measure="size"
        value={head.hook.gapM}
        limits={H.gapM}
        onValue={(gapM) => change({ hook: { ...head.hook, gapM } })}
      />
      <Figure
        label={t('field.wireM')}
        measure="size"
        value={head.hook.wireM}
        limits={H.wireM}
        onValue={(wireM) => change({ hook: { ...head.hook, wireM } })}
      />
      <Figure
        label={t('jig.eye')}
        measure="angle"
        value={head.eyeRad}
        limits={H.eyeRad}
        onValue={(eyeRad) => change({ eyeRad })}
      />
      <Figure
        label={t('jig.collar')}
        measure="size"
        value={head.collarM}
        limits={H.collarM}
        onValue={(collarM) => change({ collarM })}
      />
      <ChoiceField
        label={t('jig.bait')}
        value={head.bait ? (own?.id ?? 'own') : NONE}
        options={[
          { value: NONE, label: t('jig.bareHook') },
          ...(head.bait && !own ? [{ value: 'own', label: t('jig.sampleBait') }] : []),
          ...baits.map((bait) => ({ value: bait.id as string, label: partTitle(i18n, bait) })),
        ]}
        onValueChange={(id) => id !== 'own' && take(id)}
      />
      <h3 className="narrow mt-1 text-[14px] font-semibold">{t('jig.twitch')}</h3>
      <Figure
        label={t('jig.line')}
        measure="angle"
        value={floor.lineRad}
        limits={{ min: 0, max: 1.5 }}
        onValue={(lineRad) => setFloor({ ...floor, lineRad })}
      />
      <Figure
        label={t('jig.slope')}
        measure="angle"
        value={floor.slopeRad}
        limits={{ min: 0, max: 1 }}
        onValue={(slopeRad) => setFloor({ ...floor, slopeRad })}
      />
      <Figure
        label={t('jig.soft')}
        measure="size"
        value={floor.softM}
        limits={{ min: 0, max: 0.02 }}
        onValue={(softM) => setFloor({ ...floor, softM })}
      />
    </section>
  );
}

function Filed({ jig: { after, before, flat } }: { readonly jig: Jig }) {
  const { t, format } = useI18n();
  return (
    <>
      <span>{t('jig.flatIs', { angle: format(flat.normalRad, 'angle'), depth: format(flat.depth, 'share') })}</span>
      <strong className="font-semibold" data-testid="filed">
        {t('jig.filed', { mass: format(after.standing.filedKg, 'mass') })}
      </strong>
      <span>{t('jig.good', { from: format(before.goodShare, 'share'), to: format(after.goodShare, 'share') })}</span>
    </>
  );
}

function Found({ jig: { found } }: { readonly jig: Jig }) {
  const { t, format } = useI18n();
  if (!found) return null;
  return (
    <p className="semi-narrow text-[14px]" data-testid="best-cut" data-good={found.after.goodShare}>
      {found.cut
        ? t('jig.best', {
            angle: format(found.cut.normalRad, 'angle'),
            good: format(found.after.goodShare, 'share'),
            mass: format(found.after.standing.filedKg, 'mass'),
            tried: found.tried,
          })
        : t('jig.noneBetter', { tried: found.tried })}
    </p>
  );
}

function Histogram({ jig: { drops } }: { readonly jig: Jig }) {
  const { t, number, format } = useI18n();
  const option = useMemo(
    () =>
      (pens: Pens): EChartsCoreOption => ({
        grid: { left: 44, right: 10, top: 10, bottom: 34 },
        xAxis: {
          type: 'value',
          min: -180,
          max: 180,
          interval: 45,
          name: t('jig.downAngle'),
          nameLocation: 'middle',
          nameGap: 20,
          nameTextStyle: { color: pens.dim },
          axisLabel: { color: pens.dim },
          axisLine: { lineStyle: { color: pens.ink } },
          splitLine: { show: false },
        },
        yAxis: {
          type: 'value',
          axisLabel: { color: pens.dim },
          splitNumber: 3,
          splitLine: { lineStyle: { color: pens.faint } },
        },
        series: [
          {
            type: 'line',
            step: 'middle',
            showSymbol: false,
            lineStyle: { color: pens.ink, width: 1.4 },
            areaStyle: { color: pens.edge },
            data: (drops?.histogram ?? []).map((count, i) => [-180 + ((i + 0.5) * 360) / DROP_BINS, count]),
          },
        ],
      }),
    [drops, t],
  );
  if (!drops) return <p className="semi-narrow text-[14px] text-dim">{t('jig.dropIt', { drops: number(DROPS, 0) })}</p>;
  return (
    <>
      <p className="semi-narrow text-[14px]" data-testid="drops">
        {t('jig.dropped', {
          drops: number(DROPS, 0),
          up: format(drops.pointUpShare, 'share'),
          good: format(drops.goodShare, 'share'),
        })}
        {drops.rolledShare > 0 ? ` ${t('jig.rolled', { share: format(drops.rolledShare, 'share') })}` : ''}
      </p>
      <Chart option={option} label={t('jig.histogram')} className="min-h-32 flex-1" />
    </>
  );
}

function Landing({
  title,
  landed,
  jig,
}: {
  readonly title: string;
  readonly landed: Landed;
  readonly jig: Jig | null;
}) {
  const { t, format } = useI18n();
  const { stand, goodShare, head, standing } = landed;
  const poses = [...stand.poses]
    .sort((a, b) => b.share - a.share)
    .filter(({ share }) => share > 0.005)
    .slice(0, 4);
  return (
    <section aria-label={title} className="border border-ink bg-sheet px-2.5 py-1" data-good={goodShare}>
      <h2 className="narrow flex justify-between text-[15px] font-semibold">
        {title}
        <span>{t('jig.goodShare', { share: format(goodShare, 'share') })}</span>
      </h2>
      {stand.outcome === 'floats' && <p>{t('jig.floats')}</p>}
      <ol className="grid grid-cols-2 gap-x-3">
        {poses.map((pose) => (
          <li key={pose.downRad} className="border-t border-faint py-0.5">
            <RestingJig
              head={head}
              standing={standing}
              pose={pose}
              label={t('jig.pose', { share: format(pose.share, 'share') })}
            />
            <p className="narrow text-[13px] leading-tight">
              <strong className="font-semibold">{format(pose.share, 'share')}</strong>{' '}
              {t(pose.pointUp ? 'jig.up' : 'jig.down')}, {t(`jig.falls.${pose.fallsTo}`)}
              {jig ? `; ${tipText(t, format, jig.tipN(pose))}` : ''}
            </p>
          </li>
        ))}
      </ol>
    </section>
  );
}

const tipText = (
  t: ReturnType<typeof useI18n>['t'],
  format: ReturnType<typeof useI18n>['format'],
  pullN: number | null,
): string =>
  pullN === null
    ? t('jig.slides')
    : pullN === 0
      ? t('jig.standsNot')
      : t('jig.tips', { pull: format(pullN, 'smallForce') });
