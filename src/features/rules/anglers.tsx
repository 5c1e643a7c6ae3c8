'use client';

import { v7 as newId } from 'uuid';
import type { AnglerLine } from '@/domain/house-difference';
import { anglerIdSchema } from '@/domain/ids';
import { useI18n } from '@/i18n/client';
import { TextField } from '@/ui/text-field';
import { AnglerForm } from './angler-form';

export interface AnglersProps {
  readonly anglers: readonly AnglerLine[];
  readonly onAnglers: (anglers: readonly AnglerLine[]) => void;
}

const press = 'narrow min-h-9 border border-faint px-2 text-[14px] hover:border-ink';

/** Everyone who fishes from the bench, each with reach, heights and what arms bear; setups are judged with the usual one's. */
export function Anglers({ anglers, onAnglers }: AnglersProps) {
  const { t } = useI18n();
  const put = (id: string, patch: Partial<AnglerLine>) =>
    onAnglers(anglers.map((each) => (each.id === id ? { ...each, ...patch } : each)));
  return (
    <>
      {anglers.length === 0 && <p className="mb-2">{t('rules.noAngler')}</p>}
      {anglers.map((angler, i) => {
        const name = angler.name || t('rules.newAngler', { number: i + 1 });
        return (
          <fieldset key={angler.id} className="mb-4 border-t border-ink pt-1">
            <legend className="narrow pr-2 text-[15px] font-semibold">
              {name}
              {angler.usual && <span className="font-normal text-dim"> · {t('rules.usualAngler')}</span>}
            </legend>
            <div className="mb-2 flex flex-wrap items-end gap-3">
              <TextField
                className="w-56"
                label={t('rules.anglerName')}
                value={angler.name}
                maxLength={60}
                onValueChange={(next) => put(angler.id, { name: next })}
              />
              {!angler.usual && (
                <>
                  <button
                    type="button"
                    className={press}
                    onClick={() => onAnglers(anglers.map((each) => ({ ...each, usual: each.id === angler.id })))}
                  >
                    {t('rules.makeUsual')}
                  </button>
                  <button
                    type="button"
                    className={press}
                    onClick={() => onAnglers(anglers.filter(({ id }) => id !== angler.id))}
                  >
                    {t('rules.removeAngler', { name })}
                  </button>
                </>
              )}
            </div>
            <AnglerForm angler={angler.figures} onAngler={(figures) => put(angler.id, { figures })} />
          </fieldset>
        );
      })}
      <button
        type="button"
        className="narrow min-h-9 border border-ink px-3"
        onClick={() =>
          onAnglers([
            ...anglers,
            {
              id: anglerIdSchema.parse(`angler-${newId()}`),
              name: t('rules.newAngler', { number: anglers.length + 1 }),
              usual: anglers.length === 0,
              figures: {},
            },
          ])
        }
      >
        {t('rules.addAngler')}
      </button>
    </>
  );
}
