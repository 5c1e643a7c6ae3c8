'use client';

import type { Hole } from '@/core/decide';
import { useI18n, type I18n } from '@/i18n/client';
import { capOf, useLetterKeys } from '@/ui/keys';
import { KeyCap } from '@/ui/key-cap';
import { Link } from '@/ui/link';
import type { Care } from './care';
import type { Today } from './use-today';

export interface Step {
  readonly action: 'water' | 'spread' | 'deck' | 'tie' | 'cards' | 'trip';
  readonly letter: string;
  /** null: it is done here first */
  readonly href: string | null;
  readonly goes: string;
}

/** What nothing serves today, what is to be minded, and where to from here. */
export function SideColumn({
  today,
  cares,
  authority,
  steps,
  onStep,
}: {
  readonly today: Today;
  readonly cares: readonly Care[];
  readonly authority: string;
  readonly steps: readonly Step[];
  readonly onStep: (action: Step['action']) => void;
}) {
  const i18n = useI18n();
  const { t } = i18n;
  const letters = useLetterKeys();
  const step =
    'narrow flex min-h-10 w-full items-center gap-3 border-t border-faint px-3 text-left text-[15px] font-semibold first:border-0 hover:bg-paper';
  const inside = ({ action, letter, goes }: Step) => (
    <>
      {letters && <KeyCap>{capOf(letter)}</KeyCap>}
      <span className="flex-1">{t(`today.key.${action}`)}</span>
      <span className={`font-normal ${action === 'trip' ? '' : 'text-dim'}`}>{goes}</span>
    </>
  );
  return (
    <div className="flex min-h-0 flex-col gap-2">
      {/* What is to be read scrolls; the next steps stay in view. */}
      <div
        role="group"
        aria-label={t('today.care')}
        tabIndex={0}
        className="flex min-h-0 flex-col gap-2 lg:overflow-y-auto"
      >
        <section aria-label={t('today.holes')} className="border border-ink bg-sheet px-3 py-1" data-testid="holes">
          <h2 className="narrow text-[15px] font-semibold">{t('today.holes')}</h2>
          {today.holes.length === 0 && <p className="semi-narrow text-[14px] text-dim">{t('today.noHoles')}</p>}
          {today.holes.map((hole, i) => (
            <p key={i} className="semi-narrow border-t border-faint py-1 text-[14px]">
              <strong>{holeText(i18n, hole)}</strong>{' '}
              {hole.nearest ? t('today.nearest', { setup: today.nameOf(hole.nearest) ?? '–' }) : t('today.noneNear')}
            </p>
          ))}
        </section>
        <section aria-label={t('today.care')} className="border border-ink bg-sheet px-3 py-1" data-testid="care">
          <h2 className="narrow text-[15px] font-semibold">{t('today.care')}</h2>
          {cares.map((care) => (
            <p key={care.code} data-care={care.code} className="semi-narrow border-t border-faint py-1 text-[14px]">
              {careText(i18n, care, authority)}
            </p>
          ))}
        </section>
      </div>
      <nav aria-label={t('today.next')} className="shrink-0 border border-ink bg-sheet">
        {steps.map((each) =>
          each.href === null ? (
            <button key={each.action} type="button" className={step} onClick={() => onStep(each.action)}>
              {inside(each)}
            </button>
          ) : (
            <Link
              key={each.action}
              href={each.href}
              className={`${step} ${each.action === 'trip' ? 'bg-hi text-on-hi hover:bg-hi' : ''}`}
            >
              {inside(each)}
            </Link>
          ),
        )}
      </nav>
    </div>
  );
}

function holeText({ t, format }: I18n, hole: Hole): string {
  switch (hole.kind) {
    case 'method':
      return t(`today.method.${hole.method}`);
    case 'depth':
      return t('today.hole.depth', { from: format(hole.fromM, 'depth'), to: format(hole.toM, 'depth') });
    case 'bait':
      return hole.fromM === hole.toM
        ? t('today.hole.oneBait', { at: format(hole.fromM, 'size') })
        : t('today.hole.bait', { from: format(hole.fromM, 'size'), to: format(hole.toM, 'size') });
    default:
      return hole satisfies never;
  }
}

function careText({ t, format, number }: I18n, { code, facts }: Care, authority: string): string {
  const { rods = 0, allowed = 0, most = 0, massKg = 0, mostKg = 0, longestM = 0, waveM = 0, freeboardM = 0 } = facts;
  return t(`today.minds.${code}`, {
    authority,
    rods: number(rods, 0),
    allowed: number(allowed, 0),
    most: number(most, 0),
    mass: format(massKg, 'bodyMass'),
    mostMass: format(mostKg, 'bodyMass'),
    longest: format(longestM, 'rodLength'),
    wave: format(waveM, 'depth'),
    freeboard: format(freeboardM, 'rodLength'),
  });
}
