'use client';

import { HOOKS, MEASURED, MEASURED_LIMITS, type VersionPick } from '@/domain/trials/trial-document';
import { revisionLetter } from '@/domain/revision-letter';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import type { TrialsPage } from '@/server/queries/trials-page';
import { ChoiceField } from '@/ui/choice-field';
import { MEASURE_OF } from '../words';

type Gear = Extract<VersionPick, { by: 'gear' }>;

/** What tells one version: its setup and what is changed about it, a figure, the pace, or a hook. */
export function PickFields({
  pick,
  page,
  onPick,
}: {
  readonly pick: VersionPick;
  readonly page: TrialsPage;
  readonly onPick: (pick: VersionPick) => void;
}) {
  const { t } = useI18n();
  const setups = page.setups.map(({ id, name }) => ({ value: id as string, label: name }));
  switch (pick.by) {
    case 'gear': {
      const setup = page.setups.find(({ id }) => id === pick.setupId);
      const revisions = Array.from({ length: setup?.number ?? 1 }, (_, i) => String(i + 1));
      return (
        <>
          <ChoiceField
            label={t('trials.edit.setup')}
            value={pick.setupId as string}
            options={setups}
            onValueChange={(value) => {
              const found = page.setups.find(({ id }) => id === value);
              if (found) onPick({ by: 'gear', setupId: found.id });
            }}
          />
          <ChoiceField
            label={t('trials.edit.revision')}
            value={pick.revision === undefined ? '' : String(pick.revision)}
            options={[
              { value: '', label: t('trials.edit.anyRevision') },
              ...revisions.map((value) => ({ value, label: revisionLetter(Number(value)) })),
            ]}
            onValueChange={(value) => onPick({ ...pick, revision: value === '' ? undefined : Number(value) })}
          />
          {(['lure', 'colour', 'leader'] as const).map((what) => (
            <ChangedField key={what} what={what} pick={pick} names={page.changes[what]} onPick={onPick} />
          ))}
        </>
      );
    }
    case 'measure': {
      const measure = MEASURE_OF[pick.what];
      const limits = MEASURED_LIMITS[pick.what];
      return (
        <>
          <ChoiceField
            label={t('trials.edit.what')}
            value={pick.what}
            options={MEASURED.map((value) => ({ value, label: t(`trials.measured.${value}`) }))}
            onValueChange={(what) => onPick({ ...pick, what })}
          />
          <QuantityField
            label={t('trials.edit.from')}
            measure={measure}
            value={pick.from}
            limits={limits}
            onValueChange={(from) => from !== null && onPick({ ...pick, from })}
          />
          <QuantityField
            label={t('trials.edit.to')}
            measure={measure}
            value={pick.to}
            limits={limits}
            onValueChange={(to) => to !== null && onPick({ ...pick, to })}
          />
        </>
      );
    }
    case 'pace':
      return (
        <ChoiceField
          label={t('trials.edit.pace')}
          value={pick.is}
          options={(['steady', 'broken'] as const).map((value) => ({ value, label: t(`trials.pace.${value}`) }))}
          onValueChange={(is) => onPick({ ...pick, is })}
        />
      );
    case 'hook':
      return (
        <>
          <ChoiceField
            label={t('trials.edit.hook')}
            value={pick.hook}
            options={HOOKS.map((value) => ({ value, label: t(`trials.hook.${value}`) }))}
            onValueChange={(hook) => onPick({ ...pick, hook })}
          />
          <ChoiceField
            label={t('trials.edit.setup')}
            value={pick.setupId ?? ''}
            options={[{ value: '', label: t('trials.edit.anySetup') }, ...setups]}
            onValueChange={(value) => onPick({ ...pick, setupId: page.setups.find(({ id }) => id === value)?.id })}
          />
        </>
      );
    case 'hand':
      return <p className="semi-narrow text-[14px] text-dim">{t('trials.edit.byHand')}</p>;
    default:
      return pick satisfies never;
  }
}

const ANY = 'any';

/** Whatever was on, the setup's own, or one of the changes that the log knows. */
function ChangedField({
  what,
  pick,
  names,
  onPick,
}: {
  readonly what: 'lure' | 'colour' | 'leader';
  readonly pick: Gear;
  readonly names: readonly string[];
  readonly onPick: (pick: VersionPick) => void;
}) {
  const { t } = useI18n();
  const own = pick[what];
  if (names.length === 0 && own === undefined) return null;
  const all = [...new Set([...names, ...(own ? [own] : [])])];
  return (
    <ChoiceField
      label={t(`trials.edit.${what}`)}
      value={own === undefined ? ANY : `=${own}`}
      options={[
        { value: ANY, label: t('trials.edit.any') },
        { value: '=', label: t(`trials.own.${what}`) },
        ...all.map((name) => ({ value: `=${name}`, label: name })),
      ]}
      onValueChange={(value) => onPick({ ...pick, [what]: value === ANY ? undefined : value.slice(1) })}
    />
  );
}
