import { useRouter } from 'next/navigation';
import { useOptimistic, useTransition } from 'react';
import { useI18n } from '@/i18n/client';
import { SPEED_UNITS } from '@/i18n/preferences';
import { choosePreference, type Choice } from '@/server/actions/choose-preference';
import { ChoiceField } from '@/ui/choice-field';

/** What holds in this browser only. */
export function BrowserForm() {
  const { t, preferences } = useI18n();
  const router = useRouter();
  const [, start] = useTransition();
  const [{ letterKeys, speedUnit }, show] = useOptimistic(preferences);
  const choose = (choice: Choice) =>
    start(async () => {
      show((now) => ({ ...now, [choice.name]: choice.value }));
      await choosePreference(choice);
      router.refresh();
    });
  return (
    <>
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
