import type { Change } from '@/core/decide';
import type { Measure } from '@/core/base/measure';
import type { Setup } from '@/core/tackle';
import { partSchema } from '@/domain/parts';
import type { I18n } from './client';
import { partDetail, partTitle } from './part-text';
import { jointText } from './setup-text';

/** What a change does, in a few words: `hook: wide gap 4/0`, `shorter cast: 15 m`. */
export function changeText(
  i18n: I18n,
  change: Change,
  setup: Pick<Setup, 'chain' | 'parts'>,
): { readonly what: string; readonly to: string; readonly detail: string } {
  const { t } = i18n;
  const jointOf = (id: string) => {
    const joint = setup.chain.find((each) => each.id === id);
    return joint ? jointText(i18n, joint, setup.parts) : id;
  };
  switch (change.kind) {
    case 'part': {
      const part = partSchema.parse(change.part);
      // Of a line that is to be looked for there is nothing on a spool yet.
      const detail = change.from === 'class' && part.kind === 'line' ? '' : partDetail(i18n, part, null);
      return { what: change.jointIds.map(jointOf).join(', '), to: partTitle(i18n, part), detail };
    }
    case 'joint':
      return {
        what: t(`technique.${change.technique}`),
        to: valueText(i18n, change.field, change.value),
        detail: jointOf(change.jointId),
      };
    case 'present':
      return { what: t(`technique.${change.technique}`), to: valueText(i18n, change.path, change.value), detail: '' };
    default:
      return change satisfies never;
  }
}

const MEASURES: Readonly<Record<string, Measure>> = {
  distanceM: 'distance',
  depthM: 'depth',
  slackM: 'distance',
  'sweep.stepBackM': 'distance',
  clutchN: 'force',
  speedMps: 'speed',
  holderRad: 'angle',
  lengthM: 'distance',
  offCentreM: 'size',
  lineOutM: 'distance',
  'gear.cableM': 'distance',
  'gear.leadM': 'distance',
};

function valueText(
  { t, format, number }: Pick<I18n, 't' | 'format' | 'number'>,
  field: string,
  value: number | string,
): string {
  if (typeof value === 'number') {
    const measure = MEASURES[field];
    return measure ? format(value, measure) : number(value, 0);
  }
  const keys = { castStyle: 'style', 'sweep.way': 'way', point: 'point' } as const;
  const own = field in keys ? `${keys[field as keyof typeof keys]}.${value}` : null;
  return own && t.has(own as 'way.wrist') ? t(own as 'way.wrist') : t(`word.${value}` as 'word.lead');
}
