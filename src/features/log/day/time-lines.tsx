'use client';

import type { DayLine, DayPoint, DayStrike, LogDay } from '@/server/queries/log-day';
import type { Measure } from '@/core/base/measure';
import { clockText } from '@/features/fields/readout';
import { useI18n } from '@/i18n/client';
import { Slider } from '@/ui/slider';
import { linear } from '@/ui/scale';

const W = 900;
const LEFT = 118;
/** Letters of a name that stand left of the drawing. */
const LETTERS = 17;
const RIGHT = 10;
const TRACE = 44;
const ROW = 17;

const TRACES = [
  ['probeMps', 'speed'],
  ['sogMps', 'speed'],
  ['probeC', 'temperature'],
  ['surfaceC', 'temperature'],
  ['probeM', 'depth'],
  ['bottomM', 'depth'],
] as const satisfies readonly (readonly [keyof DayPoint, Measure])[];

/** What is steadier than this is drawn as steady, not as its noise [SI]. */
const LEAST_SPAN = { speed: 0.2, temperature: 0.5, depth: 1 } as const;

/** The day against time: what was read, which lines were in, and the strikes on them. Dragging moves the boat on the track. */
export function TimeLines({
  day,
  points,
  atS,
  chosen,
  onAt,
  onStrike,
}: {
  readonly day: Pick<LogDay, 'fromS' | 'toS' | 'spells' | 'passesS'> & {
    readonly lines: readonly DayLine[];
    readonly strikes: readonly DayStrike[];
  };
  readonly points: readonly DayPoint[];
  readonly atS: number;
  readonly chosen: string | null;
  readonly onAt: (tS: number) => void;
  readonly onStrike: (id: string) => void;
}) {
  const i18n = useI18n();
  const { t, number, inUnit, unitLabel } = i18n;
  const { fromS, toS, lines, spells, strikes } = day;
  const x = linear([fromS, toS], [LEFT, W - RIGHT]);
  const traces = TRACES.filter(([name]) => points.some((point) => point[name] !== null));
  const rowsTop = traces.length * TRACE + 6;
  const height = rowsTop + lines.length * ROW + 22;
  const hours = hourTicks(fromS, toS);
  return (
    <div className="overflow-x-auto pb-1">
      <div className="min-w-[720px]">
        <svg
          viewBox={`0 0 ${W} ${height}`}
          className="drawing block w-full"
          role="group"
          aria-label={t('log.day.timeLine')}
          data-testid="time-line"
        >
          {hours.map((tS) => (
            <g key={tS}>
              <line x1={x(tS)} x2={x(tS)} y1="0" y2={height - 18} stroke="var(--faint)" />
              <text
                x={x(tS)}
                y={height - 4}
                fontSize="12"
                textAnchor={W - x(tS) < 28 ? 'end' : 'middle'}
                fill="var(--dim)"
              >
                {clockText(i18n, tS)}
              </text>
            </g>
          ))}
          {day.passesS.map((tS) => (
            <line key={tS} x1={x(tS)} x2={x(tS)} y1="0" y2={height - 18} stroke="var(--metal)" strokeDasharray="2 4" />
          ))}
          {traces.map(([name, measure], row) => {
            const values = points.flatMap((point) => (point[name] === null ? [] : [point[name]]));
            const [least, most] = [Math.min(...values), Math.max(...values)];
            const [top, bottom] = [row * TRACE + 6, (row + 1) * TRACE - 8];
            const spare = Math.max(0, LEAST_SPAN[measure] - (most - least)) / 2;
            const y = linear([least - spare, most + spare], measure === 'depth' ? [top, bottom] : [bottom, top]);
            return (
              <g key={name}>
                <text x="2" y={row * TRACE + 16} fontSize="12.5" fill="var(--ink)">
                  {t(`log.day.trace.${name}`)}
                </text>
                <text x="2" y={row * TRACE + 31} fontSize="11.5" fill="var(--dim)">
                  {`${number(inUnit(least, measure), 1)}–${number(inUnit(most, measure), 1)} ${unitLabel(measure)}`}
                </text>
                <path d={pathOf(points, name, x, y)} fill="none" stroke="var(--ink)" strokeWidth="1.1" />
              </g>
            );
          })}
          {lines.map(({ line, number: own, name }, row) => {
            const y = rowsTop + row * ROW;
            return (
              <g key={line}>
                <text x="2" y={y + 12} fontSize="12" fill="var(--ink)">
                  {shortened(`${own} ${name}`)}
                </text>
                {spells
                  .filter((spell) => spell.line === line && spell.state !== 'out')
                  .map((spell) => (
                    <rect
                      key={spell.fromS}
                      x={x(spell.fromS)}
                      y={y + (spell.state === 'fishing' ? 6 : 3)}
                      width={Math.max(0.5, x(Math.min(spell.toS ?? toS, toS)) - x(spell.fromS))}
                      height={spell.state === 'fishing' ? 4 : 10}
                      fill={
                        spell.state === 'fishing' ? 'var(--ink)' : spell.state === 'fought' ? 'var(--hi)' : 'var(--bad)'
                      }
                      stroke={spell.state === 'fishing' ? 'none' : 'var(--ink)'}
                      strokeWidth="0.8"
                    />
                  ))}
              </g>
            );
          })}
          {strikes.map((strike) => {
            const row = lines.findIndex(({ line }) => line === strike.line);
            const y = rowsTop + Math.max(0, row) * ROW + 8;
            const isOn = strike.id === chosen;
            return (
              <circle
                key={strike.id}
                cx={x(strike.atS)}
                cy={y}
                r={isOn ? 6 : 4}
                fill={isOn ? 'var(--hi)' : strike.told?.outcome === 'landed' ? 'var(--ink)' : 'var(--sheet)'}
                stroke="var(--ink)"
                strokeWidth="1.3"
                className="cursor-pointer"
                onClick={() => onStrike(strike.id)}
              />
            );
          })}
          <line x1={x(atS)} x2={x(atS)} y1="0" y2={height - 18} stroke="var(--ink)" strokeWidth="1.6" />
        </svg>
        <div style={{ paddingLeft: `${(LEFT / W) * 100}%`, paddingRight: `${(RIGHT / W) * 100}%` }}>
          <Slider
            label={t('log.day.moment')}
            text={clockText(i18n, atS)}
            min={Math.floor(fromS)}
            max={Math.ceil(toS)}
            step={5}
            value={Math.round(atS)}
            onValue={onAt}
            over="drawing"
            className="mt-1 h-10 w-full"
          />
        </div>
      </div>
    </div>
  );
}

const shortened = (name: string): string => (name.length > LETTERS ? `${name.slice(0, LETTERS - 1).trimEnd()}…` : name);

function pathOf(
  points: readonly DayPoint[],
  name: (typeof TRACES)[number][0],
  x: (tS: number) => number,
  y: (value: number) => number,
): string {
  let [path, isOpen, last] = ['', false, 0];
  for (const point of points) {
    const value = point[name];
    if (value === null) {
      isOpen = isOpen && point.tS - last < 90;
      continue;
    }
    path += `${isOpen ? 'L' : 'M'}${x(point.tS).toFixed(1)},${y(value).toFixed(1)}`;
    [isOpen, last] = [true, point.tS];
  }
  return path;
}

function hourTicks(fromS: number, toS: number): readonly number[] {
  const stepS = toS - fromS > 10 * 3600 ? 7200 : toS - fromS > 4 * 3600 ? 3600 : toS - fromS > 3600 ? 1800 : 600;
  const ticks: number[] = [];
  for (let tS = Math.ceil(fromS / stepS) * stepS; tS <= toS; tS += stepS) ticks.push(tS);
  return ticks;
}
