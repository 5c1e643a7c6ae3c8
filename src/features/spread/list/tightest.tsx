'use client';

import type { Spread, Tightest as TightestTurn, Turn } from '@/core/afloat';
import type { SpreadDocument } from '@/domain/spread/spread';
import { useI18n, type I18n } from '@/i18n/client';
import { nameOf } from '../words';

/** The tightest safe turn to each side in large figures with what rules it, and the nearest pair as drawn. */
export function Tightest({
  spread,
  solved,
  turn,
}: {
  readonly spread: SpreadDocument;
  readonly solved: Spread | null;
  readonly turn: Turn;
}) {
  const i18n = useI18n();
  const { t, format } = i18n;
  return (
    <section
      aria-label={t('spread.tightest.title')}
      className="border border-ink bg-sheet px-3 py-1.5"
      data-testid="tightest"
    >
      <h2 className="narrow text-[15px] font-semibold">
        {t('spread.tightest.title')} · {format(spread.speedMps, 'speed')}
      </h2>
      <div className="grid grid-cols-2 gap-3">
        {(['port', 'starboard'] as const).map((side) => (
          <div key={side} className="border-t border-ink pt-0.5" data-side={side}>
            <p className="narrow flex items-baseline justify-between gap-2">
              <span className="text-[14px]">{t(`spread.turn.side.${side}`)}</span>
              <span className="text-[30px] font-semibold leading-none">
                {solved ? radiusText(i18n, solved.tightest[side]) : '–'}
              </span>
            </p>
            <p className="semi-narrow text-[13px] leading-snug">
              {solved ? becauseText(i18n, spread, solved.tightest[side]) : ''}
            </p>
          </div>
        ))}
      </div>
      {solved?.closest && (
        <p className="semi-narrow mt-1 border-t border-faint pt-1 text-[13px] leading-snug text-dim">
          {t(`spread.tightest.closest.${solved.closest.in}`, {
            radius: format(turn.radiusM, 'distance'),
            a: nameOf(i18n, spread, solved.closest.a),
            b: nameOf(i18n, spread, solved.closest.b),
            distance: format(solved.closest.distanceM, 'distance'),
          })}
        </p>
      )}
    </section>
  );
}

function radiusText({ t, format }: I18n, found: TightestTurn): string {
  if (found.outcome === 'ok') return format(found.radiusM, 'distance');
  return t(found.outcome === 'any' ? 'spread.tightest.any' : 'spread.tightest.none');
}

function becauseText(i18n: I18n, spread: SpreadDocument, found: TightestTurn): string {
  const { t } = i18n;
  if (found.outcome === 'any') return t('spread.tightest.anyWhy');
  const names = found.because.map((name) => nameOf(i18n, spread, name));
  if (found.outcome === 'too-close-straight')
    return t('spread.tightest.straight', { a: names[0]!, b: names[1] ?? '–' });
  return names.length === 1
    ? t('spread.tightest.slack', { a: names[0]! })
    : t('spread.tightest.near', { a: names[0]!, b: names[1]! });
}
