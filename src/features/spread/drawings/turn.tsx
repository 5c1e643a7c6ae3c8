'use client';

import { isSolved } from '@/domain/spread/line-names';
import type { Side, Spread, Turn } from '@/core/afloat';
import type { SolvedSpread } from '@/domain/spread/solve';
import { SPREAD_DOCUMENT_LIMITS as L } from '@/domain/spread/spread-limits';
import { Handle } from '@/features/fields/handle';
import { useI18n } from '@/i18n/client';
import { numberOf } from '../words';
import { Hull, type DrawnSpread } from './above';
import { axisStep } from '@/features/fields/nice-steps';
import { movedApart } from './frame';

/** All lines in the turn from above, at their own scale: the knob is the turn's centre, what is hatched is too tight. */
export function TurnDrawing({
  spread,
  craft,
  geometry,
  width,
  height,
  chosen,
  onChoose,
  turn,
  tightest,
  solved,
  onTurn,
}: Omit<DrawnSpread, 'frame'> & {
  readonly turn: Turn;
  readonly tightest: Spread['tightest'] | null;
  readonly solved: SolvedSpread;
  readonly onTurn: (turn: Turn) => void;
}) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const limit = (side: Side): number | null => {
    const found = tightest?.[side];
    return found?.outcome === 'ok' ? found.radiusM : null;
  };
  const reach = Math.max(
    25,
    1.15 * turn.radiusM,
    ...(['port', 'starboard'] as const).map((side) => Math.min(1.15 * (limit(side) ?? 0), 3 * turn.radiusM)),
  );
  const points = geometry.flatMap(({ turned }) => (turned ?? []).flatMap((piece) => piece.points));
  const aftM = points.reduce((most, [, y]) => Math.max(most, y), 10);
  const aft = spread.facing === 'forward' ? 1 : -1;
  const perM = Math.min((height - 70) / (2 * reach), (width - 70) / (aftM + craft.lengthM + 8));
  const middle = height / 2 + 8;
  const begin = 34 + craft.lengthM * perM;
  const along = (y: number) => (aft === 1 ? begin + y * perM : width - begin - y * perM);
  const across = (x: number) => middle - aft * x * perM;
  const signed = turn.side === 'starboard' ? turn.radiusM : -turn.radiusM;
  const step = axisStep(22 / perM, 'distance', i18n);
  const ticks = Array.from({ length: Math.floor(reach / step) }, (_, i) => (i + 1) * step);
  const axisX = along(0);
  const ends = geometry.map(({ turned }) => turned?.at(-1)?.points.at(-1) ?? null);
  const labels = ends.map((end) => (end ? { x: along(end[1]) + aft * 9, y: across(end[0]) } : { x: -1e6, y: 0 }));
  const ys = movedApart(labels, { dx: 16, dy: 13, top: 34, bottom: height - 28 });
  return (
    <svg
      width={width}
      height={height}
      className="column block"
      role="group"
      aria-label={t('spread.turn.title')}
      data-testid="turn"
    >
      <defs>
        <pattern id="too-tight" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0,0V7" className="hatch" />
        </pattern>
      </defs>
      {(['port', 'starboard'] as const).map((side) => {
        const radiusM = limit(side);
        const sign = side === 'starboard' ? 1 : -1;
        const edge = across(sign * Math.min(reach, radiusM ?? 0));
        const isUp = edge < middle;
        return (
          <g key={side}>
            {radiusM !== null && (
              <>
                <rect
                  x={axisX - 9}
                  y={Math.min(edge, middle)}
                  width={18}
                  height={Math.abs(edge - middle)}
                  fill="url(#too-tight)"
                />
                {radiusM <= reach && <path d={`M${axisX - 16},${edge}h32`} className="pen-surface" />}
              </>
            )}
            <text
              x={axisX + 22}
              y={isUp ? Math.max(56, edge + 4) : Math.min(height - 26, edge + 4)}
              data-tightest={side}
            >
              {radiusM === null
                ? t(`spread.turn.any.${side}`)
                : t(`spread.turn.tightest.${side}`, { radius: format(radiusM, 'distance') })}
            </text>
          </g>
        );
      })}
      <path d={`M${axisX},${across(-reach)}V${across(reach)}`} className="tick" />
      <g className="axes">
        {ticks.flatMap((m) =>
          [1, -1].map((sign) => (
            <g key={`${m} ${sign}`}>
              <path d={`M${axisX - 4},${across(sign * m)}h4`} className="tick" />
              <text x={axisX - 8} y={across(sign * m) + 4} textAnchor="end">
                {format(m, 'distance')}
              </text>
            </g>
          )),
        )}
      </g>
      {geometry.map(({ id, turned }, i) => {
        const isOn = id === chosen;
        if (!turned) return null;
        const end = turned.at(-1)!.points.at(-1)!;
        return (
          <g key={id} onClick={() => onChoose(id)} className="cursor-pointer" data-turned={id}>
            {isOn && <Arc turn={turn} end={end} along={along} across={across} />}
            {turned.map(({ kind, points: piece }, k) => (
              <path
                key={k}
                d={`M${along(piece[0]![1])},${across(piece[0]![0])}L${along(piece.at(-1)![1])},${across(piece.at(-1)![0])}`}
                className={kind === 'cable' ? 'pen-cable' : isOn ? 'pen-towed-on' : 'pen-towed'}
              />
            ))}
            <circle cx={along(end[1])} cy={across(end[0])} r={2.6} className="pen-lure" />
            <text
              x={labels[i]!.x}
              y={ys[i]! + 4}
              textAnchor={aft === 1 ? 'start' : 'end'}
              className={isOn ? 'wanted' : ''}
            >
              {numberOf(spread, id) || ''}
            </text>
          </g>
        );
      })}
      <Hull craft={craft} frame={{ along, across }} />
      <Handle
        label={t('spread.turn.radius')}
        x={axisX}
        y={across(signed)}
        value={signed}
        text={t(`spread.turn.to.${turn.side}`, { radius: format(turn.radiusM, 'distance') })}
        min={-L.radiusM.max}
        max={L.radiusM.max}
        step={1}
        perPx={-aft / perM}
        axis="y"
        onValue={(next) => onTurn(turnOf(next, turn))}
      />
      <text x={10} y={20} className="title">
        {t(`spread.turn.to.${turn.side}`, { radius: format(turn.radiusM, 'distance') })}
      </text>
      <text x={10} y={height - 8} className="dim">
        {solved.lines.some((line) => isSolved(line)) ? t('spread.turn.drag') : ''}
      </text>
    </svg>
  );
}

/** A signed radius as a turn; through the middle it goes over to the other side. */
const turnOf = (signed: number, before: Turn): Turn => {
  const side: Side = signed === 0 ? before.side : signed > 0 ? 'starboard' : 'port';
  return { side, radiusM: Math.max(L.radiusM.min, Math.abs(signed)) };
};

/** The circle that a lure runs on, a piece of it ahead and behind. */
function Arc({
  turn: { radiusM, side },
  end,
  along,
  across,
}: {
  readonly turn: Turn;
  readonly end: readonly [number, number, number];
  readonly along: (y: number) => number;
  readonly across: (x: number) => number;
}) {
  const sign = side === 'starboard' ? 1 : -1;
  const [cx, cy] = [sign * radiusM, 0];
  const r = Math.hypot(end[0] - cx, end[1] - cy);
  const from = Math.atan2(end[1] - cy, end[0] - cx);
  const points = Array.from({ length: 25 }, (_, i) => {
    const angle = from + ((i - 12) / 12) * 0.6;
    return `${i === 0 ? 'M' : 'L'}${along(cy + r * Math.sin(angle)).toFixed(1)},${across(cx + r * Math.cos(angle)).toFixed(1)}`;
  });
  return <path d={points.join('')} className="grid" />;
}
