import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import { QuantityField } from '@/features/fields/quantity-field';
import { rowsOf, options } from '@/features/fields/choices';
import type { PresentationEdit } from './edit';
import { Caution, Group, Tick } from './group';
import { PRESENTATION_LIMITS as L } from '@/domain/presentation-limits';
import { FISH_HOLDS } from '@/core/tackle/defaults/fight-classes';
import { JudgedFigure } from './judged-figure';
import { COVERS, MOUTHS } from '@/core/tackle/defaults/hookset-classes';

const WEAR = ['teeth', 'gill-plates', 'rock'] as const;

/** The fish that is meant, and what its mouth and its cover ask of the rig. */
export function FishFields({ presentation: p, change }: PresentationEdit) {
  const { t } = useI18n();
  const word = (key: string) => t(`word.${key}` as 'word.lead');
  return (
    <Group title={t('presentation.fish')}>
      <ChoiceField
        label={t('presentation.mouth')}
        value={p.mouth}
        options={options(rowsOf(MOUTHS), (k) => t(`mouth.${k}`))}
        onValueChange={(mouth) => change({ mouth }, 'mouth')}
      />
      <ChoiceField
        label={t('presentation.cover')}
        value={p.cover}
        options={options(rowsOf(COVERS), (k) => t(`cover.${k}`))}
        onValueChange={(cover) => change({ cover }, 'cover')}
      />
      <QuantityField
        label={t('presentation.fishKg')}
        measure="bodyMass"
        value={p.fishKg}
        limits={{ ...L.fishKg, min: 0.01 }}
        emptyMeans={t('presentation.snag')}
        onValueChange={(fishKg) => change({ fishKg }, 'fishKg')}
      />
      <QuantityField
        label={t('presentation.clutchN')}
        measure="force"
        value={p.clutchN}
        limits={L.clutchN}
        emptyMeans={t('presentation.locked')}
        onValueChange={(clutchN) => change({ clutchN }, 'clutchN')}
      />
      {(p.kind === 'cast' || p.held === 'hand') && p.fishKg !== null && (
        <JudgedFigure
          field="fishHoldsS"
          measure="time"
          value={p.fishHoldsS}
          start={FISH_HOLDS.soft.holdsS}
          onValue={(fishHoldsS, f) => change({ fishHoldsS }, f)}
        />
      )}
      <fieldset className="col-span-2">
        <legend className="narrow text-[12px] text-dim">{t('presentation.wear')}</legend>
        <div className="flex flex-wrap gap-x-4">
          {WEAR.map((each) => (
            <Tick
              key={each}
              label={word(each)}
              checked={p.wear.includes(each)}
              onChange={(on) =>
                change({ wear: on ? [...p.wear, each] : p.wear.filter((held) => held !== each) }, 'wear')
              }
            />
          ))}
        </div>
      </fieldset>
      <Caution>{p.craftId ? t('presentation.craftCaution') : t('presentation.handsCaution')}</Caution>
    </Group>
  );
}
