import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import { QuantityField } from '@/features/fields/quantity-field';
import { FigureField } from './figure-field';
import { rowsOf, options } from '@/features/fields/choices';
import type { PresentationEdit } from './edit';
import { Caution, Group, Tick } from './group';
import { PRESENTATION_LIMITS as L } from '@/domain/presentation-limits';
import { FOULING } from '@/core/tackle/defaults/tow-classes';
import { CAST_STYLES } from '@/core/tackle/defaults/cast-styles';
import type { House } from '@/domain/house';
import { TOWED_WAYS } from '@/domain/presentation';
import { presentationOf } from '@/domain/start-setup';
import { GearFields } from './gear-fields';

const WAYS = ['cast', ...TOWED_WAYS] as const;

/** Cast or towed, how far and how deep, and where one stands. */
export function WayFields({
  presentation: p,
  present,
  change,
  house: { crafts, schools },
}: PresentationEdit & { readonly house: House }) {
  const { t } = useI18n();
  const word = (key: string) => t(`word.${key}` as 'word.lead');
  return (
    <Group title={t('presentation.cast')}>
      <ChoiceField
        label={t('presentation.fished')}
        value={p.kind === 'cast' ? 'cast' : p.way}
        options={options(WAYS, (way) => (way === 'cast' ? t('presentation.way-cast') : word(way)))}
        onValueChange={(way) => present(presentationOf(way, p), 'fished')}
      />
      {p.kind === 'cast' ? (
        <>
          <ChoiceField
            label={t('presentation.castStyle')}
            value={p.castStyle}
            options={options(rowsOf(CAST_STYLES), (k) => t(`style.${k}`))}
            onValueChange={(castStyle) => change({ castStyle }, 'castStyle')}
          />
          <FigureField
            field="distanceM"
            measure="distance"
            value={p.distanceM}
            onFigure={(distanceM, f) => change({ distanceM }, f)}
          />
        </>
      ) : (
        <>
          <ChoiceField
            label={t('presentation.held')}
            value={p.held}
            options={options(['holder', 'hand'] as const, word)}
            onValueChange={(held) => change({ held }, 'held')}
          />
          {p.held === 'holder' && (
            <QuantityField
              label={t('presentation.holderRad')}
              measure="angle"
              value={p.holderRad ?? null}
              limits={L.holderRad}
              emptyMeans={t('presentation.holderOfCraft')}
              onValueChange={(holderRad) => change({ holderRad: holderRad ?? undefined }, 'holderRad')}
            />
          )}
          <GearFields presentation={p} schools={schools} change={change} />
          <QuantityField
            label={t('presentation.bottomM')}
            measure="depth"
            value={p.bottomM ?? null}
            limits={L.bottomM}
            emptyMeans={t('presentation.deeper')}
            onValueChange={(bottomM) => change({ bottomM: bottomM ?? undefined }, 'bottomM')}
          />
          <ChoiceField
            label={t('presentation.fouling')}
            value={p.fouling ?? 'none'}
            options={options(rowsOf(FOULING), (k) => t(`fouling.${k}`))}
            onValueChange={(fouling) => change({ fouling: fouling === 'none' ? undefined : fouling }, 'fouling')}
          />
          {p.way === 'dropped' && (
            <QuantityField
              label={t('presentation.workedMps')}
              measure="speed"
              value={p.workedMps ?? null}
              limits={L.workedMps}
              emptyMeans={t('presentation.lifted')}
              onValueChange={(workedMps) => change({ workedMps: workedMps ?? undefined }, 'workedMps')}
            />
          )}
        </>
      )}
      <FigureField field="depthM" measure="depth" value={p.depthM} onFigure={(depthM, f) => change({ depthM }, f)} />
      <FigureField
        field="speedMps"
        measure="speed"
        value={p.speedMps}
        onFigure={(speedMps, f) => change({ speedMps }, f)}
      />
      <FigureField
        field="handHeightM"
        measure="depth"
        value={p.handHeightM}
        onFigure={(handHeightM, f) => change({ handHeightM }, f)}
      />
      <ChoiceField
        label={t('presentation.craft')}
        value={p.craftId ?? ''}
        options={[
          { value: '', label: t('presentation.bank') },
          ...crafts.map(({ id, name }) => ({ value: id, label: name })),
        ]}
        onValueChange={(id) => change({ craftId: id === '' ? null : id }, 'craftId')}
      />
      <ChoiceField
        label={t('presentation.stance')}
        value={p.stance}
        options={options(['standing', 'seated', 'wading'] as const, word)}
        onValueChange={(stance) => change({ stance }, 'stance')}
      />
      <ChoiceField
        label={t('presentation.rodWorked')}
        value={p.rodWorked}
        options={options(['up', 'level', 'down'] as const, word)}
        onValueChange={(rodWorked) => change({ rodWorked }, 'rodWorked')}
      />
      <Tick
        label={t('presentation.boatsideTurn')}
        checked={p.boatsideTurn}
        onChange={(boatsideTurn) => change({ boatsideTurn }, 'boatsideTurn')}
      />
      <Caution>{t('presentation.weatherCaution')}</Caution>
    </Group>
  );
}
