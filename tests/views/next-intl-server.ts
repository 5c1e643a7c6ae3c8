import { createTranslator } from 'next-intl';
import { catalogueOf } from '@/i18n/catalogue';

/** What next-intl gives a server's component, in the reader's language. */
export async function getTranslations() {
  // That module asks for this one.
  const { currentPreferences } = await import('@/i18n/server');
  const { locale } = await currentPreferences();
  return createTranslator({ locale, messages: catalogueOf(locale), timeZone: 'UTC' });
}
