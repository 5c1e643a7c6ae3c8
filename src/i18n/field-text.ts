import type { Part, PartKind } from '@/domain/parts';
import type { PartField } from '@/domain/parts/fields';
import { valueAt } from '@/core/decide';
import type { Quantity } from '@/core/base/quantity';
import type { Catalogue } from './catalogue';
import type { I18n } from './client';
import { measureOfField } from './measure-of-field';

type FieldName = keyof Catalogue['field'];
type Word = keyof Catalogue['word'];

/** The name of a field by its path. */
export function fieldLabel({ t }: Pick<I18n, 't'>, kind: PartKind, path: string): string {
  if (path.startsWith('shares.'))
    return t('field.shareIn', { material: t(`word.${path.slice('shares.'.length) as Word}`) });
  if (kind === 'hardware' && path === 'widthM') return t('field.outerWidth');
  return t(`field.${(path.startsWith('price') ? 'price' : path.replaceAll('.', '_')) as FieldName}`);
}

/** What stands in a field; empty where nothing does. */
export function fieldText({ t, format }: Pick<I18n, 't' | 'format'>, part: Part, field: PartField): string {
  const held = valueAt(part, field.path);
  if (held === undefined || held === null) return '';
  switch (field.kind) {
    case 'quantity':
      return format((held as Quantity).value, measureOfField(field.path, part.kind).measure);
    case 'choice':
      return t(`word.${String(held) as Word}`);
    case 'whole':
    case 'text':
      return String(held);
    default:
      return field satisfies never;
  }
}
