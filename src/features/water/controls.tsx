'use client';

import type { Measure } from '@/core/base/measure';
import { useI18n } from '@/i18n/client';
import { Figure } from '@/features/fields/sheet';
import { heavyOf, lineOf, type Scene } from './scene';
import type { InWater, WaterAction } from './use-water';
import { Slider } from '@/ui/slider';

export interface ControlsProps {
  readonly line: InWater;
  readonly scene: Scene;
  readonly dispatch: (action: WaterAction) => void;
}

/** What can be changed of the water and of the setup in view: each a figure and a slider. */
export function Controls({ line, scene, dispatch }: ControlsProps) {
  const { t } = useI18n();
  const { presentation } = line.setup;
  const heavy = heavyOf(line.setup);
  const deepest = scene.bottom.length === 0 ? null : Math.max(...scene.bottom.map(({ depthM }) => depthM));
  const isTowed = presentation.kind === 'towed';
  return (
    <fieldset className="border border-ink bg-sheet px-2.5 pb-1.5">
      <legend className="narrow px-1 text-[13px] font-semibold">{t('water.hold')}</legend>
      {isTowed && (
        <Held
          label={t('water.speed')}
          measure="speed"
          value={presentation.speedMps}
          from={0}
          to={Math.max(3, presentation.speedMps)}
          step={0.01}
          onValue={(speedMps) => dispatch({ kind: 'scene', change: { speedMps } })}
        />
      )}
      {isTowed && (
        <Held
          label={t(presentation.gear ? 'water.lead' : 'water.line')}
          measure="distance"
          value={lineOf(presentation)}
          from={0.5}
          to={Math.max(100, lineOf(presentation))}
          step={0.1}
          onValue={(lineM) => dispatch({ kind: 'own', id: line.id, change: { lineM } })}
        />
      )}
      {heavy && (
        <Held
          label={t(heavy.kind === 'ball' ? 'water.release.ball' : 'water.heavy')}
          measure={heavy.kind === 'ball' ? 'bodyMass' : 'mass'}
          value={heavy.massKg}
          from={heavy.kind === 'ball' ? 0.5 : 0.001}
          to={heavy.kind === 'ball' ? 8 : Math.max(0.15, heavy.massKg)}
          step={heavy.kind === 'ball' ? 0.05 : 0.0005}
          onValue={(massKg) => dispatch({ kind: 'own', id: line.id, change: { massKg } })}
        />
      )}
      {deepest !== null && (
        <Held
          label={t('water.bottom')}
          measure="depth"
          value={deepest}
          from={0.5}
          to={Math.max(50, deepest)}
          step={0.1}
          onValue={(to) =>
            dispatch({
              kind: 'scene',
              change: {
                bottom: scene.bottom.map((point) => ({ ...point, depthM: Math.max(0.3, point.depthM + to - deepest) })),
              },
            })
          }
        />
      )}
    </fieldset>
  );
}

function Held({
  label,
  measure,
  value,
  from,
  to,
  step,
  onValue,
}: {
  readonly label: string;
  readonly measure: Measure;
  readonly value: number;
  readonly from: number;
  readonly to: number;
  readonly step: number;
  readonly onValue: (value: number) => void;
}) {
  const { format } = useI18n();
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_88px] items-end gap-2">
      <Slider
        label={label}
        text={format(value, measure)}
        min={from}
        max={to}
        step={step}
        value={value}
        onValue={onValue}
      />
      <Figure
        label={label}
        measure={measure}
        value={value}
        limits={{ min: from === 0 ? 0 : Math.min(from, 0.05), max: 10 * to }}
        onValue={onValue}
      />
    </div>
  );
}
