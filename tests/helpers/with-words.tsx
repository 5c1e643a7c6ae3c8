import { NextIntlClientProvider } from 'next-intl';
import type { ReactNode } from 'react';
import { catalogueOf } from '@/i18n/catalogue';
import { PreferencesProvider } from '@/i18n/client';
import type { Preferences } from '@/i18n/preferences';

/** Words, units and language for what stands inside, as the root of every page gives them. */
export function WithWords({
  preferences,
  children,
}: {
  readonly preferences: Preferences;
  readonly children: ReactNode;
}) {
  const { locale } = preferences;
  return (
    <NextIntlClientProvider locale={locale} messages={catalogueOf(locale)} timeZone="UTC">
      <PreferencesProvider preferences={preferences}>{children}</PreferencesProvider>
    </NextIntlClientProvider>
  );
}
