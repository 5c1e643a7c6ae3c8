'use client';

import { useMemo, useState, useTransition } from 'react';
import { useRouter } from 'next/navigation';
import { VERDICT_NAMES } from '@/core/judge';
import type { House } from '@/domain/house';
import type { Part } from '@/domain/parts';
import type { PartKind } from '@/domain/parts/kinds';
import { LURE_KINDS } from '@/domain/start-from';
import { PartLine } from '@/features/fields/part-line';
import { send } from '@/features/fields/send';
import { MARK_SHAPE, MEASURE_OF_UNIT } from '@/features/fields/shown-as';
import { useI18n } from '@/i18n/client';
import { partDetail, partTitle } from '@/i18n/part-text';
import { reasonText, verdictText } from '@/i18n/setup-text';
import { loadDemoAction } from '@/server/actions/bench';
import { Link } from '@/ui/link';
import { Mark } from '@/ui/mark';
import { MeasureFirst } from './measure-first';
import { HANDS, useFirstSetup, type Hand } from './use-first-setup';

const KINDS: Readonly<Record<Hand, readonly PartKind[]>> = { rod: ['rod'], line: ['line'], lure: LURE_KINDS };

export interface FirstSetupProps {
  readonly box: readonly Part[];
  readonly house: House;
  /** the bench has nothing on it: the demo can be put there */
  readonly isBare: boolean;
}

/** The first question to an empty bench: a rod, a line and a lure, and what they come to together. */
export function FirstSetup({ box, house, isBare }: FirstSetupProps) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const first = useFirstSetup(house, t('start.firstReason'));
  const { inHand, setup, evaluation } = first;
  const parts = useMemo(
    () =>
      Object.fromEntries(HANDS.map((hand) => [hand, box.filter(({ kind }) => KINDS[hand].includes(kind))])) as Record<
        Hand,
        Part[]
      >,
    [box],
  );
  const called = (part: Part | undefined) =>
    part ? (part.kind === 'rod' && !part.name ? partDetail(i18n, part, null) : partTitle(i18n, part)) : '';
  const name = `${called(inHand.lure)}, ${called(inHand.rod)}`;
  return (
    <main id="main" tabIndex={-1} className="mx-auto max-w-5xl px-3 py-6 outline-none">
      <h1 className="narrow text-[24px] font-semibold">{t('first.title')}</h1>
      <p className="semi-narrow mb-4 text-dim">{t('first.hint')}</p>
      <div className="grid gap-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        <div>
          <ol className="border border-ink bg-sheet p-3">
            {HANDS.map((hand, i) => (
              <li
                key={hand}
                className="grid grid-cols-[24px_minmax(0,1fr)] items-end border-t border-faint py-2 first:border-0"
              >
                <span className="pb-1 text-[12px] font-semibold">{i + 1}</span>
                <div>
                  <PartLine
                    label={t(`first.${hand}`)}
                    example={t(`first.example.${hand}`)}
                    chosen={inHand[hand] ?? null}
                    isNew={inHand[hand] !== undefined && !box.includes(inHand[hand])}
                    parts={parts[hand]}
                    kinds={KINDS[hand]}
                    onChoose={(part) => first.hold(hand, part)}
                    onMake={(part) => first.hold(hand, part)}
                    onClear={() => first.hold(hand, undefined)}
                  />
                </div>
              </li>
            ))}
          </ol>
          <Others isBare={isBare} />
        </div>
        <section aria-label={t('first.verdicts')} role="status" className="border border-ink bg-sheet p-3">
          {evaluation && setup ? (
            <>
              <ul>
                {VERDICT_NAMES.map((verdict) => {
                  const { mark, value, unit, reasons } = evaluation.verdicts[verdict];
                  return (
                    <li key={verdict} data-verdict={verdict} className="border-t border-faint py-1.5 first:border-0">
                      <p className="flex items-baseline gap-2">
                        <Mark shape={MARK_SHAPE[mark]} size={13} />
                        <span className="narrow font-semibold">
                          {verdictText(i18n, verdict, setup.presentation.kind)}
                        </span>
                        {value !== null && <span className="narrow">{format(value, MEASURE_OF_UNIT[unit])}</span>}
                        <span className="narrow ml-auto text-[13px] text-dim">{t(`mark.${mark}`)}</span>
                      </p>
                      <p className="semi-narrow text-[13px] leading-snug">
                        {reasons.map((reason) => reasonText(i18n, reason, setup)).join(' ')}
                      </p>
                    </li>
                  );
                })}
              </ul>
              <MeasureFirst ranges={first.ranges} setup={setup} />
              <p className="semi-narrow mt-2 text-[13px] text-dim">{t('first.assumed')}</p>
              {first.failure && (
                <p role="alert" className="mt-2 border-l-2 border-ink pl-2 text-[14px]">
                  {t(`failure.${first.failure}`)}
                </p>
              )}
              <button
                type="button"
                disabled={first.busy}
                onClick={() => first.save(name.slice(0, 120))}
                className="narrow mt-3 min-h-11 w-full border border-ink bg-hi font-semibold text-on-hi"
              >
                {t('start.save')}
              </button>
            </>
          ) : (
            <p className="semi-narrow text-dim">
              {first.failed ? t('start.noAnswer') : first.isWhole ? t('start.working') : t('first.waiting')}
            </p>
          )}
        </section>
      </div>
    </main>
  );
}

/** The other ways to begin. */
function Others({ isBare }: { readonly isBare: boolean }) {
  const { t } = useI18n();
  const router = useRouter();
  const [busy, start] = useTransition();
  const [failed, setFailed] = useState(false);
  const loadDemo = () =>
    start(async () => {
      const reply = await send('load-demo', loadDemoAction, {});
      setFailed(!reply.ok);
      if (reply.ok) router.refresh();
    });
  return (
    <div className="semi-narrow mt-3 flex flex-wrap items-center gap-2 text-[14px]">
      <Link href="/bench/new" className="flex min-h-10 items-center border border-faint px-3 hover:border-ink">
        {t('first.fromRig')}
      </Link>
      <Link href="/box" className="flex min-h-10 items-center border border-faint px-3 hover:border-ink">
        {t('first.fromBox')}
      </Link>
      {isBare && (
        <button
          type="button"
          disabled={busy}
          onClick={loadDemo}
          className="min-h-10 border border-faint px-3 hover:border-ink"
        >
          {t('first.demo')}
        </button>
      )}
      {failed && <p role="alert">{t('first.demoFailed')}</p>}
    </div>
  );
}
