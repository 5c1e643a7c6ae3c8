import type { I18n } from '@/i18n/client';

/** How long ago, as it is said: "0.4 s", "48 s", "12 min". */
export function ageText({ t, number }: Pick<I18n, 't' | 'number'>, ageS: number): string {
  if (ageS < 10) return t('helm.age.seconds', { age: number(ageS, 1) });
  if (ageS < 90) return t('helm.age.seconds', { age: number(ageS, 0) });
  if (ageS < 5400) return t('helm.age.minutes', { age: number(ageS / 60, 0) });
  return t('helm.age.hours', { age: number(ageS / 3600, 0) });
}
