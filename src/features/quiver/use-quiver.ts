'use client';

import { useMemo, useState } from 'react';
import { SCORE_PARTS, territories, type QuiverInput, type RodScore } from '@/core/decide';
import { classesWith } from '@/core/tackle/defaults/classes';
import { ROD_PRICES } from '@/core/tackle/defaults/part-classes';
import { MOUNTS_OF_WORK, priceOfClass, type Work } from '@/domain/quiver/work';
import { useAnswer } from '@/features/fields/use-answer';
import type { QuiverPage } from '@/server/queries/quiver-page';
import type { QuestionOf } from '@/workers/protocol';
import { presentedOf, reelsOf, rodsFor, scoresOf, servedAt, twinsOf } from './job';

/** A rod that must come, or must not. */
export type RodMark = 'in' | 'out';

/** What is asked of the rods. */
export type Ask =
  | { readonly kind: 'fewest' }
  | { readonly kind: 'best'; readonly k: number }
  | { readonly kind: 'buy'; readonly budget: number }
  | { readonly kind: 'home' };

/** The floor at which a rod is sound for a job: nothing of it more than a little at an edge. */
const USUAL_FLOOR = 0.9;

/**
 * Headless: which work, which floor, which rods are in or out; the scores from the workers, what they say of holes and twins,
 * and the solver's answer to what is asked.
 */
export function useQuiver(page: QuiverPage) {
  // Who only trolls is not shown an empty table first.
  const [work, setWork] = useState<Work>(() =>
    presentedOf(page, 'cast', false).length === 0 && presentedOf(page, 'towed', false).length > 0 ? 'towed' : 'cast',
  );
  const [withLures, setWithLures] = useState(true);
  const [floor, setFloor] = useState(USUAL_FLOOR);
  const [marks, setMarks] = useState<Readonly<Record<string, RodMark>>>({});
  const [ask, setAsk] = useState<Ask>({ kind: 'fewest' });
  const [prices, setPrices] = useState<Readonly<Record<string, number>>>(ROD_PRICES.mount);

  const [leftOut, setLeftOut] = useState<ReadonlySet<string>>(new Set());
  const all = useMemo(() => presentedOf(page, work, withLures), [page, work, withLures]);
  const rods = useMemo(() => rodsFor(page.box, work), [page.box, work]);
  const reels = useMemo(() => reelsOf(page.box), [page.box]);
  const allFiles = useMemo(() => all.map(({ file }) => file), [all]);

  const scoresQuestion = useMemo(
    (): QuestionOf<'rod-scores'> | null =>
      rods.length > 0 && allFiles.length > 0 ? { kind: 'rod-scores', setups: allFiles, rods, reels } : null,
    [allFiles, rods, reels],
  );
  const [stopped, setStopped] = useState<QuestionOf<'rod-scores'> | null>(null);
  const isStopped = stopped !== null && stopped === scoresQuestion;
  const scored = useAnswer(isStopped ? null : scoresQuestion);
  // Scores are about these rows and rods or about none: an older table would not fit beside them.
  const scores = scored.last?.question === scoresQuestion ? scored.last!.answer : null;
  // What is left out is judged all the same, so that it can be put back at once.
  const kept = useMemo(() => [...all.keys()].filter((i) => !leftOut.has(all[i]!.id)), [all, leftOut]);
  const presented = useMemo(() => kept.map((i) => all[i]!), [kept, all]);
  const files = useMemo(() => presented.map(({ file }) => file), [presented]);
  const table = useMemo(() => (scores && kept.length > 0 ? kept.map((i) => scores[i]!) : null), [scores, kept]);

  const [pinned, excluded] = useMemo(
    () =>
      (['in', 'out'] as const).map((mark) => rods.flatMap(({ id }, r) => (marks[id] === mark ? [r] : []))) as [
        number[],
        number[],
      ],
    [rods, marks],
  );
  const allowed = useMemo(() => [...rods.keys()].filter((r) => !excluded.includes(r)), [rods, excluded]);
  const served = useMemo(() => (table ? servedAt(table, floor, allowed) : []), [table, floor, allowed]);
  const holes = useMemo(() => served.flatMap(({ by }, p) => (by.length === 0 ? [p] : [])), [served]);

  const toBuy = page.toBuy[work];
  const candidates = useMemo(() => toBuy.map((rod) => ({ rod, price: priceOfClass(rod, prices) })), [toBuy, prices]);
  const isBuying = ask.kind === 'buy';
  // To mend holes only their rows are asked of class rods; a purchase weighs all rows.
  const asPurchase = useMemo(
    () => (table === null ? [] : isBuying ? files : holes.map((p) => files[p]!)),
    [table, isBuying, files, holes],
  );
  const classQuestion = useMemo(
    (): QuestionOf<'rod-scores'> | null =>
      asPurchase.length > 0 ? { kind: 'rod-scores', setups: asPurchase, rods: toBuy, reels } : null,
    [asPurchase, toBuy, reels],
  );
  const classed = useAnswer(classQuestion);
  const classTable = classed.last?.question === classQuestion ? classed.last!.answer : null;
  /** by hole: the class of rod that serves it best; null while it is not known */
  const mends = useMemo(
    () =>
      holes.map((p) => {
        const row = classTable?.[isBuying ? p : holes.indexOf(p)];
        if (!row) return null;
        // Of several that score nothing, the one that fails in the least tells what is in the way.
        const worth = ({ score, parts }: RodScore) =>
          score + 1e-3 * SCORE_PARTS.reduce((sum, part) => sum + parts[part], 0);
        const best = row.scores.reduce((most, each, r) => (worth(each) > worth(row.scores[most]!) ? r : most), 0);
        return { candidate: candidates[best]!, score: row.scores[best]! };
      }),
    [holes, classTable, isBuying, candidates],
  );

  const quiverQuestion = useMemo((): QuestionOf<'quiver'> | null => {
    if (!table || allowed.length === 0) return null;
    const base = { scores: scoresOf(table), pinned, excluded };
    const input = ((): QuiverInput | null => {
      switch (ask.kind) {
        case 'fewest':
          return { ...base, mode: 'cover', floor };
        case 'best':
          return { ...base, mode: 'best-k', k: Math.max(ask.k, pinned.length) };
        case 'home':
          return { ...base, mode: 'best-k', k: Math.max(allowed.length - 1, pinned.length) };
        case 'buy':
          return classTable && isBuying
            ? {
                ...base,
                scores: scoresOf(table, classTable),
                mode: 'budget',
                budget: ask.budget,
                prices: [...rods.map(() => 0), ...candidates.map(({ price }) => price)],
                owned: [...rods.map(() => 1 as const), ...candidates.map(() => 0 as const)],
              }
            : null;
        default:
          return ask satisfies never;
      }
    })();
    return input && { kind: 'quiver', input };
  }, [table, classTable, isBuying, allowed, pinned, excluded, ask, floor, rods, candidates]);
  const solved = useAnswer(quiverQuestion);
  const answer = solved.last && solved.last.question === quiverQuestion ? solved.last.answer : null;

  const twins = useMemo(() => (table ? twinsOf(served, table, answer?.rods) : []), [served, table, answer]);

  const style = files.find(({ presentation }) => presentation.kind === 'cast')?.presentation;
  const places = useMemo(
    () =>
      table && style?.kind === 'cast'
        ? territories(rods, style.castStyle, table, classesWith(files[0]?.house?.classes))
        : [],
    [table, style, rods, files],
  );

  const cycle = (rodId: string) =>
    setMarks(({ [rodId]: now, ...rest }) =>
      now === undefined ? { ...rest, [rodId]: 'in' } : now === 'in' ? { ...rest, [rodId]: 'out' } : rest,
    );
  return {
    work,
    setWork,
    withLures,
    setWithLures,
    floor,
    setFloor,
    marks,
    cycle,
    ask,
    setAsk,
    prices,
    setPrices,
    mounts: MOUNTS_OF_WORK[work],
    presented,
    rods,
    reels,
    table,
    served,
    twins,
    holes,
    mends,
    places,
    candidates,
    allowed,
    leftOut: all.length - presented.length,
    leaveOut: (id: string) => setLeftOut(new Set([...leftOut, id])),
    putBack: () => setLeftOut(new Set()),
    isStopped,
    stop: () => setStopped(scoresQuestion),
    goOn: () => setStopped(null),
    answer,
    solving: solved.waiting,
    scoring: scored.waiting,
    scoringProgress: scored.progress,
    buyingProgress: classed.waiting && isBuying ? classed.progress : null,
    failed: scored.failed ?? classed.failed ?? solved.failed,
  };
}

export type QuiverState = ReturnType<typeof useQuiver>;
