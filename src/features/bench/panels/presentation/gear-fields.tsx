'use client';

import type { Gear } from '@/core/tackle';
import type { TowedPresentation } from '@/domain/presentation';
import type { House } from '@/domain/house';
import { startGear } from '@/domain/start-setup';
import { FigureField } from './figure-field';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';

type Change = { readonly gear?: Gear | undefined; readonly lineOutM?: number };

export interface GearFieldsProps {
  readonly presentation: TowedPresentation;
  readonly schools: House['schools'];
  readonly change: (patch: Change, field: string) => void;
}

const KINDS = ['none', 'downrigger', 'side-planer'] as const;

/** What takes the line down or aside, with its lengths; without gear, the line from the tip. */
export function GearFields({ presentation: { gear, lineOutM }, schools, change }: GearFieldsProps) {
  const { t } = useI18n();
  return (
    <>
      <ChoiceField
        label={t('presentation.gear')}
        value={gear?.kind ?? 'none'}
        options={KINDS.map((value) => ({ value, label: t(`gear.${value}`) }))}
        onValueChange={(kind) =>
          change({ gear: kind === 'none' ? undefined : startGear(kind, lineOutM, schools) }, 'gear')
        }
      />
      {gear === undefined && (
        <FigureField
          field="lineOutM"
          measure="distance"
          value={lineOutM}
          onFigure={(next, f) => change({ lineOutM: next }, f)}
        />
      )}
      {gear && (
        <FigureField
          field="leadM"
          measure="distance"
          value={gear.leadM}
          onFigure={(leadM, f) => change({ gear: { ...gear, leadM } }, f)}
        />
      )}
      {gear?.kind === 'side-planer' && (
        <FigureField
          field="boardM"
          measure="distance"
          value={gear.boardM}
          onFigure={(boardM, f) => change({ gear: { ...gear, boardM } }, f)}
        />
      )}
      {gear?.kind === 'downrigger' && (
        <>
          <FigureField
            field="cableM"
            measure="distance"
            value={gear.cableM}
            onFigure={(cableM, f) => change({ gear: { ...gear, cableM } }, f)}
          />
          <FigureField
            field="ballKg"
            measure="bodyMass"
            value={gear.ballKg}
            onFigure={(ballKg, f) => change({ gear: { ...gear, ballKg } }, f)}
          />
          <ChoiceField
            label={t('gear.cableKind')}
            value={gear.cable}
            options={(['steel-cable', 'braid'] as const).map((value) => ({ value, label: t(`word.${value}`) }))}
            onValueChange={(cable) => change({ gear: { ...gear, cable } }, 'cable')}
          />
          <FigureField
            field="cableDiameterM"
            measure="diameter"
            value={gear.cableDiameterM}
            onFigure={(cableDiameterM, f) => change({ gear: { ...gear, cableDiameterM } }, f)}
          />
        </>
      )}
    </>
  );
}
