'use client';

import { useRef, useState } from 'react';
import type { Trip } from '@/domain/log/trip';
import { nextAngler } from '@/domain/log/turn-list';
import type { Then, TripEvent } from '@/domain/log/trip-event';
import type { Mode } from './keys';
import { newId, own } from './own';
import type { LogLine } from './panels/panels';

/** A second touch elsewhere within this is the same hand sliding [ms]. */
const SLIDE_MS = 300;
/** What was touched can be taken back in one touch for so long [s]. */
const UNDO_S = 20;

type Keep = (events: readonly TripEvent[]) => Promise<boolean>;

/** Headless: what a touch of a line comes to, by what the line does and by the mode; the last of it can be taken back. */
export function useTouches({
  trip,
  lines,
  add,
  then,
  nowS,
  onChange,
}: {
  readonly trip: Trip;
  readonly lines: readonly LogLine[];
  /** keeps entries; false where the phone's memory took none */
  readonly add: Keep;
  /** what was true of a line at a time [s since 1970]; null: not known */
  readonly then: (line: string, atS: number) => Then | null;
  /** this phone's clock [s since 1970] */
  readonly nowS: number;
  /** a line whose lure, leader or place is to be changed */
  readonly onChange: (line: string) => void;
}) {
  const [mode, setMode] = useState<Mode>('strike');
  const [chosen, setChosen] = useState<string | null>(null);
  const [done, setDone] = useState<{ readonly events: readonly TripEvent[]; readonly atS: number } | null>(null);
  const touched = useRef<{ readonly line: string; readonly at: number } | null>(null);
  const fishing = lines.filter(({ now }) => now?.state === 'fishing').map(({ line }) => line);
  const notOut = lines.filter(({ now }) => now && now.state !== 'out').map(({ line }) => line);

  /** Adds what was touched, and keeps it at hand to be taken back. */
  const tell: Keep = async (events) => {
    const isKept = await add(events);
    if (isKept) setDone({ events, atS: Date.now() / 1000 });
    return isKept;
  };
  const strike = (line: string): void => {
    const atS = Date.now() / 1000;
    const id = newId();
    setChosen(id);
    void tell([{ kind: 'strike', id, atS, line, touchedS: atS, angler: nextAngler(trip), then: then(line, atS) }]);
  };
  const letOut = (names: readonly string[]): void => {
    const events = names.flatMap((name): TripEvent[] => {
      const line = lines.find((each) => each.line === name);
      if (!line || line.now?.state === 'fishing') return [];
      return line.now
        ? [{ kind: 'back', ...own(), lines: [name] }]
        : [{ kind: 'in', ...own(), line: name, ...line.gear }];
    });
    // In someone's hand there is one rod: whoever takes another puts that one down.
    const down = trip.opened?.way === 'casting' ? fishing.filter((name) => !names.includes(name)) : [];
    if (events.length > 0)
      void tell([...(down.length > 0 ? [{ kind: 'out' as const, ...own(), lines: down }] : []), ...events]);
  };
  const takeIn = (names: readonly string[]): void => {
    if (names.length > 0) void tell([{ kind: 'out', ...own(), lines: [...names] }]);
  };
  const touch = (name: string): void => {
    const at = performance.now();
    const last = touched.current;
    if (last && last.line !== name && at - last.at < SLIDE_MS) return;
    touched.current = { line: name, at };
    const state = lines.find(({ line }) => line === name)?.now?.state ?? 'planned';
    switch (mode) {
      case 'change':
        return onChange(name);
      case 'weed':
        setMode('strike');
        return void (state === 'fishing' && tell([{ kind: 'fouled', ...own(), line: name }]));
      case 'lines':
        return state === 'fishing' || state === 'fought' ? takeIn([name]) : letOut([name]);
      case 'strike':
        if (state === 'fishing') return strike(name);
        if (state === 'fought') return setChosen(trip.strikes.findLast(({ line }) => line === name)?.id ?? null);
        return state === 'fouled' ? void tell([{ kind: 'clean', ...own(), line: name }]) : letOut([name]);
      default:
        mode satisfies never;
    }
  };
  const leftS = done ? Math.max(0, Math.ceil(UNDO_S - (nowS - done.atS))) : 0;
  return {
    mode,
    setMode,
    /** another mode, or strikes again where it is on already */
    turn: (to: Mode) => setMode(mode === to ? 'strike' : to),
    fishing,
    notOut,
    /** the strike in view: the one that was chosen, or the last */
    shown: trip.strikes.find(({ id }) => id === chosen) ?? trip.strikes.at(-1) ?? null,
    choose: setChosen,
    tell,
    /** What is said of a strike keeps it in view, wherever its time puts it. */
    edit: (id: string, keep: Keep, events: readonly TripEvent[]) => {
      setChosen(id);
      return keep(events);
    },
    touch,
    takeIn,
    letOut,
    /** what can be taken back, and for how long yet [s]; null: nothing */
    undoable: done && leftS > 0 ? { what: done.events.at(-1)!.kind, leftS } : null,
    undo: (): void => {
      if (!done || leftS === 0) return;
      setDone(null);
      void add(done.events.map((event): TripEvent => ({ kind: 'undone', ...own(), of: event.id })));
    },
  };
}
