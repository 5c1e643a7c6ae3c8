'use client';

import dynamic from 'next/dynamic';
import { useCallback, useDeferredValue, useMemo, useRef, useState } from 'react';
import { newPartId } from '@/domain/made-id';
import type { Part } from '@/domain/parts';
import { useUnpacked } from '@/features/fields/use-unpacked';
import { failureText } from '@/i18n/problem-text';
import { useI18n } from '@/i18n/client';
import { foundAs, wordsOfPart } from '@/i18n/find-part';
import { partTitle } from '@/i18n/part-text';
import type { BoxPage } from '@/server/queries/box-page';
import { KeyFoot } from '@/ui/key-foot';
import { groupKeys, useKeys } from '@/ui/keys';
import { ALL, passes, type Filter } from './box-list';
import { BoxSearch } from './box-search';
import { BOX_COMMANDS, runBoxCommand, type BoxCommandName, type Open } from './commands';
import { KindIndex } from './kind-index';
import { BrokenParts } from './broken-parts';
import { PartTable } from './part-table';
import { QuickAdd } from './quick-add';
import { useBox } from './use-box';

// What is opened over the list is fetched when it is first opened.
const ExchangePanel = dynamic(() => import('./exchange-panel').then((m) => m.ExchangePanel));
const GuidePanel = dynamic(() => import('./guides/guide-panel').then((m) => m.GuidePanel));
const HistoryPanel = dynamic(() => import('./history-panel').then((m) => m.HistoryPanel));
const HelpPanel = dynamic(() => import('@/features/fields/help-panel').then((m) => m.HelpPanel));
const MergePanel = dynamic(() => import('./merge-panel').then((m) => m.MergePanel));
const PartCard = dynamic(() => import('./part-card').then((m) => m.PartCard));
const PartForm = dynamic(() => import('./part-form').then((m) => m.PartForm));
const RemovePanel = dynamic(() => import('./remove-panel').then((m) => m.RemovePanel));
const StockPanel = dynamic(() => import('./stock-panel').then((m) => m.StockPanel));

export interface BoxViewProps extends BoxPage {
  /** where another view has sent the reader: a part, and the guide that measures it */
  readonly start?: { readonly partId: string | null; readonly guide: string | null; readonly field: string | null };
}

export function BoxView({ start, ...page }: BoxViewProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const parts = useUnpacked(page.parts);
  const box = useBox(parts);
  const [filter, setFilter] = useState<Filter>(ALL);
  const [find, setFind] = useState('');
  const sentTo = parts.find(({ part }) => part.id === start?.partId)?.part ?? null;
  const [selected, setSelected] = useState<string | null>(sentTo?.id ?? null);
  const [open, setOpen] = useState<Open>(() => asked(sentTo, start?.guide ?? null, page.guidesOf));
  const [notice, setNotice] = useState('');
  const order = useRef<readonly string[]>([]);
  const addRef = useRef<HTMLInputElement>(null);
  const findRef = useRef<HTMLInputElement>(null);

  const all = useMemo(() => parts.map(({ part }) => part), [parts]);
  const usesOf = useCallback((part: Part) => page.uses[part.id]?.length ?? 0, [page.uses]);
  const wanted = useDeferredValue(find);
  const wordsOf = useMemo(() => rememberedBy((part: Part) => wordsOfPart(i18n, part)), [i18n]);
  const search = useCallback(
    (text: string) => {
      const rod = filter.fitsRodId ? all.find(({ id }) => id === filter.fitsRodId) : undefined;
      const passing = all
        .filter((part) => passes(part, filter, usesOf(part) > 0, rod))
        .map((part) => ({ part, found: foundAs(i18n, part, text, wordsOf) }));
      return passing
        .filter(({ found }) => found > 0)
        .sort((a, b) => b.found - a.found)
        .map(({ part }) => part);
    },
    [all, filter, usesOf, i18n, wordsOf],
  );
  const shown = useMemo(() => search(wanted), [search, wanted]);
  const onOrder = useCallback((ids: readonly string[]) => {
    order.current = ids;
  }, []);

  const held = selected ? box.byId.get(selected) : undefined;
  const part = held?.part ?? null;
  const uses = part ? (page.uses[part.id] ?? []) : [];
  const failure = box.failure ? failureText(t, box.failure.code, box.failure.setups) : null;
  const close = () => {
    box.clearFailure();
    setOpen(null);
  };
  const done = (text: string) => () => {
    setOpen(null);
    setNotice(text);
  };
  const pick = (by: 1 | -1) => {
    const ids = order.current;
    const at = selected ? ids.indexOf(selected) : -1;
    setSelected(ids[Math.min(ids.length - 1, Math.max(0, at + by))] ?? null);
  };
  const copy = (original: Part) => {
    const id = newPartId();
    box.put({ ...original, id }, t('box.why.copy'), () => setSelected(id));
  };

  const run = (command: BoxCommandName) =>
    runBoxCommand(command, {
      part,
      pick,
      add: () => addRef.current?.focus(),
      find: () => findRef.current?.focus(),
      undo: () => (box.canUndo ? box.undo(t('box.why.undo')) : setNotice(t('box.nothingToUndo'))),
      redo: () => (box.canRedo ? box.redo(t('box.why.redo')) : setNotice(t('box.nothingToRedo'))),
      copy,
      open: setOpen,
      firstGuide: (kind) => page.guidesOf[kind][0]!,
      pickFirst: () => setNotice(t('box.pickFirst')),
    });
  useKeys(BOX_COMMANDS, run, open !== null);
  const named = <A extends string>(
    groups: readonly { label: (typeof BOX_COMMANDS)[number]['label']; keys: readonly string[]; action: A }[],
  ) => groups.map((group) => ({ ...group, label: t(`box.key.${group.label}`) }));
  const rods = all.filter(({ kind }) => kind === 'rod');

  return (
    <main
      id="main"
      tabIndex={-1}
      className="mx-auto flex flex-col gap-2 px-2 pb-1 pt-2 outline-none sm:px-3 lg:h-[calc(100dvh-40px)] lg:min-h-[640px]"
    >
      <h1 className="sr-only">{t('nav.box')}</h1>
      <QuickAdd
        inputRef={addRef}
        busy={box.busy}
        onAdd={(added, cleared) =>
          box.put(added, t('box.why.add'), () => {
            cleared();
            setSelected(added.id);
            setNotice(t('box.added', { part: partTitle(i18n, added) }));
          })
        }
      />
      <div className="grid min-h-0 flex-1 gap-2 lg:grid-cols-[176px_minmax(0,1fr)_320px] lg:gap-3">
        <KindIndex parts={all} chosen={filter.kind} onChoose={(kind) => setFilter({ ...filter, kind })} />
        <div className="flex min-h-0 flex-col gap-2">
          <BoxSearch
            rods={rods}
            find={find}
            onFind={setFind}
            onPickFirst={(text) => setSelected(search(text)[0]?.id ?? null)}
            findRef={findRef}
            filter={filter}
            onFilter={setFilter}
          />
          <BrokenParts
            broken={page.broken}
            busy={box.busy}
            onMend={(bad) =>
              box.mend(bad, () => {
                setSelected(bad.id);
                setNotice(t('broken.mended'));
              })
            }
            onRemove={(bad) => box.takeOutBroken(bad, t('box.why.remove'), done(t('box.removed')))}
          />
          <PartTable parts={shown} usesOf={usesOf} selected={selected} onSelect={setSelected} onOrder={onOrder} />
        </div>
        {part ? (
          <PartCard
            part={part}
            uses={uses}
            onGuide={(guide) => setOpen({ guide })}
            onEdit={() => setOpen('edit')}
            onStock={() => setOpen('stock')}
            onHistory={() => setOpen('history')}
            onCopy={() => copy(part)}
            onMerge={() => setOpen('merge')}
            onRemove={() => setOpen('remove')}
          />
        ) : (
          <p className="semi-narrow border border-faint px-3 py-2 text-[13.5px] text-dim">{t('box.pickHint')}</p>
        )}
      </div>
      <footer className="narrow flex flex-wrap items-center gap-x-3 gap-y-1 text-[12.5px] text-dim">
        <KeyFoot groups={named(groupKeys(BOX_COMMANDS, true))} onAction={run} />
        <span role="status" className="ml-auto text-ink">
          {open === null && failure ? failure : notice}
        </span>
      </footer>
      {part && held && open === 'edit' && (
        <PartForm
          part={part}
          failure={failure}
          busy={box.busy}
          onClose={close}
          onSave={(next, onDone) =>
            box.put(next, t('box.why.edit'), () => {
              onDone();
              done(t('box.saved'))();
            })
          }
        />
      )}
      {part && open === 'stock' && (
        <StockPanel
          part={part}
          failure={failure}
          busy={box.busy}
          onClose={close}
          onMove={(amount, reason) => box.move(part, amount, reason, done(t('box.moved')))}
        />
      )}
      {part && open === 'history' && <HistoryPanel part={part} onClose={close} />}
      {part && open === 'remove' && (
        <RemovePanel
          part={part}
          uses={uses}
          busy={box.busy}
          failure={failure}
          onClose={close}
          onRemove={() => box.remove([part.id], t('box.why.remove'), done(t('box.removed')))}
        />
      )}
      {part && open === 'merge' && (
        <MergePanel
          part={part}
          others={all.filter(({ kind, id }) => kind === part.kind && id !== part.id)}
          busy={box.busy}
          failure={failure}
          onClose={close}
          onMerge={(dropId) =>
            box.merge(part.id, dropId, t('box.why.merge'), (setups) =>
              done(t('box.merged', { count: setups.length }))(),
            )
          }
        />
      )}
      {part && held && open !== null && typeof open === 'object' && (
        <GuidePanel
          key={open.guide}
          guide={open.guide}
          part={part}
          version={held.version}
          field={part.id === sentTo?.id ? (start?.field ?? null) : null}
          onMeasured={box.remember}
          onClose={close}
        />
      )}
      {open === 'exchange' && <ExchangePanel parts={parts} onClose={close} />}
      {open === 'keys' && (
        <HelpPanel view="box" open onOpenChange={(next) => !next && close()} groups={named(groupKeys(BOX_COMMANDS))} />
      )}
    </main>
  );
}

/** The guide that was asked for, where it measures such a part. */
function asked(part: Part | null, name: string | null, guidesOf: BoxPage['guidesOf']): Open {
  const guide = part && guidesOf[part.kind].find((each) => each === name);
  return guide ? { guide } : null;
}

/** Remembers what was worked out for a part as long as the part itself lives. */
function rememberedBy<T>(work: (part: Part) => T): (part: Part) => T {
  const held = new WeakMap<Part, T>();
  return (part) => {
    const known = held.get(part);
    if (known !== undefined) return known;
    const made = work(part);
    held.set(part, made);
    return made;
  };
}
