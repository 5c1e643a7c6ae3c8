import { classFigure } from '@/core/tackle/defaults/classes';
import type { Setup } from '@/core/tackle';
import { uncertainInput } from '@/domain/uncertain-input';
import { classFieldText, classRowText } from './class-text';
import type { I18n } from './client';
import { fieldLabel } from './field-text';
import { jointText } from './setup-text';

/** Fields that say no more than their row does. */
const PLAIN_FIELDS: ReadonlySet<string> = new Set(['factor', 'value', 'share']);

/** What an uncertain input is called: `hook: wire`, `Mouths: bony, strength`. */
export function inputText(i18n: Pick<I18n, 't'>, path: string, setup: Pick<Setup, 'chain' | 'parts'>): string {
  const input = uncertainInput(path, setup);
  if (!input) return path;
  if (input.kind === 'class') {
    const figure = classFigure(input.figure);
    if (!figure) return input.figure;
    const field = PLAIN_FIELDS.has(figure.field) ? '' : `, ${classFieldText(i18n, figure)}`;
    return `${i18n.t(`classTable.${figure.table}`)}: ${classRowText(i18n, figure).toLocaleLowerCase()}${field}`;
  }
  const joint = setup.chain.find(({ partId }) => partId === input.partId);
  return `${joint ? jointText(i18n, joint, setup.parts) : ''}: ${fieldLabel(i18n, input.part, input.field)}`;
}
