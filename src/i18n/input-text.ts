import { classFigure } from '@/core/defaults/classes';
import type { Setup } from '@/core/setup';
import { uncertainInput } from '@/domain/measurable';
import { classFieldText, classRowText } from './class-text';
import type { I18n } from './client';
import { fieldLabel } from './field-text';
import { jointText } from './setup-text';

/** What an uncertain input is called: `hook: wire`, `bony mouth: strength`. */
export function inputText(i18n: Pick<I18n, 't'>, path: string, setup: Pick<Setup, 'chain' | 'parts'>): string {
  const input = uncertainInput(path, setup);
  if (!input) return path;
  if (input.kind === 'class') {
    const figure = classFigure(input.figure);
    return figure ? `${classRowText(i18n, figure)}: ${classFieldText(i18n, figure)}` : input.figure;
  }
  const joint = setup.chain.find(({ partId }) => partId === input.partId);
  return `${joint ? jointText(i18n, joint, setup.parts) : ''}: ${fieldLabel(i18n, input.part, input.field)}`;
}
