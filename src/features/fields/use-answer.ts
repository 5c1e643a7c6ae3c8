'use client';

import { useEffect, useState } from 'react';
import type { Progress } from '@/core/decide';
import { browserPool } from '@/workers/browser-pool';
import type { AnswerTo, FailureCode, Question } from '@/workers/protocol';
import { NoAnswerError } from '@/workers/pool';

/** Progress is shown only of what takes longer than this [ms]. */
const SHOW_AFTER_MS = 500;

export interface Answered<Q extends Question> {
  /** the last answer, and the question it is the answer to */
  readonly last: { readonly question: Q; readonly answer: AnswerTo<Q> } | null;
  readonly waiting: boolean;
  /** how far a long one has come */
  readonly progress: Progress | null;
  readonly failed: FailureCode | null;
}

/**
 * The pool's answer to a question that changes. A new question gives the one before it up; the last answer stays until the
 * next has come. Null asks nothing. The question must be the same object while it is the same question.
 */
export function useAnswer<Q extends Question>(question: Q | null, delayMs = 0): Answered<Q> {
  const [last, setLast] = useState<Answered<Q>['last']>(null);
  const [progress, setProgress] = useState<{ readonly question: Q; readonly at: Progress } | null>(null);
  const [failed, setFailed] = useState<{ readonly question: Q; readonly code: FailureCode } | null>(null);
  useEffect(() => {
    if (!question) return;
    const giveUp = new AbortController();
    const begun = performance.now();
    const timer = setTimeout(() => {
      browserPool()
        .ask(question, {
          signal: giveUp.signal,
          onProgress: (at) => performance.now() - begun > SHOW_AFTER_MS && setProgress({ question, at }),
        })
        .then(
          (answer) => setLast({ question, answer }),
          (error: unknown) => {
            if (!giveUp.signal.aborted)
              setFailed({ question, code: error instanceof NoAnswerError ? error.code : 'broken' });
          },
        );
    }, delayMs);
    return () => {
      clearTimeout(timer);
      giveUp.abort();
    };
  }, [question, delayMs]);
  const isFailed = failed?.question === question && question !== null;
  return {
    last,
    waiting: question !== null && last?.question !== question && !isFailed,
    progress: progress?.question === question ? progress.at : null,
    failed: isFailed ? failed.code : null,
  };
}
