'use client';

import { saveText } from '@/features/fields/save-text';
import { useI18n } from '@/i18n/client';
import { BOTTOM_TABLE, bandDepths, TEMPERATURE_TABLE, writeTable } from '../scene';
import { Fields, Figure, Note, Press } from '@/features/fields/sheet';
import type { ToolProps } from './parts';
import { TableFile } from './table-file';

/** The bottom behind the boat and the water's temperature by depth, by hand or as files. */
export function ProfileTool({ scene, dispatch }: ToolProps) {
  const { t, format } = useI18n();
  const { bottom, temperatures, bandC } = scene;
  const change = (next: Partial<typeof scene>) => dispatch({ kind: 'scene', change: next });
  const bands = bandC ? bandDepths(temperatures, bandC) : [];
  return (
    <>
      <h3 className="narrow text-[14px] font-semibold">{t('water.bottom')}</h3>
      {bottom.map((point, i) => (
        <div key={i} className="flex items-end gap-4">
          <Figure
            label={t('water.profile.behind')}
            measure="distance"
            value={point.behindM}
            limits={{ min: (bottom[i - 1]?.behindM ?? -0.1) + 0.1, max: (bottom[i + 1]?.behindM ?? 2000.1) - 0.1 }}
            onValue={(behindM) => change({ bottom: bottom.map((each, k) => (k === i ? { ...each, behindM } : each)) })}
          />
          <Figure
            label={t('water.depth')}
            measure="depth"
            value={point.depthM}
            limits={{ min: 0.3, max: 300 }}
            onValue={(depthM) => change({ bottom: bottom.map((each, k) => (k === i ? { ...each, depthM } : each)) })}
          />
          <Press onPress={() => change({ bottom: bottom.filter((_, k) => k !== i) })}>
            {t('water.current.remove')}
          </Press>
        </div>
      ))}
      <p className="my-1 flex flex-wrap gap-2">
        <Press
          onPress={() =>
            change({
              bottom: [
                ...bottom,
                bottom.length === 0
                  ? { behindM: 0, depthM: 10 }
                  : { behindM: bottom.at(-1)!.behindM + 20, depthM: bottom.at(-1)!.depthM },
              ],
            })
          }
        >
          {t('water.profile.addPoint')}
        </Press>
        {bottom.length > 0 && (
          <Press onPress={() => saveText('bottom.csv', 'text/csv', writeTable(BOTTOM_TABLE, bottom))}>
            {t('water.table.save')}
          </Press>
        )}
      </p>
      <TableFile
        kind={BOTTOM_TABLE}
        label={t('water.profile.bottomFile')}
        onRows={(rows) => change({ bottom: rows })}
      />

      <h3 className="narrow mt-3 text-[14px] font-semibold">{t('water.profile.temperature')}</h3>
      {temperatures.map((reading, i) => (
        <div key={i} className="flex items-end gap-4">
          <Figure
            label={t('water.depth')}
            measure="depth"
            value={reading.depthM}
            limits={{ min: 0, max: 300 }}
            onValue={(depthM) =>
              change({ temperatures: temperatures.map((each, k) => (k === i ? { ...each, depthM } : each)) })
            }
          />
          <Figure
            label={t('presentation.temperatureC')}
            measure="temperature"
            value={reading.temperatureC}
            limits={{ min: -2, max: 40 }}
            onValue={(temperatureC) =>
              change({ temperatures: temperatures.map((each, k) => (k === i ? { ...each, temperatureC } : each)) })
            }
          />
          <Press onPress={() => change({ temperatures: temperatures.filter((_, k) => k !== i) })}>
            {t('water.current.remove')}
          </Press>
        </div>
      ))}
      <p className="my-1 flex flex-wrap gap-2">
        <Press
          onPress={() =>
            change({
              temperatures: [
                ...temperatures,
                temperatures.length === 0
                  ? { depthM: 0, temperatureC: 12 }
                  : { depthM: temperatures.at(-1)!.depthM + 4, temperatureC: temperatures.at(-1)!.temperatureC - 2 },
              ],
            })
          }
        >
          {t('water.profile.addReading')}
        </Press>
        {temperatures.length > 0 && (
          <Press onPress={() => saveText('temperature.csv', 'text/csv', writeTable(TEMPERATURE_TABLE, temperatures))}>
            {t('water.table.save')}
          </Press>
        )}
      </p>
      <TableFile
        kind={TEMPERATURE_TABLE}
        label={t('water.profile.temperatureFile')}
        onRows={(rows) => change({ temperatures: rows })}
      />
      <Fields>
        <Figure
          label={t('water.profile.bandFrom')}
          measure="temperature"
          value={bandC?.fromC ?? 6}
          limits={{ min: -2, max: bandC?.toC ?? 40 }}
          onValue={(fromC) => change({ bandC: { fromC, toC: bandC?.toC ?? 10 } })}
        />
        <Figure
          label={t('water.profile.bandTo')}
          measure="temperature"
          value={bandC?.toC ?? 10}
          limits={{ min: bandC?.fromC ?? -2, max: 40 }}
          onValue={(toC) => change({ bandC: { fromC: bandC?.fromC ?? 6, toC } })}
        />
      </Fields>
      <Note>
        {bands.length === 0
          ? t('water.profile.noBand')
          : t('water.profile.bandIs', {
              bands: bands
                .map(({ fromM, toM }) => t('range.from', { lo: format(fromM, 'depth'), hi: format(toM, 'depth') }))
                .join(', '),
            })}
      </Note>
    </>
  );
}
