'use client';

import type { TowPoint } from '@/core/afloat';
import type { Craft } from '@/domain/house';
import { MOST_TOW_POINTS, TOW_POINT_KINDS, TOW_POINT_LIMITS as T } from '@/domain/spread/tow-point-limits';
import {
  beamOf,
  isOnCraft,
  pointNumber,
  towPointBounds,
  towPointsOf,
  usualTowPoints,
} from '@/domain/spread/tow-points';
import { QuantityField } from '@/features/fields/quantity-field';
import { Fields, Figure, Note, Press } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import type { SpreadInHand } from '../use-spread';

/** The craft as lines see it: its beam, every place that takes a line, its first crest as it was seen, its white water. */
export function BoatPanel({ inHand }: { readonly inHand: SpreadInHand }) {
  const { t, format } = useI18n();
  const { craft } = inHand;
  if (!craft) return null;
  const points = towPointsOf(craft);
  const put = (next: readonly TowPoint[]) => inHand.changeCraft('towPoints', [...next]);
  const { firstCrest, whiteWater } = craft;
  return (
    <div data-testid="boat" className="flex flex-col gap-2">
      <Fields>
        <QuantityField
          label={t('spread.boat.beam')}
          measure="rodLength"
          value={craft.beamM ?? null}
          limits={T.beamM}
          emptyMeans={format(beamOf(craft), 'rodLength')}
          onValueChange={(beamM) => inHand.changeCraft('beamM', beamM ?? undefined)}
        />
        <QuantityField
          label={t('spread.boat.crest')}
          measure="distance"
          value={firstCrest?.behindM ?? null}
          limits={T.crestM}
          emptyMeans={t('spread.boat.crestGuess')}
          onValueChange={(behindM) =>
            inHand.changeCraft(
              'firstCrest',
              behindM === null ? undefined : { behindM, speedMps: firstCrest?.speedMps ?? inHand.spread.speedMps },
            )
          }
        />
        {firstCrest && (
          <Figure
            label={t('spread.boat.crestAt')}
            measure="speed"
            value={firstCrest.speedMps}
            limits={T.crestMps}
            onValue={(speedMps) => inHand.changeCraft('firstCrest', { ...firstCrest, speedMps })}
          />
        )}
        <QuantityField
          label={t('spread.boat.whiteWidth')}
          measure="distance"
          value={whiteWater?.widthM ?? null}
          limits={T.whiteWidthM}
          emptyMeans={t('spread.boat.noWhite')}
          onValueChange={(widthM) =>
            inHand.changeCraft(
              'whiteWater',
              widthM === null ? undefined : { widthM, lengthM: whiteWater?.lengthM ?? 5 },
            )
          }
        />
        {whiteWater && (
          <Figure
            label={t('spread.boat.whiteLength')}
            measure="distance"
            value={whiteWater.lengthM}
            limits={T.whiteLengthM}
            onValue={(lengthM) => inHand.changeCraft('whiteWater', { ...whiteWater, lengthM })}
          />
        )}
      </Fields>
      <h3 className="narrow border-t border-ink pt-1 text-[15px] font-semibold">{t('spread.boat.points')}</h3>
      {points.map((point, i) => (
        <PointRow
          key={point.id}
          craft={craft}
          point={point}
          name={`${t(`spread.point.${point.kind}`)} ${pointNumber(points, point)}`}
          isUsed={inHand.spread.lines.some(({ pointId }) => pointId === point.id)}
          onPoint={(next) => put(points.map((each, k) => (k === i ? next : each)))}
          onRemove={() => put(points.filter((_, k) => k !== i))}
        />
      ))}
      <div className="flex flex-wrap gap-2">
        {points.length < MOST_TOW_POINTS &&
          TOW_POINT_KINDS.map((kind) => (
            <Press
              key={kind}
              onPress={() =>
                put([
                  ...points,
                  {
                    id: `${kind}-${crypto.randomUUID().slice(0, 8)}`,
                    kind,
                    xM: 0,
                    yM: kind === 'mast' ? -0.6 * craft.lengthM : 0,
                    upM: kind === 'mast' ? 2 : craft.freeboardM,
                    pointsRad: 0,
                  },
                ])
              }
            >
              {t('spread.boat.add', { kind: t(`spread.point.${kind}`) })}
            </Press>
          ))}
        {craft.towPoints && <Press onPress={() => put(usualTowPoints(craft))}>{t('spread.boat.usual')}</Press>}
      </div>
      <Note>{t('spread.boat.note')}</Note>
    </div>
  );
}

function PointRow({
  craft,
  point,
  name,
  isUsed,
  onPoint,
  onRemove,
}: {
  readonly craft: Craft;
  readonly point: TowPoint;
  readonly name: string;
  readonly isUsed: boolean;
  readonly onPoint: (point: TowPoint) => void;
  readonly onRemove: () => void;
}) {
  const { t } = useI18n();
  const bounds = towPointBounds(craft, point.kind);
  const figure = (key: 'xM' | 'yM' | 'upM', limits: { readonly min: number; readonly max: number }) => (
    <Figure
      label={t(`spread.boat.${key}`)}
      measure="rodLength"
      value={point[key]}
      limits={limits}
      onValue={(value) => onPoint({ ...point, [key]: value })}
    />
  );
  return (
    <fieldset className="border-t border-faint" data-point={point.id}>
      <legend className="sr-only">{name}</legend>
      {!isOnCraft(craft, point) && (
        <p role="alert" className="semi-narrow text-[13.5px]">
          {t('spread.boat.outside', { place: name })}
        </p>
      )}
      <div className="grid grid-cols-2 items-end gap-x-3 sm:grid-cols-[7rem_1fr_1fr_1fr_1fr_auto]">
        <span className="narrow pb-1 text-[14px] font-semibold">{name}</span>
        {figure('xM', bounds.xM)}
        {figure('yM', bounds.yM)}
        {figure('upM', T.upM)}
        {point.kind === 'holder' ? (
          <ChoiceField
            label={t('spread.boat.points-to')}
            value={directionOf(point.pointsRad)}
            options={DIRECTIONS.map((value) => ({ value, label: t(`spread.direction.${value}`) }))}
            onValueChange={(value) => onPoint({ ...point, pointsRad: radOf(value) })}
          />
        ) : (
          <span />
        )}
        <button
          type="button"
          disabled={isUsed}
          onClick={onRemove}
          className="narrow mb-1 min-h-8 border border-faint px-2 text-[13px] hover:border-ink disabled:text-dim"
        >
          {t('spread.boat.remove')}
        </button>
      </div>
    </fieldset>
  );
}

const DIRECTIONS = ['port', 'port-quarter', 'aft', 'starboard-quarter', 'starboard'] as const;
type Direction = (typeof DIRECTIONS)[number];
const STEP_RAD = 0.65;
const radOf = (direction: Direction): number => (DIRECTIONS.indexOf(direction) - 2) * STEP_RAD;
const directionOf = (rad: number): Direction => DIRECTIONS[Math.min(4, Math.max(0, Math.round(rad / STEP_RAD) + 2))]!;
