'use client';

import { useMemo, type KeyboardEvent } from 'react';
import { useI18n } from '@/i18n/client';
import { CROWD } from './job';
import { useSize } from '@/ui/use-size';
import { mapScale, MARGIN } from './map-scale';
import { rowName } from './names';
import type { Place } from './score-table';
import type { QuiverState } from './use-quiver';

export interface TerritoryMapProps {
  readonly state: QuiverState;
  readonly place: Place;
  readonly onPlace: (place: Place) => void;
}

/** Room for a rod's name [px]. */
const NAME_PX = 52;

/** Each rod's territory by lure mass and pull at the hook, and every presentation where it asks to be served. */
export function TerritoryMap({ state, place, onPlace }: TerritoryMapProps) {
  const i18n = useI18n();
  const { t, format, number, inUnit, unitLabel } = i18n;
  const { table, places, rods, presented, served, answer } = state;
  const unit = useMemo(() => ({ kg: 1 / inUnit(1, 'mass'), N: 1 / inUnit(1, 'force') }), [inUnit]);
  const wants = useMemo(() => table?.map((row) => row.wants) ?? [], [table]);
  const { ref, width, height } = useSize<HTMLDivElement>({ width: 610, height: 336 });
  const scale = useMemo(() => mapScale(places, wants, unit, { width, height }), [places, wants, unit, width, height]);
  const { x, y } = scale;
  // Keys go from lure to lure in the order of their masses.
  const order = useMemo(() => [...wants.keys()].sort((a, b) => wants[a]!.castMassKg! - wants[b]!.castMassKg!), [wants]);
  const step = (event: KeyboardEvent) => {
    const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    const at = order.indexOf(place.row);
    const row = order[Math.min(order.length - 1, Math.max(0, at + by))]!;
    onPlace({ ...place, row });
    document.getElementById(`mark-${row}`)?.focus();
  };
  const chosen = new Set(answer?.rods ?? []);
  const [right, bottom] = [width - MARGIN.right, height - MARGIN.bottom];
  // Names keep out of each other's way: each on the first line that is still free where it begins.
  const nameLines: number[] = [];
  return (
    <div ref={ref} className="h-full min-h-0 w-full overflow-hidden max-lg:h-80">
      <svg
        viewBox={`0 0 ${width} ${height}`}
        width={width}
        height={height}
        className="territory block"
        role="group"
        aria-label={t('quiver.map')}
        data-testid="territory-map"
      >
        <g className="axes">
          {scale.masses.map((kg) => (
            <path key={kg} d={`M${x(kg)},${MARGIN.top}V${bottom}`} className="grid" />
          ))}
          {scale.pulls.map((N) => (
            <path key={N} d={`M${MARGIN.left},${y(N)}H${right}`} className="grid" />
          ))}
          <path d={`M${MARGIN.left},${MARGIN.top}V${bottom}H${right}`} className="tick" />
          {scale.masses.map((kg) => (
            <text key={kg} x={x(kg)} y={bottom + 15} textAnchor="middle">
              {number(inUnit(kg, 'mass'), 2)}
            </text>
          ))}
          {scale.pulls.map((N) => (
            <text key={N} x={MARGIN.left - 5} y={y(N) + 4} textAnchor="end">
              {number(inUnit(N, 'force'), 2)}
            </text>
          ))}
          <text x={(MARGIN.left + right) / 2} y={height - 8} textAnchor="middle">
            {t('quiver.axisMass')} [{unitLabel('mass')}]
          </text>
          <text transform={`translate(14 ${(MARGIN.top + bottom) / 2}) rotate(-90)`} textAnchor="middle">
            {t('quiver.axisPull')} [{unitLabel('force')}]
          </text>
        </g>
        {places.map(({ window, pullN }, r) => {
          const { soundFrom, soundTo } = window;
          if (pullN === null || !(soundFrom < soundTo)) return null;
          const box = {
            left: x(soundFrom),
            width: Math.max(3, x(soundTo) - x(soundFrom)),
            top: y(pullN[1]) - 3,
            height: Math.max(6, y(pullN[0]) - y(pullN[1]) + 6),
          };
          const nameX = Math.min(box.left, width - NAME_PX);
          const line = nameLines.findIndex((until) => until < nameX);
          const at = line < 0 ? nameLines.length : line;
          nameLines[at] = nameX + NAME_PX;
          return (
            <g
              key={rods[r]!.id}
              onClick={() => onPlace({ ...place, rod: r })}
              data-rod={rods[r]!.name}
              data-on={chosen.has(r)}
              data-selected={r === place.rod}
              className="rod"
            >
              <rect x={box.left} y={box.top} width={box.width} height={box.height} />
              <path d={`M${box.left + 1},${box.top}V${MARGIN.top + 4 + at * 14}`} className="leader" />
              <text x={nameX + 4} y={MARGIN.top + 8 + at * 14}>
                {rods[r]!.name ?? r + 1}
              </text>
            </g>
          );
        })}
        {wants.map(({ castMassKg, fromN, toN }, row) => {
          if (castMassKg === null) return null;
          const by = served[row]?.by.length ?? 0;
          const [cx, top, low] = [x(castMassKg), y(Math.max(fromN, toN)), y(fromN)];
          const cy = Math.min(low, (top + low) / 2);
          const isHere = row === place.row;
          return (
            <g
              key={presented[row]!.id}
              id={`mark-${row}`}
              role="button"
              tabIndex={isHere ? 0 : -1}
              aria-pressed={isHere}
              aria-label={t('quiver.markOf', {
                name: rowName(i18n, presented[row]!),
                mass: format(castMassKg, 'mass'),
                from: format(fromN, 'force'),
                to: format(toN, 'force'),
                rods: by,
              })}
              onClick={() => onPlace({ ...place, row })}
              onKeyDown={step}
              className="presented"
              data-here={isHere}
              data-hole={by === 0}
            >
              <path d={`M${cx},${top}V${low}M${cx - 3},${low}h6`} className="span" />
              {by === 0 ? (
                <path
                  d={`M${cx - 6},${cy - 6}h12v12h-12zM${cx - 6},${cy - 6}l12,12M${cx + 6},${cy - 6}l-12,12`}
                  className="hole"
                />
              ) : (
                <circle cx={cx} cy={cy} r={isHere ? 5.5 : 4} className={by >= CROWD ? 'crowd' : 'served'} />
              )}
              {(isHere || by === 0) && (
                <text x={cx + 9} y={cy + 4} className="number">
                  {row + 1}
                </text>
              )}
            </g>
          );
        })}
      </svg>
    </div>
  );
}
