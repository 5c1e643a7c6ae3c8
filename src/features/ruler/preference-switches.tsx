'use client';

import { useRouter } from 'next/navigation';
import { useOptimistic, useTransition } from 'react';
import { useI18n } from '@/i18n/client';
import { PREFERENCE_VALUES, type Preferences } from '@/i18n/preferences';
import { choosePreference } from '@/server/actions/choose-preference';

/** Language, units and lighting: each a short list that takes effect at once. */
export function PreferenceSwitches() {
  const { t, preferences } = useI18n();
  const router = useRouter();
  const [, startChoosing] = useTransition();
  const [shown, show] = useOptimistic(preferences);
  const choose = <N extends keyof Preferences>(name: N, value: Preferences[N]) =>
    startChoosing(async () => {
      show({ ...shown, [name]: value });
      if (name === 'lighting') document.documentElement.dataset['lighting'] = value;
      await choosePreference({ name, value } as Parameters<typeof choosePreference>[0]);
      router.refresh();
    });
  return (
    <div role="group" aria-label={t('preferences.label')} className="flex items-center gap-2">
      <Switch name="locale" value={shown.locale} onChoose={choose} />
      <Switch name="units" value={shown.units} onChoose={choose} />
      <Switch name="lighting" value={shown.lighting} onChoose={choose} />
    </div>
  );
}

interface SwitchProps<N extends keyof Preferences> {
  readonly name: N;
  readonly value: Preferences[N];
  readonly onChoose: (name: N, value: Preferences[N]) => void;
}

function Switch<N extends keyof Preferences>({ name, value, onChoose }: SwitchProps<N>) {
  const { t } = useI18n();
  const values: readonly Preferences[N][] = PREFERENCE_VALUES[name];
  return (
    <select
      aria-label={t(`preferences.${name}`)}
      value={value}
      onChange={(event) => {
        const chosen = values.find((each) => each === event.target.value);
        if (chosen) onChoose(name, chosen);
      }}
      className="min-h-7 max-w-[6.5rem] border-b border-faint bg-sheet hover:text-ink"
    >
      {values.map((each) => (
        <option key={each} value={each}>{t(`preferences.${each}`)}</option>
      ))}
    </select>
  );
}
