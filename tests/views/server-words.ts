import { createTranslator } from 'next-intl';
import { catalogueOf } from '@/i18n/catalogue';
import { formatter } from '@/i18n/format-quantity';
import { readPreferences, type Preferences } from '@/i18n/preferences';
import { cookies, headers } from '../helpers/request';

export async function currentPreferences(): Promise<Preferences> {
  const [jar, head] = await Promise.all([cookies(), headers()]);
  return readPreferences((name) => jar.get(name)?.value, head.get('accept-language'));
}

export async function getI18n() {
  const preferences = await currentPreferences();
  const { locale } = preferences;
  const t = createTranslator({ locale, messages: catalogueOf(locale), timeZone: 'UTC' });
  return { t, ...formatter(preferences), preferences };
}
