'use client';

import { useState } from 'react';
import { SUN_LIMITS } from '@/core/decide';
import type { WaterId } from '@/domain/ids';
import type { WaterPlace } from '@/domain/plan/plan';
import { PRESENTATION_LIMITS as L } from '@/domain/presentation-limits';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import { TextField } from '@/ui/text-field';
import type { CellProps } from './cell-props';

/** Salinity of open sea [practical]; a water is taken as fresh or as this, and can be said exactly. */
const SALT = 34;
const MOST_SALT = 40;
const NONE = '';
const NEW = 'new';

const newWater = (name: string): WaterPlace => ({ id: NEW as WaterId, name, salinity: 0 });

/** One of the user's waters, or a new one, with what is usual there. */
export function WaterField({ inHand, plan }: CellProps) {
  const { t } = useI18n();
  const [edited, setEdited] = useState<WaterPlace | null>(null);
  return (
    <>
      <ChoiceField
        label={t('today.cell.water')}
        value={edited?.id === NEW ? NEW : (plan.waterId ?? NONE)}
        options={[
          { value: NONE, label: t('today.notSaid') },
          ...inHand.waters.map(({ id, name }) => ({ value: id as string, label: name })),
          { value: NEW, label: t('today.water.new') },
        ]}
        onValueChange={(id) => {
          setEdited(id === NEW ? newWater('') : null);
          if (id !== NEW) inHand.chooseWater(id);
        }}
      />
      {edited === null && inHand.water && (
        <button
          type="button"
          className="narrow mt-2 min-h-8 border border-faint px-2 text-[13px]"
          onClick={() => setEdited(inHand.water)}
        >
          {t('today.water.change')}
        </button>
      )}
      {edited && (
        <WaterForm
          water={edited}
          onChange={setEdited}
          onSave={() => {
            inHand.saveWater(edited, edited.id === NEW ? null : inHand.versionOf(edited.id));
            setEdited(null);
          }}
          onRemove={
            edited.id === NEW
              ? null
              : () => {
                  inHand.removeWater(edited.id);
                  setEdited(null);
                }
          }
        />
      )}
    </>
  );
}

function WaterForm({
  water,
  onChange,
  onSave,
  onRemove,
}: {
  readonly water: WaterPlace;
  readonly onChange: (water: WaterPlace) => void;
  readonly onSave: () => void;
  readonly onRemove: (() => void) | null;
}) {
  const { t } = useI18n();
  const put = (key: 'latitudeRad' | 'longitudeRad' | 'bottomM', value: number | null) => {
    const { [key]: _, ...rest } = water;
    onChange(value === null ? rest : { ...rest, [key]: value });
  };
  return (
    <div className="mt-2 grid grid-cols-2 gap-x-4 gap-y-1 border-t border-faint pt-2">
      <TextField
        className="col-span-2"
        label={t('today.water.name')}
        value={water.name}
        maxLength={60}
        onValueChange={(name) => onChange({ ...water, name })}
      />
      <QuantityField
        label={t('today.water.salinity')}
        measure="salinity"
        value={water.salinity}
        limits={{ min: 0, max: MOST_SALT }}
        onValueChange={(salinity) => salinity !== null && onChange({ ...water, salinity })}
      />
      <button
        type="button"
        className="narrow min-h-8 self-end border border-faint px-2 text-[13px]"
        onClick={() => onChange({ ...water, salinity: water.salinity === 0 ? SALT : 0 })}
      >
        {t(water.salinity === 0 ? 'today.water.makeSalt' : 'today.water.makeFresh')}
      </button>
      <QuantityField
        label={t('today.water.latitude')}
        measure="angle"
        value={water.latitudeRad ?? null}
        limits={SUN_LIMITS.latitudeRad}
        emptyMeans={t('today.notSaid')}
        onValueChange={(value) => put('latitudeRad', value)}
      />
      <QuantityField
        label={t('today.water.longitude')}
        measure="angle"
        value={water.longitudeRad ?? null}
        limits={SUN_LIMITS.longitudeRad}
        emptyMeans={t('today.notSaid')}
        onValueChange={(value) => put('longitudeRad', value)}
      />
      <QuantityField
        label={t('today.field.bottomM')}
        measure="depth"
        value={water.bottomM ?? null}
        limits={L.bottomM}
        emptyMeans={t('today.notSaid')}
        onValueChange={(value) => put('bottomM', value)}
      />
      <p className="semi-narrow col-span-2 text-[12.5px] text-dim">{t('today.water.note')}</p>
      <div className="col-span-2 flex gap-2">
        <button
          type="button"
          disabled={water.name.trim() === ''}
          className="narrow min-h-9 border border-ink px-3 text-[14px] disabled:border-faint disabled:text-dim"
          onClick={onSave}
        >
          {t('today.water.keep')}
        </button>
        {onRemove && (
          <button type="button" className="narrow min-h-9 border border-faint px-3 text-[14px]" onClick={onRemove}>
            {t('today.water.remove')}
          </button>
        )}
      </div>
    </div>
  );
}
