import type { OverLimit } from '@/domain/log/kept-limits';
import type { I18n } from '@/i18n/client';

/** A limit of the rules sheet that was passed, as a sentence. */
export function overText({ t, format }: Pick<I18n, 't' | 'format'>, over: OverLimit): string {
  if (over.code === 'too-many')
    return t('log.tally.too-many', {
      angler: over.angler || t('log.tally.nobody'),
      kept: over.kept,
      species: over.species,
      most: over.most,
    });
  return t('log.tally.too-short', {
    species: over.species,
    length: format(over.lengthM, 'size'),
    least: format(over.leastM, 'size'),
  });
}
