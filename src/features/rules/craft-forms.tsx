'use client';

import { CRAFT_LIMITS, type Craft } from '@/domain/house';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import { TextField } from '@/ui/text-field';

const LENGTHS = [
  ['lengthM', 'rodLength', CRAFT_LIMITS.lengthM],
  ['freeboardM', 'rodLength', CRAFT_LIMITS.freeboardM],
  ['holderDepthM', 'rodLength', CRAFT_LIMITS.holderDepthM],
  ['holderGapM', 'rodLength', CRAFT_LIMITS.holderGapM],
  ['holderAngleRad', 'angle', CRAFT_LIMITS.angleRad],
  ['hullDragN', 'force', CRAFT_LIMITS.hullDragN],
] as const;
/** What only a small craft limits; empty: as much as is wanted. */
const LIMITS = [
  ['carriesRods', 'ratio', CRAFT_LIMITS.carriesRods],
  ['carriesKg', 'bodyMass', CRAFT_LIMITS.carriesKg],
] as const;
const COUNTS = [
  ['holders', CRAFT_LIMITS.holders],
  ['downriggers', CRAFT_LIMITS.gear],
  ['booms', CRAFT_LIMITS.gear],
] as const;

/** A small open boat, to begin with. */
const NEW: Omit<Craft, 'id' | 'name'> = {
  lengthM: 4.5,
  freeboardM: 0.4,
  holders: 2,
  holderDepthM: 0.2,
  holderAngleRad: 0.8,
  holderGapM: 1,
  downriggers: 0,
  booms: 0,
  hullDragN: 15,
};

const whole = (key: (typeof LIMITS)[number][0], value: number): number =>
  key === 'carriesRods' ? Math.round(value) : value;

/** Each craft with what clearance, reach, nesting and the towed hull hang on. */
export function CraftForms({
  crafts,
  onCrafts,
}: {
  readonly crafts: readonly Craft[];
  readonly onCrafts: (crafts: Craft[]) => void;
}) {
  const { t } = useI18n();
  const put = (id: string, patch: Partial<Craft>) =>
    onCrafts(crafts.map((craft) => (craft.id === id ? { ...craft, ...patch } : craft)));
  return (
    <>
      {crafts.map((craft) => (
        <fieldset key={craft.id} className="mb-4 border-t border-ink pt-1">
          <legend className="narrow pr-2 text-[15px] font-semibold">{craft.name}</legend>
          <div className="grid gap-x-6 gap-y-2 sm:grid-cols-3">
            <TextField
              label={t('craft.name')}
              value={craft.name}
              maxLength={60}
              onValueChange={(name) => name.trim() !== '' && put(craft.id, { name })}
            />
            {LENGTHS.map(([key, measure, limits]) => (
              <QuantityField
                key={key}
                label={t(`craft.${key}`)}
                measure={measure}
                value={craft[key]}
                limits={limits}
                onValueChange={(value) => value !== null && put(craft.id, { [key]: value })}
              />
            ))}
            {COUNTS.map(([key, { max }]) => (
              <TextField
                key={key}
                label={t(`craft.${key}`)}
                inputMode="numeric"
                value={String(craft[key])}
                onValueChange={(value) =>
                  /^\d{1,2}$/.test(value) && Number(value) <= max ? put(craft.id, { [key]: Number(value) }) : undefined
                }
              />
            ))}
            {LIMITS.map(([key, measure, limits]) => (
              <QuantityField
                key={key}
                label={t(`craft.${key}`)}
                measure={measure}
                value={craft[key] ?? null}
                limits={limits}
                emptyMeans={t('craft.noLimit')}
                onValueChange={(value) => put(craft.id, { [key]: value === null ? undefined : whole(key, value) })}
              />
            ))}
          </div>
          <button
            type="button"
            onClick={() => onCrafts(crafts.filter(({ id }) => id !== craft.id))}
            className="narrow mt-1 min-h-8 border border-faint px-2 text-[13px] hover:border-ink"
          >
            {t('rules.removeCraft', { name: craft.name })}
          </button>
        </fieldset>
      ))}
      <button
        type="button"
        onClick={() => onCrafts([...crafts, { ...NEW, id: crypto.randomUUID(), name: t('rules.newCraft') }])}
        className="narrow min-h-9 border border-ink px-3"
      >
        {t('rules.addCraft')}
      </button>
    </>
  );
}
