'use client';

import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { TYING, type EndKind } from '@/core/tackle/defaults/tying-classes';
import { classesWith } from '@/core/tackle/defaults/classes';
import { revisionLetter } from '@/domain/revision-letter';
import { toTieAgain } from '@/domain/leaders-to-tie';
import { Figure, Note, Table } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import type { TyingPage } from '@/server/queries/tying-page';
import { useKeys, type KeyRow } from '@/ui/keys';
import { Link } from '@/ui/link';
import { Panel } from '@/ui/panel';
import { LeaderList } from './leader-list';
import { DraftBar } from '@/features/fields/draft-bar';
import { BrokenSetups } from '@/features/fields/broken-setups';
import { ViewKeys } from '@/features/fields/view-keys';
import { useBatch, type Batch } from './use-batch';

const MendPanel = dynamic(() => import('./mend-panel').then((m) => m.MendPanel));
const SizingPanel = dynamic(() => import('./sizing-panel').then((m) => m.SizingPanel));

const KEYS = [
  { action: 'cards', keys: ['c'], label: 'cards', atFoot: true },
  { action: 'allowances', keys: ['a'], label: 'allowances', atFoot: true },
  { action: 'sizing', keys: ['s'], label: 'sizing', atFoot: true },
  { action: 'mend', keys: ['m'], label: 'mend', atFoot: true },
  { action: 'jig', keys: ['j'], label: 'jig', atFoot: true },
  { action: 'keys', keys: ['?'], label: 'keys', atFoot: true },
] as const satisfies readonly KeyRow[];

type Action = (typeof KEYS)[number]['action'];
const press = 'narrow min-h-9 border border-ink px-2.5 text-[14px] disabled:border-faint disabled:text-dim';

/** A tying evening: what to make, what to cut off which spool, what to take, what runs short; and the leaders that hang ready. */
export function TyingView(page: TyingPage) {
  const { t } = useI18n();
  const router = useRouter();
  const batch = useBatch(page, t('tying.reason'), t('tying.takenBackReason'));
  const [open, setOpen] = useState<'allowances' | 'sizing' | 'mend' | 'keys' | null>(null);
  const cards = `/tying/cards?${batch.items.map(({ setup, count }) => `setup=${encodeURIComponent(setup.id)}&count=${count}`).join('&')}`;
  const run = (action: Action) => {
    switch (action) {
      case 'cards':
        return batch.items.length > 0 && router.push(cards);
      case 'jig':
        return router.push('/tying/jig');
      default:
        return setOpen(action);
    }
  };
  useKeys(KEYS, run, open !== null);
  const label = (key: Action) => t(`tying.key.${key}`);
  const close = (isOpen: boolean) => !isOpen && setOpen(null);
  return (
    <main
      id="main"
      tabIndex={-1}
      className="mx-auto flex flex-col gap-2 px-2 pb-1 pt-2 outline-none sm:px-3 lg:h-[calc(100dvh-40px)] lg:min-h-[720px]"
    >
      <h1 className="sr-only">{t('nav.tying')}</h1>
      <BrokenSetups broken={page.broken} />
      <DraftBar offer={batch.draft.offer} onTakeUp={batch.takeUpDraft} onThrowAway={batch.draft.throwAway} />
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)] gap-2 lg:grid-cols-[400px_minmax(0,1fr)]">
        <section aria-label={t('tying.batch')} className="flex min-h-0 flex-col border border-ink bg-sheet">
          <h2 className="narrow flex justify-between border-b border-ink px-2.5 py-1 text-[15px] font-semibold">
            {t('tying.batch')}
            <span className="font-normal text-dim">{t('tying.pieces')}</span>
          </h2>
          <ul className="min-h-0 flex-1 overflow-y-auto">
            {batch.withLeaders.map(({ id, name, number }) => (
              <li
                key={id}
                className="grid grid-cols-[minmax(0,1fr)_auto_68px] items-center gap-x-3 border-b border-faint px-2.5 py-0.5"
              >
                <span className="semi-narrow truncate text-[14px]">
                  {name} <span className="text-dim">{revisionLetter(number)}</span>
                </span>
                <Link
                  href={`/tying/steps/${id}`}
                  className="narrow flex min-h-8 items-center text-[13px] underline underline-offset-2"
                >
                  {t('tying.steps')}
                </Link>
                <input
                  type="number"
                  min={0}
                  max={500}
                  value={batch.counts[id] ?? 0}
                  aria-label={t('tying.howMany', { name })}
                  onChange={(event) => batch.setCount(id, Number(event.target.value))}
                  className="min-h-8 w-full border-b border-faint bg-transparent text-right text-[15px]"
                />
              </li>
            ))}
          </ul>
          <label className="semi-narrow flex min-h-9 items-center gap-2 border-t border-faint px-2.5 text-[14px]">
            <input
              type="checkbox"
              checked={batch.sharesLink}
              onChange={({ target }) => batch.setSharesLink(target.checked)}
            />
            {t('tying.sharesLink')}
          </label>
          <Again page={page} batch={batch} />
        </section>
        <div className="flex min-h-0 flex-col gap-2 lg:overflow-y-auto">
          <Plan page={page} batch={batch} cards={cards} />
          <LeaderList leaders={page.leaders} broken={page.brokenLeaders} box={page.box} />
        </div>
      </div>
      <ViewKeys
        view="tying"
        rows={KEYS}
        named={label}
        onAction={run}
        open={open === 'keys'}
        onOpenChange={(isOpen) => setOpen(isOpen ? 'keys' : null)}
      />
      <Panel
        open={open === 'allowances'}
        onOpenChange={close}
        title={label('allowances')}
        closeLabel={t('common.close')}
      >
        <AllowancePanel page={page} batch={batch} />
      </Panel>
      <Panel open={open === 'sizing'} onOpenChange={close} title={label('sizing')} closeLabel={t('common.close')} wide>
        <SizingPanel
          page={page}
          items={batch.items.length > 0 ? batch.items.map(({ setup }) => setup) : batch.withLeaders}
        />
      </Panel>
      <Panel open={open === 'mend'} onOpenChange={close} title={label('mend')} closeLabel={t('common.close')} wide>
        <MendPanel />
      </Panel>
    </main>
  );
}

function Again({ page, batch }: { readonly page: TyingPage; readonly batch: Batch }) {
  const { t } = useI18n();
  const again = toTieAgain(page.leaders);
  if (again.length === 0) return null;
  return (
    <div className="border-t border-ink px-2.5 py-1">
      <h3 className="narrow text-[14px] font-semibold">{t('tying.again')}</h3>
      {again.map(({ setupId, name, count }) => (
        <p key={setupId} className="semi-narrow flex items-center justify-between gap-2 text-[14px]">
          {count} × {name}
          <button type="button" className={press} onClick={() => batch.setCount(setupId, count)}>
            {t('tying.addAgain')}
          </button>
        </p>
      ))}
    </div>
  );
}

function Plan({ page, batch, cards }: { readonly page: TyingPage; readonly batch: Batch; readonly cards: string }) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const { plan, items, failure, tied, busy } = batch;
  const names = (at: number) => items[at]?.setup.name ?? '';
  // A leader that is knotted to the main line itself is wound onto one rod.
  const windsOn = (piece: NonNullable<typeof plan>['pieces'][number]) => {
    const rod =
      piece.leader.near.kind === 'bare' && items[piece.item]?.setup.file.parts.find(({ kind }) => kind === 'rod');
    return rod ? ` · ${t('tying.windOn', { rod: partTitle(i18n, rod) })}` : '';
  };
  return (
    <section
      aria-label={t('tying.cutList')}
      className="border border-ink bg-sheet px-2.5 py-1.5"
      data-testid="plan"
      data-outcome={plan?.outcome ?? ''}
    >
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <h2 className="narrow text-[15px] font-semibold">{t('tying.cutList')}</h2>
        {plan && (
          <span className="semi-narrow text-[14px]">{t(plan.outcome === 'ok' ? 'tying.all' : 'tying.short')}</span>
        )}
        <span className="ml-auto flex gap-2">
          {items.length > 0 && (
            <Link href={cards} className={`${press} flex items-center`}>
              {t('tying.key.cards')}
            </Link>
          )}
          <button
            type="button"
            className={press}
            disabled={!plan || plan.outcome === 'short' || busy}
            onClick={batch.markTied}
          >
            {t('tying.mark')}
          </button>
        </span>
      </div>
      {failure && (
        <p role="alert" className="border border-ink p-2">
          {failure === 'short' || failure === 'not-found' || failure === 'bad-input' || failure === 'used'
            ? t(`tying.failure.${failure}`)
            : t(`failure.${failure}`)}
        </p>
      )}
      {tied !== null && (
        <p role="status" className="semi-narrow text-[14px]">
          {tied.takenBack ? t('tying.takenBack') : t('tying.marked', { count: tied.count })}{' '}
          {!tied.takenBack && (
            <button type="button" className={press} disabled={busy} onClick={() => batch.takeBack(tied)}>
              {t('tying.takeBack')}
            </button>
          )}
        </p>
      )}
      {items.length === 0 && <p className="semi-narrow text-[14px] text-dim">{t('tying.empty')}</p>}
      {batch.failed && <p role="alert">{t('error.refused')}</p>}
      {plan?.lines.map(({ spools, pieces, cutting, neededM }) => (
        <div key={spools[0]!.id}>
          <Table
            caption={t('tying.ofLine', { line: partTitle(i18n, spools[0]!), needed: format(neededM, 'distance') })}
            head={[
              t('tying.piece'),
              t('tying.count'),
              t('tying.between'),
              t('tying.ends'),
              t('tying.cut'),
              ...spools.map((_, j) => (spools.length === 1 ? t('tying.spool') : t('tying.spoolOf', { at: j + 1 }))),
            ]}
            rows={pieces.map((at, i) => {
              const piece = plan.pieces[at]!;
              return [
                `${names(piece.item)}${windsOn(piece)}`,
                piece.count,
                format(piece.lengthM, 'distance'),
                `${format(piece.nearM, 'distance')} + ${format(piece.farM, 'distance')}`,
                <strong key="cut" className="font-semibold">
                  {format(piece.cutM, 'distance')}
                </strong>,
                ...spools.map((_, j) => cutting.cuts[j]![i]! || '–'),
              ];
            })}
          />
          <p className="semi-narrow text-[13px] text-dim">
            {spools
              .map(({ lengthM }, j) =>
                t('tying.left', {
                  at: j + 1,
                  from: format(lengthM.value, 'distance'),
                  to: format(cutting.leftM[j]!, 'distance'),
                }),
              )
              .join(' · ')}{' '}
            · {t('tying.waste', { waste: format(cutting.wasteM, 'distance') })}
            {cutting.missing.some((count) => count > 0)
              ? ` · ✕ ${t('tying.missing', { count: cutting.missing.reduce((sum, count) => sum + count, 0) })}`
              : ''}
          </p>
        </div>
      ))}
      {plan && plan.take.length > 0 && (
        <Table
          caption={t('tying.take')}
          head={[t('tying.part'), t('tying.count'), t('common.left')]}
          rows={plan.take.map(({ part, pieces, left, short }) => [
            part ? partTitle(i18n, part) : t('reading.gone'),
            pieces,
            `${left ?? '–'}${short ? ` ✕ ${t('common.runsShort')}` : ''}`,
          ])}
        />
      )}
      {plan &&
        page.box.some(
          (part) =>
            part.kind === 'weight' && part.material === 'lead' && plan.take.some(({ partId }) => partId === part.id),
        ) && <p className="semi-narrow border-l-2 border-ink pl-2 text-[13px]">{t('tying.lead')}</p>}
    </section>
  );
}

function AllowancePanel({ page, batch }: { readonly page: TyingPage; readonly batch: Batch }) {
  const { t } = useI18n();
  const { tying } = classesWith(page.setups[0]?.file.house?.classes);
  const name = (kind: EndKind | 'trim') =>
    kind === 'crimp' || kind === 'loop' || kind === 'bare' || kind === 'trim'
      ? t(`classRow.tying.${kind}`)
      : t(`word.${kind}`);
  return (
    <>
      <div className="grid grid-cols-2 gap-x-5 gap-y-1 sm:grid-cols-3">
        {(Object.keys(TYING) as (EndKind | 'trim')[]).map((kind) => (
          <Figure
            key={kind}
            label={name(kind)}
            measure="distance"
            value={batch.allowances[kind] ?? tying[kind].endM}
            limits={{ min: 0, max: 1 }}
            onValue={(endM) => batch.setAllowance(kind, endM)}
          />
        ))}
      </div>
      <Note>{t('tying.allowanceNote')}</Note>
    </>
  );
}
