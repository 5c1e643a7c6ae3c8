import { getRequestConfig } from 'next-intl/server';
import { catalogueOf } from './catalogue';
import { currentPreferences } from './server';

export default getRequestConfig(async () => {
  const { locale } = await currentPreferences();
  return { locale, messages: catalogueOf(locale), timeZone: 'UTC' };
});
