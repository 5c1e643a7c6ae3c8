import type { Progress, Ranges, Remedies, Sweep, SweepAxis } from '@/core/choose';
import type { BoatSide, EffectFigures, Evaluation } from '@/core/evaluate';
import type { Part as CorePart, Setup } from '@/core/setup';
import type { Part } from '@/domain/parts';

/** What a candidate part would make of a setup. */
export interface CandidateEffect {
  readonly partId: string;
  /** null: with this part a model has no answer */
  readonly evaluation: (Pick<Evaluation, 'verdicts' | 'castMassKg'> & { readonly effect: EffectFigures }) | null;
}

/** Every question that a worker takes. */
export type Question =
  | { readonly kind: 'evaluate'; readonly setup: Setup }
  | { readonly kind: 'candidates'; readonly setup: Setup; readonly jointId: string; readonly parts: readonly CorePart[] }
  | { readonly kind: 'boat-side'; readonly setup: Setup }
  | { readonly kind: 'ranges'; readonly setup: Setup; readonly seed?: number }
  | { readonly kind: 'remedies'; readonly setup: Setup; readonly box: readonly Part[] }
  | { readonly kind: 'sweep'; readonly setup: Setup; readonly axes: readonly SweepAxis[]; readonly of: readonly string[] };

/** The answer to each kind of question. */
export interface Answers {
  readonly evaluate: Evaluation;
  readonly candidates: readonly CandidateEffect[];
  readonly 'boat-side': BoatSide;
  readonly ranges: Ranges;
  readonly remedies: Remedies;
  readonly sweep: Sweep;
}

export type AnswerTo<Q extends Question> = Answers[Q['kind']];

/** Why there is no answer: a value outside a model's limits, or a fault. */
export type FailureCode = 'outside-limits' | 'broken';

export type ToWorker =
  | { readonly kind: 'ask'; readonly requestId: number; readonly question: Question }
  | { readonly kind: 'cancel'; readonly requestId: number };

export type FromWorker = { readonly requestId: number } & (
  | { readonly kind: 'answer'; readonly answer: Answers[keyof Answers]; readonly computeMs: number }
  | ({ readonly kind: 'progress' } & Progress)
  | { readonly kind: 'failed'; readonly code: FailureCode; readonly field: string | null }
);
