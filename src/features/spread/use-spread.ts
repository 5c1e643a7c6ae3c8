'use client';

import { useRef, useState, useTransition } from 'react';
import type { Craft } from '@/domain/house';
import { within } from '@/core/base/guard';
import type { TowPoint } from '@/core/afloat';
import type { NamedSetup } from '@/domain/packed-setups';
import { movedTo, placedSetup } from '@/domain/spread/place-setup';
import { SPREAD_DOCUMENT_LIMITS as L } from '@/domain/spread/spread-limits';
import type { SpreadDocument, SpreadLineDocument } from '@/domain/spread/spread';
import { towPointsOf } from '@/domain/spread/tow-points';
import { NEW_SPREAD, usualSpread } from '@/domain/spread/usual-spread';
import { send } from '@/features/fields/send';
import { useDraft } from '@/features/fields/use-draft';
import { useUnpacked, useUnpackedSetups } from '@/features/fields/use-unpacked';
import { changeHouseAction } from '@/server/actions/house';
import { removeSpreadAction, saveSpreadAction } from '@/server/actions/spreads';
import type { FailureCode } from '@/server/reply';
import type { SpreadPage } from '@/server/queries/spread-page';

export interface HeldSpread {
  readonly spread: SpreadDocument;
  /** null: not kept on the bench yet */
  readonly version: number | null;
}

export type SpreadFailure = 'stale' | 'unreachable' | FailureCode;

/** So many steps can be taken back. */
const MOST_BACK = 60;
/** Within so long of each other changes of one thing are one step [ms]. */
const ONE_STEP_MS = 1000;

function asOpened({ asked, spreads, house }: SpreadPage, setups: readonly NamedSetup[]): HeldSpread {
  const named = spreads.find(({ spread }) => spread.id === asked.spread);
  if (named) return named;
  if (asked.setups.length > 0) return { spread: begunWith(asked, setups, house.crafts), version: null };
  return spreads.at(-1) ?? { spread: usualSpread(house.crafts[0]?.id ?? null), version: null };
}

/** A spread of the setups that a day was planned with, each in the first place that takes it. */
function begunWith(
  { setups: ids, craft: craftId, again }: SpreadPage['asked'],
  setups: readonly NamedSetup[],
  crafts: readonly Craft[],
): SpreadDocument {
  const chosen = ids.flatMap((id) => setups.find((setup) => setup.id === id) ?? []);
  const first = chosen[0]?.file.presentation;
  const craft = crafts.find(({ id }) => id === (craftId ?? first?.craftId)) ?? crafts[0];
  const speedMps = again?.speedMps ?? first?.speedMps ?? null;
  const usual = usualSpread(craft?.id ?? null);
  const start = speedMps === null ? usual : { ...usual, speedMps: within(speedMps, L.speedMps) };
  const points = craft ? towPointsOf(craft) : [];
  return chosen.reduce<SpreadDocument>((spread, setup) => {
    const line = placedSetup(spread, setup, points);
    if (!line) return spread;
    const isStruck = again !== null && setup === chosen[0];
    return { ...spread, lines: [...spread.lines, isStruck ? asStruck(line, again, points) : line] };
  }, start);
}

/** A line as it ran when it was struck: in its place where the boat has it, with as much line and cable out. */
function asStruck(
  line: SpreadLineDocument,
  { pointId, lineM, cableM }: NonNullable<SpreadPage['asked']['again']>,
  points: readonly TowPoint[],
): SpreadLineDocument {
  const moved = points.some(({ id }) => id === pointId) ? movedTo([line], line.id, pointId!, points)[0]! : line;
  return {
    ...moved,
    ...(lineM === null ? {} : { lineM: within(lineM, L.lineM) }),
    ...(cableM === null || moved.cableM === undefined ? {} : { cableM: within(cableM, L.cableM) }),
  };
}

/** Headless: the spread in hand with its history, kept on the bench when asked; the craft that it stands in. */
export function useSpread(page: SpreadPage) {
  const setups = useUnpackedSetups(page.setups);
  const rods = useUnpacked(page.rods);
  const [first] = useState(() => asOpened(page, setups));
  const [held, setHeld] = useState(first);
  const [kept, setKept] = useState<SpreadDocument | null>(first.version === null ? null : first.spread);
  const [past, setPast] = useState<readonly SpreadDocument[]>([]);
  const lastChange = useRef<{ readonly as: string | undefined; readonly at: number }>({ as: undefined, at: 0 });
  const [spreads, setSpreads] = useState(page.spreads);
  const [crafts, setCrafts] = useState(page.house.crafts);
  const [failure, setFailure] = useState<SpreadFailure | null>(null);
  const [busy, start] = useTransition();
  const { spread } = held;
  const changed = held.version === null ? spread.lines.length > 0 : JSON.stringify(spread) !== JSON.stringify(kept);
  const craft = crafts.find(({ id }) => id === spread.craftId) ?? crafts[0] ?? null;
  const draft = useDraft<HeldSpread>(`spread ${spread.id}`, changed ? held : null, (found) => readHeld(found, held));

  const open = (next: HeldSpread) => {
    setHeld(next);
    setKept(next.version === null ? null : next.spread);
    setPast([]);
    setFailure(null);
  };
  /** `as`: changes of one thing that follow each other at once are one step back, as while it is dragged */
  const change = (changes: Partial<SpreadDocument>, as?: string) => {
    const now = Date.now();
    const { as: before, at } = lastChange.current;
    if (as === undefined || as !== before || now - at > ONE_STEP_MS)
      setPast((steps) => [...steps, spread].slice(-MOST_BACK));
    lastChange.current = { as, at: now };
    setHeld({ ...held, spread: { ...spread, ...changes } });
  };
  const changeLine = (id: string, changes: Partial<SpreadLineDocument>, as?: string) =>
    change(
      { lines: spread.lines.map((line) => (line.id === id ? { ...line, ...changes } : line)) },
      as && `${id} ${as}`,
    );
  return {
    spread,
    version: held.version,
    spreads,
    setups,
    rods,
    craft,
    crafts,
    changed,
    failure,
    busy,
    draft,
    takeUpDraft: () => {
      if (draft.offer) open(draft.offer.value);
      draft.takeUp();
    },
    change,
    changeLine,
    canUndo: past.length > 0,
    undo: () => {
      const last = past.at(-1);
      if (!last) return;
      setPast(past.slice(0, -1));
      setHeld({ ...held, spread: last });
    },
    open: (id: string) =>
      open(spreads.find((each) => each.spread.id === id) ?? { spread: usualSpread(craft?.id ?? null), version: null }),
    openFile: (read: SpreadDocument) => open({ spread: { ...read, id: NEW_SPREAD }, version: null }),
    save: (usualName: string, then?: (id: string) => void) =>
      start(async () => {
        const reply = await send('save-spread', saveSpreadAction, {
          document: { ...spread, name: spread.name.trim() === '' ? usualName : spread.name },
          expectedVersion: held.version,
        });
        setFailure(reply.ok ? null : reply.code);
        if (!reply.ok) return;
        const { document, version } = reply.data;
        draft.saved();
        setKept(document);
        setHeld({ spread: document, version });
        setSpreads((now) => [...now.filter((each) => each.spread.id !== document.id), { spread: document, version }]);
        then?.(document.id);
      }),
    remove: () =>
      start(async () => {
        if (held.version === null) return;
        const reply = await send('remove-spread', removeSpreadAction, { id: spread.id, expectedVersion: held.version });
        setFailure(reply.ok ? null : reply.code);
        if (!reply.ok) return;
        const left = spreads.filter((each) => each.spread.id !== spread.id);
        setSpreads(left);
        open(left.at(-1) ?? { spread: usualSpread(craft?.id ?? null), version: null });
      }),
    /** what was changed elsewhere stays; this becomes a spread of its own */
    keepAsAnother: () => {
      setFailure(null);
      setHeld({ spread: { ...spread, id: NEW_SPREAD }, version: null });
    },
    /** a field of the craft: its beam, its points, its wake */
    changeCraft: <K extends 'beamM' | 'towPoints' | 'firstCrest' | 'whiteWater'>(key: K, to: Craft[K]) => {
      if (!craft) return;
      const from = craft[key] ?? null;
      setCrafts((now) => now.map((each) => (each.id === craft.id ? { ...each, [key]: to } : each)));
      start(async () => {
        const reply = await send('change-house', changeHouseAction, {
          changes: [{ kind: 'entry', document: 'craft', id: craft.id, key, from, to: to ?? null }],
        });
        if (!reply.ok) return setFailure(reply.code);
        setCrafts(reply.data.house.crafts);
        if (reply.data.refused.length > 0) setFailure('stale');
      });
    },
  };
}

export type SpreadInHand = ReturnType<typeof useSpread>;

/** A draft is taken up where it still is a spread, and goes on from what is kept now. */
async function readHeld(found: unknown, now: HeldSpread): Promise<HeldSpread | null> {
  const { spread, version } = (found ?? {}) as { readonly spread?: unknown; readonly version?: unknown };
  const { spreadSchema } = await import('@/domain/spread/spread');
  const parsed = spreadSchema.safeParse(spread);
  if (!parsed.success || version !== now.version) return null;
  return JSON.stringify(parsed.data) === JSON.stringify(now.spread)
    ? null
    : { spread: parsed.data, version: now.version };
}
