import { useRouter } from 'next/navigation';
import { useOptimistic, useTransition } from 'react';
import { useI18n } from '@/i18n/client';
import { choosePreference } from '@/server/actions/choose-preference';

/** What holds in this browser only. */
export function BrowserForm() {
  const { t, preferences } = useI18n();
  const router = useRouter();
  const [, start] = useTransition();
  const [letterKeys, show] = useOptimistic(preferences.letterKeys);
  const choose = (value: typeof letterKeys) =>
    start(async () => {
      show(value);
      await choosePreference({ name: 'letterKeys', value });
      router.refresh();
    });
  return (
    <label className="flex min-h-9 max-w-[62ch] items-center gap-2">
      <input
        type="checkbox"
        checked={letterKeys === 'on'}
        onChange={(event) => choose(event.target.checked ? 'on' : 'off')}
        className="size-5"
      />
      {t('rules.letterKeys')}
    </label>
  );
}
