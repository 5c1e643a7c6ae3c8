'use client';

import type { ReactNode } from 'react';
import { bottomUnder } from '@/core/rig';
import type { Craft } from '@/core/tackle';
import { useI18n } from '@/i18n/client';
import type { Scene } from '../scene';
import { extentOf, mostStretch, neededPx, scaleFor } from './column-scale';
import { Handle } from '@/features/fields/handle';
import { useSize } from '@/ui/use-size';
import type { InWater, WaterAction } from '../use-water';
import { LineInWater } from './line';
import { gripBackM } from './grip';
import { LineHandle, HeavyHandle } from './handles';
import { Dimensions, Wanted } from './dimensions';
import { Axes } from './axes';
import { Bottom, shifted, Band, Currents, Arrow } from './water';
import { Hull, Bank } from './craft';

export interface ColumnProps {
  readonly lines: readonly InWater[];
  readonly scene: Scene;
  readonly selected: string;
  readonly onSelect: (id: string) => void;
  readonly dispatch: (action: WaterAction) => void;
  /** depths drawn larger than distances where the picture is flat */
  readonly deeper: boolean;
  /** null: from the bank */
  readonly craft: Craft | null;
  /** fills what a flat picture leaves of the sheet */
  readonly below: ReactNode;
}

const NO_CRAFT_M = 3;
/** Less than this under a flat picture is no room for a table [px]. */
const BELOW_PX = 190;

/** The water from the side: boat or bank, rod, line, lure, bottom, temperature and current, with handles on what can be changed. */
export function Column({ lines, scene, selected, onSelect, dispatch, deeper, craft, below }: ColumnProps) {
  const { t, format } = useI18n();
  const { ref: box, width, height: sheetPx } = useSize<HTMLDivElement>({ width: 860, height: 520 });
  const extent = extentOf(
    lines,
    Math.max(0, ...scene.bottom.map(({ depthM }) => depthM)),
    craft ? Math.min(craft.lengthM, 8) + 1 : NO_CRAFT_M,
  );
  const stretch = deeper ? mostStretch(extent, width, sheetPx) : 1;
  const height =
    sheetPx - neededPx(extent, width, sheetPx, stretch) > BELOW_PX
      ? neededPx(extent, width, sheetPx, stretch)
      : sheetPx;
  const scale = scaleFor(extent, width, height, stretch);
  const { x, y } = scale;
  const main = lines.find(({ id }) => id === selected) ?? lines[0];
  const at = lines.flatMap(({ run }) => (run ? [run.running] : []))[0];
  const speed = main?.setup.presentation.speedMps ?? 0;
  return (
    <div
      ref={box}
      className="relative min-h-0 overflow-hidden border border-ink bg-sheet max-lg:h-[24rem]"
      data-state={lines.some(({ waiting }) => waiting) ? 'waiting' : 'ready'}
      data-testid="column"
    >
      <svg
        viewBox={`0 0 ${width} ${height}`}
        width={width}
        height={height}
        className="column block select-none"
        aria-label={t('water.picture')}
        role="group"
      >
        <Band scene={scene} scale={scale} right={width} />
        <Axes extent={extent} scale={scale} width={width} height={height} />
        <Bottom profile={scene.bottom} scale={scale} width={width} height={height} rightM={extent.rightM * 1.2} />
        <path d={`M${x(extent.leftM)},${y(0)}H${width}`} className="pen-surface" />
        {craft ? (
          <Hull craft={craft} scale={scale} sternM={at ? -gripBackM(main!, at) + 0.3 : -0.5} />
        ) : (
          <Bank scale={scale} edgeM={at ? -gripBackM(main!, at) + 0.2 : -0.6} leftM={extent.leftM} height={height} />
        )}
        {lines.map((line, i) => (
          <LineInWater
            key={line.id}
            line={line}
            index={i}
            scale={scale}
            selected={line.id === main?.id}
            onSelect={() => onSelect(line.id)}
          />
        ))}
        {main?.setup.presentation.kind === 'towed' && (
          <Wanted band={main.setup.presentation.wanted.depth} scale={scale} width={width} />
        )}
        {main?.run && <Dimensions running={main.run.running} scale={scale} width={width} />}
        <Currents scene={scene} scale={scale} dispatch={dispatch} />
        {main?.setup.presentation.kind === 'towed' && (
          <>
            <Arrow from={[x(extent.leftM) + 6 + 34, y(0) - 14]} to={[x(extent.leftM) + 6, y(0) - 14]} />
            <Handle
              label={t('water.speed')}
              x={x(extent.leftM) + 46}
              y={y(0) - 14}
              value={speed}
              text={format(speed, 'speed')}
              min={0.1}
              max={6}
              step={0.05}
              perPx={-0.01}
              axis="x"
              onValue={(speedMps) => dispatch({ kind: 'scene', change: { speedMps } })}
            />
            {main.run && main.run.running.behindM !== null && (
              <HeavyHandle line={main} running={main.run.running} scale={scale} dispatch={dispatch} />
            )}
            {main.run && main.run.running.behindM !== null && (
              <LineHandle line={main} running={main.run.running} scale={scale} dispatch={dispatch} />
            )}
          </>
        )}
        {scene.bottom.length > 0 && (
          <Handle
            label={t('water.bottom')}
            x={width - 22}
            y={Math.min(height - 12, y(bottomUnder(scene.bottom, extent.rightM)!))}
            value={Math.max(...scene.bottom.map(({ depthM }) => depthM))}
            text={format(Math.max(...scene.bottom.map(({ depthM }) => depthM)), 'depth')}
            min={0.5}
            max={300}
            step={0.5}
            perPx={1 / (scale.perM * scale.stretch)}
            axis="y"
            onValue={(to) => dispatch({ kind: 'scene', change: { bottom: shifted(scene.bottom, to) } })}
          />
        )}
      </svg>
      <p className="narrow absolute left-2 text-[12px] text-dim" style={{ top: height - 18 }} role="note">
        {scale.stretch === 1 ? t('water.toScale') : t('water.stretched', { times: scale.stretch })}
      </p>
      {height < sheetPx && (
        <div
          className="absolute inset-x-0 bottom-0 overflow-auto border-t border-ink px-3 py-1"
          style={{ top: height + 1 }}
          tabIndex={0}
          role="group"
          aria-label={t('water.figures')}
        >
          {below}
        </div>
      )}
    </div>
  );
}
