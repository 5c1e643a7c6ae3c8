import type { ChainChange, Chosen } from '@/domain/chain-changes';
import type { Part } from '@/domain/parts';
import type { I18n } from './client';
import { partTitle } from './part-text';
import { jointText } from './setup-text';

/** What is chosen about a joint, by the words of its fields. */
function fieldName({ t }: I18n, field: string, kind: string): string {
  switch (field) {
    case 'lengthM':
      return lower(kind === 'stinger' ? t('jointField.stingerM') : t('presentation.leaderM'));
    case 'hold':
    case 'point':
      return lower(t(`presentation.${field}`));
    default:
      return lower(t(`jointField.${field}` as 'jointField.held'));
  }
}

/** What is said of a joint, after its name where that is not said already: "leader length", "snap, Ring 7 mm". */
const named = (joint: string, of: string): string =>
  of.toLocaleLowerCase().startsWith(joint.toLocaleLowerCase()) ? of : `${joint}, ${of}`;

const lower = (text: string) => text.charAt(0).toLocaleLowerCase() + text.slice(1);

/** What is otherwise in one place of two chains, in a few words. */
export function chainChangeText(i18n: I18n, change: ChainChange, parts: readonly Part[]): string {
  const { t } = i18n;
  const titleOf = (id: string) => {
    const part = parts.find((each) => each.id === id);
    return part ? partTitle(i18n, part) : i18n.t('reading.gone');
  };
  const joint = jointText(i18n, change.joint, parts);
  switch (change.kind) {
    case 'out':
    case 'in':
      return t(`chainChange.${change.kind}`, { part: named(joint, titleOf(change.partId)) });
    case 'swapped':
      return t('chainChange.swapped', { joint, was: titleOf(change.was), is: titleOf(change.is) });
    case 'set': {
      const say = (value: Chosen) => chosenText(i18n, change, value);
      return t('chainChange.swapped', {
        joint: named(joint, fieldName(i18n, change.field, change.joint.kind)),
        was: say(change.was),
        is: say(change.is),
      });
    }
    default:
      return change satisfies never;
  }
}

/** What was chosen, in words: figures with their unit, colours and joints by name, stations of a lure one by one. */
function chosenText(i18n: I18n, { field }: Extract<ChainChange, { kind: 'set' }>, value: Chosen): string {
  const { t, format } = i18n;
  if (value === undefined || value === false) return field === 'station' ? t('station.all') : '–';
  if (value === true) return t('common.yes');
  if (typeof value === 'number') {
    if (field === 'segmentsOff') return String(value);
    return format(value, field.endsWith('Rad') ? 'angle' : value < 0.3 ? 'size' : 'distance');
  }
  if (typeof value !== 'string') return value.map((each) => t(`station.${each}` as 'station.all')).join(', ');
  switch (field) {
    case 'colour':
      return value;
    case 'station':
      return t(`station.${value}` as 'station.all');
    case 'place':
      return t(`jointField.${value}` as 'jointField.eye');
    default:
      return t(`word.${value}` as 'word.lead');
  }
}
