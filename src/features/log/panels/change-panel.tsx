'use client';

import { useState } from 'react';
import type { TowPoint } from '@/core/afloat';
import type { GearIn } from '@/domain/log/planned';
import type { LineState } from '@/domain/log/trip';
import type { TripEventOf } from '@/domain/log/trip-event';
import type { Part } from '@/domain/parts';
import { SPREAD_DOCUMENT_LIMITS as L } from '@/domain/spread/spread-limits';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import { ChoiceField } from '@/ui/choice-field';
import { TextField } from '@/ui/text-field';
import { BigButton } from './big-button';

type Change = Pick<TripEventOf<'changed'>, 'what' | 'partId' | 'name'>;

/** Everything that is done to one line besides touching it: another lure or colour in two touches, and what was cut, tied or moved. */
export function ChangePanel({
  number,
  name,
  gear,
  state,
  lures,
  points,
  remindMin,
  onChange,
  onLetOut,
  onMoved,
  onTripped,
  onTouched,
  onClean,
  onRemind,
}: {
  readonly number: number;
  readonly name: string;
  readonly gear: GearIn;
  readonly state: LineState | 'planned';
  readonly lures: readonly Part[];
  /** free places of the craft */
  readonly points: readonly TowPoint[];
  /** minutes after which a check for weed is called for; null: never */
  readonly remindMin: number | null;
  readonly onChange: (change: Change) => void;
  readonly onLetOut: (gear: GearIn) => void;
  readonly onMoved: (pointId: string) => void;
  readonly onTripped: () => void;
  readonly onTouched: () => void;
  readonly onClean: () => void;
  readonly onRemind: (min: number | null) => void;
}) {
  const i18n = useI18n();
  const { t } = i18n;
  const [draft, setDraft] = useState(gear);
  const [colour, setColour] = useState('');
  const isIn = state !== 'planned';
  const colours = [...new Set(lures.flatMap((part) => coloursOf(part)))].slice(0, 16);
  return (
    <div className="flex flex-col gap-4" data-testid="change-line">
      <p className="semi-narrow text-[15px]">
        {number} · {name}
      </p>
      {isIn && (
        <section aria-label={t('log.change.lure')}>
          <h3 className="narrow mb-1 text-[13px] text-dim">{t('log.change.lure')}</h3>
          <div className="grid max-h-[38dvh] grid-cols-2 gap-1.5 overflow-y-auto">
            {lures.map((part) => (
              <BigButton
                key={part.id}
                title={partTitle(i18n, part)}
                onClick={() => onChange({ what: 'lure', partId: part.id, name: partTitle(i18n, part).slice(0, 80) })}
              />
            ))}
          </div>
        </section>
      )}
      {isIn && (
        <section aria-label={t('log.change.colour')}>
          <h3 className="narrow mb-1 text-[13px] text-dim">{t('log.change.colour')}</h3>
          <div className="grid grid-cols-3 gap-1.5">
            {colours.map((each) => (
              <BigButton
                key={each}
                title={each}
                onClick={() => onChange({ what: 'colour', partId: null, name: each })}
              />
            ))}
          </div>
          <div className="mt-2 grid grid-cols-[minmax(0,1fr)_auto] items-end gap-2">
            <TextField label={t('log.change.otherColour')} value={colour} maxLength={80} onValueChange={setColour} />
            <BigButton
              title={t('common.save')}
              disabled={colour.trim() === ''}
              onClick={() => onChange({ what: 'colour', partId: null, name: colour.trim() })}
            />
          </div>
        </section>
      )}
      {isIn && (
        <div className="grid grid-cols-2 gap-1.5">
          {(['leader', 'cut-back', 'reel'] as const).map((what) => (
            <BigButton
              key={what}
              title={t(`log.change.${what}`)}
              onClick={() => onChange({ what, partId: null, name: '' })}
            />
          ))}
          <BigButton title={t('log.change.tripped')} onClick={onTripped} />
          <BigButton title={t('log.change.touched')} hint={t('log.change.touchedHint')} onClick={onTouched} />
          <BigButton title={t('log.change.clean')} hint={t('log.change.cleanHint')} onClick={onClean} />
          <ChoiceField
            label={t('log.change.remind')}
            value={String(remindMin ?? '')}
            options={['', '15', '30', '45', '60'].map((value) => ({
              value,
              label: value === '' ? t('log.change.never') : t('log.minutes', { min: value }),
            }))}
            onValueChange={(value) => onRemind(value === '' ? null : Number(value))}
          />
        </div>
      )}
      {gear.lineM !== null && (
        <section aria-label={t('log.change.letOut')} className="grid grid-cols-2 gap-3">
          <QuantityField
            label={t('log.change.line')}
            measure="distance"
            value={draft.lineM}
            limits={L.lineM}
            onValueChange={(lineM) => lineM !== null && setDraft((now) => ({ ...now, lineM }))}
          />
          {draft.cableM !== null && (
            <QuantityField
              label={t('log.change.cable')}
              measure="distance"
              value={draft.cableM}
              limits={L.cableM}
              onValueChange={(cableM) => cableM !== null && setDraft((now) => ({ ...now, cableM }))}
            />
          )}
          <TextField
            label={t('log.change.mark')}
            value={draft.mark}
            maxLength={60}
            onValueChange={(mark) => setDraft((now) => ({ ...now, mark }))}
          />
          <BigButton title={t(isIn ? 'log.change.letOutAnew' : 'log.change.letOut')} onClick={() => onLetOut(draft)} />
        </section>
      )}
      {isIn && points.length > 0 && gear.pointId !== null && (
        <ChoiceField
          label={t('log.change.place')}
          value={gear.pointId}
          options={[{ id: gear.pointId }, ...points].map(({ id }) => ({ value: id, label: id }))}
          onValueChange={onMoved}
        />
      )}
    </div>
  );
}

function coloursOf(part: Part): readonly string[] {
  const text = 'colours' in part ? part.colours : undefined;
  return (text ?? '')
    .split(/[,;]/)
    .map((each) => each.replace(/[×x]\s*\d+\s*$/, '').trim())
    .filter((each) => each !== '');
}
