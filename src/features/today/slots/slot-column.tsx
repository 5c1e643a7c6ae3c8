'use client';

import dynamic from 'next/dynamic';
import type { House } from '@/domain/house';
import { clockOf } from '@/domain/plan/clock';
import type { DaySlot } from '@/domain/plan/plan';
import { useI18n } from '@/i18n/client';
import { Pop } from '@/ui/pop';
import type { SuitedDay } from '../plan/use-suited';
import type { Today } from '../use-today';
import { LegForce } from './leg-force';
import { SetupRows } from './setup-rows';
import { slotWords } from './slot-words';

const SlotEditor = dynamic(() => import('./slot-editor').then((m) => m.SlotEditor), { loading: () => null });

export interface SlotColumnProps {
  readonly slot: DaySlot;
  readonly number: number;
  readonly suited: SuitedDay;
  readonly today: Today;
  readonly house: House;
  readonly isEdited: boolean;
  readonly onEdit: (isOpen: boolean) => void;
  readonly onOpen: (id: string) => void;
}

/** One slot of the day: when and how deep, what is to be known of it, its setups, and what is done if nothing bites. */
export function SlotColumn({ slot, number, suited, today, house, isEdited, onEdit, onOpen }: SlotColumnProps) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const isOn = today.slot?.id === slot.id;
  const { depthM } = suited.day;
  return (
    <section
      aria-label={slot.name}
      data-testid="slot"
      data-state={isOn ? 'on' : 'off'}
      className="flex min-h-0 flex-col border-b border-r border-ink bg-sheet lg:border-b-0"
    >
      <Pop
        open={isEdited}
        onOpenChange={onEdit}
        label={slot.name}
        className="w-80"
        trigger={
          <button
            type="button"
            onFocus={() => today.selectSlot(slot.id)}
            className="flex min-h-9 items-center gap-2 px-3 text-left hover:bg-paper"
          >
            <span
              className={`narrow flex size-[22px] shrink-0 items-center justify-center rounded-full border border-ink text-[13px] ${isOn ? 'bg-hi text-on-hi' : ''}`}
            >
              {number}
            </span>
            <span className="narrow min-w-0 flex-1 truncate text-[16px] font-semibold">
              {slot.name}, {t('today.span', { from: format(depthM.from, 'depth'), to: format(depthM.to, 'depth') })}
            </span>
            <span className="narrow whitespace-nowrap text-[13px] text-dim">
              {t('today.span', { from: clockOf(slot.fromS), to: clockOf(slot.toS) })}
            </span>
          </button>
        }
      >
        <SlotEditor
          slot={slot}
          plan={today.plan}
          onChange={(changes) => today.changeSlot(slot.id, changes)}
          onRemove={() => {
            onEdit(false);
            today.removeSlot(slot.id);
          }}
          onClose={() => onEdit(false)}
        />
      </Pop>
      <p className="semi-narrow px-3 pb-1 text-[13px] leading-snug">
        {slotWords(i18n, slot, { plan: today.plan, suited, house }).join(' ')}
      </p>
      <LegForce slot={slot} suited={suited} plan={today.plan} house={house} />
      <SetupRows suited={suited} slot={slot} today={today} onOpen={onOpen} />
      {slot.fallback && (
        <p className="semi-narrow border-t border-ink px-3 py-1 text-[13px]">
          {t('today.ifNothing', { hour: clockOf(slot.fallback.byS), words: slot.fallback.words || '–' })}
        </p>
      )}
    </section>
  );
}
