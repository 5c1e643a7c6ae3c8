import { answer } from '@/workers/answer';
import { finish } from '@/core/decide';
import type { Progress } from '@/core/decide';
import { NoAnswerError, type AskOptions } from '@/workers/pool';
import type { Question } from '@/workers/protocol';

/** A question that waits for its answer. */
export interface AskedQuestion {
  readonly question: Question;
  readonly isGivenUp: () => boolean;
  readonly progress: (at: Progress) => void;
  /** the answer that a worker would give, or this one */
  readonly answer: (given?: unknown) => Promise<void>;
  readonly refuse: (code: NoAnswerError['code']) => Promise<void>;
}

/** In the place of the page's workers: a test says when which question is answered, and in which order. */
export class AskedPool {
  readonly asked: AskedQuestion[] = [];

  ask(question: Question, { signal, onProgress }: AskOptions = {}): Promise<unknown> {
    return new Promise((resolve, reject) => {
      const settled = () => new Promise<void>((resume) => setTimeout(resume));
      this.asked.push({
        question,
        isGivenUp: () => signal?.aborted ?? false,
        progress: (at) => onProgress?.(at),
        answer: (given) => {
          resolve(given === undefined ? finish(answer(question)) : given);
          return settled();
        },
        refuse: (code) => {
          reject(new NoAnswerError(code, null));
          return settled();
        },
      });
      signal?.addEventListener('abort', () => reject(signal.reason as Error));
    });
  }

  /** The newest question of a kind that nobody gave up. */
  last(kind: Question['kind']): AskedQuestion {
    const found = this.asked.findLast((each) => each.question.kind === kind && !each.isGivenUp());
    if (!found) throw new Error(`no ${kind} is waited for`);
    return found;
  }

  kinds(): readonly Question['kind'][] {
    return this.asked.map(({ question }) => question.kind);
  }
}
