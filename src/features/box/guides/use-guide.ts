'use client';

import { useMemo, useState } from 'react';
import type { Part } from '@/domain/parts';
import { useDraft } from '@/features/fields/use-draft';
import { useI18n, type I18n } from '@/i18n/client';
import {
  GUIDE_DEFINITIONS,
  judgeRows,
  type Ask,
  type Asked,
  type Column,
  type Guide,
  type RawReading,
  type ReadingRow,
} from '@/domain/guides';

/** One line of readings as typed, by column. */
export type TypedRow = Readonly<Record<string, string>>;

export interface CellProblem {
  readonly row: number;
  readonly column: string;
  readonly text: string;
}

interface Typed {
  readonly answers: Readonly<Record<string, string>>;
  readonly rows: readonly TypedRow[];
}

const readTyped = (kept: unknown): Typed | null => {
  const { answers, rows } = (kept ?? {}) as Partial<Typed>;
  return answers && Array.isArray(rows) && rows.length > 0 ? { answers, rows } : null;
};

/** What was read, in SI, as the server takes it: it works the figures out again with the same function. */
const rawOf = (asks: readonly Ask[], asked: Asked, rows: readonly ReadingRow[]): RawReading => ({
  rows: rows.map((row) => ({ ...row })),
  asked: Object.fromEntries(
    asks.map(({ name, kind }) => [name, kind === 'choice' ? asked.word(name) : asked.figure(name)]),
  ),
});

/** Headless: what was typed into a guide, and what it makes of it; `field` is what somebody was sent to measure. */
export function useGuide(guide: Guide, part: Part, field: string | null = null) {
  const i18n = useI18n();
  const definition = GUIDE_DEFINITIONS[guide];
  const asks = useMemo(() => definition.asks(part), [definition, part]);
  const columns = useMemo(() => definition.columns(part), [definition, part]);
  const [answers, setAnswers] = useState<Readonly<Record<string, string>>>(() =>
    Object.fromEntries(
      asks.map((ask) => [
        ask.name,
        ask.kind === 'choice' && field !== null && ask.options.includes(field) ? field : startOf(i18n, ask),
      ]),
    ),
  );
  const [rows, setRows] = useState<readonly TypedRow[]>([{}]);
  const typed = rows.some((row) => Object.values(row).some((cell) => cell !== ''));
  const [saved, setSaved] = useState(false);
  const draft = useDraft<Typed>(`guide ${guide} ${part.id}`, typed && !saved ? { answers, rows } : null, readTyped);

  const read = useMemo(() => readRows(i18n, columns, rows), [i18n, columns, rows]);
  const judged = useMemo(
    () =>
      judgeRows(
        definition,
        part,
        read.rows.map(({ row }) => row),
        askedOf(i18n, asks, answers),
      ),
    [definition, part, read, i18n, asks, answers],
  );
  const problems: readonly CellProblem[] = [
    ...read.problems,
    ...[...judged.refused].map(([index, { column, min, max }]) => {
      const measure = columns.find(({ name }) => name === column)?.measure ?? 'count';
      const show = (value: number) => (measure === 'count' ? i18n.number(value, 0) : i18n.format(value, measure));
      return { row: read.rows[index]!.at, column, text: i18n.t('guide.cannotBe', { min: show(min), max: show(max) }) };
    }),
  ];

  const setCell = (at: number, column: string, text: string) =>
    setRows((held) => {
      const next = held.map((row, i) => (i === at ? { ...row, [column]: text } : row));
      return Object.values(next.at(-1)!).some((cell) => cell !== '') ? [...next, {}] : next;
    });
  const addRow = (row: TypedRow) =>
    setRows((held) => [...held.filter((each) => Object.values(each).some((cell) => cell !== '')), row, {}]);

  return {
    draft,
    takeUpDraft: () => {
      const kept = draft.offer?.value;
      draft.takeUp();
      if (!kept) return;
      setAnswers((held) => ({ ...held, ...kept.answers }));
      setRows(kept.rows);
    },
    /** what was read is on the server now */
    markSaved: () => {
      setSaved(true);
      draft.saved();
    },
    raw: rawOf(
      asks,
      askedOf(i18n, asks, answers),
      read.rows.map(({ row }) => row).filter((_, i) => !judged.refused.has(i)),
    ),
    asks,
    columns,
    timed: definition.timed,
    answers,
    setAnswer: (name: string, text: string) => setAnswers((held) => ({ ...held, [name]: text })),
    rows,
    setCell,
    addRow,
    removeRow: (at: number) => setRows((held) => held.filter((_, i) => i !== at)),
    judged,
    problems,
  };
}

function startOf({ show }: I18n, ask: Ask): string {
  switch (ask.kind) {
    case 'figure':
      return ask.start === null ? '' : show(ask.start, ask.measure).number;
    case 'whole':
      return String(ask.start);
    case 'choice':
      return ask.start;
    default:
      return ask satisfies never;
  }
}

function askedOf(i18n: I18n, asks: readonly Ask[], answers: Readonly<Record<string, string>>): Asked {
  return {
    figure: (name) => {
      const ask = asks.find((each) => each.name === name);
      const text = answers[name] ?? '';
      if (ask?.kind === 'whole') return /^\d+$/.test(text.trim()) ? Number(text) : null;
      const outcome = ask?.kind === 'figure' ? i18n.read(text, ask.measure) : null;
      return outcome?.kind === 'read' ? outcome.value : null;
    },
    word: (name) => answers[name] ?? '',
  };
}

/** Rows whose cells can all be read; a cell that cannot is named, and its row waits. */
function readRows(i18n: I18n, columns: readonly Column[], typed: readonly TypedRow[]) {
  const rows: { at: number; row: ReadingRow }[] = [];
  const problems: CellProblem[] = [];
  typed.forEach((cells, at) => {
    const figures: [string, number][] = [];
    let whole = true;
    for (const { name, measure, optional } of columns) {
      const text = cells[name]?.trim() ?? '';
      if (text === '') {
        whole &&= optional === true;
        continue;
      }
      const outcome = i18n.read(text, measure === 'count' ? 'ratio' : measure);
      if (outcome.kind === 'read') figures.push([name, outcome.value]);
      else {
        whole = false;
        problems.push({
          row: at,
          column: name,
          text: i18n.t('guide.unread', { given: 'given' in outcome ? outcome.given : text }),
        });
      }
    }
    if (whole && figures.length > 0) rows.push({ at, row: Object.fromEntries(figures) });
  });
  return { rows, problems };
}
