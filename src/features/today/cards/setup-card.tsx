'use client';

import { useMemo } from 'react';
import { evaluate } from '@/core/judge';
import {
  countsAt,
  lineProperties,
  spoolCapacityM,
  type LinePart,
  type ReelPart,
  type Setup,
  spoolOf,
} from '@/core/tackle';
import type { Part } from '@/domain/parts';
import { useI18n, type I18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import { CountdownTable, DepthTable, WeightsTable } from './tables';

/** One setup on a card: what it is, drag and line marks, and its depths or weights as they are fished. */
export function SetupCard({
  name,
  slot,
  setup,
}: {
  readonly name: string;
  readonly slot: string;
  readonly setup: Setup;
}) {
  const i18n = useI18n();
  const { t } = i18n;
  const part = <K extends Part['kind']>(kind: K) =>
    setup.parts.find((each) => each.id === setup.chain.find((joint) => joint.kind === kind)?.partId) as
      Extract<Part, { kind: K }> | undefined;
  const [rod, reel, line] = [part('rod'), part('reel'), part('line')];
  const { presentation } = setup;
  const hold = useMemo(
    () => evaluate(setup).verdicts.hold.reasons.find(({ code }) => code === 'hold-window')?.facts ?? null,
    [setup],
  );
  return (
    <li className="border-b border-r border-ink bg-sheet p-3 [break-inside:avoid]" data-testid="card">
      <p className="narrow text-[12.5px] text-dim">{slot}</p>
      <h2 className="narrow text-[16px] font-semibold leading-tight">{name}</h2>
      <p className="semi-narrow text-[13px]">
        {[rod, reel, line].flatMap((each) => (each ? [partTitle(i18n, each)] : [])).join(' · ')}
      </p>
      <dl className="my-1 grid grid-cols-[auto_1fr] gap-x-3 border-t border-faint text-[14px]">
        {marksOf(i18n, setup, { hold, reel: reel as ReelPart | undefined, line: line as LinePart | undefined }).map(
          ([label, value]) => (
            <div key={label} className="contents">
              <dt className="semi-narrow border-b border-faint py-0.5">{label}</dt>
              <dd className="narrow border-b border-faint py-0.5 text-right font-semibold">{value}</dd>
            </div>
          ),
        )}
      </dl>
      {presentation.kind === 'cast' ? (
        <CountdownTable setup={setup} presentation={presentation} />
      ) : presentation.way === 'dropped' || presentation.way === 'drifted' ? (
        <WeightsTable setup={setup} presentation={presentation} />
      ) : (
        <DepthTable setup={setup} presentation={presentation} />
      )}
      <p className="semi-narrow mt-1 text-[12.5px] text-dim">{t('today.cards.write')}</p>
      <p className="mt-4 border-b border-faint" />
    </li>
  );
}

type Row = readonly [label: string, value: string];

/** Drag as it is set, where it may be set, and how far the line is out as a reel counts it. */
function marksOf(
  { t, format, number }: I18n,
  { presentation }: Setup,
  {
    hold,
    reel,
    line,
  }: {
    readonly hold: Readonly<Record<string, unknown>> | null;
    readonly reel: ReelPart | undefined;
    readonly line: LinePart | undefined;
  },
): readonly Row[] {
  const outM =
    presentation.kind === 'cast'
      ? presentation.distanceM
      : presentation.gear
        ? presentation.gear.leadM
        : presentation.lineOutM;
  const counts = reel && line ? countsOn(outM, reel, line) : null;
  const [lo, hi] = [hold?.['loN'], hold?.['hiN']];
  return [
    [
      t('today.cards.drag'),
      presentation.clutchN === null ? t('today.cards.locked') : format(presentation.clutchN, 'force'),
    ],
    ...(typeof lo === 'number' && typeof hi === 'number'
      ? [[t('today.cards.window'), t('today.span', { from: format(lo, 'force'), to: format(hi, 'force') })] as const]
      : []),
    [
      t(presentation.kind === 'cast' ? 'today.cards.distance' : 'today.cards.lineOut'),
      [
        format(outM, 'distance'),
        ...(counts
          ? [
              t('today.cards.turns', {
                turns: number(counts.handleTurns, 0),
                counter: format(counts.counterM, 'distance'),
              }),
            ]
          : []),
      ].join(' · '),
    ],
    ...(presentation.kind === 'towed'
      ? [[t('today.cards.speed'), format(presentation.speedMps, 'speed')] as const]
      : []),
  ];
}

/** Turns and counter for a length; null where the spool does not hold it. */
function countsOn(lengthM: number, reel: ReelPart, line: LinePart) {
  const { diameterM } = lineProperties({
    material: line.material,
    strengthN: line.strengthN?.value,
    diameterM: line.diameterM?.value,
  });
  const spool = spoolOf(reel);
  const wound = { material: line.material, diameterM };
  return lengthM > spoolCapacityM(spool, wound)
    ? null
    : countsAt(lengthM, { spool, line: wound, gearRatio: reel.gearRatio.value });
}
