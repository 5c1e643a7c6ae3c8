import type { Level } from '@/domain/log/ask';
import { BAND_DIMENSIONS, bandEdges, isBand, measureOf, type Dimension } from '@/domain/log/dimensions';
import { placeText } from '@/features/fields/place-text';
import { bandUnits } from '@/i18n/band-units';
import type { I18n } from '@/i18n/client';

/** A level as it is said: "8–10 m", "outside", a lure's name. */
export function levelText(
  { t, number, inUnit, unitLabel, preferences }: I18n,
  dimension: Dimension,
  level: Level,
): string {
  if (dimension === 'hook' && typeof level === 'string') return t(`log.heldBy.${level as 'front'}`);
  if (dimension === 'side' && typeof level === 'string') return t(`log.level.side.${level as 'port'}`);
  if (dimension === 'place' && typeof level === 'string') return placeText({ t }, level);
  if (typeof level === 'string' || !isBand(dimension)) return String(level);
  if (dimension === 'hour') return `${level}–${level + 1} h`;
  if (dimension === 'pass')
    return level >= BAND_DIMENSIONS.pass.edges.length
      ? t('log.level.passFrom', { n: level + 1 })
      : t('log.level.pass', { n: level + 1 });
  const measure = measureOf(dimension);
  if (measure === null) {
    const { levels } = BAND_DIMENSIONS[dimension as 'turn'];
    return t(`log.level.${dimension as 'turn'}.${levels[level]!}`);
  }
  const edges = bandEdges(dimension, bandUnits(preferences));
  const shown = (edge: number) => number(inUnit(edge, measure), measure === 'speed' ? 1 : 0);
  // A number does not part from its unit where a narrow column breaks the line.
  const unit = `\u00a0${unitLabel(measure)}`;
  if (level === 0) return t('log.level.below', { edge: shown(edges[0]!) + unit });
  if (level === edges.length) return t('log.level.from', { edge: shown(edges.at(-1)!) + unit });
  return `${shown(edges[level - 1]!)}–${shown(edges[level]!)}${unit}`;
}
