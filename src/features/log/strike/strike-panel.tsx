'use client';

import { useState } from 'react';
import { knownOf, knownWith, type Known } from '@/domain/log/told';
import { HELD_BY, LOST, LOST_BY, LURE_DID } from '@/domain/log/event-choices';
import type { Strike } from '@/domain/log/trip';
import { clockText } from '@/features/fields/readout';
import { useI18n } from '@/i18n/client';
import { thenRows } from '../then-words';
import { Chips } from './chips';
import { OutcomeIcon } from './outcome-icon';
import { StrikeTime } from './strike-time';
import type { SpeedPoint } from './strike-time';

export interface StrikePanelProps {
  readonly strike: Strike;
  readonly number: number;
  readonly name: string;
  readonly xM: number | null;
  readonly way: 'trolling' | 'casting';
  readonly nowS: number;
  /** another strike that may be the same fish, touched on another phone */
  readonly twin: Strike | null;
  /** whether the line is still out of fishing because of this strike */
  readonly isFought: boolean;
  readonly crew: readonly string[];
  /** the boat's speed lately, for the time line */
  readonly speeds: readonly SpeedPoint[];
  /** a sudden stop before the touch; null: none */
  readonly stopS: number | null;
  readonly onRetime: (toS: number) => void;
  readonly onKnown: (known: Known) => void;
  readonly onUndo: () => void;
  readonly onBack: () => void;
  readonly onStillOut: () => void;
  readonly onAgain: () => void;
  readonly onMore: () => void;
}

const TROLLED = ['missed', 'hooked', 'lost', 'landed'] as const;
const CAST = ['followed', 'nipped', 'short', 'missed', 'hooked', 'lost', 'landed'] as const;

/** A strike: what filled itself in, and what is said of it once hands are free. */
export function StrikePanel(props: StrikePanelProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const { strike, number, name, xM, way, isFought, onKnown } = props;
  const known = knownOf(strike.told);
  const [isAsking, setIsAsking] = useState(false);
  const say = (more: Partial<Known>) => onKnown(knownWith(known, more));
  const rows = thenRows(i18n, strike, { number, xM });
  const outcomes = way === 'casting' ? CAST : TROLLED;
  const heads = 'narrow min-h-14 px-3 text-left text-[15px] leading-tight hover:bg-paper';
  return (
    <section aria-label={t('log.strike')} data-testid="strike" className="border border-ink bg-sheet">
      <div className="grid grid-cols-[minmax(0,1fr)_auto]">
        <div className="relative py-1.5 pl-12 pr-2">
          <span className="absolute left-2 top-2.5 flex size-8 items-center justify-center rounded-full border border-ink bg-hi text-[16px] font-semibold text-on-hi">
            {number}
          </span>
          <h2 className="semi-narrow text-[19px] font-semibold leading-tight">
            {t('log.strikeAt', { time: clockText(i18n, strike.atS, 'seconds') })}
          </h2>
          <p className="narrow text-[13.5px] text-dim">{name}</p>
        </div>
        <button type="button" className={`${heads} border-l border-ink`} onClick={props.onUndo}>
          {t('log.notAStrike')}
        </button>
      </div>
      {props.twin && (
        <p className="border-t border-ink bg-paper px-2.5 py-1.5 text-[14px]" data-testid="twin">
          {t('log.twin', { s: Math.round(strike.atS - props.twin.atS) })}
        </p>
      )}
      <StrikeTime
        atS={strike.atS}
        touchedS={strike.touchedS}
        speeds={props.speeds}
        stopS={props.stopS}
        onRetime={props.onRetime}
      />
      <p className="narrow px-2.5 pt-1 text-[12.5px] text-dim">
        {t(rows.length > 1 ? 'log.filled' : 'log.filledLittle')}
      </p>
      <dl
        className="narrow grid grid-cols-1 gap-x-4 px-2.5 pb-1 text-[14px] min-[360px]:grid-cols-2"
        data-testid="then"
      >
        {rows.map(([word, text]) => (
          <div key={word} className="flex justify-between gap-2 border-t border-faint py-0.5">
            <dt className="shrink-0 text-dim">{word}</dt>
            <dd className="text-right">{text}</dd>
          </div>
        ))}
      </dl>
      {isFought && (
        <div className="grid grid-cols-2 border-t border-ink">
          <button type="button" className={heads} onClick={props.onBack}>
            <b className="block text-[17px] font-semibold">{t('log.backIn')}</b>
            <span className="text-[13px] text-dim">{t('log.backInHint')}</span>
          </button>
          <button type="button" className={`${heads} border-l border-faint`} onClick={props.onStillOut}>
            <b className="block text-[17px] font-semibold">{t('log.stillOut')}</b>
            <span className="text-[13px] text-dim">{t('log.stillOutHint')}</span>
          </button>
        </div>
      )}
      <Chips
        label={t('log.outcome')}
        options={outcomes.map((value) => ({
          value,
          label: t(`log.outcomes.${value}`),
          icon: <OutcomeIcon outcome={value} />,
        }))}
        value={known?.outcome ?? null}
        onChoose={(outcome) => say({ outcome })}
      />
      {way === 'casting' && known && (
        <Chips
          label={t('log.lureDidLabel')}
          options={LURE_DID.map((value) => ({ value, label: t(`log.lureDid.${value}`) }))}
          value={known.lureDid ?? null}
          onChoose={(lureDid) => say({ lureDid: known.lureDid === lureDid ? undefined : lureDid })}
        />
      )}
      {known && (known.outcome === 'hooked' || known.outcome === 'lost' || known.outcome === 'landed') && (
        <>
          <p className="narrow border-t border-ink px-2.5 pt-0.5 text-[12.5px] text-dim">{t('log.heldByLabel')}</p>
          <Chips
            label={t('log.heldByLabel')}
            options={HELD_BY.map((value) => ({ value, label: t(`log.heldBy.${value}`) }))}
            value={known.heldBy}
            onChoose={(heldBy) => say({ heldBy: known.heldBy === heldBy ? null : heldBy })}
          />
        </>
      )}
      {known?.outcome === 'lost' && (
        <>
          <Chips
            wide
            label={t('log.lostWhen')}
            options={LOST.map((value) => ({ value, label: t(`log.lost.${value}`) }))}
            value={known.lost}
            onChoose={(lost) => say({ lost: known.lost === lost ? null : lost })}
          />
          <Chips
            wide
            label={t('log.lostByLabel')}
            options={LOST_BY.map((value) => ({ value, label: t(`log.lostBy.${value}`) }))}
            value={known.lostBy}
            onChoose={(lostBy) => say({ lostBy: known.lostBy === lostBy ? null : lostBy })}
          />
        </>
      )}
      {known?.outcome === 'landed' && (
        <Chips
          label={t('log.keptLabel')}
          options={[
            { value: 'kept', label: t('log.kept') },
            { value: 'released', label: t('log.released') },
          ]}
          value={known.isKept === null ? null : known.isKept ? 'kept' : 'released'}
          onChoose={(value) => say({ isKept: value === 'kept' })}
        />
      )}
      {props.crew.length > 0 && (
        <div className="border-t border-ink">
          <button
            type="button"
            aria-expanded={isAsking}
            className={`${heads} flex w-full items-center justify-between`}
            onClick={() => setIsAsking(!isAsking)}
          >
            <span className="text-dim">{t('log.angler')}</span>
            <b className="text-[17px] font-semibold">{strike.angler ?? '–'}</b>
          </button>
          {isAsking && (
            <Chips
              wide
              label={t('log.angler')}
              options={props.crew.map((value) => ({ value, label: value }))}
              value={strike.angler}
              onChoose={(angler) => {
                setIsAsking(false);
                say({ angler });
              }}
            />
          )}
        </div>
      )}
      <div className="grid grid-cols-[2fr_1fr] border-t border-ink">
        <button type="button" className={heads} onClick={props.onAgain}>
          <b className="block text-[18px] font-semibold">{t('log.again.title')}</b>
          <span className="text-[13px] text-dim">{t('log.again.hint')}</span>
        </button>
        <button type="button" className={`${heads} border-l border-ink`} onClick={props.onMore}>
          <b className="block text-[18px] font-semibold">{t('log.more')}</b>
          <span className="text-[13px] text-dim">{t('log.moreHint')}</span>
        </button>
      </div>
    </section>
  );
}
