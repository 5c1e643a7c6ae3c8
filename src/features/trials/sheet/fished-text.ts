import type { Measure } from '@/core/base/measure';
import type { CurrentLayer } from '@/core/water';
import type { FishedValue } from '@/domain/trials/else-differs';
import type { I18n } from '@/i18n/client';
import { measureOfFact } from '@/i18n/measure-of-fact';

const lastOf = (path: string) => path.split('.').at(-1)!;

/** What a field of a presentation is called. */
export function fishedName({ t }: Pick<I18n, 't'>, path: string): string {
  if (path === 'gear.kind') return t('presentation.gear');
  if (path === 'gear.cable') return t('gear.cableKind');
  if (path === 'layers') return t('presentation.currentMps');
  const key = `presentation.${lastOf(path)}` as 'presentation.depthM';
  return t.has(key) ? t(key) : path;
}

/** Fields whose name's end does not say what they measure. */
const MEASURES: Readonly<Record<string, Measure>> = { cableDiameterM: 'diameter', temperatureC: 'temperature' };

/** Where the words of a field stand, if not among all words; a word may mean another thing elsewhere. */
const GROUPS = {
  castStyle: 'style',
  mouth: 'mouth',
  cover: 'cover',
  fouling: 'fouling',
  'sweep.way': 'way',
  'gear.kind': 'gear',
} as const;

/** What a field of a presentation is, in words and in the reader's units. */
export function fishedText(i18n: I18n, path: string, value: FishedValue | null): string {
  const { t, format, number } = i18n;
  if (value === undefined || value === null) return absentText(i18n, path);
  if (typeof value === 'boolean') return t(value ? 'common.yes' : 'common.none');
  if (typeof value === 'number') {
    const measure = MEASURES[lastOf(path)] ?? measureOfFact(lastOf(path), value);
    return measure ? format(value, measure) : number(value, 2);
  }
  if (typeof value !== 'string')
    return value
      .map((each) => (typeof each === 'string' ? fishedText(i18n, path, each) : layerText(i18n, each)))
      .join(', ');
  if (path === 'fished' && value === 'cast') return t('presentation.way-cast');
  const key = `${GROUPS[path as keyof typeof GROUPS] ?? 'word'}.${value}` as 'word.lead';
  return t.has(key) ? t(key) : value;
}

function absentText({ t }: Pick<I18n, 't'>, path: string): string {
  switch (path) {
    case 'gear.kind':
      return t('gear.none');
    case 'fouling':
      return t('fouling.none');
    case 'craft':
      return t('presentation.bank');
    case 'bottomM':
      return t('presentation.deeper');
    case 'holderRad':
      return t('presentation.holderOfCraft');
    default:
      return '–';
  }
}

/** The current at one depth. */
const layerText = ({ format }: Pick<I18n, 'format'>, { depthM, alongMps }: CurrentLayer): string =>
  `${format(depthM, 'depth')} ${format(alongMps, 'speed')}`;
