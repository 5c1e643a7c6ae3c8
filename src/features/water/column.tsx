'use client';

import { type ReactNode } from 'react';
import { bottomUnder, type BottomProfile, type Running } from '@/core/rig';
import type { Craft } from '@/core/tackle';
import { PRESENTATION_LIMITS } from '@/domain/presentation-limits';
import { useI18n } from '@/i18n/client';
import { bandDepths, heavyOf, lineOf, type Scene } from './scene';
import { extentOf, mostStretch, neededPx, roundStep, scaleFor, type ColumnScale } from './column-scale';
import { Handle } from './handle';
import { useSize } from '@/ui/use-size';
import type { InWater, WaterAction } from './use-water';

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

/** Lines in one picture are told apart by their stroke, never by colour alone. */
export const STROKES = ['', '7 3', '2 2.5', '9 3 2 3'] as const;
const NO_CRAFT_M = 3;
/** Less than this under a flat picture is no room for a table [px]. */
const BELOW_PX = 190;
/** A line of text takes so much of the picture. */
const LABEL_PX = 15;
/** The note on the scale stands at the left of the axis [px]. */
const NOTE_PX = 215;
/** The longest label of an angle [px]. */
const LABEL_WIDTH_PX = 235;

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

/** How far ahead of the tip the hands are: the rod's reach along the water. */
function gripBackM({ setup }: InWater, { tipHeightM }: Running): number {
  const rod = setup.parts.find((part) => part.kind === 'rod');
  const length = rod?.kind === 'rod' ? rod.lengthM.value : 2;
  const rise = Math.max(-length, Math.min(length, tipHeightM - setup.presentation.handHeightM));
  return Math.sqrt(Math.max(0.1, length ** 2 - rise ** 2));
}

/** The whole bottom moved so that its deepest point lies there. */
function shifted(profile: BottomProfile, deepestM: number): BottomProfile {
  const by = deepestM - Math.max(...profile.map(({ depthM }) => depthM));
  return profile.map(({ behindM, depthM }) => ({ behindM, depthM: Math.max(0.3, depthM + by) }));
}

function LineHandle({
  line,
  running,
  scale,
  dispatch,
}: {
  readonly line: InWater;
  readonly running: Running;
  readonly scale: ColumnScale;
  readonly dispatch: (action: WaterAction) => void;
}) {
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
function HeavyHandle({
  line,
  running,
  scale,
  dispatch,
}: {
  readonly line: InWater;
  readonly running: Running;
  readonly scale: ColumnScale;
  readonly dispatch: (action: WaterAction) => void;
}) {
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

function LineInWater({
  line,
  index,
  scale: { x, y },
  selected,
  onSelect,
}: {
  readonly line: InWater;
  readonly index: number;
  readonly scale: ColumnScale;
  readonly selected: boolean;
  readonly onSelect: () => void;
}) {
  const path = (points: readonly (readonly [number, number])[]) =>
    points.map(([px, pz], i) => `${i === 0 ? 'M' : 'L'}${x(px).toFixed(1)},${y(pz).toFixed(1)}`).join('');
  const stroke = STROKES[index % STROKES.length];
  const pen = selected ? 'pen-towed-on' : 'pen-towed';
  if (line.run) {
    const { running } = line.run;
    const end = running.shape.at(-1)!;
    const rodFrom: readonly [number, number] = [-gripBackM(line, running), -line.setup.presentation.handHeightM];
    return (
      <g
        data-line={line.id}
        data-outcome={running.outcome}
        data-depth={running.depthM ?? ''}
        data-behind={running.behindM ?? ''}
        onClick={onSelect}
        className="cursor-pointer"
      >
        <path d={path([rodFrom, [0, -running.tipHeightM]])} className="pen-rod" />
        {running.release && (
          <path
            d={path([
              [0, -running.tipHeightM],
              [running.release.behindM, running.release.depthM],
            ])}
            className="pen-towed"
            strokeDasharray="1 3"
          />
        )}
        {running.release?.cable && (
          <>
            <path d={path(running.release.cable.shape)} className="pen-cable" />
            <circle cx={x(running.release.behindM)} cy={y(running.release.depthM) + 5} r={5} className="pen-ball" />
          </>
        )}
        {running.release && !running.release.cable && (
          <path d={`M${x(running.release.behindM) - 7},${y(0) - 4}h14l-3,7h-9z`} className="pen-ball" />
        )}
        <path d={path(running.shape)} className={pen} strokeDasharray={stroke} />
        <path d={`M${x(end[0])},${y(end[1])}l9,-3v6z`} className="pen-lure" />
        <Balloon x={x(end[0]) + 20} y={y(end[1])} text={String(index + 1)} on={selected} />
      </g>
    );
  }
  if (line.fall && line.setup.presentation.kind === 'cast')
    return <Fall line={line} index={index} scale={{ x, y }} selected={selected} onSelect={onSelect} />;
  return null;
}

/** A cast rig: straight down on slack line with its seconds, and the arc of a tight one. */
function Fall({
  line,
  index,
  scale: { x, y },
  selected,
  onSelect,
}: {
  readonly line: InWater;
  readonly index: number;
  readonly scale: Pick<ColumnScale, 'x' | 'y'>;
  readonly selected: boolean;
  readonly onSelect: () => void;
}) {
  const { format } = useI18n();
  const { presentation } = line.setup;
  if (presentation.kind !== 'cast' || !line.fall) return null;
  const { distanceM, depthM } = presentation;
  const rows = line.fall.countdowns[0]!.table.filter(({ timeS }) => timeS !== null);
  const deepest = rows.at(-1)?.depthM ?? 0;
  const reachM = Math.hypot(distanceM, depthM);
  const arc = line.fall.tight.table
    .filter(({ timeS }) => timeS !== null)
    .map(
      ({ depthM: z }) =>
        `L${x(Math.sqrt(Math.max(0, reachM ** 2 - z ** 2)) - (reachM - distanceM)).toFixed(1)},${y(z).toFixed(1)}`,
    );
  // Labels that would print over each other are left out; the wanted depth keeps its own.
  const labelled = rows.reduce<typeof rows>((kept, row) => {
    const isClear = (at: number) => Math.abs(y(row.depthM) - y(at)) >= LABEL_PX;
    const last = kept.at(-1)?.depthM;
    return row.depthM === depthM || (isClear(depthM) && (last === undefined || isClear(last))) ? [...kept, row] : kept;
  }, []);
  return (
    <g
      data-line={line.id}
      data-outcome={line.fall.countdowns[0]!.outcome}
      onClick={onSelect}
      className="cursor-pointer"
    >
      <path
        d={`M${x(-1.6)},${y(-presentation.handHeightM)}L${x(0)},${y(-presentation.handHeightM - 1.3)}`}
        className="pen-rod"
      />
      <path
        d={`M${x(0)},${y(-presentation.handHeightM - 1.3)}Q${x(distanceM / 2)},${y(-1)} ${x(distanceM)},${y(0)}`}
        className="pen-towed"
        strokeDasharray={STROKES[index]}
      />
      <path
        d={`M${x(distanceM)},${y(0)}V${y(deepest)}`}
        className={selected ? 'pen-towed-on' : 'pen-towed'}
        strokeDasharray={STROKES[index]}
      />
      <path d={`M${x(distanceM)},${y(0)}${arc.join('')}`} className="pen-cable" strokeDasharray="4 3" />
      {rows.map(({ depthM: z }) => (
        <path key={z} d={`M${x(distanceM) - 4},${y(z)}h8`} className="pen-towed-on" />
      ))}
      {labelled.map(({ depthM: z, timeS }) => (
        <text key={z} x={x(distanceM) + 8} y={y(z) + 4} className={z === depthM ? 'wanted' : ''}>
          {format(timeS, 'time')}
        </text>
      ))}
      <Balloon x={x(distanceM) - 18} y={y(depthM)} text={String(index + 1)} on={selected} />
    </g>
  );
}

function Balloon({
  x,
  y,
  text,
  on,
}: {
  readonly x: number;
  readonly y: number;
  readonly text: string;
  readonly on: boolean;
}) {
  return (
    <g className="balloon" data-on={on}>
      <circle cx={x} cy={y} r={9} />
      <text x={x} y={y + 4} textAnchor="middle">
        {text}
      </text>
    </g>
  );
}

/** Depth, way behind and the angle of the line in view, each from where it is measured. */
function Dimensions({
  running,
  scale,
  width,
}: {
  readonly running: Running;
  readonly scale: ColumnScale;
  readonly width: number;
}) {
  const { t, format } = useI18n();
  const { x, y } = scale;
  const { depthM, behindM, surfaceAngleRad, airM } = running;
  if (depthM === null || behindM === null || surfaceAngleRad === null) return null;
  const right = Math.min(width - 50, x(behindM) + 62);
  const entryM = running.release ? running.release.behindM : airM * Math.cos(surfaceAngleRad);
  const atM = running.release ? running.release.depthM : 0;
  // Drawn at the angle that the picture shows, said as it is.
  const drawn = Math.atan2(Math.sin(surfaceAngleRad) * scale.stretch, Math.cos(surfaceAngleRad));
  const r = 44;
  const [ex, ey] = [x(entryM), y(atM)];
  // A steep line leaves room beside its arc; a flat one before its entry, or, near the boat, under itself.
  const place =
    drawn > 0.35
      ? { x: ex + r + 8, y: ey + 15, anchor: 'start' as const }
      : ex > LABEL_WIDTH_PX + 90
        ? { x: ex - 6, y: ey + 15, anchor: 'end' as const }
        : { x: ex + 10, y: ey + LABEL_WIDTH_PX * Math.tan(drawn) + 22, anchor: 'start' as const };
  const hasArc = running.outcome !== 'at-surface' && r < x(behindM) - ex + 30;
  return (
    <g className="dims">
      <path
        d={`M${right},${y(0)}V${y(depthM)}M${right - 4},${y(0)}h8M${right - 4},${y(depthM)}h8M${x(behindM) + 31},${y(depthM)}H${right - 6}`}
      />
      <text x={right - 6} y={(y(0) + y(depthM)) / 2 + 4} textAnchor="end">
        {format(depthM, 'depth')}
      </text>
      <path d={`M${x(0)},${y(0) - 22}H${x(behindM)}M${x(0)},${y(0) - 27}v10M${x(behindM)},${y(0) - 27}v10`} />
      <text x={(x(0) + x(behindM)) / 2} y={y(0) - 26} textAnchor="middle">
        {t('water.behind', { distance: format(behindM, 'distance') })}
      </text>
      {hasArc && (
        <>
          <path d={`M${ex + r},${ey}A${r},${r} 0 0 1 ${ex + r * Math.cos(drawn)},${ey + r * Math.sin(drawn)}`} />
          <path d={`M${ex},${ey}h${r + 8}`} strokeDasharray="2 2" />
          <text x={place.x} y={place.y} textAnchor={place.anchor}>
            {t(running.release ? 'water.angleAtRelease' : 'water.angle', {
              angle: format(surfaceAngleRad, 'angle'),
              plumb: format(Math.PI / 2 - surfaceAngleRad, 'angle'),
            })}
          </text>
        </>
      )}
    </g>
  );
}

/** The band in which it is to run, as a bracket at the edge. */
function Wanted({
  band: { fromM, toM },
  scale: { y },
  width,
}: {
  readonly band: { readonly fromM: number; readonly toM: number };
  readonly scale: ColumnScale;
  readonly width: number;
}) {
  const { t } = useI18n();
  return (
    <g>
      <path d={`M${width - 12},${y(fromM)}h6V${y(toM)}h-6`} className="pen-surface" />
      <text x={width - 16} y={y(toM) + 14} textAnchor="end">
        {t('water.wanted')}
      </text>
    </g>
  );
}

function Axes({
  extent,
  scale: { x, y },
  width,
  height,
}: {
  readonly extent: { readonly leftM: number; readonly rightM: number; readonly deepM: number };
  readonly scale: ColumnScale;
  readonly width: number;
  readonly height: number;
}) {
  const { inUnit, fromUnit, number, unitLabel } = useAxisUnits();
  const ticks = (from: number, to: number, measure: 'depth' | 'distance', count: number) => {
    const [a, b] = [inUnit(from, measure), inUnit(to, measure)];
    const step = roundStep(b - a, count);
    return Array.from({ length: Math.floor(b / step) }, (_, i) => (i + 1) * step).map((value) => ({
      value,
      m: fromUnit(value, measure),
    }));
  };
  return (
    <g className="axes">
      {ticks(0, extent.deepM, 'depth', 6)
        .filter(({ m }) => y(m) < height - 14)
        .map(({ value, m }) => (
          <g key={`z${value}`}>
            <path d={`M40,${y(m)}H${width}`} className="grid" />
            <text x={36} y={y(m) + 4} textAnchor="end">
              {number(value, 1)}
            </text>
          </g>
        ))}
      <text x={36} y={y(0) + 4} textAnchor="end">
        0 {unitLabel('depth')}
      </text>
      {ticks(0, extent.rightM, 'distance', 7)
        .filter(({ m }) => x(m) < width - 50 && x(m) > NOTE_PX)
        .map(({ value, m }) => (
          <g key={`x${value}`}>
            <path d={`M${x(m)},${height - 20}v5`} className="tick" />
            <text x={x(m)} y={height - 5} textAnchor="middle">
              {number(value, 0)}
            </text>
          </g>
        ))}
      <text x={width - 8} y={height - 5} textAnchor="end">
        {unitLabel('distance')}
      </text>
    </g>
  );
}

/** Figures of an axis stand in the user's unit. */
function useAxisUnits() {
  const { inUnit, number, unitLabel } = useI18n();
  return {
    inUnit,
    number,
    unitLabel,
    fromUnit: (value: number, measure: 'depth' | 'distance') => value / inUnit(1, measure),
  };
}

function Bottom({
  profile,
  scale: { x, y },
  width,
  height,
  rightM,
}: {
  readonly profile: BottomProfile;
  readonly scale: ColumnScale;
  readonly width: number;
  readonly height: number;
  readonly rightM: number;
}) {
  if (profile.length === 0) return null;
  const points = [
    { behindM: -500, depthM: bottomUnder(profile, -500)! },
    ...profile,
    { behindM: Math.max(rightM, 4000), depthM: bottomUnder(profile, 1e6)! },
  ];
  const line = points
    .map(
      ({ behindM, depthM }, i) =>
        `${i === 0 ? 'M' : 'L'}${Math.max(-10, Math.min(width + 10, x(behindM))).toFixed(1)},${y(depthM).toFixed(1)}`,
    )
    .join('');
  return (
    <g aria-hidden="true">
      <defs>
        <pattern id="ground" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0,0V7" className="hatch" />
        </pattern>
      </defs>
      <path d={`${line}L${width + 10},${height}L-10,${height}z`} fill="url(#ground)" />
      <path d={line} className="pen-bottom" />
    </g>
  );
}

function Band({
  scene: { temperatures, bandC },
  scale: { y },
  right,
}: {
  readonly scene: Scene;
  readonly scale: ColumnScale;
  readonly right: number;
}) {
  const { t, format } = useI18n();
  if (!bandC) return null;
  return bandDepths(temperatures, bandC).map(({ fromM, toM }) => (
    <g key={fromM}>
      <rect x={40} y={y(fromM)} width={right - 40} height={Math.max(2, y(toM) - y(fromM))} className="temperature" />
      <text x={right - 50} y={y(fromM) + 13} textAnchor="end">
        {t('water.bandAt', { from: format(bandC.fromC, 'temperature'), to: format(bandC.toC, 'temperature') })}
      </text>
    </g>
  ));
}

function Currents({
  scene,
  scale,
  dispatch,
}: {
  readonly scene: Scene;
  readonly scale: ColumnScale;
  readonly dispatch: (action: WaterAction) => void;
}) {
  const { t, format } = useI18n();
  const PX_PER_MPS = 60;
  return scene.layers.map((layer, i) => {
    const y = scale.y(layer.depthM) + (layer.depthM === 0 ? 9 : 0);
    const from = 62;
    // Forward is the way the boat goes, to the left.
    const to = from - layer.alongMps * PX_PER_MPS;
    return (
      <g key={i}>
        <path d={`M${from},${y - 5}v10`} className="tick" />
        {Math.abs(to - from) > 2 && <Arrow from={[from, y]} to={[to, y]} />}
        <Handle
          label={t('water.currentAt', { depth: format(layer.depthM, 'depth') })}
          x={to}
          y={y}
          value={layer.alongMps}
          text={format(layer.alongMps, 'speed')}
          min={-3}
          max={3}
          step={0.05}
          perPx={-1 / PX_PER_MPS}
          axis="x"
          onValue={(alongMps) =>
            dispatch({
              kind: 'scene',
              change: { layers: scene.layers.map((each, k) => (k === i ? { ...each, alongMps } : each)) },
            })
          }
        />
      </g>
    );
  });
}

function Arrow({
  from: [x0, y0],
  to: [x1, y1],
}: {
  readonly from: readonly [number, number];
  readonly to: readonly [number, number];
}) {
  const way = Math.sign(x1 - x0);
  return (
    <path
      d={`M${x0},${y0}L${x1},${y1}M${x1 - 6 * way},${y1 - 3}L${x1},${y1}L${x1 - 6 * way},${y1 + 3}`}
      className="pen-arrow"
    />
  );
}

/** A hull to its length and freeboard; the stern at the rod's grip, the bow ahead. */
function Hull({
  craft: { lengthM, freeboardM },
  scale: { x, y, perM },
  sternM,
}: {
  readonly craft: Craft;
  readonly scale: ColumnScale;
  readonly sternM: number;
}) {
  const drawn = Math.min(lengthM, 8);
  const draught = Math.min(0.4, freeboardM * 0.6) * perM;
  return (
    <path
      d={`M${x(sternM)},${y(-freeboardM)}L${x(sternM)},${y(0) + draught}H${x(sternM - 0.72 * drawn)}Q${x(sternM - 0.94 * drawn)},${y(0)} ${x(sternM - drawn)},${y(-freeboardM * 1.35)}z`}
      className="pen-hull"
    />
  );
}

function Bank({
  scale: { x, y },
  edgeM,
  leftM,
  height,
}: {
  readonly scale: ColumnScale;
  readonly edgeM: number;
  readonly leftM: number;
  readonly height: number;
}) {
  return (
    <path
      d={`M${x(leftM)},${y(-0.25)}L${x(edgeM)},${y(-0.25)}L${x(edgeM + 0.6)},${y(0.6)}L${x(edgeM + 0.9)},${height}H${x(leftM)}z`}
      className="pen-hull"
    />
  );
}
