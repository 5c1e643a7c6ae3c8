import { createTranslator } from 'next-intl';
import { catalogueOf } from '@/i18n/catalogue';
import type { I18n } from '@/i18n/client';
import { formatter } from '@/i18n/format-quantity';
import type { Preferences } from '@/i18n/preferences';
import { readQuantity } from '@/i18n/read-quantity';

/** Words as a page has them; a message that is missing fails instead of showing its key. */
export function wordsIn(preferences: Preferences): I18n {
  const t = createTranslator({
    locale: preferences.locale,
    messages: catalogueOf(preferences.locale),
    onError: (error) => {
      throw error;
    },
  });
  return {
    t: t as unknown as I18n['t'],
    preferences,
    ...formatter(preferences),
    read: (text, measure) => readQuantity(text, measure, preferences),
  };
}
