import type { EffectFigures, Evaluation } from '@/core/evaluate';
import type { Part, Setup } from '@/core/setup';

/** What a candidate part would make of a setup. */
export interface CandidateEffect {
  readonly partId: string;
  /** null: with this part a model has no answer */
  readonly evaluation: (Pick<Evaluation, 'verdicts' | 'castMassKg'> & { readonly effect: EffectFigures }) | null;
}

export type BenchRequest = { readonly requestId: number } & (
  | { readonly kind: 'evaluate'; readonly setup: Setup }
  | { readonly kind: 'candidates'; readonly setup: Setup; readonly jointId: string; readonly parts: readonly Part[] }
);

export type BenchReply = { readonly requestId: number; readonly computeMs: number } & (
  | { readonly kind: 'evaluate'; readonly evaluation: Evaluation }
  | { readonly kind: 'candidates'; readonly effects: readonly CandidateEffect[] }
  | { readonly kind: 'failed'; readonly code: 'outside-limits' | 'broken'; readonly field: string | null }
);
