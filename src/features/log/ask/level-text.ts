import type { Level } from '@/domain/log/ask';
import { BAND_DIMENSIONS, type BandDimension, type Dimension } from '@/domain/log/dimensions';
import { placeText } from '@/features/fields/place-text';
import type { I18n } from '@/i18n/client';

/** A level as it is said: "8–10 m", "outside", a lure's name. */
export function levelText({ t, number, inUnit, unitLabel }: I18n, dimension: Dimension, level: Level): string {
  if (dimension === 'hook' && typeof level === 'string') return t(`log.heldBy.${level as 'front'}`);
  if (dimension === 'side' && typeof level === 'string') return t(`log.level.side.${level as 'port'}`);
  if (dimension === 'place' && typeof level === 'string') return placeText({ t }, level);
  if (typeof level === 'string' || !Object.hasOwn(BAND_DIMENSIONS, dimension)) return String(level);
  const band: {
    readonly edges: readonly number[];
    readonly measure?: 'depth' | 'speed' | 'temperature' | 'length';
    readonly levels?: readonly string[] | null;
  } = BAND_DIMENSIONS[dimension as BandDimension];
  if (dimension === 'hour') return `${level}–${level + 1} h`;
  if (dimension === 'pass')
    return level >= band.edges.length
      ? t('log.level.passFrom', { n: level + 1 })
      : t('log.level.pass', { n: level + 1 });
  const words = band.levels;
  if (words) return t(`log.level.${dimension as 'turn'}.${words[level] as 'inside'}`);
  const measure = band.measure === 'length' ? 'distance' : band.measure!;
  const shown = (edge: number) => number(inUnit(edge, measure), measure === 'speed' ? 2 : 0);
  const unit = unitLabel(measure);
  if (level === 0) return t('log.level.below', { edge: `${shown(band.edges[0]!)} ${unit}` });
  if (level === band.edges.length) return t('log.level.from', { edge: `${shown(band.edges.at(-1)!)} ${unit}` });
  return `${shown(band.edges[level - 1]!)}–${shown(band.edges[level]!)} ${unit}`;
}
