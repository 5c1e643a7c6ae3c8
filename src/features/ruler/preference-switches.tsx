'use client';

import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useEffect, useOptimistic, useTransition } from 'react';
import { useI18n } from '@/i18n/client';
import { LIGHTINGS, LOCALES, UNIT_SYSTEMS } from '@/i18n/preferences';
import { choosePreference, type Choice } from '@/server/actions/choose-preference';
import { useMatches } from '@/ui/use-matches';

// Only a phone has it: what it stands on weighs as much as a small view.
const SettingsPop = dynamic(() => import('./settings-pop').then((m) => m.SettingsPop), { loading: () => null });

/** Language, units and lighting: each a short list that takes effect at once; on a phone behind one button. */
export function PreferenceSwitches({ crew }: { readonly crew: string }) {
  const { t, preferences } = useI18n();
  const router = useRouter();
  const [, startChoosing] = useTransition();
  const [shown, show] = useOptimistic(preferences);
  const choose = (choice: Choice) =>
    startChoosing(async () => {
      show({ ...shown, [choice.name]: choice.value });
      if (choice.name === 'lighting') document.documentElement.dataset['lighting'] = choice.value;
      const kept = await choosePreference(choice).catch(() => null);
      // Without a server there is no page to fetch anew: the cookie is for the next one.
      if (kept === null) keepHere(choice);
      else router.refresh();
    });
  useEffect(() => {
    // A page that this phone kept may have been made by another light.
    const lighting = LIGHTINGS.find((each) => document.cookie.includes(`lighting=${each}`));
    if (lighting) document.documentElement.dataset['lighting'] = lighting;
  }, []);
  const isPhone = useMatches('(width < 40rem)', false);
  const switches = (
    <div
      role="group"
      aria-label={t('preferences.label')}
      className="flex items-center gap-2 max-sm:flex-col max-sm:items-stretch max-sm:gap-3"
    >
      <Switch
        label={t('preferences.locale')}
        value={shown.locale}
        options={LOCALES}
        textOf={(value) => t(`preferences.${value}`)}
        onChoose={(value) => choose({ name: 'locale', value })}
      />
      <Switch
        label={t('preferences.units')}
        value={shown.units}
        options={UNIT_SYSTEMS}
        textOf={(value) => t(`preferences.${value}`)}
        onChoose={(value) => choose({ name: 'units', value })}
      />
      <Switch
        label={t('preferences.lighting')}
        value={shown.lighting}
        options={LIGHTINGS}
        textOf={(value) => t(`preferences.${value}`)}
        onChoose={(value) => choose({ name: 'lighting', value })}
      />
    </div>
  );
  if (!isPhone) return switches;
  return <SettingsPop label={t('preferences.label')} button={t('preferences.open')} switches={switches} crew={crew} />;
}

function keepHere({ name, value }: Choice): void {
  document.cookie = `${name}=${value}; path=/; max-age=31536000; samesite=lax`;
}

interface SwitchProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly T[];
  readonly textOf: (value: T) => string;
  readonly onChoose: (value: T) => void;
}

function Switch<T extends string>({ label, value, options, textOf, onChoose }: SwitchProps<T>) {
  return (
    <select
      aria-label={label}
      value={value}
      onChange={(event) => {
        const chosen = options.find((each) => each === event.target.value);
        if (chosen) onChoose(chosen);
      }}
      className="min-h-7 border-b border-faint bg-sheet hover:text-ink max-sm:min-h-11 sm:max-w-[6.5rem]"
    >
      {options.map((each) => (
        <option key={each} value={each}>
          {textOf(each)}
        </option>
      ))}
    </select>
  );
}
