'use client';

import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { useTranslations } from 'next-intl';
import type { Measure } from '@/core/base/measure';
import { formatter } from './format-quantity';
import type { Preferences } from './preferences';
import { readQuantity } from './read-quantity';

const PreferencesContext = createContext<Preferences | null>(null);

export function PreferencesProvider({
  preferences,
  children,
}: {
  readonly preferences: Preferences;
  readonly children: ReactNode;
}) {
  return <PreferencesContext value={preferences}>{children}</PreferencesContext>;
}

/** Words, figures and the reading of figures in the reader's language and units. */
export function useI18n() {
  const preferences = useContext(PreferencesContext);
  if (!preferences) throw new Error('useI18n stands outside PreferencesProvider');
  const t = useTranslations();
  return useMemo(
    () => ({
      t,
      preferences,
      ...formatter(preferences),
      read: (text: string, measure: Measure) => readQuantity(text, measure, preferences),
    }),
    [t, preferences],
  );
}

export type I18n = ReturnType<typeof useI18n>;
