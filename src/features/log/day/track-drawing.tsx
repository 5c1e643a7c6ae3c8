'use client';

import { useMemo } from 'react';
import type { DayPoint, DayStrike } from '@/server/queries/log-day';
import type { Measure } from '@/core/base/measure';
import { niceSteps } from '@/features/fields/nice-steps';
import { useI18n } from '@/i18n/client';
import { trackRuns } from './track-runs';

export const COLOURED_BY = ['probeMps', 'sogMps', 'probeC', 'surfaceC', 'probeM', 'bottomM'] as const;
export type ColouredBy = (typeof COLOURED_BY)[number];

export const MEASURE: Readonly<Record<ColouredBy, Measure>> = {
  probeMps: 'speed',
  sogMps: 'speed',
  probeC: 'temperature',
  surfaceC: 'temperature',
  probeM: 'depth',
  bottomM: 'depth',
};

const METRES_PER_DEGREE = 111_320;
const CLASSES = 5;
const W = 620;
const H = 420;
const EDGE = 34;

/** The track over plain water: coloured by a reading, with the strikes on it, the boat and where its lures are. */
export function TrackDrawing({
  points,
  strikes,
  by,
  atS,
  laybackM,
  chosen,
  onStrike,
  numberOf,
}: {
  readonly points: readonly DayPoint[];
  readonly strikes: readonly DayStrike[];
  readonly by: ColouredBy;
  readonly atS: number;
  /** how far behind the boat the farthest lure runs; null: not known */
  readonly laybackM: number | null;
  readonly chosen: string | null;
  readonly onStrike: (id: string) => void;
  readonly numberOf: (line: string) => number;
}) {
  const { t, format, fixed, unitLabel, inUnit } = useI18n();
  const placed = useMemo(() => placedOn(points), [points]);
  const classes = useMemo(() => classesOf(points, by), [points, by]);
  if (!placed) return <p className="semi-narrow p-4 text-[15px] text-dim">{t('log.day.noTrack')}</p>;
  const { perM } = placed;
  const classAt = (value: number | null) =>
    value === null || !classes
      ? null
      : Math.min(CLASSES - 1, Math.max(0, Math.floor(((value - classes.from) / classes.span) * CLASSES)));
  const runs = trackRuns(
    placed.points.map((point, i) => ({ tS: point.tS, at: placed.xy[i]!, level: classAt(point[by]) })),
  );
  const boat = placed.at(atS);
  const lure = laybackM === null ? null : placed.behind(atS, laybackM);
  const barM = niceSteps(120 / perM, 1, 'distance', { inUnit })[0]!;
  const middle = (level: number) =>
    inUnit((classes?.from ?? 0) + ((level + 0.5) / CLASSES) * (classes?.span ?? 1), MEASURE[by]);
  // Rounded to half a class at most, or their steps would look uneven.
  const decimals = Math.min(3, Math.max(0, -Math.floor(Math.log10((middle(1) - middle(0)) / 2))));
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      className="drawing block w-full"
      role="group"
      aria-label={t('log.day.track')}
      data-testid="track"
    >
      {runs.map(({ level, path }, i) => (
        <path
          key={i}
          d={path}
          fill="none"
          stroke={level === null ? 'var(--faint)' : shade(level)}
          strokeWidth={level === null ? 1.2 : 1.6 + 0.5 * level}
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      ))}
      {strikes.map((strike) => {
        const place =
          strike.then?.latDeg !== undefined && strike.then?.latDeg !== null && strike.then.lonDeg !== null
            ? placed.xyOf(strike.then.latDeg, strike.then.lonDeg)
            : placed.at(strike.atS);
        if (!place) return null;
        const isOn = strike.id === chosen;
        const landed = strike.told?.outcome === 'landed';
        return (
          <g
            key={strike.id}
            role="button"
            tabIndex={0}
            aria-label={t('log.day.strikeOn', { number: numberOf(strike.line), lure: strike.lure })}
            onClick={() => onStrike(strike.id)}
            onKeyDown={(event) => event.key === 'Enter' && onStrike(strike.id)}
            className="cursor-pointer"
          >
            <circle cx={place[0]} cy={place[1]} r={12} fill="transparent" />
            <circle
              cx={place[0]}
              cy={place[1]}
              r={isOn ? 7 : 4.5}
              fill={isOn ? 'var(--hi)' : landed ? 'var(--ink)' : 'var(--sheet)'}
              stroke="var(--ink)"
              strokeWidth={1.4}
            />
            {isOn && (
              <text
                x={place[0] + 10}
                y={place[1] - 8}
                fontSize="13"
                fill="var(--ink)"
                stroke="var(--sheet)"
                strokeWidth="4"
                paintOrder="stroke"
              >
                {numberOf(strike.line)}
              </text>
            )}
          </g>
        );
      })}
      {boat && lure && (
        <line x1={boat[0]} y1={boat[1]} x2={lure[0]} y2={lure[1]} stroke="var(--ink)" strokeDasharray="3 3" />
      )}
      {lure && <rect x={lure[0] - 3.5} y={lure[1] - 3.5} width="7" height="7" fill="var(--hi)" stroke="var(--ink)" />}
      {boat && (
        <path d={boatPath(boat, placed.courseAt(atS))} fill="var(--bait)" stroke="var(--ink)" strokeWidth="1.4" />
      )}
      <g transform={`translate(${W - 26} 30)`} aria-hidden="true">
        <path d="M0,12V-14M-5,-6L0,-14L5,-6" fill="none" stroke="var(--ink)" />
        <text x="0" y="26" textAnchor="middle" fontSize="12" fill="var(--ink)">
          N
        </text>
      </g>
      <g transform={`translate(16 ${H - 12})`}>
        <path d={`M0,-4V0H${(barM * perM).toFixed(1)}V-4`} fill="none" stroke="var(--ink)" />
        <text x={barM * perM + 6} y="1" fontSize="12" fill="var(--ink)">
          {format(barM, 'distance')}
        </text>
      </g>
      {classes && (
        <g transform={`translate(${W - 262} ${H - 14})`}>
          <text x="-6" y="2" fontSize="12" textAnchor="end" fill="var(--dim)">
            {unitLabel(MEASURE[by])}
          </text>
          {Array.from({ length: CLASSES }, (_, level) => (
            <g key={level} transform={`translate(${level * 50} 0)`}>
              <line x1="0" y1="-10" x2="44" y2="-10" stroke={shade(level)} strokeWidth={1.6 + 0.5 * level} />
              <text x="22" y="3" fontSize="11" textAnchor="middle" fill="var(--ink)">
                {fixed(middle(level), decimals)}
              </text>
            </g>
          ))}
        </g>
      )}
    </svg>
  );
}

const shade = (level: number): string => `color-mix(in srgb, var(--hi) ${100 - level * 22}%, var(--ink))`;

type XY = readonly [x: number, y: number];

function placedOn(points: readonly DayPoint[]) {
  const known = points.filter(({ latDeg, lonDeg }) => latDeg !== null && lonDeg !== null);
  if (known.length < 2) return null;
  const lats = known.map(({ latDeg }) => latDeg!);
  const lons = known.map(({ lonDeg }) => lonDeg!);
  const [south, north, west, east] = [Math.min(...lats), Math.max(...lats), Math.min(...lons), Math.max(...lons)];
  const shrink = Math.cos(((south + north) / 2) * (Math.PI / 180));
  const [wide, high] = [(east - west) * shrink * METRES_PER_DEGREE, (north - south) * METRES_PER_DEGREE];
  const perM = Math.min((W - 2 * EDGE) / Math.max(50, wide), (H - 2 * EDGE - 20) / Math.max(50, high));
  const xyOf = (latDeg: number, lonDeg: number): XY => [
    W / 2 + (lonDeg - (west + east) / 2) * shrink * METRES_PER_DEGREE * perM,
    (H - 20) / 2 - (latDeg - (south + north) / 2) * METRES_PER_DEGREE * perM,
  ];
  const xy = known.map(({ latDeg, lonDeg }) => xyOf(latDeg!, lonDeg!));
  const indexAt = (tS: number) => {
    const i = known.findIndex((point) => point.tS >= tS);
    return i < 0 ? known.length - 1 : i;
  };
  return {
    points: known,
    xy,
    perM,
    xyOf,
    at: (tS: number): XY | null => xy[indexAt(tS)] ?? null,
    courseAt: (tS: number): number => {
      const i = Math.max(1, indexAt(tS));
      const [[x0, y0], [x1, y1]] = [xy[i - 1]!, xy[i]!];
      return Math.atan2(x1 - x0, y0 - y1);
    },
    /** the place along the track that lies so far behind the boat */
    behind: (tS: number, metres: number): XY | null => {
      let left = metres * perM;
      for (let i = indexAt(tS); i > 0; i -= 1) {
        const [[x1, y1], [x0, y0]] = [xy[i]!, xy[i - 1]!];
        const step = Math.hypot(x1 - x0, y1 - y0);
        if (step >= left && step > 0) return [x1 + ((x0 - x1) * left) / step, y1 + ((y0 - y1) * left) / step];
        left -= step;
      }
      return null;
    },
  };
}

function classesOf(
  points: readonly DayPoint[],
  by: ColouredBy,
): { readonly from: number; readonly span: number } | null {
  const values = points.flatMap((point) => (point[by] === null ? [] : [point[by]])).sort((a, b) => a - b);
  if (values.length < 5) return null;
  // A few readings far out would leave one colour to all others.
  const [from, to] = [values[Math.floor(0.03 * values.length)]!, values[Math.floor(0.97 * values.length)]!];
  return { from, span: Math.max(1e-6, to - from) };
}

function boatPath([x, y]: XY, courseRad: number): string {
  const turned = (dx: number, dy: number) =>
    `${(x + dx * Math.cos(courseRad) - dy * Math.sin(courseRad)).toFixed(1)},${(y + dx * Math.sin(courseRad) + dy * Math.cos(courseRad)).toFixed(1)}`;
  return `M${turned(0, -9)}L${turned(4.5, 6)}L${turned(-4.5, 6)}z`;
}
