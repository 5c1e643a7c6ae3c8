'use client';

import type { EffectFigures, VerdictName } from '@/core/judge';
import type { Part } from '@/domain/parts';
import { useI18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import { effectColumns } from '@/features/fields/shown-as';
import { useFished } from '@/features/fields/verdict-words';

export interface EffectRowProps {
  readonly before: EffectFigures;
  readonly after: EffectFigures;
  /** absent while a remedy is tried on, which changes more than one part */
  readonly parts: { readonly was: Part; readonly is: Part } | null;
  readonly onWorking: (verdict: VerdictName) => void;
}

/** The verdict whose working has the figure. */
const WORKED_IN: Readonly<Record<string, VerdictName>> = {
  grams: 'throw',
  net: 'fall',
  rate: 'fall',
  runs: 'fall',
  pull: 'throw',
  pitch: 'balance',
  needed: 'set',
  opening: 'set',
  points: 'balance',
};

/** What is tried on changes, before and after, in one row. */
export function EffectRow({ before, after, parts, onWorking }: EffectRowProps) {
  const fished = useFished();
  const i18n = useI18n();
  const { t, format, number, money } = i18n;
  const cells: readonly { readonly key: string; readonly label: string; readonly was: string; readonly is: string }[] =
    [
      ...effectColumns(fished).map(([key, field, measure]) => ({
        key,
        label: t(`effect.${key}`),
        was: format(before[field], measure),
        is: format(after[field], measure),
      })),
      {
        key: 'points',
        label: t('effect.points'),
        was: number(before.pointsInReach, 0),
        is: number(after.pointsInReach, 0),
      },
      ...(parts
        ? [
            {
              key: 'price',
              label: t('effect.price'),
              was: parts.was.price ? money(parts.was.price) : '–',
              is: parts.is.price ? money(parts.is.price) : '–',
            },
          ]
        : []),
    ];
  return (
    <section
      aria-label={t('effect.title')}
      data-testid="effect"
      className="flex border border-ink bg-sheet max-lg:flex-wrap"
    >
      <p className="narrow w-[8.5rem] shrink-0 border-r border-faint px-3.5 py-1 text-[12.5px]">
        <span className="block font-semibold">{t('candidates.changes')}</span>
        <span className="line-clamp-2 text-[12px] text-dim">{parts ? partTitle(i18n, parts.is) : t('remedy.one')}</span>
      </p>
      <dl className="grid min-w-0 flex-1 grid-cols-4 lg:grid-cols-8">
        {cells.map(({ key, label, was: before_, is: after_ }) => (
          <div
            key={key}
            data-changed={before_ !== after_}
            className="min-w-0 border-l border-faint px-2 py-1 first:border-l-0 data-[changed=true]:font-semibold"
          >
            <dt className="narrow truncate text-[11.5px] font-normal text-dim">{label}</dt>
            <dd className="narrow text-[14px] leading-[1.2]">
              {WORKED_IN[key] ? (
                <button
                  type="button"
                  onClick={() => onWorking(WORKED_IN[key]!)}
                  aria-label={`${label} ${after_}: ${t('key.working')}`}
                  className="hover:underline"
                >
                  {after_}
                </button>
              ) : (
                after_
              )}
            </dd>
            <dd className="narrow text-[12px] font-normal leading-[1.2] text-dim">
              <span className="sr-only">{t('effect.was')} </span>
              {before_ === after_ ? '=' : before_}
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
