'use client';

import { useState } from 'react';
import { fitCurrent, groundSpeedFor, speedThroughWater, type CurrentRun } from '@/core/water';
import { saveText } from '@/features/fields/save-text';
import { useI18n } from '@/i18n/client';
import { CURRENT_TABLE, writeTable } from '../scene';
import { Answers, Fields, Figure, Note, Press } from '@/features/fields/sheet';
import type { ToolProps } from './parts';
import { TableFile } from './table-file';

const DEGREE = Math.PI / 180;
const FIRST_RUNS: readonly CurrentRun[] = [
  { sogMps: 1.35, cogRad: 0, headingRad: 0, probeMps: 1.1 },
  { sogMps: 0.9, cogRad: Math.PI, headingRad: Math.PI, probeMps: 1.1 },
];

/** Current that differs with depth: layers by hand or file, one found from runs with a sensor, and what it asks of the boat. */
export function CurrentTool({ main, scene, dispatch }: ToolProps) {
  const { t, format, number } = useI18n();
  const [runs, setRuns] = useState<readonly CurrentRun[]>(FIRST_RUNS);
  const [courseRad, setCourse] = useState(0);
  const [wantedMps, setWanted] = useState(main.setup.presentation.speedMps || 1);
  const fit = fitCurrent({ runs });
  const layers = scene.layers;
  const put = (next: typeof layers) =>
    dispatch({ kind: 'scene', change: { layers: next.toSorted((a, b) => a.depthM - b.depthM) } });
  const set = { currentMps: fit.currentMps ?? 0, currentTowardRad: fit.currentTowardRad ?? 0 };
  const sogMps = groundSpeedFor({ wantedMps, courseRad, ...set });
  const running = main.run?.running;
  return (
    <>
      <h3 className="narrow text-[14px] font-semibold">{t('water.current.layers')}</h3>
      <Note>{t('water.current.layersNote')}</Note>
      {layers.map((layer, i) => (
        <div key={i} className="flex items-end gap-4">
          <Figure
            label={t('water.depth')}
            measure="depth"
            value={layer.depthM}
            limits={{ min: (layers[i - 1]?.depthM ?? -0.1) + 0.1, max: (layers[i + 1]?.depthM ?? 300.1) - 0.1 }}
            onValue={(depthM) => put(layers.map((each, k) => (k === i ? { ...each, depthM } : each)))}
          />
          <Figure
            label={t('water.current.along')}
            measure="speed"
            value={layer.alongMps}
            limits={{ min: -5, max: 5 }}
            onValue={(alongMps) => put(layers.map((each, k) => (k === i ? { ...each, alongMps } : each)))}
          />
          <Press onPress={() => put(layers.filter((_, k) => k !== i))}>{t('water.current.remove')}</Press>
        </div>
      ))}
      <p className="my-1 flex flex-wrap gap-2">
        <Press
          onPress={() =>
            put([
              ...layers,
              layers.length === 0
                ? { depthM: 0, alongMps: 0 }
                : { depthM: layers.at(-1)!.depthM + 3, alongMps: layers.at(-1)!.alongMps },
            ])
          }
        >
          {t('water.current.add')}
        </Press>
        {layers.length > 0 && (
          <Press onPress={() => saveText('current.csv', 'text/csv', writeTable(CURRENT_TABLE, layers))}>
            {t('water.table.save')}
          </Press>
        )}
      </p>
      <TableFile kind={CURRENT_TABLE} label={t('water.current.file')} onRows={put} />
      {running && layers.length > 0 && (
        <Answers
          rows={[
            [t('water.current.lure'), format(running.lureMps, 'speed'), 'lure-speed'],
            [t('water.current.boat'), format(running.sogMps, 'speed')],
          ]}
        />
      )}

      <h3 className="narrow mt-3 text-[14px] font-semibold">{t('water.current.runs')}</h3>
      <Note>{t('water.current.runsNote')}</Note>
      {runs.map((run, i) => (
        <div key={i} className="grid grid-cols-[repeat(4,minmax(0,1fr))_auto] items-end gap-3">
          <Figure
            label={t('water.current.sog')}
            measure="speed"
            value={run.sogMps}
            limits={{ min: 0, max: 30 }}
            onValue={(sog) => setRuns(runs.map((each, k) => (k === i ? { ...each, sogMps: sog } : each)))}
          />
          <Figure
            label={t('water.current.cog')}
            measure="angle"
            value={run.cogRad}
            limits={{ min: 0, max: 360 * DEGREE }}
            onValue={(cogRad) => setRuns(runs.map((each, k) => (k === i ? { ...each, cogRad } : each)))}
          />
          <Figure
            label={t('water.current.heading')}
            measure="angle"
            value={run.headingRad}
            limits={{ min: 0, max: 360 * DEGREE }}
            onValue={(headingRad) => setRuns(runs.map((each, k) => (k === i ? { ...each, headingRad } : each)))}
          />
          <Figure
            label={t('water.current.probe')}
            measure="speed"
            value={run.probeMps}
            limits={{ min: 0, max: 30 }}
            onValue={(probeMps) => setRuns(runs.map((each, k) => (k === i ? { ...each, probeMps } : each)))}
          />
          <Press onPress={() => setRuns(runs.length > 1 ? runs.filter((_, k) => k !== i) : runs)}>
            {t('water.current.remove')}
          </Press>
        </div>
      ))}
      <p className="my-1">
        <Press
          onPress={() =>
            setRuns([
              ...runs,
              {
                ...runs.at(-1)!,
                headingRad: (runs.at(-1)!.headingRad + Math.PI / 2) % (2 * Math.PI),
                cogRad: (runs.at(-1)!.cogRad + Math.PI / 2) % (2 * Math.PI),
              },
            ])
          }
        >
          {t('water.current.addRun')}
        </Press>
      </p>
      {fit.outcome === 'not-determined' ? (
        <p className="font-semibold">{t('water.current.notDetermined')}</p>
      ) : (
        <>
          <Answers
            rows={[
              [
                t('water.current.is'),
                t('water.current.toward', {
                  speed: format(fit.currentMps, 'speed'),
                  angle: format(fit.currentTowardRad, 'angle'),
                }),
                'current-fit',
              ],
              [
                t('water.current.scale'),
                `${number(fit.scale!, 2)} × ${fit.offsetMps === 0 ? '' : `+ ${format(fit.offsetMps, 'speed')}`}`,
              ],
              [t('water.current.residual'), format(fit.residualMps, 'speed')],
            ]}
          />
          <Fields>
            <Figure
              label={t('water.current.wanted')}
              measure="speed"
              value={wantedMps}
              limits={{ min: 0.05, max: 6 }}
              onValue={setWanted}
            />
            <Figure
              label={t('water.current.course')}
              measure="angle"
              value={courseRad}
              limits={{ min: 0, max: 360 * DEGREE }}
              onValue={setCourse}
            />
          </Fields>
          <p data-testid="make-good" className="text-[15px]">
            {sogMps === null
              ? t('water.current.cannot')
              : t('water.current.make', {
                  wanted: format(wantedMps, 'speed'),
                  sog: format(sogMps, 'speed'),
                  course: format(courseRad, 'angle'),
                })}
          </p>
          {sogMps !== null && (
            <Note>
              {t('water.current.check', { speed: format(speedThroughWater({ sogMps, courseRad, ...set }), 'speed') })}
            </Note>
          )}
          <Press
            onPress={() =>
              put([
                { depthM: 0, alongMps: 0 },
                {
                  depthM: Math.max(1, main.setup.presentation.depthM),
                  alongMps: set.currentMps * Math.cos(set.currentTowardRad - courseRad),
                },
              ])
            }
          >
            {t('water.current.take')}
          </Press>
        </>
      )}
    </>
  );
}
