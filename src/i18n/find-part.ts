import type { Part } from '@/domain/parts';
import type { I18n } from './client';
import { partDetail, partTitle } from './part-text';

/** The text under which a part is found: what it is called, its kind, and the user's own words. */
export const wordsOfPart = (i18n: Pick<I18n, 't' | 'format' | 'number'>, part: Part): string =>
  `${part.name ?? ''} ${partTitle(i18n, part)} ${partDetail(i18n, part, null)} ${i18n.t(`kind.${part.kind}`)} ${part.words ?? ''}`.toLowerCase();

/**
 * How well a part answers a search: 0 not at all, 1 every word stands in it, 2 every word begins one of its words. A
 * mass is found as a mass, however it is written: `1/4 oz` finds 7 g.
 * `wordsOf` gives the part's words; who searches many parts often keeps them.
 */
export function foundAs(
  i18n: I18n,
  part: Part,
  find: string,
  wordsOf: (part: Part) => string = (each) => wordsOfPart(i18n, each),
): 0 | 1 | 2 {
  const wanted = find.trim().toLowerCase();
  if (wanted === '') return 1;
  if ('massKg' in part && part.massKg) {
    const mass = i18n.read(find, 'mass');
    if (mass.kind === 'read' && Math.abs(part.massKg.value - mass.value) <= 0.05 * mass.value) return 2;
  }
  const words = wordsOf(part);
  const parts = wanted.split(/\s+/);
  if (!parts.every((word) => words.includes(word))) return 0;
  const beginnings = words.split(/[\s“«"(]+/);
  return parts.every((word) => beginnings.some((beginning) => beginning.startsWith(word))) ? 2 : 1;
}
