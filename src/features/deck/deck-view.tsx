'use client';

import { MOST_ON_DECK } from '@/domain/deck';
import { isConflict, type DeckRemark } from '@/domain/deck-remarks';
import { seatTakes } from '@/core/tackle';
import type { PartId } from '@/domain/ids';
import { useI18n, type I18n } from '@/i18n/client';
import { partDetail, partTitle } from '@/i18n/part-text';
import { ChoiceField } from '@/ui/choice-field';
import { KeyFoot } from '@/ui/key-foot';
import { groupKeys, useKeys, type KeyRow } from '@/ui/keys';
import { Link } from '@/ui/link';
import { TextField } from '@/ui/text-field';
import { BrokenSetups } from '@/features/fields/broken-setups';
import { BrokenRows } from '@/features/fields/broken-rows';
import { DraftBar } from '@/features/fields/draft-bar';
import { withSetups } from '@/features/fields/with-setups';
import { useDeck, type DeckPage } from './use-deck';

const KEYS = [
  { action: 'keep', keys: ['k'], label: 'keep', atFoot: true },
  { action: 'print', keys: ['p'], label: 'print', atFoot: true },
  { action: 'new', keys: ['n'], label: 'new', atFoot: true },
] as const satisfies readonly KeyRow[];

const press =
  'narrow min-h-9 border border-ink px-2.5 text-[14px] print:hidden disabled:border-faint disabled:text-dim';
const ADD = '';

/** Rods in order for a trip, each with its setup and reel; what cannot be; and what goes along. Prints as it stands. */
export function DeckView(page: DeckPage) {
  const i18n = useI18n();
  const { t } = i18n;
  const { setups, box, decks, brokenDecks } = page;
  const state = useDeck(page, t('deck.newName'));
  const { deck, remarks, packed, gear } = state;
  const run = (action: (typeof KEYS)[number]['action']) => {
    switch (action) {
      case 'keep':
        return state.save();
      case 'print':
        return window.print();
      case 'new':
        return state.begin();
      default:
        return action satisfies never;
    }
  };
  useKeys(KEYS, run, false);
  const rods = box.filter((part) => part.kind === 'rod');
  const reels = box.filter((part) => part.kind === 'reel');
  const sheet = setups[0]?.file.house?.sheet;
  const rodsOut = new Set(deck.entries.map(({ rodId }) => rodId)).size;
  const tooMany = sheet?.rodsPerPerson !== undefined && rodsOut > sheet.rodsPerPerson;
  const nameOf = (id: PartId) => {
    const part = box.find((each) => each.id === id);
    return part ? partTitle(i18n, part) : t('deck.gone');
  };
  return (
    <main id="main" tabIndex={-1} className="deck mx-auto flex max-w-5xl flex-col gap-3 px-3 pb-2 pt-3 outline-none">
      <DraftBar offer={state.draft.offer} onTakeUp={state.takeUpDraft} onThrowAway={state.draft.throwAway} />
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <h1 className="narrow text-[20px] font-semibold print:hidden">{t('deck.title')}</h1>
        <h1 className="narrow hidden text-[20px] font-semibold print:block">{deck.name}</h1>
        {decks.length > 0 && (
          <ChoiceField
            className="w-48 print:hidden"
            label={t('deck.which')}
            value={state.version === null ? 'new' : (deck.id as string)}
            options={[
              ...decks.map((each) => ({ value: each.deck.id as string, label: each.deck.name })),
              { value: 'new', label: t('deck.another') },
            ]}
            onValueChange={state.open}
          />
        )}
        <TextField
          className="w-56 print:hidden"
          label={t('deck.name')}
          value={deck.name}
          onValueChange={state.rename}
        />
        <button
          type="button"
          className={press}
          disabled={!state.changed || state.busy || deck.name.trim() === ''}
          onClick={state.save}
        >
          {t('deck.key.keep')}
        </button>
        <button type="button" className={press} onClick={() => window.print()}>
          {t('deck.key.print')}
        </button>
        {state.version !== null && (
          <button type="button" className={press} disabled={state.busy} onClick={state.remove}>
            {t('deck.remove')}
          </button>
        )}
        {state.removed && (
          <button type="button" className={press} onClick={state.bringBack}>
            {t('deck.bringBack', { name: state.removed.name })}
          </button>
        )}
        <span className="ml-auto flex min-h-9 items-center gap-x-5 text-[14px] underline-offset-2 print:hidden [&>a]:underline">
          {deck.entries.length > 0 && (
            <Link
              href={withSetups(
                '/tying',
                deck.entries.map(({ setupId }) => setupId),
              )}
            >
              {t('deck.leaders')}
            </Link>
          )}
          <Link href="/quiver">{t('nav.quiver')}</Link>
        </span>
      </div>
      <BrokenSetups broken={page.broken} />
      <BrokenRows
        title={t('broken.decks', {
          count: brokenDecks.length,
          names: brokenDecks.map(({ name, id }) => name || id).join(', '),
        })}
        rows={brokenDecks}
        busy={state.busy}
        onRemove={state.removeBroken}
      />
      {state.failure && (
        <p role="alert" className="border border-ink bg-sheet p-2">
          {state.failure === 'stale' || state.failure === 'bad-input'
            ? t(`deck.failure.${state.failure}`)
            : t(`failure.${state.failure}`)}
        </p>
      )}
      <section aria-label={t('deck.plan')} className="border border-ink bg-sheet px-2.5 py-1.5">
        <h2 className="narrow text-[15px] font-semibold">{t('deck.plan')}</h2>
        {deck.entries.length === 0 && <p className="semi-narrow text-[14px] text-dim">{t('deck.empty')}</p>}
        <ol>
          {deck.entries.map((entry, at) => {
            const rod = rods.find(({ id }) => id === entry.rodId);
            const setup = setups.find(({ id }) => id === entry.setupId);
            const own = remarks.filter((remark) => remark.at === at || remark.with === at);
            return (
              <li
                key={at}
                className="grid grid-cols-[24px_minmax(0,1fr)] gap-x-2 border-t border-faint py-1.5"
                data-conflict={own.some(isConflict)}
              >
                <span className="narrow text-[17px] font-semibold">{at + 1}</span>
                <div className="min-w-0">
                  <div className="grid items-end gap-x-3 gap-y-1 sm:grid-cols-[minmax(0,1.5fr)_minmax(0,0.8fr)_minmax(0,1.2fr)_auto] print:hidden">
                    <ChoiceField
                      label={t('common.setup')}
                      value={entry.setupId as string}
                      options={setups.map(({ id, name }) => ({ value: id as string, label: name }))}
                      onValueChange={(id) => state.change(at, { setupId: id as typeof entry.setupId })}
                    />
                    <ChoiceField
                      label={t('word.rod')}
                      value={entry.rodId as string}
                      options={rods.map((each) => ({ value: each.id as string, label: partTitle(i18n, each) }))}
                      onValueChange={(id) => state.change(at, { rodId: id as PartId })}
                    />
                    <ChoiceField
                      label={t('word.reel')}
                      value={entry.reelId as string}
                      options={reels.map((each) => ({
                        value: each.id as string,
                        label: `${partTitle(i18n, each)}${rod && !seatTakes(rod.mount, each.build) ? ' ✕' : ''}`,
                      }))}
                      onValueChange={(id) => state.change(at, { reelId: id as PartId })}
                    />
                    <span className="flex gap-1">
                      <button
                        type="button"
                        className={press}
                        disabled={at === 0}
                        aria-label={t('deck.up', { at: at + 1 })}
                        onClick={() => state.move(at, at - 1)}
                      >
                        ↑
                      </button>
                      <button
                        type="button"
                        className={press}
                        disabled={at === deck.entries.length - 1}
                        aria-label={t('deck.down', { at: at + 1 })}
                        onClick={() => state.move(at, at + 1)}
                      >
                        ↓
                      </button>
                      <button
                        type="button"
                        className={press}
                        aria-label={t('deck.off', { at: at + 1 })}
                        onClick={() => state.takeOff(at)}
                      >
                        ×
                      </button>
                    </span>
                  </div>
                  <p className="hidden text-[15px] print:block">
                    <strong>{nameOf(entry.rodId)}</strong> · {nameOf(entry.reelId)} · {setup?.name ?? t('deck.gone')}
                  </p>
                  {setup && (
                    <p className="semi-narrow text-[13px] text-dim">
                      {setup.file.chain
                        .filter(({ kind }) => kind !== 'rod' && kind !== 'reel' && kind !== 'knot')
                        .map((joint) => nameOf(joint.partId))
                        .join(' – ')}
                    </p>
                  )}
                  {own
                    .filter((remark) => remark.at === at)
                    .map((remark, i) => (
                      <p key={i} className="semi-narrow text-[14px]" data-remark={remark.kind}>
                        {isConflict(remark) ? '✕' : '↻'} {remarkText(i18n, remark)}
                      </p>
                    ))}
                </div>
              </li>
            );
          })}
        </ol>
        {deck.entries.length < MOST_ON_DECK && (
          <ChoiceField
            className="mt-1 w-72 print:hidden"
            label={t('deck.add')}
            value={ADD}
            options={[
              { value: ADD, label: t('deck.choose') },
              ...setups.map(({ id, name }) => ({ value: id as string, label: name })),
            ]}
            onValueChange={(id) => id !== ADD && state.add(id)}
          />
        )}
        {tooMany && (
          <p className="semi-narrow mt-1 border-l-2 border-ink pl-2 text-[14px]">
            {t('deck.tooMany', { rods: rodsOut, allowed: sheet!.rodsPerPerson!, authority: sheet!.authority ?? '–' })}
          </p>
        )}
        <p className="semi-narrow mt-1 text-[13px] text-dim">{t('deck.caution')}</p>
      </section>
      <section aria-label={t('deck.pack')} className="border border-ink bg-sheet px-2.5 py-1.5">
        <h2 className="narrow text-[15px] font-semibold">{t('deck.pack')}</h2>
        {packed.length === 0 ? (
          <p className="semi-narrow text-[14px] text-dim">{t('deck.packEmpty')}</p>
        ) : (
          <ul className="gap-x-8 sm:columns-2">
            {packed.map(({ part, pieces, spare, metres, short }) => (
              <li
                key={part.id}
                className="grid grid-cols-[18px_minmax(0,1fr)_auto] items-baseline gap-x-2 border-t border-faint py-0.5 [break-inside:avoid]"
              >
                <input
                  type="checkbox"
                  aria-label={t('deck.packed', { part: partTitle(i18n, part) })}
                  className="translate-y-0.5"
                />
                <span className="semi-narrow min-w-0 text-[14px]">
                  {partTitle(i18n, part)}{' '}
                  <span className="text-[12.5px] text-dim">
                    {part.kind === 'rod' || part.kind === 'reel' ? partDetail(i18n, part, null) : ''}
                  </span>
                  {short && <strong className="font-semibold"> · {t('common.runsShort')}</strong>}
                </span>
                <span className="narrow text-[14px]">{amountText(i18n, pieces, spare, metres)}</span>
              </li>
            ))}
            {gear.map(({ gear: name, massKg, pieces, spare }) => (
              <li
                key={`${name} ${massKg}`}
                className="grid grid-cols-[18px_minmax(0,1fr)_auto] items-baseline gap-x-2 border-t border-faint py-0.5 [break-inside:avoid]"
              >
                <input
                  type="checkbox"
                  aria-label={t('deck.packed', { part: t(`deck.gear.${name}`) })}
                  className="translate-y-0.5"
                />
                <span className="semi-narrow min-w-0 text-[14px]">
                  {t(`deck.gear.${name}`)} {massKg === null ? '' : i18n.format(massKg, 'bodyMass')}
                </span>
                <span className="narrow text-[14px]">{amountText(i18n, pieces, spare, 0)}</span>
              </li>
            ))}
          </ul>
        )}
      </section>
      <footer className="narrow flex flex-wrap items-center gap-x-2.5 text-[12.5px] text-dim print:hidden">
        <KeyFoot
          groups={groupKeys(KEYS, true).map((group) => ({ ...group, label: t(`deck.key.${group.label}`) }))}
          onAction={run}
        />
      </footer>
    </main>
  );
}

const amountText = ({ t, format }: I18n, pieces: number, spare: number, metres: number): string =>
  [
    ...(pieces > 0 ? [`${pieces} ×`] : []),
    ...(pieces > 0 && spare > 0 ? [t('deck.spare', { count: spare })] : []),
    ...(metres > 0 ? [format(metres, 'distance')] : []),
  ].join(' + ');

const remarkText = ({ t }: I18n, { kind, with: other }: DeckRemark): string =>
  t(`deck.remark.${kind}`, { other: (other ?? 0) + 1 });
