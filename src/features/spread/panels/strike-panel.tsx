'use client';

import { useState } from 'react';
import { STRIKE_SPEEDS } from '@/domain/spread/mark-ways';
import type { SolvedSpread } from '@/domain/spread/solve';
import { inTheWay, linesApart, slidOut } from '@/domain/spread/strike';
import { SPREAD_DOCUMENT_LIMITS as L } from '@/domain/spread/spread-limits';
import { towPointsOf } from '@/domain/spread/tow-points';
import { Caution, Fields, Figure, Note, Press } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import type { SpreadInHand } from '../use-spread';
import { fileOf, numberOf, rodName } from '../words';

/** What is done when a fish strikes: the boat's speed, which rods are worked, which are cleared and in what order. */
export function StrikePanel({
  inHand,
  solved,
  chosen,
}: {
  readonly inHand: SpreadInHand;
  readonly solved: SolvedSpread;
  readonly chosen: string | null;
}) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const { spread, craft } = inHand;
  const { strike } = spread;
  const [on, setOn] = useState(chosen);
  const struck = spread.lines.find(({ id }) => id === on) ?? spread.lines[0];
  const apart = linesApart(solved.spread?.pairs ?? []);
  const inWay = struck ? inTheWay(apart, struck.id) : [];
  const cleared = (strike.cleared ?? inWay).filter((id) => id !== struck?.id);
  const put = (changes: Partial<typeof strike>) => inHand.change({ strike: { ...strike, ...changes } });
  const name = (id: string) => {
    const line = spread.lines.find((each) => each.id === id);
    return line ? `${numberOf(spread, id)} ${rodName(i18n, fileOf(inHand, line))}` : id;
  };
  const slides = struck?.board !== undefined && craft !== null;
  return (
    <div data-testid="strike" className="flex flex-col gap-2">
      <Fields>
        <ChoiceField
          label={t('spread.strike.speed')}
          value={strike.speed}
          options={STRIKE_SPEEDS.map((value) => ({ value, label: t(`spread.strike.${value}`) }))}
          onValueChange={(speed) => put({ speed })}
        />
        {struck && (
          <ChoiceField
            label={t('spread.strike.fishOn')}
            value={struck.id}
            options={spread.lines.map(({ id }) => ({ value: id, label: name(id) }))}
            onValueChange={setOn}
          />
        )}
        <Figure
          label={t('spread.strike.for')}
          measure="time"
          value={strike.forS}
          limits={L.forS}
          onValue={(forS) => put({ forS })}
        />
      </Fields>
      <fieldset>
        <legend className="narrow text-[14px] font-semibold">{t('spread.strike.worked')}</legend>
        <div className="flex flex-wrap gap-x-4">
          {spread.lines.map(({ id }) => (
            <label key={id} className="semi-narrow flex min-h-8 items-center gap-1.5">
              <input
                type="checkbox"
                checked={strike.worked.includes(id)}
                onChange={(event) =>
                  put({
                    worked: event.target.checked ? [...strike.worked, id] : strike.worked.filter((each) => each !== id),
                  })
                }
              />
              {name(id)}
            </label>
          ))}
        </div>
      </fieldset>
      {struck && (
        <section>
          <h3 className="narrow border-t border-ink pt-1 text-[15px] font-semibold">
            {t('spread.strike.onLine', { line: name(struck.id) })}
          </h3>
          <ol>
            <li className="semi-narrow py-0.5">
              1. {t(`spread.strike.first.${strike.speed}`, { time: format(strike.forS, 'time') })}
            </li>
            {strike.worked.length > 0 && (
              <li className="semi-narrow py-0.5">
                2.{' '}
                {t('spread.strike.thenWork', {
                  lines:
                    strike.worked
                      .filter((id) => id !== struck.id)
                      .map(name)
                      .join(', ') || '–',
                })}
              </li>
            )}
            {cleared.map((id, i) => {
              const pair = apart.find(({ a, b }) => (a === id && b === struck.id) || (b === id && a === struck.id));
              return (
                <li key={id} className="semi-narrow flex min-h-9 items-center gap-2 border-t border-faint">
                  <span className="flex-1">
                    {t('spread.strike.clear', { number: i + 1 + (strike.worked.length > 0 ? 2 : 1), line: name(id) })}{' '}
                    <span className="text-dim">
                      {pair?.crosses
                        ? t('spread.strike.crosses')
                        : (pair?.straightM ?? null) === null
                          ? ''
                          : t('spread.strike.apart', { distance: format(pair!.straightM!, 'distance') })}
                    </span>
                  </span>
                  <button
                    type="button"
                    aria-label={t('spread.strike.sooner', { line: name(id) })}
                    onClick={() => {
                      const next = [...cleared];
                      const to = Math.max(0, i - 1);
                      [next[i], next[to]] = [next[to]!, next[i]!];
                      put({ cleared: next });
                    }}
                    className="min-h-9 min-w-9 border border-faint"
                  >
                    ↑
                  </button>
                </li>
              );
            })}
          </ol>
          {strike.cleared && <Press onPress={() => put({ cleared: null })}>{t('spread.strike.byItself')}</Press>}
          {slides && (
            <p className="mt-2">
              <Press
                onPress={() => {
                  const points = towPointsOf(craft);
                  inHand.change({
                    lines: [
                      ...slidOut(spread.lines, struck.id, (id) => points.find((each) => each.id === id)?.xM ?? 0),
                    ],
                  });
                }}
              >
                {t('spread.strike.slide')}
              </Press>
            </p>
          )}
        </section>
      )}
      <Note>{t('spread.strike.note')}</Note>
      <Caution>{t('spread.strike.caution')}</Caution>
    </div>
  );
}
