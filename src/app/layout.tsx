import '@fontsource-variable/archivo/standard.css';
import './globals.css';
import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';
import { PreferencesProvider } from '@/i18n/client';
import { getI18n } from '@/i18n/server';
import { Words } from '@/i18n/words';
import { LetterKeys } from '@/ui/keys';

export async function generateMetadata(): Promise<Metadata> {
  const { t } = await getI18n();
  return { title: t('app.name'), description: t('app.tagline') };
}

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  const { preferences } = await getI18n();
  return (
    <html lang={preferences.locale} data-lighting={preferences.lighting}>
      <body>
        <Words locale={preferences.locale} room="shared">
          <PreferencesProvider preferences={preferences}>
            <LetterKeys on={preferences.letterKeys === 'on'}>{children}</LetterKeys>
          </PreferencesProvider>
        </Words>
      </body>
    </html>
  );
}
