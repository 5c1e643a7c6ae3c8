import 'server-only';
import { cookies, headers } from 'next/headers';
import { getTranslations } from 'next-intl/server';
import { formatter } from './format-quantity';
import { readPreferences, type Preferences } from './preferences';

export async function currentPreferences(): Promise<Preferences> {
  const [jar, head] = await Promise.all([cookies(), headers()]);
  return readPreferences((name) => jar.get(name)?.value, head.get('accept-language'));
}

export async function getI18n() {
  const preferences = await currentPreferences();
  return { t: await getTranslations(), ...formatter(preferences), preferences };
}
