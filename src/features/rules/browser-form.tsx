import { useRouter } from 'next/navigation';
import { useOptimistic, useTransition } from 'react';
import { useI18n } from '@/i18n/client';
import { OWN_CHOICES, OWN_UNITS, SPEED_UNITS, UNIT_SETS, type Preferences, type UnitSet } from '@/i18n/preferences';
import { choosePreference, type Choice } from '@/server/actions/choose-preference';
import { ChoiceField } from '@/ui/choice-field';

/** What holds in this browser only. */
export function BrowserForm() {
  const { t, preferences } = useI18n();
  const router = useRouter();
  const [, start] = useTransition();
  const [shown, show] = useOptimistic(preferences);
  const { letterKeys, speedUnit } = shown;
  const choose = (choice: Choice) =>
    start(async () => {
      if (choice.name !== 'unitSet') show((now) => ({ ...now, [choice.name]: choice.value }));
      await choosePreference(choice);
      router.refresh();
    });
  return (
    <>
      <div role="group" aria-label={t('rules.unitSets')} className="narrow mb-3 flex flex-wrap items-center gap-2">
        <span className="text-[13px] text-dim">{t('rules.unitSets')}</span>
        {(Object.keys(UNIT_SETS) as UnitSet[]).map((value) => (
          <button
            key={value}
            type="button"
            aria-pressed={isSet(shown, value)}
            onClick={() => choose({ name: 'unitSet', value })}
            className="min-h-9 border border-faint px-3 hover:border-ink aria-pressed:border-ink aria-pressed:bg-hi aria-pressed:text-on-hi"
          >
            {t(`rules.unitSet.${value}`)}
          </button>
        ))}
      </div>
      <ChoiceField
        className="mb-2 w-64"
        label={t('rules.speedUnit')}
        value={speedUnit}
        options={SPEED_UNITS.map((value) => ({
          value,
          label:
            value === 'usual' ? t('rules.speedUsual', { unit: preferences.units === 'metric' ? 'm/s' : 'mph' }) : value,
        }))}
        onValueChange={(value) => choose({ name: 'speedUnit', value })}
      />
      {OWN_UNITS.map((name) => (
        <ChoiceField
          key={name}
          className="mb-2 w-64"
          label={t(`rules.${name}`)}
          value={shown[name] ?? 'usual'}
          options={OWN_CHOICES.map((value) => ({
            value,
            label:
              value === 'usual'
                ? t('rules.speedUsual', { unit: t(`rules.unitsOf.${name}.${shown.units}`) })
                : t(`rules.unitsOf.${name}.${value}`),
          }))}
          onValueChange={(value) => choose({ name, value })}
        />
      ))}
      <label className="flex min-h-9 max-w-[62ch] items-center gap-2">
        <input
          type="checkbox"
          checked={letterKeys === 'on'}
          onChange={(event) => choose({ name: 'letterKeys', value: event.target.checked ? 'on' : 'off' })}
          className="size-5"
        />
        {t('rules.letterKeys')}
      </label>
    </>
  );
}

/** Whether all units are as a set has them. */
const isSet = (now: Preferences, set: UnitSet): boolean =>
  now.units === UNIT_SETS[set].units &&
  now.speedUnit === UNIT_SETS[set].speedUnit &&
  OWN_UNITS.every((name) => (now[name] ?? 'usual') === 'usual');
