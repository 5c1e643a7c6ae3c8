'use client';

import { isSolved } from '@/domain/spread/line-names';
import { commonSpeeds } from '@/core/rig';
import { classesWith } from '@/core/tackle/defaults/classes';
import type { House } from '@/domain/house';
import type { LineAnswer } from '@/domain/spread/solve';
import { SPREAD_DOCUMENT_LIMITS as L } from '@/domain/spread/spread-limits';
import type { SpreadDocument } from '@/domain/spread/spread';
import { Handle } from '@/features/fields/handle';
import { useI18n } from '@/i18n/client';
import { Mark } from '@/ui/mark';
import { numberOf } from '../words';
import { axisStep } from '@/features/fields/nice-steps';
import { linear } from '@/ui/scale';

const ROW = 13;

/** Where each line works on one scale of speeds: thick it runs well, thin it runs; the needle is the boat. */
export function Speeds({
  spread,
  lines,
  house,
  width,
  nameOfSetup,
  onSpeed,
}: {
  readonly spread: SpreadDocument;
  readonly lines: readonly LineAnswer[];
  readonly house: House;
  readonly width: number;
  readonly nameOfSetup: (lineId: string) => string;
  readonly onSpeed: (speedMps: number) => void;
}) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const { edge } = classesWith(house.classes).checks.workingSpeed;
  const known = lines.filter(isSolved).flatMap(({ id, works }) => (works ? [{ id, ...works }] : []));
  const { common: all, oddOne } = commonSpeeds(known.map(({ id, fromMps, toMps }) => ({ name: id, fromMps, toMps })));
  const common = known.length > 0 ? all : null;
  const v = spread.speedMps;
  const finite = known.flatMap(({ fromMps, toMps }) => [fromMps, Number.isFinite(toMps) ? toMps : fromMps + 1]);
  const most = 1.15 * Math.max(v, 1, ...finite.map((mps) => mps * (1 + edge)));
  const left = 190;
  const right = width - 40;
  const x = linear([0, most], [left, right], 'clamped');
  const height = Math.max(2, spread.lines.length) * ROW + 34;
  const bottom = height - 30;
  const step = axisStep((52 * most) / (right - left), 'speed', i18n);
  const ticks = Array.from({ length: Math.floor(most / step) + 1 }, (_, i) => i * step);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] lg:grid-cols-[auto_minmax(0,1fr)]" data-testid="speeds">
      <svg width={width} height={height} className="column block" role="group" aria-label={t('spread.speeds.title')}>
        {common && (
          <rect
            x={x(common.fromMps)}
            y={4}
            width={Math.max(2, x(common.toMps) - x(common.fromMps))}
            height={bottom - 4}
            className="common"
          />
        )}
        {spread.lines.map((line, i) => {
          const found = known.find(({ id }) => id === line.id);
          const y = 8 + i * ROW;
          const isIn = found && v >= found.fromMps && v <= found.toMps;
          const isNear = found && v >= found.fromMps * (1 - edge) && v <= found.toMps * (1 + edge);
          return (
            <g key={line.id}>
              <text x={left - 10} y={y + 6} textAnchor="end" className="row">
                {nameOfSetup(line.id)} <tspan fontWeight="700">{numberOf(spread, line.id)}</tspan>
              </text>
              {found ? (
                <>
                  <rect
                    x={x(found.fromMps * (1 - edge))}
                    y={y}
                    width={x(found.toMps * (1 + edge)) - x(found.fromMps * (1 - edge))}
                    height={4}
                    className="thin"
                  />
                  <rect
                    x={x(found.fromMps)}
                    y={y - 2.5}
                    width={x(found.toMps) - x(found.fromMps)}
                    height={9}
                    className="thick"
                  />
                </>
              ) : (
                <text x={left} y={y + 6} className="dim">
                  {t('spread.speeds.unknown')}
                </text>
              )}
              <svg x={right + 8} y={y - 5} width={13} height={13} className="text-ink">
                <Mark shape={!found ? 'dotted' : isIn ? 'filled' : isNear ? 'half' : 'crossed'} size={13} />
              </svg>
            </g>
          );
        })}
        <path d={`M${left},${bottom}H${right}`} className="tick" />
        <g className="axes">
          {ticks.map((mps) => (
            <g key={mps}>
              <path d={`M${x(mps)},${bottom}v4`} className="tick" />
              <text x={x(mps)} y={bottom + 16} textAnchor="middle">
                {x(mps) > x(v) - 66 && x(mps) < x(v) + 28 ? '' : format(mps, 'speed')}
              </text>
            </g>
          ))}
        </g>
        <path d={`M${x(v)},4V${bottom}`} className="needle" />
        <Handle
          label={t('spread.speed')}
          x={x(v)}
          y={bottom + 4}
          value={v}
          text={format(v, 'speed')}
          min={L.speedMps.min}
          max={L.speedMps.max}
          step={0.05}
          perPx={most / (right - left)}
          axis="x"
          onValue={onSpeed}
        />
        <text x={x(v) - 12} y={bottom + 17} textAnchor="end" className="wanted">
          {format(v, 'speed')}
        </text>
      </svg>
      <p className="semi-narrow self-center px-3 text-[13px]" role="status">
        {known.length === 0
          ? t('spread.speeds.none')
          : common
            ? Number.isFinite(common.toMps)
              ? t('spread.speeds.common', { from: format(common.fromMps, 'speed'), to: format(common.toMps, 'speed') })
              : t('spread.speeds.commonFrom', { from: format(common.fromMps, 'speed') })
            : oddOne
              ? t('spread.speeds.odd', { number: numberOf(spread, oddOne) })
              : t('spread.speeds.noCommon')}
      </p>
    </div>
  );
}
