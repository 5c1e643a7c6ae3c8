'use client';

import type { RulesSheet } from '@/domain/house';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import { TextField } from '@/ui/text-field';
import { MayKeep } from './may-keep';

const COUNTS = ['rodsPerPerson', 'hooksPerLine', 'pointsPerLine', 'baitsPerLine'] as const;
const BANS = ['barbless', 'noTrebles', 'noLead', 'noNaturalBait', 'noLiveBait', 'noWire'] as const;

/** The local rules as the user read them. An empty field rules nothing. */
export function SheetForm({
  sheet,
  onSheet,
}: {
  readonly sheet: RulesSheet;
  readonly onSheet: (sheet: RulesSheet) => void;
}) {
  const { t } = useI18n();
  const put = <K extends keyof RulesSheet>(key: K, value: RulesSheet[K] | undefined) => {
    const { [key]: _, ...rest } = sheet;
    onSheet((value === undefined ? rest : { ...rest, [key]: value }) as RulesSheet);
  };
  const text = (key: 'authority' | 'words') => (
    <TextField
      key={key}
      label={t(`sheet.${key}`)}
      value={sheet[key] ?? ''}
      onValueChange={(value) => put(key, value === '' ? undefined : value)}
    />
  );
  return (
    <div className="grid gap-x-6 gap-y-2 sm:grid-cols-2">
      {text('authority')}
      <TextField
        label={t('sheet.readOn')}
        type="date"
        value={sheet.readOn ?? ''}
        onValueChange={(value) => put('readOn', /^\d{4}-\d{2}-\d{2}$/.test(value) ? value : undefined)}
      />
      {COUNTS.map((key) => (
        <TextField
          key={key}
          label={t(`sheet.${key}`)}
          inputMode="numeric"
          value={sheet[key] === undefined ? '' : String(sheet[key])}
          onValueChange={(value) =>
            /^\d{0,2}$/.test(value.trim()) ? put(key, value.trim() === '' ? undefined : Number(value)) : undefined
          }
        />
      ))}
      <QuantityField
        label={t('sheet.leadOverKg')}
        measure="mass"
        value={sheet.leadOverKg ?? null}
        limits={{ min: 0, max: 1 }}
        emptyMeans={t('rules.no')}
        onValueChange={(value) => put('leadOverKg', value ?? undefined)}
      />
      <QuantityField
        label={t('sheet.largestGapM')}
        measure="size"
        value={sheet.largestGapM ?? null}
        limits={{ min: 0.001, max: 0.2 }}
        emptyMeans={t('rules.no')}
        onValueChange={(value) => put('largestGapM', value ?? undefined)}
      />
      <div className="flex flex-wrap gap-x-6 sm:col-span-2">
        {BANS.map((key) => (
          <label key={key} className="flex min-h-9 items-center gap-2">
            <input
              type="checkbox"
              checked={sheet[key] ?? false}
              onChange={(event) => put(key, event.target.checked || undefined)}
            />{' '}
            {t(`sheet.${key}`)}
          </label>
        ))}
      </div>
      <div className="sm:col-span-2">
        <MayKeep rows={sheet.mayKeep ?? []} onRows={(rows) => put('mayKeep', rows.length === 0 ? undefined : rows)} />
      </div>
      <div className="sm:col-span-2">{text('words')}</div>
    </div>
  );
}
