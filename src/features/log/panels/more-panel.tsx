'use client';

import { useState } from 'react';
import type { RulesSheet } from '@/domain/house';
import type { OverLimit } from '@/domain/log/kept-limits';
import { knownWith, type Known, type Tally } from '@/domain/log/told';
import { MOUTH } from '@/domain/log/event-choices';
import type { TripEvent } from '@/domain/log/trip-event';
import { QuantityField } from '@/features/fields/quantity-field';
import { clockText } from '@/features/fields/readout';
import { useI18n, type I18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import { TextField } from '@/ui/text-field';
import { overText } from '../over-text';
import { BigButton } from './big-button';

const LENGTH = { min: 0.01, max: 5 } as const;
const MASS = { min: 0.001, max: 500 } as const;

/** What is measured and noted of a fish when there is time. */
export function MorePanel({
  known,
  species,
  tally,
  sheet,
  joints,
  over,
  history,
  hasPhoto,
  onKnown,
  onPhoto,
}: {
  readonly known: Known | null;
  /** species that were named before, for a touch */
  readonly species: readonly string[];
  readonly tally: readonly Tally[];
  readonly sheet: RulesSheet;
  /** joints of the setup, by their words, that may have broken */
  readonly joints: readonly string[];
  /** where more was kept than the sheet lets be kept */
  readonly over: readonly OverLimit[];
  /** what was entered of it, corrections too */
  readonly history: readonly TripEvent[];
  readonly hasPhoto: boolean;
  readonly onKnown: (known: Known) => void;
  /** false: it is no picture, or too large whatever is done to it */
  readonly onPhoto: (file: File) => Promise<boolean>;
}) {
  const i18n = useI18n();
  const { t } = i18n;
  const [draft, setDraft] = useState<Known>(() => knownWith(known, {}));
  const [photo, setPhoto] = useState<'none' | 'taking' | 'taken' | 'refused'>(hasPhoto ? 'taken' : 'none');
  const set = (more: Partial<Known>) => setDraft((now) => ({ ...now, ...more }));
  const own = tally.filter((row) => row.species === (draft.species ?? ''));
  return (
    <div className="flex flex-col gap-3" data-testid="more">
      <div className="grid grid-cols-3 gap-1.5">
        {species.map((name) => (
          <BigButton key={name} title={name} on={draft.species === name} onClick={() => set({ species: name })} />
        ))}
      </div>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        <TextField
          label={t('log.fish.species')}
          value={draft.species ?? ''}
          maxLength={60}
          onValueChange={(text) => set({ species: text.trim() === '' ? null : text })}
        />
        <QuantityField
          label={t('log.fish.length')}
          measure="size"
          value={draft.lengthM}
          limits={LENGTH}
          emptyMeans="–"
          onValueChange={(lengthM) => set({ lengthM })}
        />
        <QuantityField
          label={t('log.fish.mass')}
          measure="bodyMass"
          value={draft.massKg ?? null}
          limits={MASS}
          emptyMeans="–"
          onValueChange={(massKg) => set({ massKg: massKg ?? undefined })}
        />
        <QuantityField
          label={t('log.fish.girth')}
          measure="size"
          value={draft.girthM ?? null}
          limits={LENGTH}
          emptyMeans="–"
          onValueChange={(girthM) => set({ girthM: girthM ?? undefined })}
        />
        <ChoiceField
          label={t('log.fish.mouth')}
          value={draft.mouth ?? ''}
          options={[
            { value: '', label: '–' },
            ...MOUTH.map((value) => ({ value: value as string, label: t(`log.mouth.${value}`) })),
          ]}
          onValueChange={(value) => set({ mouth: MOUTH.find((each) => each === value) })}
        />
        {draft.lostBy === 'broke' && (
          <ChoiceField
            label={t('log.fish.brokeAt')}
            value={draft.brokeAt ?? ''}
            options={[{ value: '', label: '–' }, ...joints.map((value) => ({ value, label: value }))]}
            onValueChange={(value) => set({ brokeAt: value === '' ? undefined : value })}
          />
        )}
      </div>
      <div className="flex flex-wrap gap-x-6">
        {(['baitCleaned', 'chafed'] as const).map((name) => (
          <label key={name} className="semi-narrow flex min-h-11 items-center gap-2 text-[15px]">
            <input
              type="checkbox"
              className="size-5"
              checked={draft[name] ?? false}
              onChange={(event) => set({ [name]: event.target.checked ? true : undefined })}
            />
            {t(`log.fish.${name}`)}
          </label>
        ))}
      </div>
      <TextField
        label={t('log.fish.note')}
        value={draft.note}
        maxLength={500}
        onValueChange={(note) => set({ note })}
      />
      <label className="semi-narrow flex min-h-11 items-center gap-3 text-[15px]">
        <span>{t(`log.photo.${photo}`)}</span>
        <input
          type="file"
          accept="image/*"
          className="text-[13px]"
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (!file) return;
            setPhoto('taking');
            void onPhoto(file).then((isKept) => setPhoto(isKept ? 'taken' : 'refused'));
          }}
        />
      </label>
      {own.length > 0 && (
        <p className="semi-narrow text-[14px]">
          {own
            .map((row) =>
              t('log.tally.row', {
                angler: row.angler || t('log.tally.nobody'),
                kept: row.kept,
                released: row.released,
              }),
            )
            .join(' · ')}
        </p>
      )}
      {over.map((each, i) => (
        <p key={i} role="alert" className="semi-narrow border-2 border-ink bg-bad px-2 py-1 text-[15px]">
          {overText(i18n, each)}
        </p>
      ))}
      <p className="semi-narrow text-[13px] text-dim">
        {t('log.tally.rules', { authority: sheet.authority || t('log.tally.noAuthority') })}
      </p>
      <details className="narrow text-[14px]">
        <summary className="min-h-9 cursor-pointer leading-9">{t('log.history', { count: history.length })}</summary>
        <ol>
          {history
            .toSorted((a, b) => a.atS - b.atS)
            .map((event) => (
              <li key={event.id} className="flex justify-between gap-3 border-t border-faint py-0.5">
                <span>{clockText(i18n, event.atS, 'seconds')}</span>
                <span>{historyText(i18n, event)}</span>
              </li>
            ))}
        </ol>
      </details>
      <BigButton on title={t('common.save')} onClick={() => onKnown(knownWith(draft, {}))} />
    </div>
  );
}

function historyText(i18n: I18n, event: TripEvent): string {
  const { t, format } = i18n;
  if (event.kind === 'retimed') return t('log.retimedTo', { time: clockText(i18n, event.toS, 'seconds') });
  if (event.kind !== 'told') return t(`log.did.${event.kind}`);
  return [
    t(`log.outcomes.${event.outcome}`),
    event.heldBy && t(`log.heldBy.${event.heldBy}`),
    event.species,
    event.lengthM === null ? null : format(event.lengthM, 'size'),
    event.angler,
  ]
    .filter(Boolean)
    .join(', ');
}
