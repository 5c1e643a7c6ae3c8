import { useI18n } from '@/i18n/client';
import { FigureField } from './figure-field';
import { type PresentationEdit } from './edit';
import { Group } from './group';
import { WATER_LIMITS } from '@/core/water';

/** The water as it is measured; a density that a file gave stands for temperature and salt. */
export function WaterFields({ presentation: p, change }: PresentationEdit) {
  const { t } = useI18n();
  const conditions = 'temperatureC' in p.water ? p.water : { temperatureC: 10, salinity: 0 };
  return (
    <Group title={t('presentation.water')}>
      <FigureField
        field="temperatureC"
        measure="temperature"
        value={conditions.temperatureC}
        limits={WATER_LIMITS.temperatureC}
        onFigure={(temperatureC, f) => change({ water: { ...conditions, temperatureC } }, f)}
      />
      <FigureField
        field="salinity"
        measure="salinity"
        value={conditions.salinity}
        limits={WATER_LIMITS.salinity}
        onFigure={(salinity, f) => change({ water: { ...conditions, salinity } }, f)}
      />
      <FigureField
        field="currentMps"
        measure="speed"
        value={p.currentMps}
        onFigure={(currentMps, f) => change({ currentMps }, f)}
      />
      {!('temperatureC' in p.water) && (
        <p className="semi-narrow col-span-2 text-[12px] text-dim">{t('presentation.densityNote')}</p>
      )}
    </Group>
  );
}
