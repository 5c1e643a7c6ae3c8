import type { Part } from '@/domain/parts';
import type { I18n } from '@/i18n/client';
import { partDetail, partTitle } from '@/i18n/part-text';
import type { Presented } from './job';

/** What a row of the map is called. */
export const rowName = (i18n: I18n, { lure, setupName }: Presented): string =>
  lure ? partTitle(i18n, lure) : setupName;

/** What stands small under it: for a lure, as what it is fished. */
export const rowDetail = (i18n: I18n, { lure, setupName }: Presented): string =>
  lure ? i18n.t('quiver.as', { setup: setupName }) : '';

/** A class of rod to look for: its build, power, action and window. */
export function classRodName(i18n: I18n, rod: Part): string {
  if (rod.kind !== 'rod') return '';
  const window = rod.rating
    ? `, ${i18n.format(rod.rating.loKg.value, 'mass')}–${i18n.format(rod.rating.hiKg.value, 'mass')}`
    : '';
  return `${i18n.t(`quiver.mount.${rod.mount}`)}, ${partDetail(i18n, rod, null)}${window}`;
}

/** A score in hundredths. */
export const scoreText = ({ number }: Pick<I18n, 'number'>, score: number): string =>
  number(Math.round(100 * score), 0);
