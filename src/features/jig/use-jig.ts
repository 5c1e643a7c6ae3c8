'use client';

import { useMemo, useState } from 'react';
import { cutOf, flatOf, headStanding, land, tipPullN, type Flat, type Head } from '@/core/make';
import { useAnswer } from '@/features/fields/use-answer';
import type { QuestionOf } from '@/workers/protocol';
import { BY_HAND, SAMPLE } from './sample';

export const DROPS = 10_000;
const SEED = 20;

/** Headless: the head and its flat, how it lands before and after, ten thousand drops and the best cut from the worker. */
export function useJig() {
  const [head, setHead] = useState<Head>(SAMPLE);
  const [flat, setOne] = useState<Flat>(BY_HAND);
  /** beside the flat that is moved by hand, where the search found two */
  const [second, setSecond] = useState<Flat | null>(null);
  const setFlat = (next: Flat) => {
    setOne(next);
    setSecond(null);
  };
  const [isDropping, setDropping] = useState(false);
  const [searched, setSearched] = useState<Head | null>(null);
  const [floor, setFloor] = useState({ lineRad: 0.35, slopeRad: 0, softM: 0 });
  const bare = useMemo(() => ({ ...head, cuts: [] }), [head]);
  const radiiM = useMemo(() => headStanding(bare).radiiM, [bare]);
  const filed = useMemo(
    () => ({ ...bare, cuts: [flat, second].flatMap((each) => (each && each.depth > 0 ? [cutOf(each, radiiM)] : [])) }),
    [bare, flat, second, radiiM],
  );
  const before = useMemo(() => land(bare), [bare]);
  const after = useMemo(() => land(filed), [filed]);
  const dropsQuestion = useMemo(
    (): QuestionOf<'drops'> | null =>
      isDropping && after.stand.outcome === 'ok'
        ? {
            kind: 'drops',
            input: { jig: after.standing, drops: DROPS, slopeRad: Math.abs(floor.slopeRad), seed: SEED },
          }
        : null,
    [isDropping, after, floor.slopeRad],
  );
  const cutQuestion = useMemo(
    (): QuestionOf<'best-cut'> | null => (searched ? { kind: 'best-cut', head: searched } : null),
    [searched],
  );
  const drops = useAnswer(dropsQuestion);
  const best = useAnswer(cutQuestion);
  const found = best.last?.question === cutQuestion ? (best.last?.answer ?? null) : null;
  return {
    head,
    flat,
    floor,
    before,
    after,
    radiiM,
    drops: drops.last?.answer ?? null,
    dropping: drops.waiting,
    dropsProgress: drops.progress,
    found: found && searched === bare ? found : null,
    searching: best.waiting,
    searchProgress: best.progress,
    setFlat,
    setFloor,
    change: (change: Partial<Head>) => setHead({ ...head, ...change }),
    drop: () => setDropping(true),
    search: () => setSearched(bare),
    takeOne: () => found?.one && setFlat(flatOf(found.one.cuts[0]!, radiiM)),
    takeTwo: () => {
      if (!found?.two) return;
      const [first, next] = found.two.cuts;
      setOne(flatOf(first!, radiiM));
      setSecond(flatOf(next!, radiiM));
    },
    unfile: () => setFlat({ ...flat, depth: 0 }),
    byHand: () => setFlat(BY_HAND),
    tipN: (pose: Parameters<typeof tipPullN>[1]) => tipPullN(after.standing, pose, floor),
  };
}

export type Jig = ReturnType<typeof useJig>;
