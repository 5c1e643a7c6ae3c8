'use client';

import type { Point, TowPoint } from '@/core/afloat';
import type { Craft } from '@/domain/house';
import { SPREAD_DOCUMENT_LIMITS as L } from '@/domain/spread/spread-limits';
import type { SpreadDocument } from '@/domain/spread/spread';
import { beamOf, pointNumber, towPointsOf } from '@/domain/spread/tow-points';
import { Balloon } from '@/features/fields/balloon';
import { Handle } from '@/features/fields/handle';
import { useI18n } from '@/i18n/client';
import { nameOf, numberOf } from '../words';
import type { Frame } from './frame';
import { movedApart } from './frame';
import type { Geometry, LaidPiece } from './geometry';

export interface DrawnSpread {
  readonly spread: SpreadDocument;
  readonly craft: Craft;
  readonly geometry: Geometry;
  readonly frame: Frame;
  readonly width: number;
  readonly height: number;
  readonly chosen: string | null;
  readonly onChoose: (id: string) => void;
}

const pathOf = (points: readonly (readonly [number, number])[]): string =>
  points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)},${y.toFixed(1)}`).join('');

/** The boat and its lines from above, to scale. */
export function Above({
  crests,
  onPlace,
  onLine,
  ...drawn
}: DrawnSpread & {
  readonly crests: readonly number[];
  readonly onPlace: (pointId: string) => void;
  readonly onLine: (id: string, lineM: number) => void;
}) {
  const { spread, craft, geometry, frame, width, height, chosen, onChoose } = drawn;
  const { t, format } = useI18n();
  const { along, across, perM, aft } = frame;
  const points = towPointsOf(craft);
  const labels = geometry.map(({ lureM: [x, y] }) => ({ x: along(y) + aft * 18, y: across(x) }));
  const ys = movedApart(labels, { dx: 108, dy: 20, top: 30, bottom: height - 16 });
  const side = (which: 'port' | 'starboard') => (
    <text
      key={which}
      x={aft === 1 ? 12 : width - 12}
      y={(which === 'starboard') === (aft === 1) ? 42 : height - 28}
      textAnchor={aft === 1 ? 'start' : 'end'}
      className="side-word"
    >
      {t(`spread.${which}`)}
    </text>
  );
  return (
    <svg
      width={width}
      height={height}
      className="column block"
      role="group"
      aria-label={t('spread.above')}
      data-testid="above"
    >
      {side('port')}
      {side('starboard')}
      <WhiteWater craft={craft} frame={frame} />
      {crests.map((crest, k) => {
        const half = Math.min(crest * Math.tan(0.339837) + beamOf(craft) / 2, 0.35 * (height / perM));
        return along(crest) > width || along(crest) < 0 ? null : (
          <path
            key={k}
            d={pathOf(
              [-1, -0.5, 0, 0.5, 1].map((share) => [along(crest + 0.25 * half * share * share), across(share * half)]),
            )}
            className="crest"
          />
        );
      })}
      {geometry.map((line) => (
        <g key={line.id} onClick={() => onChoose(line.id)} className="cursor-pointer" data-line={line.id}>
          {line.pieces.map((piece, k) => (
            <Piece key={k} piece={piece} frame={frame} on={line.id === chosen} />
          ))}
        </g>
      ))}
      <Hull craft={craft} frame={frame} />
      {points.map((point) => (
        <Point
          key={point.id}
          point={point}
          frame={frame}
          label={t('spread.placeHere', { place: t(`spread.point.${point.kind}`), number: pointNumber(points, point) })}
          takenBy={spread.lines.find(({ pointId }) => pointId === point.id)?.id ?? null}
          isOn={spread.lines.some(({ id, pointId }) => id === chosen && pointId === point.id)}
          onPress={() => onPlace(point.id)}
        />
      ))}
      {geometry.map(({ id, lureM: [x, y, z] }, i) => {
        const [lx, ly] = [along(y), across(x)];
        const label = labels[i]!;
        const isOn = id === chosen;
        return (
          <g key={id}>
            {Math.abs(ys[i]! - ly) > 4 && <path d={`M${lx},${ly}L${label.x - aft * 9},${ys[i]!}`} className="tick" />}
            <path d={`M${lx + aft * 8},${ly}l${-aft * 8},-3v6z`} className="pen-lure" />
            <text
              x={label.x + aft * 13}
              y={ys[i]! + 4}
              textAnchor={aft === 1 ? 'start' : 'end'}
              className={isOn ? 'wanted' : ''}
            >
              {t('spread.deep', { depth: format(z, 'depth') })}
            </text>
            <g onClick={() => onChoose(id)} className="cursor-pointer">
              <Balloon
                x={label.x}
                y={ys[i]!}
                text={numberOf(spread, id) > 0 ? String(numberOf(spread, id)) : nameOf({ t }, spread, id).slice(0, 1)}
                on={isOn}
              />
            </g>
          </g>
        );
      })}
      {spread.lines.map(({ id, lineM }) => {
        const found = geometry.find((each) => each.id === id);
        if (!found) return null;
        const [x, y] = found.lureM;
        return (
          <g
            key={id}
            onFocus={() => onChoose(id)}
            onPointerDown={() => onChoose(id)}
            data-on={id === chosen}
            className="lure-handle"
          >
            <Handle
              label={t('spread.lineOf', { number: numberOf(spread, id) })}
              x={along(y)}
              y={across(x)}
              value={lineM}
              text={format(lineM, 'distance')}
              min={L.lineM.min}
              max={L.lineM.max}
              step={0.5}
              perPx={aft / perM}
              axis="x"
              onValue={(next) => onLine(id, next)}
            />
          </g>
        );
      })}
    </svg>
  );
}

function Piece({
  piece,
  frame: { along, across },
  on,
}: {
  readonly piece: LaidPiece;
  readonly frame: Frame;
  readonly on: boolean;
}) {
  const at = ([x, y]: Point): readonly [number, number] => [along(y), across(x)];
  const end = piece.points.at(-1)!;
  const path = pathOf([piece.points[0]!, end].map(at));
  if (piece.kind === 'board') {
    const [x, y] = at(end);
    return (
      <>
        <path d={path} className={on ? 'pen-towed-on' : 'pen-towed'} />
        <path d={`M${x - 7},${y - 4}h14l-3,8h-14z`} className="pen-ball" />
      </>
    );
  }
  if (piece.kind === 'cable') {
    const [x, y] = at(end);
    return (
      <>
        <path d={path} className="pen-cable" />
        <circle cx={x} cy={y} r={3} className="pen-ball" />
      </>
    );
  }
  return <path d={path} className={on ? 'pen-towed-on' : 'pen-towed'} />;
}

/** The craft from above: pointed at the bow, square at the transom. */
export function Hull({
  craft,
  frame: { along, across },
}: {
  readonly craft: Craft;
  readonly frame: Pick<Frame, 'along' | 'across'>;
}) {
  const half = beamOf(craft) / 2;
  const { lengthM } = craft;
  const at = (y: number, x: number) => `${along(y).toFixed(1)},${across(x).toFixed(1)}`;
  return (
    <path
      d={`M${at(0, -half * 0.9)}L${at(-lengthM * 0.55, -half)}Q${at(-lengthM * 0.85, -half * 0.8)} ${at(-lengthM, 0)}Q${at(-lengthM * 0.85, half * 0.8)} ${at(-lengthM * 0.55, half)}L${at(0, half * 0.9)}z`}
      className="pen-hull"
    />
  );
}

function WhiteWater({
  craft: { whiteWater },
  frame: { along, across },
}: {
  readonly craft: Craft;
  readonly frame: Frame;
}) {
  if (!whiteWater) return null;
  const { widthM, lengthM } = whiteWater;
  const [x0, x1] = [along(0), along(lengthM)];
  const [y0, y1] = [across(-widthM / 2), across(widthM / 2)];
  return (
    <g aria-hidden="true">
      <defs>
        <pattern id="white-water" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
          <path d="M0,0V6" className="hatch" />
        </pattern>
      </defs>
      <rect
        x={Math.min(x0, x1)}
        y={Math.min(y0, y1)}
        width={Math.abs(x1 - x0)}
        height={Math.abs(y1 - y0)}
        fill="url(#white-water)"
      />
    </g>
  );
}

/** A place of the boat: a touch puts the chosen line there. */
function Point({
  point,
  frame: { along, across },
  label,
  takenBy,
  isOn,
  onPress,
}: {
  readonly point: TowPoint;
  readonly frame: Frame;
  readonly label: string;
  readonly takenBy: string | null;
  readonly isOn: boolean;
  readonly onPress: () => void;
}) {
  const [x, y] = [along(point.yM), across(point.xM)];
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={label}
      aria-pressed={isOn}
      onClick={onPress}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        event.stopPropagation();
        onPress();
      }}
      className="tow-point cursor-pointer"
      data-point={point.id}
    >
      <circle cx={x} cy={y} r={9} className="grab" />
      {point.kind === 'holder' ? (
        <circle cx={x} cy={y} r={2.4} data-taken={takenBy !== null} data-on={isOn} />
      ) : (
        <path d={`M${x - 2.5},${y - 2.5}h5v5h-5z`} data-taken={takenBy !== null} data-on={isOn} />
      )}
    </g>
  );
}
