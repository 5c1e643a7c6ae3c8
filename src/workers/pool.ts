import type { Progress } from '@/core/decide';
import type { AnswerTo, FailureCode, FromWorker, Question, ToWorker } from './protocol';

/** A question that has no answer: outside a model's limits, or a fault in the computation. */
export class NoAnswerError extends Error {
  override readonly name = 'NoAnswerError';
  constructor(
    readonly code: FailureCode,
    readonly field: string | null,
  ) {
    super(`${code}${field ? `: ${field}` : ''}`);
  }
}

/** The part of a worker that the pool uses; tests bring their own. */
export interface PoolWorker {
  readonly postMessage: (message: ToWorker) => void;
  readonly addEventListener: (
    kind: 'message' | 'error',
    listener: (event: { readonly data?: FromWorker }) => void,
  ) => void;
}

export interface AskOptions {
  /** gives the question up: its answer is dropped and the worker stops at the next step */
  readonly signal?: AbortSignal;
  readonly onProgress?: (progress: Progress) => void;
}

interface Pending {
  readonly worker: number;
  readonly resolve: (answer: unknown) => void;
  readonly reject: (error: unknown) => void;
  readonly onProgress: ((progress: Progress) => void) | undefined;
}

/** A part of a question over a list, and how much of the list is in it. */
interface Piece {
  readonly question: Question;
  readonly length: number;
}

/** Questions over a list, whose answer is a list, as one piece for each worker; null: it is answered whole. */
function inPieces(question: Question, size: number): readonly Piece[] | null {
  switch (question.kind) {
    case 'candidates':
      return pieces(question.parts, size).map((parts) => ({ question: { ...question, parts }, length: parts.length }));
    case 'rod-scores':
      return pieces(question.setups, size).map((setups) => ({
        question: { ...question, setups },
        length: setups.length,
      }));
    case 'suit-days':
      return pieces(question.days, size).map((days) => ({
        question: { ...question, days },
        length: days.length * question.setups.length,
      }));
    default:
      return null;
  }
}

function pieces<T>(list: readonly T[], size: number): readonly (readonly T[])[] {
  const length = Math.max(1, Math.ceil(list.length / size));
  return Array.from({ length: Math.ceil(list.length / length) }, (_, i) => list.slice(i * length, (i + 1) * length));
}

/** Several workers behind one door. A question goes to the worker with the fewest in hand; a part of a list to each. */
export class WorkerPool {
  private readonly workers: (PoolWorker | undefined)[] = [];
  private readonly pending = new Map<number, Pending>();
  private last = 0;

  constructor(
    readonly size: number,
    private readonly make: () => PoolWorker,
  ) {}

  /** @throws {NoAnswerError} when the computation refuses or breaks; what the signal says when it was given up. */
  ask<Q extends Question>(question: Q, options: AskOptions = {}): Promise<AnswerTo<Q>> {
    const pieces = inPieces(question, this.size);
    return (pieces ? this.share(pieces, options) : this.post(question, options)) as Promise<AnswerTo<Q>>;
  }

  /** A list in as many pieces as there are workers, put together again in order. */
  private async share(pieces: readonly Piece[], { onProgress, ...options }: AskOptions): Promise<readonly unknown[]> {
    const done = pieces.map(() => 0);
    const of = pieces.reduce((sum, { length }) => sum + length, 0);
    const watch = (i: number) => ({
      onProgress: (progress: Progress) => {
        done[i] = progress.done;
        onProgress?.({ done: done.reduce((sum, each) => sum + each, 0), of });
      },
    });
    const answers = await Promise.all(
      pieces.map(({ question }, i) => this.post(question, { ...options, ...watch(i) })),
    );
    return (answers as (readonly unknown[])[]).flat();
  }

  private post(question: Question, { signal, onProgress }: AskOptions): Promise<unknown> {
    const worker = this.leastBusy();
    this.last += 1;
    const requestId = this.last;
    return new Promise((resolve, reject) => {
      if (signal?.aborted) return reject(signal.reason as Error);
      this.pending.set(requestId, { worker, resolve, reject, onProgress });
      signal?.addEventListener('abort', () => {
        if (!this.pending.delete(requestId)) return;
        this.workers[worker]?.postMessage({ kind: 'cancel', requestId });
        reject(signal.reason as Error);
      });
      this.workers[worker]!.postMessage({ kind: 'ask', requestId, question });
    });
  }

  private leastBusy(): number {
    const load = Array.from(
      { length: this.size },
      (_, i) => [...this.pending.values()].filter(({ worker }) => worker === i).length,
    );
    const at = load.indexOf(Math.min(...load));
    this.workers[at] ??= this.started(at);
    return at;
  }

  private started(index: number): PoolWorker {
    const worker = this.make();
    worker.addEventListener('message', ({ data }) => data && this.receive(data));
    // A worker that could not be loaded answers nothing; those who wait for it are told, and the next question gets a new one.
    worker.addEventListener('error', () => {
      this.workers[index] = undefined;
      for (const [requestId, { worker: at, reject }] of this.pending) {
        if (at !== index) continue;
        this.pending.delete(requestId);
        reject(new NoAnswerError('broken', null));
      }
    });
    return worker;
  }

  private receive(message: FromWorker): void {
    const asked = this.pending.get(message.requestId);
    // Given up meanwhile: a stale answer is dropped.
    if (!asked) return;
    if (message.kind === 'progress') return asked.onProgress?.({ done: message.done, of: message.of });
    this.pending.delete(message.requestId);
    if (message.kind === 'answer') asked.resolve(message.answer);
    else asked.reject(new NoAnswerError(message.code, message.field));
  }
}
