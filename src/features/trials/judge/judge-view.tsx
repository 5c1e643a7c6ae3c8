'use client';

import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import type { JudgedMargin, Offer } from '@/domain/trials/bench-judged';
import { send } from '@/features/fields/send';
import { useI18n } from '@/i18n/client';
import { failureText } from '@/i18n/problem-text';
import { classFigure } from '@/core/tackle/defaults/classes';
import { classFieldText, classRowText, measureOfClass } from '@/i18n/class-text';
import { changeHouseAction } from '@/server/actions/house';
import type { JudgePage } from '@/server/queries/bench-judged';
import { Link } from '@/ui/link';
import { TrialsNav } from '../trials-nav';
import { Depths } from './depths';
import { HeldByRows } from './held-by-rows';
import { Knots } from './knots';
import { Reliability } from './reliability';

/** What fish, the bottom and pull tests say of what the bench predicted; what it would change is offered, never done. */
export function JudgeView(page: JudgePage) {
  const i18n = useI18n();
  const { t } = i18n;
  const { margins } = page;
  return (
    <main id="main" tabIndex={-1} data-testid="judge" className="mx-auto flex max-w-[1180px] flex-col outline-none">
      <TrialsNav open="judge" />
      <div className="flex flex-col gap-5 p-3">
        <header>
          <h1 className="semi-narrow text-[22px] font-semibold">{t('trials.judge.title')}</h1>
          <p className="semi-narrow text-[15px] text-dim">
            {t('trials.judge.of', { strikes: page.strikes, trips: page.trips })}
          </p>
        </header>
        <div className="grid gap-5 lg:grid-cols-2">
          <Margin name="set" margin={margins.set} />
          <Margin name="hold" margin={margins.hold}>
            {margins.lostBy.length > 0 && (
              <p className="semi-narrow text-[14px]">
                {t('trials.judge.lostBy', {
                  how: margins.lostBy
                    .map(({ by, count }) => `${t(`trials.lostBy.${by as 'tore'}`)} ${count}`)
                    .join(', '),
                })}
              </p>
            )}
          </Margin>
        </div>
        <HeldByRows held={page.heldBy} />
        <div className="grid gap-5 lg:grid-cols-2">
          <Depths depths={page.depths} />
          <Knots knots={page.knots} />
        </div>
        <p className="semi-narrow text-[13.5px] text-dim">{t('trials.judge.working')}</p>
      </div>
    </main>
  );
}

function Margin({
  name,
  margin,
  children,
}: {
  readonly name: 'set' | 'hold';
  readonly margin: JudgedMargin;
  readonly children?: React.ReactNode;
}) {
  const { t, number } = useI18n();
  const { judged, strikes, succeeded, offers } = margin;
  return (
    <section aria-label={t(`trials.judge.${name}.title`)} data-testid={`judged-${name}`} data-outcome={judged.outcome}>
      <h2 className="narrow mb-1 border-b border-ink text-[16px] font-semibold">{t(`trials.judge.${name}.title`)}</h2>
      <p className="semi-narrow text-[15px]">{t(`trials.judge.${name}.count`, { succeeded, of: strikes })}</p>
      <Reliability judged={judged} label={t(`trials.judge.${name}.picture`)} />
      <p className="semi-narrow text-[15px]">
        {judged.outcome === 'too-few'
          ? t('trials.judge.tooFew', { count: strikes })
          : judged.marginFor80 === null
            ? t('trials.judge.noMargin')
            : t(`trials.judge.${name}.for80`, { margin: number(judged.marginFor80, 1) })}
      </p>
      {children}
      {offers.map((offer) => (
        <OfferRow key={offer.path} offer={offer} />
      ))}
      {judged.outcome === 'judged' && offers.length === 0 && (
        <p className="semi-narrow text-[14px] text-dim">{t('trials.judge.noOffer')}</p>
      )}
    </section>
  );
}

/** A class figure that would explain it: before, after, and the way back. */
function OfferRow({ offer: { path, was, edited, to, strikes } }: { readonly offer: Offer }) {
  const i18n = useI18n();
  const { t } = i18n;
  const router = useRouter();
  const [busy, start] = useTransition();
  const [done, setDone] = useState(false);
  const [failure, setFailure] = useState<string | null>(null);
  const figure = classFigure(path);
  const { measure, si } = measureOfClass(figure ?? { field: path });
  const shown = (value: number) => i18n.format(value * si, measure);
  const change = (from: number | null, next: number | null) =>
    start(async () => {
      const reply = await send('change-house', changeHouseAction, {
        changes: [{ kind: 'entry', document: 'classes', id: '', key: path, from, to: next }],
      });
      const refused = reply.ok && reply.data.refused.length > 0;
      setFailure(reply.ok ? (refused ? t('trials.judge.refused') : null) : failureText(t, reply.code));
      if (reply.ok && !refused) setDone(true);
      router.refresh();
    });
  return (
    <div className="mt-2 border border-ink bg-sheet p-2" data-testid="offer" data-path={path}>
      <p className="semi-narrow text-[15px]">
        {t('trials.judge.offer', {
          figure: figure
            ? `${t(`classTable.${figure.table as 'mouths'}`)} · ${classRowText(i18n, figure)} · ${classFieldText(i18n, figure)}`
            : path,
          was: shown(was),
          to: shown(to),
          strikes,
        })}
      </p>
      <button
        type="button"
        disabled={busy || done}
        onClick={() => change(edited, to)}
        className="narrow mt-1 min-h-9 border border-ink px-2 text-[14px] disabled:text-dim"
      >
        {t('trials.judge.take', { to: shown(to) })}
      </button>{' '}
      <Link href="/rules" className="narrow inline-flex min-h-9 items-center text-[14px] underline">
        {t('trials.judge.wayBack')}
      </Link>
      {failure && (
        <p role="alert" className="semi-narrow text-[14px]">
          {failure}
        </p>
      )}
    </div>
  );
}
