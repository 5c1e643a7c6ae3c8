'use client';

import { useMemo, useReducer, useState } from 'react';
import { changedReadings, effectFigures, type Evaluation } from '@/core/judge';
import type { Setup } from '@/core/tackle';
import type { Joint } from '@/domain/joint';
import type { Presentation } from '@/domain/presentation';
import { useAnswer } from '@/features/fields/use-answer';
import { useDraft } from '@/features/fields/use-draft';
import { useUnchanged } from '@/features/fields/use-unchanged';
import type { QuestionOf } from '@/workers/protocol';
import {
  benchReducer,
  candidatesFor,
  fittedPart,
  fittedSetup,
  isChanged,
  startState,
  triedSetup,
  type Readings,
} from './bench-state';

export interface BenchInput extends Readings {
  readonly chain: readonly Joint[];
  readonly presentation: Presentation;
  readonly evaluation: Evaluation;
  readonly version: number;
  readonly revision: number;
  /** under which unsaved changes are kept in this browser */
  readonly draftKey: string;
}

/** A result and the setup it is the result of: the two change together, so a drawing never mixes old and new. */
interface Answered {
  readonly setup: Setup;
  readonly evaluation: Evaluation;
}

/** Ranges take a second of a worker; while one steps through candidates they wait for a rest [ms]. */
const RANGES_AFTER_MS = 350;

/** Headless: owns the draft and what is tried on, asks the workers, keeps the last answer while the next one comes. */
export function useBench(page: BenchInput) {
  const [state, dispatch] = useReducer(benchReducer, page, startState);
  const { draft, asThen, tried, trial, selected } = state;
  // Another lighting or language brings the same Box again; nothing is computed anew for it.
  const readings = useUnchanged(
    useMemo(
      (): Readings => ({ box: page.box, partsThen: page.partsThen, house: page.house }),
      [page.box, page.partsThen, page.house],
    ),
  );
  const { box, partsThen } = readings;
  const fitted = useMemo(() => fittedSetup({ draft, asThen }, readings), [draft, asThen, readings]);
  // A joint that is only looked at changes nothing: the setup stays the same object while nothing is tried on.
  const triedIn = tried === null ? null : selected;
  const setup = useMemo(
    () => triedSetup(fitted, { tried, trial, selected: triedIn ?? '', asThen }, readings),
    [fitted, tried, trial, triedIn, asThen, readings],
  );

  // The server has evaluated the first setup already.
  const [first] = useState<Answered>(() => ({ setup, evaluation: page.evaluation }));
  const question = useMemo(
    (): QuestionOf<'evaluate'> | null => (setup === first.setup ? null : { kind: 'evaluate', setup }),
    [setup, first],
  );
  const asked = useAnswer(question);
  const last = question === null ? null : asked.last;
  const shown = useMemo(
    (): Answered => (last ? { setup: last.question.setup, evaluation: last.answer } : first),
    [last, first],
  );

  const joint = draft.chain.find((each) => each.id === selected)!;
  const candidates = useMemo(() => candidatesFor(joint, draft.chain, box), [joint, draft.chain, box]);
  const candidatesQuestion = useMemo(
    (): QuestionOf<'candidates'> => ({ kind: 'candidates', setup: fitted, jointId: selected, parts: candidates }),
    [fitted, selected, candidates],
  );
  const rangesQuestion = useMemo((): QuestionOf<'ranges'> => ({ kind: 'ranges', setup: shown.setup }), [shown.setup]);
  const effects = useAnswer(candidatesQuestion);
  const ranges = useAnswer(rangesQuestion, RANGES_AFTER_MS);

  const changed = isChanged(state);
  const kept = useDraft(page.draftKey, changed ? draft : null, async (value) => {
    const { readDraft } = await import('./read-draft');
    const read = readDraft(value, box);
    return read && JSON.stringify(read) !== JSON.stringify(state.saved) ? read : null;
  });

  return {
    state,
    dispatch,
    kept,
    takeUpKept: () => {
      if (kept.offer) dispatch({ kind: 'take-up', draft: kept.offer.value });
      kept.takeUp();
    },
    /** the setup and the answer to show: the last that was answered */
    answered: shown,
    fittedSetup: fitted,
    waiting: asked.waiting,
    failed: asked.failed !== null,
    joint,
    fitted: fittedPart(state),
    candidates,
    effects: effects.last?.question.jointId === selected ? effects.last.answer : [],
    effectsWait: effects.waiting,
    effectsProgress: effects.progress,
    /** ranges of what is shown, or of what was shown before */
    ranges: ranges.last?.answer ?? null,
    rangesAreOf: ranges.last?.question.setup ?? null,
    rangesProgress: ranges.progress,
    /** what the fitted setup gives, while something is tried on: the row of before and after hangs on it */
    before: useBefore(fitted, shown),
    changed,
    readingsChanged: useMemo(() => changedReadings(partsThen, box).length, [partsThen, box]),
  };
}

/** The evaluation of the fitted setup as it was last answered. */
function useBefore(fitted: Setup, answered: Answered) {
  const [held, setHeld] = useState(answered);
  if (answered.setup === fitted && held !== answered) setHeld(answered);
  return useMemo(() => ({ evaluation: held.evaluation, figures: effectFigures(held.evaluation) }), [held]);
}
