'use client';

import { useEffect, useMemo, useReducer, useRef, useState } from 'react';
import { changedReadings, effectFigures, type Evaluation } from '@/core/evaluate';
import type { Setup } from '@/core/setup';
import type { House } from '@/domain/house';
import type { Joint } from '@/domain/joint';
import type { Part } from '@/domain/parts';
import type { Presentation } from '@/domain/presentation';
import { LatestAnswer } from '@/workers/client';
import type { CandidateEffect } from '@/workers/protocol';
import { benchReducer, candidatesFor, currentSetup, fittedPart, isChanged, startState } from './bench-state';

export interface BenchInput {
  readonly box: readonly Part[];
  readonly partsThen: readonly Part[];
  readonly chain: readonly Joint[];
  readonly presentation: Presentation;
  readonly house: House;
  readonly evaluation: Evaluation;
  readonly version: number;
  readonly revision: number;
}

/** A result and the setup it is the result of: the two change together, so a drawing never mixes old and new. */
interface Answered {
  readonly setup: Setup;
  readonly evaluation: Evaluation;
}

/** Headless: owns the draft and what is tried on, asks the worker, keeps the last answer while the next one comes. */
export function useBench(page: BenchInput) {
  const [state, dispatch] = useReducer(benchReducer, page, startState);
  const setup = useMemo(() => currentSetup(state, page.box, page.partsThen, page.house), [state, page.box, page.partsThen, page.house]);
  const [answered, setAnswered] = useState<Answered>(() => ({ setup, evaluation: page.evaluation }));
  const [failed, setFailed] = useState<Setup | null>(null);
  const asked = useRef<Setup>(setup);
  const evaluator = useRef<LatestAnswer | null>(null);

  useEffect(() => {
    const worker = new LatestAnswer((reply) => {
      if (reply.kind === 'evaluate') setAnswered({ setup: asked.current, evaluation: reply.evaluation });
      if (reply.kind === 'failed') setFailed(asked.current);
    });
    evaluator.current = worker;
    return () => worker.close();
  }, []);

  // A setup that the server has evaluated already is not asked for again; one that only looks new is.
  useEffect(() => {
    if (asked.current === setup) return;
    asked.current = setup;
    evaluator.current?.ask({ kind: 'evaluate', setup });
  }, [setup]);

  const joint = state.draft.chain.find((each) => each.id === state.selected)!;
  const candidates = useMemo(() => candidatesFor(joint, state.draft.chain, page.box), [joint, state.draft.chain, page.box]);
  const fitted = useMemo(() => currentSetup({ ...state, tried: null }, page.box, page.partsThen, page.house), [state, page.box, page.partsThen, page.house]);
  const effects = useCandidateEffects(fitted, state.selected, candidates);

  return {
    state,
    dispatch,
    /** the setup and the answer to show: the last that was answered */
    answered,
    waiting: answered.setup !== setup && failed !== setup,
    failed: failed === setup,
    joint,
    fitted: fittedPart(state),
    candidates,
    effects,
    /** what the fitted setup gives, while a part is tried on: the row of before and after hangs on it */
    before: useBefore(fitted, state.tried !== null, answered),
    changed: isChanged(state),
    readingsChanged: useMemo(() => changedReadings(page.partsThen, page.box).length, [page.partsThen, page.box]),
  };
}

/** The figures of the last answer that was about the fitted setup. */
function useBefore(fitted: Setup, isTrying: boolean, answered: Answered) {
  const [held, setHeld] = useState(answered);
  if (!isTrying && held !== answered && answered.setup.chain === fitted.chain) setHeld(answered);
  return useMemo(() => effectFigures(held.evaluation), [held]);
}

/** What each candidate would make of the fitted setup; empty until the worker has answered for this joint. */
function useCandidateEffects(setup: Setup, jointId: string, parts: readonly Part[]): readonly CandidateEffect[] {
  const [effects, setEffects] = useState<readonly CandidateEffect[]>([]);
  const worker = useRef<LatestAnswer | null>(null);
  useEffect(() => {
    const latest = new LatestAnswer((reply) => {
      if (reply.kind === 'candidates') setEffects(reply.effects);
    });
    worker.current = latest;
    return () => latest.close();
  }, []);
  // Trying on does not change the fitted setup, so its text is the same and nothing is asked again.
  const question = JSON.stringify([setup.chain, setup.presentation, jointId, setup.parts]);
  const latest = useRef({ setup, jointId, parts });
  useEffect(() => {
    latest.current = { setup, jointId, parts };
  });
  useEffect(() => {
    worker.current?.ask({ kind: 'candidates', ...latest.current });
  }, [question]);
  return effects;
}
