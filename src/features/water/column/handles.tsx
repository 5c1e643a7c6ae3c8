import type { Running } from '@/core/rig';
import { PRESENTATION_LIMITS } from '@/domain/presentation-limits';
import { useI18n } from '@/i18n/client';
import { heavyOf, lineOf } from '../scene';
import type { ColumnScale } from './column-scale';
import { Handle } from '@/features/fields/handle';
import type { InWater, WaterAction } from '../use-water';

interface HandleOfLineProps {
  readonly line: InWater;
  readonly running: Running;
  readonly scale: ColumnScale;
  readonly dispatch: (action: WaterAction) => void;
}

export function LineHandle({ line, running, scale, dispatch }: HandleOfLineProps) {
  const { t, format } = useI18n();
  const { presentation } = line.setup;
  if (presentation.kind !== 'towed') return null;
  const lineM = lineOf(presentation);
  const limits = presentation.gear ? PRESENTATION_LIMITS.leadM : PRESENTATION_LIMITS.lineOutM;
  return (
    <Handle
      label={t('water.line')}
      x={scale.x(running.behindM!)}
      y={scale.y(running.depthM ?? 0)}
      value={lineM}
      text={format(lineM, 'distance')}
      min={limits.min}
      max={limits.max}
      step={0.5}
      perPx={1 / scale.perM}
      axis="x"
      onValue={(next) => dispatch({ kind: 'own', id: line.id, change: { lineM: next } })}
    />
  );
}

/** Dragged up and down, the weight or the ball grows lighter and heavier by what it was. */
export function HeavyHandle({ line, running, scale, dispatch }: HandleOfLineProps) {
  const { t, format } = useI18n();
  const heavy = heavyOf(line.setup);
  const asIs = heavyOf(line.file);
  if (!heavy || !asIs) return null;
  const [x, y] =
    heavy.kind === 'ball' && running.release
      ? [scale.x(running.release.behindM), scale.y(running.release.depthM) + 22]
      : [scale.x(running.behindM!) - 18, scale.y(running.depthM ?? 0) + 22];
  return (
    <Handle
      label={t(heavy.kind === 'ball' ? 'water.release.ball' : 'water.heavy')}
      x={x}
      y={y}
      value={heavy.massKg}
      text={format(heavy.massKg, heavy.kind === 'ball' ? 'bodyMass' : 'mass')}
      min={asIs.massKg / 10}
      max={asIs.massKg * 10}
      step={asIs.massKg / 20}
      perPx={asIs.massKg / 60}
      axis="y"
      onValue={(massKg) => dispatch({ kind: 'own', id: line.id, change: { massKg } })}
    />
  );
}
