'use client';

import { valueAt } from '@/core/decide';
import { useI18n } from '@/i18n/client';
import { fieldLabel, fieldText } from '@/i18n/field-text';
import { partDetail, partTitle } from '@/i18n/part-text';
import type { ReadLine } from './read-line';

export interface LineReadingProps {
  readonly read: ReadLine;
  readonly isEmpty: boolean;
  /** the guesses wait for a yes */
  readonly isAsked: boolean;
  readonly onChoose: (path: string, value: string) => void;
}

/** What a line was understood as: what it said underlined, what was guessed to be confirmed or changed, what meant nothing. */
export function LineReading({ read, isEmpty, isAsked, onChoose }: LineReadingProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const { part, kind, fields, guesses, leftOver, problems } = read;
  return (
    <>
      {part && (
        <>
          <strong>{partTitle(i18n, part)}</strong> · {partDetail(i18n, part, null)}
          {fields.map((field) => (
            <span key={field.path} className="text-dim">
              {' '}
              · {fieldLabel(i18n, part.kind, field.path)}{' '}
              <span className="border-b border-dashed border-current">{fieldText(i18n, part, field)}</span>
            </span>
          ))}
          {fields.length > 0 && <span className="text-dim"> · {t('reading.restIsClass')}</span>}
          {guesses.length > 0 && (
            <span
              className={`mt-0.5 flex flex-wrap items-center gap-x-3 ${isAsked ? 'border-l-2 border-ink pl-2' : ''}`}
            >
              <span className={isAsked ? 'font-semibold' : 'text-dim'}>
                {t(isAsked ? 'reading.isItSo' : 'reading.guessed')}
              </span>
              {guesses.map((field) => (
                <label key={field.path} className="flex items-center gap-1">
                  {fieldLabel(i18n, part.kind, field.path)}{' '}
                  {field.kind === 'choice' ? (
                    <select
                      value={String(valueAt(part, field.path))}
                      onChange={({ target }) => onChoose(field.path, target.value)}
                      className="min-h-7 border-b border-dashed border-current bg-transparent"
                    >
                      {field.options.map((option) => (
                        <option key={option} value={option} className="bg-sheet">
                          {t(`word.${option}` as 'word.lead')}
                        </option>
                      ))}
                    </select>
                  ) : (
                    <span className="border-b border-dashed border-current">{fieldText(i18n, part, field)}</span>
                  )}
                  ?
                </label>
              ))}
            </span>
          )}
        </>
      )}
      {!part && kind && (
        <span>
          {t(`kind.${kind}`)}:{' '}
          {problems.map(({ path }) => fieldLabel(i18n, kind, path.replace(/\.value$/, ''))).join(', ')}{' '}
          {t('reading.cannotBe')}
        </span>
      )}
      {!part && !kind && <span className="text-dim">{isEmpty ? t('reading.examples') : t('reading.whatIsIt')}</span>}
      {leftOver.length > 0 && !isEmpty && (
        <span className="ml-2 italic">{t('reading.notUnderstood', { words: leftOver.join(', ') })}</span>
      )}
    </>
  );
}
