'use client';

import { useMemo } from 'react';
import type { Craft, House } from '@/domain/house';
import { ordersOf, type AgainNow, type Orders } from '@/domain/log/again';
import type { GearIn } from '@/domain/log/planned';
import type { Strike } from '@/domain/log/trip';
import { useMay } from '@/features/fields/use-may';
import { corrected } from '@/domain/helm/usual-helm';
import type { Helm } from '@/domain/helm/helm';
import type { SetupFiles } from '@/domain/spread/solve';
import type { RodPart } from '@/core/tackle';
import { readout } from '@/features/fields/readout';
import { useI18n, type I18n } from '@/i18n/client';
import { BigButton } from '../panels/big-button';
import { lineOutText } from '../then-words';

export interface AgainPanelProps {
  readonly strike: Strike;
  readonly number: number;
  readonly name: string;
  readonly craft: Craft | null;
  readonly files: SetupFiles;
  readonly rods: readonly RodPart[];
  readonly house: House;
  readonly helm: Pick<Helm, 'calibrations'>;
  readonly now: AgainNow;
  /** other lines that could be let out the same */
  readonly others: readonly { readonly line: string; readonly number: number }[];
  readonly onLetOut: (line: string, gear: GearIn) => void;
  readonly toSpread: string | null;
  /** a spread made of this strike, and a slot of a day; null: nothing is known of its line */
  readonly onwards: { readonly spread: string; readonly slot: string } | null;
}

/** A strike as orders: the probe's reading first, then speed over ground and course, then the line. */
export function AgainPanel(props: AgainPanelProps) {
  const { strike, number, name, craft, files, rods, house, helm, now, others, onLetOut } = props;
  const mayOpen = useMay('bench');
  const i18n = useI18n();
  const { t, format } = i18n;
  const { then, gear } = strike;
  const key = JSON.stringify(now);
  const orders = useMemo((): Orders | null => {
    const file = gear ? files[gear.setupId] : undefined;
    if (!then || !gear || !file || !craft) return null;
    return ordersOf({
      then,
      gear,
      file,
      onBoat: { craft, house, rods },
      correct: (channel, reading) => corrected(helm, channel, reading),
      now: JSON.parse(key) as AgainNow,
    });
  }, [then, gear, files, craft, house, rods, helm, key]);
  if (!orders || !gear)
    return (
      <p className="semi-narrow text-[15px]" data-testid="again">
        {t(then ? 'log.again.noRig' : 'log.again.noReadings')}
      </p>
    );
  const paidOut: GearIn = orders.paidOut
    ? {
        ...gear,
        ...(orders.paidOut.cableM === null ? { lineM: orders.paidOut.lineM } : { cableM: orders.paidOut.cableM }),
      }
    : gear;
  const line = orders.sameLine ? gear : paidOut;
  const rows = orderRows(i18n, orders, lineOutText(i18n, line));
  return (
    <div className="flex flex-col gap-3" data-testid="again">
      <p className="semi-narrow text-[15px]">
        {number} · {name}
      </p>
      {orders.outcome === 'too-fast-already' && (
        <p role="alert" className="semi-narrow border-2 border-ink bg-bad px-3 py-2 text-[16px] font-semibold">
          {t('log.again.tooFast')}
        </p>
      )}
      {orders.outcome === 'out-of-reach' && (
        <p role="alert" className="semi-narrow border-2 border-ink bg-bad px-3 py-2 text-[16px]">
          {t('log.again.outOfReach')}
        </p>
      )}
      <dl className="border border-ink">
        {rows.map(({ name: what, figure, note }, i) => (
          <div
            key={what}
            className={`grid grid-cols-[minmax(0,1fr)_auto] gap-x-3 border-b border-faint px-3 py-1.5 last:border-b-0 ${i === 0 ? 'bg-hi text-on-hi' : ''}`}
          >
            <dt className="semi-narrow text-[15px]">{what}</dt>
            <dd className={`narrow text-right font-semibold ${i === 0 ? 'text-[26px]' : 'text-[20px]'}`}>{figure}</dd>
            {note && <dd className={`semi-narrow col-span-2 text-[13px] ${i === 0 ? '' : 'text-dim'}`}>{note}</dd>}
          </div>
        ))}
      </dl>
      <div className="grid grid-cols-2 gap-1.5">
        <BigButton
          title={orders.sameLine ? t('log.again.sameLine', { number }) : t('log.again.newLine', { number })}
          hint={lineOutText(i18n, line) ?? ''}
          on
          onClick={() => onLetOut(strike.line, line)}
        />
        {[
          [props.toSpread, t('log.again.spread')] as const,
          [props.onwards?.spread ?? null, t('log.again.newSpread')] as const,
          [props.onwards?.slot ?? null, t('log.again.slot')] as const,
        ].map(
          ([href, name]) =>
            mayOpen &&
            href && (
              <a
                key={name}
                href={href}
                className="narrow flex min-h-14 items-center border border-ink px-3 text-[16px] font-semibold hover:bg-paper"
              >
                {name}
              </a>
            ),
        )}
      </div>
      {others.length > 0 && (
        <div role="group" aria-label={t('log.again.copy')}>
          <p className="narrow mb-1 text-[13px] text-dim">{t('log.again.copy')}</p>
          <div className="grid grid-cols-4 gap-1.5">
            {others.map((other) => (
              <BigButton key={other.line} title={String(other.number)} onClick={() => onLetOut(other.line, line)} />
            ))}
          </div>
        </div>
      )}
      <p className="semi-narrow text-[13px] text-dim">
        {t('log.again.working', {
          depth: format(orders.lureDepthM, 'depth'),
          speed: format(orders.lureMps, 'speed'),
        })}
      </p>
    </div>
  );
}

interface OrderRow {
  readonly name: string;
  readonly figure: string;
  readonly note: string | null;
}

function orderRows(i18n: I18n, orders: Orders, lineOut: string | null): readonly OrderRow[] {
  const { t, format } = i18n;
  const { probe, groundMps, courseRad, courseIs, surfaceMps, sameLine, back } = orders;
  const row = (
    name: 'hold' | 'ground' | 'course' | 'through' | 'line' | 'back',
    figure: string,
    note: string | null = null,
  ) => ({
    name: t(`log.again.row.${name}`),
    figure,
    note,
  });
  return [
    ...(probe
      ? [
          row(
            'hold',
            readout(i18n, 'probeMps', probe.readingMps),
            probe.depthM === null ? null : t('log.again.probeAt', { depth: format(probe.depthM, 'depth') }),
          ),
        ]
      : []),
    ...(groundMps === null || groundMps === 0
      ? []
      : [row('ground', readout(i18n, 'sogMps', groundMps), t(`log.again.course.${courseIs}`))]),
    ...(courseRad === null ? [] : [row('course', readout(i18n, 'cogRad', courseRad))]),
    ...(surfaceMps === null ? [] : [row('through', readout(i18n, 'waterMps', surfaceMps))]),
    ...(lineOut === null ? [] : [row('line', lineOut, t(sameLine ? 'log.again.asThen' : 'log.again.otherwise'))]),
    ...(back && back.distanceM > 30
      ? [
          row(
            'back',
            `${format(Math.round(back.distanceM / 10) * 10, 'distance')}, ${readout(i18n, 'cogRad', back.bearingRad)}`,
            t('log.again.turnBack'),
          ),
        ]
      : []),
  ];
}
