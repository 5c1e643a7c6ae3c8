'use client';

import type { ReactNode } from 'react';
import { clockOf, secondsOf } from '@/domain/plan/clock';
import { MOST, PLAN_LIMITS as P } from '@/domain/plan/plan-limits';
import { Figure } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import { TimeField } from '@/ui/time-field';
import { COMPASS, pointOf, radOf } from '../compass';
import type { CellProps } from './cell-props';
import { LIGHTS, SKIES } from './condition-words';
import { OptionalChoice } from './optional-choice';

/** A change is first offered so long after the one before [s]. */
const LATER_S = 4 * 3600;
/** A light breeze, until the wind is said [m/s]. */
const BREEZE_MPS = 4;

/** Clouds from hour to hour where the sun is known; else one light for the whole day. */
export function LightFields({ plan, water, change, day }: CellProps) {
  const { t } = useI18n();
  const { sky } = plan;
  const put = (at: number, next: Partial<(typeof sky)[number]>) =>
    change({ sky: inOrder(sky.map((each, i) => (i === at ? { ...each, ...next } : each))) });
  const knowsSun = water?.latitudeRad !== undefined;
  return (
    <>
      <OptionalChoice
        label={t('today.field.light')}
        value={plan.day.light}
        values={LIGHTS}
        word={(light) => t(`word.${light}`)}
        unsaid={t(knowsSun ? 'today.bySun' : 'today.notSaid')}
        onValue={(light) => day({ light })}
      />
      {plan.day.light === undefined && (
        <>
          {sky.map((each, i) => (
            <Row key={i} onRemove={() => change({ sky: sky.filter((_, k) => k !== i) })}>
              <TimeField
                label={t('today.field.fromHour')}
                value={clockOf(each.fromS)}
                onValueChange={(clock) => put(i, { fromS: secondsOf(clock) ?? each.fromS })}
              />
              <ChoiceField
                label={t('today.field.sky')}
                value={each.sky}
                options={SKIES.map((value) => ({ value, label: t(`word.${value}`) }))}
                onValueChange={(next) => put(i, { sky: next })}
              />
            </Row>
          ))}
          {sky.length < MOST.changes && (
            <Add
              onAdd={() =>
                change({
                  sky: inOrder([
                    ...sky,
                    {
                      fromS: laterThan(sky, plan.hours.fromS),
                      sky: sky.at(-1)?.sky === 'overcast' ? 'bright' : 'overcast',
                    },
                  ]),
                })
              }
            >
              {t('today.addSky')}
            </Add>
          )}
          {!knowsSun && <p className="semi-narrow mt-1 text-[12.5px] text-dim">{t('today.needsLatitude')}</p>}
        </>
      )}
    </>
  );
}

export function WindFields({ plan, change }: CellProps) {
  const { t } = useI18n();
  const { wind } = plan;
  const put = (at: number, next: Partial<(typeof wind)[number]>) =>
    change({ wind: inOrder(wind.map((each, i) => (i === at ? { ...each, ...next } : each))) });
  return (
    <>
      {wind.map((each, i) => (
        <Row key={i} onRemove={() => change({ wind: wind.filter((_, k) => k !== i) })}>
          <TimeField
            label={t('today.field.fromHour')}
            value={clockOf(each.fromS)}
            onValueChange={(clock) => put(i, { fromS: secondsOf(clock) ?? each.fromS })}
          />
          <ChoiceField
            label={t('today.field.windFrom')}
            value={pointOf(each.fromRad)}
            options={COMPASS.map((value) => ({ value, label: t(`today.point.${value}`) }))}
            onValueChange={(point) => put(i, { fromRad: radOf(point) })}
          />
          <Figure
            label={t('today.field.windMps')}
            measure="speed"
            value={each.windMps}
            limits={P.windMps}
            onValue={(windMps) => put(i, { windMps })}
          />
        </Row>
      ))}
      {wind.length < MOST.changes && (
        <Add
          onAdd={() =>
            change({
              wind: inOrder([
                ...wind,
                {
                  fromS: laterThan(wind, plan.hours.fromS),
                  windMps: wind.at(-1)?.windMps ?? BREEZE_MPS,
                  fromRad: wind.at(-1)?.fromRad ?? radOf('SW'),
                },
              ]),
            })
          }
        >
          {t(wind.length === 0 ? 'today.addWind' : 'today.addWindLater')}
        </Add>
      )}
    </>
  );
}

const inOrder = <T extends { readonly fromS: number }>(changes: readonly T[]): T[] =>
  changes.toSorted((a, b) => a.fromS - b.fromS);

const laterThan = (changes: readonly { readonly fromS: number }[], startS: number): number =>
  Math.min(P.hourS.max, changes.length === 0 ? startS : changes.at(-1)!.fromS + LATER_S);

function Row({ children, onRemove }: { readonly children: ReactNode; readonly onRemove: () => void }) {
  const { t } = useI18n();
  return (
    <div className="mt-1 flex items-end gap-x-3 [&>*]:min-w-0 [&>*]:flex-1">
      {children}
      <button
        type="button"
        aria-label={t('today.removeChange')}
        className="min-h-8 max-w-9 border border-faint"
        onClick={onRemove}
      >
        ×
      </button>
    </div>
  );
}

const Add = ({ children, onAdd }: { readonly children: ReactNode; readonly onAdd: () => void }) => (
  <button type="button" className="narrow mt-2 min-h-8 border border-faint px-2 text-[13px]" onClick={onAdd}>
    {children}
  </button>
);
