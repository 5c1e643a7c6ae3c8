'use client';

import { useState } from 'react';
import { TRIAL_SIZE_LIMITS as S } from '@/core/afloat';
import { parse, type Problem } from '@/domain/problems';
import { COUNTED, isShare, trialSchema, type TrialDocument, type VersionPick } from '@/domain/trials/trial-document';
import { usualPick } from '@/domain/trials/usual-trial';
import { useI18n, type I18n } from '@/i18n/client';
import { problemText } from '@/i18n/problem-text';
import type { TrialsPage } from '@/server/queries/trials-page';
import { ChoiceField } from '@/ui/choice-field';
import { TextField } from '@/ui/text-field';
import { DiffersList } from '../sheet/differs-list';
import { NumberField } from '../sheet/number-field';
import { pickText } from '../words';
import { useDiffers } from './use-differs';
import { PickFields } from './pick-fields';

const BY = ['gear', 'measure', 'pace', 'hook', 'hand'] as const satisfies readonly VersionPick['by'][];

/** What is compared, and what is counted. */
export function EditPanel({
  trial: first,
  page,
  isNew,
  onSave,
  onRemove,
}: {
  readonly trial: TrialDocument;
  readonly page: TrialsPage;
  readonly isNew: boolean;
  readonly onSave: (trial: TrialDocument) => void;
  readonly onRemove: () => void;
}) {
  const i18n = useI18n();
  const { t } = i18n;
  const [trial, setTrial] = useState(first);
  const [asked, setAsked] = useState(false);
  const [removing, setRemoving] = useState(false);
  const set = (changes: Partial<TrialDocument>) => setTrial((now) => ({ ...now, ...changes }));
  const share = isShare(trial.counted);
  const { by } = trial.a.pick;
  const differs = useDiffers(trial.a.pick, trial.b.pick);
  const named: TrialDocument = {
    ...trial,
    a: { ...trial.a, name: trial.a.name.trim() || pickText(i18n, trial.a.pick, page.setups).slice(0, 80) },
    b: { ...trial.b, name: trial.b.name.trim() || pickText(i18n, trial.b.pick, page.setups).slice(0, 80) },
  };
  const whole: TrialDocument = {
    ...named,
    name: named.name.trim() || t('trials.edit.usualName', { a: named.a.name, b: named.b.name }).slice(0, 120),
  };
  const read = parse(trialSchema, whole);
  const setBy = (next: (typeof BY)[number]) => {
    const [a, b] = [usualPick(next, 'a', page.setups), usualPick(next, 'b', page.setups)];
    const inTurn = next === 'pace' || next === 'measure';
    set({
      a: { name: '', pick: a },
      b: { name: '', pick: b },
      counted: next === 'hook' ? 'hooked' : trial.counted,
      way: inTurn ? 'in-turn' : 'together',
    });
  };
  return (
    <form
      className="flex flex-col gap-3"
      data-testid="edit-trial"
      onSubmit={(event) => {
        event.preventDefault();
        setAsked(true);
        if (read.ok) onSave(read.data);
      }}
    >
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField
          label={t('trials.edit.name')}
          value={trial.name}
          maxLength={120}
          placeholder={whole.name}
          onValueChange={(name) => set({ name })}
        />
        <ChoiceField
          label={t('trials.edit.by')}
          value={by}
          options={BY.map((value) => ({ value, label: t(`trials.by.${value}`) }))}
          onValueChange={setBy}
        />
      </div>
      <div className="grid gap-3 sm:grid-cols-2">
        {(['a', 'b'] as const).map((side) => (
          <fieldset key={side} className="flex flex-col gap-2 border border-faint p-2">
            <legend className="narrow px-1 text-[14px] font-semibold">
              {t('trials.edit.version', { side: side.toUpperCase() })}
            </legend>
            <TextField
              label={t('trials.edit.versionName')}
              value={trial[side].name}
              maxLength={80}
              placeholder={named[side].name}
              onValueChange={(name) => set({ [side]: { ...trial[side], name } })}
            />
            <PickFields
              pick={trial[side].pick}
              page={page}
              onPick={(pick) => set({ [side]: { ...trial[side], pick } })}
            />
          </fieldset>
        ))}
      </div>
      {differs?.differs && (
        <div
          className="max-h-48 overflow-y-auto border border-faint p-2"
          tabIndex={0}
          role="group"
          aria-label={t('trials.differs.title')}
        >
          <DiffersList differs={differs.differs} parts={differs.parts} />
        </div>
      )}
      <div className="grid gap-3 sm:grid-cols-3">
        <ChoiceField
          label={t('trials.edit.counted')}
          value={trial.counted}
          options={COUNTED.filter((value) => by !== 'hook' || !isShare(value)).map((value) => ({
            value,
            label: t(`trials.counted.${value}`),
          }))}
          onValueChange={(counted) => set({ counted })}
        />
        {!share && by !== 'hook' && (
          <>
            <ChoiceField
              label={t('trials.edit.exposure')}
              value={trial.exposure}
              options={(['hours', 'casts'] as const).map((value) => ({ value, label: t(`trials.exposure.${value}`) }))}
              onValueChange={(exposure) =>
                set({ exposure, ...(exposure === 'casts' ? { way: 'in-turn' as const } : {}) })
              }
            />
            <ChoiceField
              label={t('trials.edit.way')}
              value={trial.way}
              options={(['together', 'in-turn'] as const).map((value) => ({ value, label: t(`trials.way.${value}`) }))}
              onValueChange={(way) => set({ way })}
            />
          </>
        )}
      </div>
      <div className="grid gap-3 sm:grid-cols-3">
        {share ? (
          (['a', 'b'] as const).map((side) => (
            <NumberField
              key={side}
              label={t(side === 'a' ? 'trials.edit.wantedA' : 'trials.edit.wantedB')}
              value={Math.round(100 * trial.wanted[side])}
              limits={{ min: 100 * S.share.min, max: 100 * S.share.max }}
              suffix="%"
              onValueChange={(value) => value !== null && set({ wanted: { ...trial.wanted, [side]: value / 100 } })}
            />
          ))
        ) : (
          <NumberField
            label={t('trials.edit.ratio')}
            value={trial.wanted.ratio}
            limits={S.ratio}
            onValueChange={(ratio) => ratio !== null && set({ wanted: { ...trial.wanted, ratio } })}
          />
        )}
        <TextField
          label={t('trials.edit.started')}
          type="date"
          value={new Date(trial.startedS * 1000).toISOString().slice(0, 10)}
          onValueChange={(day) => {
            const atMs = Date.parse(day);
            if (Number.isFinite(atMs) && atMs >= 0) set({ startedS: atMs / 1000 });
          }}
        />
      </div>
      <TextField
        label={t('trials.edit.note')}
        value={trial.note}
        maxLength={1000}
        onValueChange={(note) => set({ note })}
      />
      {asked && !read.ok && (
        <p role="alert" className="semi-narrow border border-ink p-2 text-[14px]">
          {read.problems.map((problem) => wrongText(t, problem)).join(' ')}
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <button type="submit" className="narrow min-h-11 border border-ink bg-hi px-4 text-[16px] text-on-hi">
          {t(isNew ? 'trials.edit.begin' : 'common.save')}
        </button>
        {!isNew &&
          (removing ? (
            <button type="button" onClick={onRemove} className="narrow min-h-11 border border-ink px-3 text-[15px]">
              {t('trials.edit.removeSure')}
            </button>
          ) : (
            <button
              type="button"
              onClick={() => setRemoving(true)}
              className="narrow min-h-11 px-3 text-[15px] underline"
            >
              {t('trials.edit.remove')}
            </button>
          ))}
      </div>
    </form>
  );
}

/** What is wrong with two versions in the words of the form. */
function wrongText(t: I18n['t'], problem: Problem): string {
  if (problem.path === 'b.pick') return t('trials.edit.same');
  if (problem.path === 'b.pick.from') return t('trials.edit.overlap');
  if (problem.path.endsWith('.pick.to')) return t('trials.edit.toAbove');
  return problemText(t, problem);
}
