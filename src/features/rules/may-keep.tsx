'use client';

import type { RulesSheet } from '@/domain/house';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import { TextField } from '@/ui/text-field';

type Row = NonNullable<RulesSheet['mayKeep']>[number];

const MOST_ROWS = 20;

/** What may be kept, species by species: how many a person in a day, and how long at least. */
export function MayKeep({ rows, onRows }: { readonly rows: readonly Row[]; readonly onRows: (rows: Row[]) => void }) {
  const { t } = useI18n();
  const change = (at: number, row: Row) => onRows(rows.map((each, i) => (i === at ? row : each)));
  return (
    <fieldset>
      <legend className="narrow text-[12px] text-dim">{t('sheet.mayKeep')}</legend>
      {rows.map((row, i) => (
        <div key={i} className="grid grid-cols-[minmax(0,2fr)_minmax(0,1fr)_minmax(0,1fr)_auto] items-end gap-3">
          <TextField
            label={t('sheet.species')}
            value={row.species}
            maxLength={60}
            onValueChange={(species) => change(i, { ...row, species })}
          />
          <TextField
            label={t('sheet.perPerson')}
            inputMode="numeric"
            value={row.perPerson === undefined ? '' : String(row.perPerson)}
            onValueChange={(text) => {
              if (!/^\d{0,2}$/.test(text.trim())) return;
              const { perPerson: _, ...rest } = row;
              change(i, text.trim() === '' ? rest : { ...rest, perPerson: Number(text) });
            }}
          />
          <QuantityField
            label={t('sheet.leastM')}
            measure="size"
            value={row.leastM ?? null}
            limits={{ min: 0.01, max: 5 }}
            emptyMeans={t('rules.no')}
            onValueChange={(leastM) => {
              const { leastM: _, ...rest } = row;
              change(i, leastM === null ? rest : { ...rest, leastM });
            }}
          />
          <button
            type="button"
            className="narrow min-h-9 px-2 text-[14px] underline"
            aria-label={t('sheet.dropSpecies', { species: row.species })}
            onClick={() => onRows(rows.filter((_, k) => k !== i))}
          >
            {t('sheet.drop')}
          </button>
        </div>
      ))}
      {rows.length < MOST_ROWS && (
        <button
          type="button"
          className="narrow mt-1 min-h-9 text-[14px] underline"
          onClick={() => onRows([...rows, { species: '' }])}
        >
          {t('sheet.addSpecies')}
        </button>
      )}
    </fieldset>
  );
}
