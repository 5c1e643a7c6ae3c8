'use client';

import type { Gear } from '@/core/tackle';
import type { TowedPresentation } from '@/domain/presentation';
import { PRESENTATION_LIMITS as L } from '@/domain/presentation-limits';
import { QuantityField } from '@/features/fields/quantity-field';
import type { Limits } from '@/core/base/guard';
import type { Measure } from '@/core/base/measure';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';

type Change = { readonly gear?: Gear | undefined; readonly lineOutM?: number };

export interface GearFieldsProps {
  readonly presentation: TowedPresentation;
  readonly change: (patch: Change, field: string) => void;
}

const KINDS = ['none', 'downrigger', 'side-planer'] as const;

/** What takes the line down or aside, with its lengths; without gear, the line from the tip. */
export function GearFields({ presentation: { gear, lineOutM }, change }: GearFieldsProps) {
  const { t } = useI18n();
  const figure = (field: string, measure: Measure, value: number, limits: Limits, set: (value: number) => Change) => (
    <QuantityField
      label={t(`presentation.${field}` as 'presentation.leadM')}
      measure={measure}
      value={value}
      limits={limits}
      onValueChange={(next) => next !== null && change(set(next), field)}
    />
  );
  return (
    <>
      <ChoiceField
        label={t('presentation.gear')}
        value={gear?.kind ?? 'none'}
        options={KINDS.map((value) => ({ value, label: t(`gear.${value}`) }))}
        onValueChange={(kind) => change({ gear: kind === 'none' ? undefined : startOf(kind, lineOutM) }, 'gear')}
      />
      {gear === undefined && figure('lineOutM', 'distance', lineOutM, L.lineOutM, (next) => ({ lineOutM: next }))}
      {gear && figure('leadM', 'distance', gear.leadM, L.leadM, (leadM) => ({ gear: { ...gear, leadM } }))}
      {gear?.kind === 'side-planer' &&
        figure('boardM', 'distance', gear.boardM, L.boardM, (boardM) => ({ gear: { ...gear, boardM } }))}
      {gear?.kind === 'downrigger' && (
        <>
          {figure('cableM', 'distance', gear.cableM, L.cableM, (cableM) => ({ gear: { ...gear, cableM } }))}
          {figure('ballKg', 'bodyMass', gear.ballKg, L.ballKg, (ballKg) => ({ gear: { ...gear, ballKg } }))}
          <ChoiceField
            label={t('gear.cableKind')}
            value={gear.cable}
            options={(['steel-cable', 'braid'] as const).map((value) => ({ value, label: t(`word.${value}`) }))}
            onValueChange={(cable) => change({ gear: { ...gear, cable } }, 'cable')}
          />
          {figure('cableDiameterM', 'diameter', gear.cableDiameterM, L.cableDiameterM, (cableDiameterM) => ({
            gear: { ...gear, cableDiameterM },
          }))}
        </>
      )}
    </>
  );
}

/** Gear as it usually is. */
function startOf(kind: Gear['kind'], lineOutM: number): Gear {
  return kind === 'downrigger'
    ? { kind, leadM: 8, cableM: 10, cable: 'steel-cable', cableDiameterM: 0.9e-3, ballKg: 3.6 }
    : { kind, leadM: Math.min(lineOutM, L.leadM.max), boardM: 15 };
}
