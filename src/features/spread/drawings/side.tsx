'use client';

import { DEVIATIONS_TO_RANGE } from '@/domain/spread/let-out';
import { wantedBand } from '@/domain/spread/wanted-band';
import { SPREAD_DOCUMENT_LIMITS as L } from '@/domain/spread/spread-limits';
import type { SetupFiles } from '@/domain/spread/solve';
import { Balloon } from '@/features/fields/balloon';
import { Handle } from '@/features/fields/handle';
import { useI18n } from '@/i18n/client';
import { nameOf, numberOf } from '../words';
import type { DrawnSpread } from './above';
import { axisStep } from '@/features/fields/nice-steps';
import { movedApart } from './frame';

const TOP = 42;

/** The boat and its lines from the side, on the axis of the picture from above; thick strokes are the doubt of a depth. */
export function Side({
  spread,
  craft,
  geometry,
  frame,
  width,
  height,
  chosen,
  onChoose,
  deepM,
  files,
  onDepth,
}: DrawnSpread & {
  readonly deepM: number;
  readonly files: SetupFiles;
  readonly onDepth: (id: string, lengthM: number) => void;
}) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const { along, perM, aft } = frame;
  const down = Math.min(perM, (height - TOP - 22) / deepM);
  const y = (zM: number) => TOP + zM * (zM < 0 ? Math.min(perM, 12) : down);
  const step = axisStep(26 / down, 'depth', i18n);
  const ticks = Array.from({ length: Math.floor(deepM / step) + 1 }, (_, i) => i * step);
  const labels = geometry.map(({ lureM: [, ym, zm] }) => ({ x: along(ym) + aft * 16, y: y(zm) }));
  const ys = movedApart(labels, { dx: 20, dy: 19, top: TOP - 14, bottom: height - 12 });
  const { breakM, bottomM } = spread;
  const on = spread.lines.find(({ id }) => id === chosen);
  const band = on && wantedBand(on, spread, files[on.setupId]?.presentation);
  const scaleX = aft === 1 ? 8 : width - 8;
  return (
    <svg
      width={width}
      height={height}
      className="column block"
      role="group"
      aria-label={t('spread.side')}
      data-testid="side"
    >
      {band && (
        <rect
          x={0}
          y={y(band.fromM)}
          width={width}
          height={Math.max(2, y(band.toM) - y(band.fromM))}
          className="temperature"
        />
      )}
      <g className="axes">
        {ticks.map((z) => (
          <g key={z}>
            <path d={`M0,${y(z)}H${width}`} className={z === 0 ? 'pen-surface' : 'grid'} />
            <text x={scaleX} y={y(z) + (z === 0 ? 13 : 4)} textAnchor={aft === 1 ? 'start' : 'end'}>
              {format(z, 'depth')}
            </text>
          </g>
        ))}
      </g>
      {breakM !== undefined && y(breakM) < height && (
        <g>
          <path d={`M0,${y(breakM)}H${width}`} className="break" />
          <text x={width - scaleX} y={y(breakM) - 4} textAnchor={aft === 1 ? 'end' : 'start'}>
            {t('spread.breakAt', { depth: format(breakM, 'depth') })}
          </text>
        </g>
      )}
      {bottomM !== undefined && y(bottomM) < height && <path d={`M0,${y(bottomM)}H${width}`} className="pen-bottom" />}
      <path
        d={`M${along(0)},${y(-craft.freeboardM)}L${along(0)},${y(0) + 4}H${along(-craft.lengthM * 0.8)}L${along(-craft.lengthM)},${y(-craft.freeboardM * 1.3)}z`}
        className="pen-hull"
      />
      {geometry.map(({ id, pieces }) => (
        <g key={id} onClick={() => onChoose(id)} className="cursor-pointer">
          {pieces.map(({ kind, points }, k) => (
            <g key={k}>
              <path
                d={points
                  .map(([, ym, zm], i) => `${i === 0 ? 'M' : 'L'}${along(ym).toFixed(1)},${y(zm).toFixed(1)}`)
                  .join('')}
                className={kind === 'cable' ? 'pen-cable' : id === chosen ? 'pen-towed-on' : 'pen-towed'}
              />
              {kind === 'cable' && (
                <circle cx={along(points.at(-1)![1])} cy={y(points.at(-1)![2])} r={4} className="pen-ball" />
              )}
              {kind === 'board' && (
                <path d={`M${along(points.at(-1)![1]) - 6},${y(0) - 3}h12l-3,5h-6z`} className="pen-ball" />
              )}
            </g>
          ))}
        </g>
      ))}
      {geometry.map(({ id, lureM: [, ym, zm], depthSdM }, i) => {
        const [lx, ly] = [along(ym), y(zm)];
        const half = DEVIATIONS_TO_RANGE * depthSdM * down;
        return (
          <g key={id}>
            <path d={`M${lx},${ly - half}V${ly + half}`} className="doubt" data-on={id === chosen} />
            <path d={`M${lx + aft * 8},${ly}l${-aft * 8},-3v6z`} className="pen-lure" />
            {Math.abs(ys[i]! - ly) > 4 && (
              <path d={`M${lx},${ly}L${labels[i]!.x - aft * 9},${ys[i]!}`} className="tick" />
            )}
            <g onClick={() => onChoose(id)} className="cursor-pointer">
              <Balloon
                x={labels[i]!.x}
                y={ys[i]!}
                text={numberOf(spread, id) > 0 ? String(numberOf(spread, id)) : nameOf({ t }, spread, id).slice(0, 1)}
                on={id === chosen}
              />
            </g>
          </g>
        );
      })}
      {spread.lines.map(({ id, cableM, lineM }) => {
        const found = geometry.find((each) => each.id === id);
        if (!found) return null;
        const onCable = cableM !== undefined;
        return (
          <g
            key={id}
            onFocus={() => onChoose(id)}
            onPointerDown={() => onChoose(id)}
            data-on={id === chosen}
            className="lure-handle"
          >
            <Handle
              label={t(onCable ? 'spread.cableOf' : 'spread.depthOf', { number: numberOf(spread, id) })}
              x={along(found.lureM[1])}
              y={y(found.lureM[2])}
              value={cableM ?? lineM}
              text={format(cableM ?? lineM, 'distance')}
              min={onCable ? L.cableM.min : L.lineM.min}
              max={onCable ? L.cableM.max : L.lineM.max}
              step={0.5}
              perPx={(onCable ? 1 : 4) / down}
              axis="y"
              onValue={(next) => onDepth(id, next)}
            />
          </g>
        );
      })}
      <text x={width - scaleX} y={18} textAnchor={aft === 1 ? 'end' : 'start'} className="title">
        {down === perM ? t('spread.sideTitle') : t('spread.sideSmaller', { times: Number((perM / down).toFixed(1)) })}
      </text>
    </svg>
  );
}
