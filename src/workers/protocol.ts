import type { TrialPlan, TrialPlanInput, TrialSize, TrialSizeInput } from '@/core/afloat';
import type {
  Progress,
  Ranges,
  Remedies,
  Sweep,
  SweepAxis,
  Suit,
  SuitInput,
  Quiver,
  QuiverInput,
  RodScore,
  Wants,
  Day,
  RodTrade,
} from '@/core/decide';
import type { BoatSide, CarriedPull, EffectFigures, Evaluation } from '@/core/judge';
import type {
  BandAsk,
  BottomProfile,
  BottomWeight,
  BottomWeightAsk,
  CastBand,
  Countdown,
  DepthCard,
  Drift,
  DriftAsk,
  LineToBottom,
  Paddling,
  Running,
  TurningLine,
  TurnTrack,
  WeightTable,
  WeightTableAsk,
} from '@/core/rig';
import type { Part as CorePart, ReelPart, RodPart, Setup } from '@/core/tackle';
import type { Sink } from '@/core/water';
import type { Part } from '@/domain/parts';
import type { Arrangement } from '@/domain/spread/arrange-options';
import type { BandMove } from '@/domain/spread/bands';
import type { PatternAsk } from '@/domain/spread/patterns';
import type { SolvedSpread, SpreadQuestion } from '@/domain/spread/solve';
import type { SpreadLineDocument } from '@/domain/spread/spread';
import type { BatchPlan } from '@/domain/tying/plan';
import type { BestCut, Drops, DropsInput, Head, Allowances } from '@/core/make';

/** What a candidate part would make of a setup. */
export interface CandidateEffect {
  readonly partId: string;
  /** null: with this part a model has no answer */
  readonly evaluation: (Pick<Evaluation, 'verdicts' | 'castMassKg'> & { readonly effect: EffectFigures }) | null;
}

/** A towed rig as it runs, and how its pull moves the rod. */
export interface RunAnswer {
  readonly running: Running;
  readonly clean: CarriedPull;
  readonly fouled: CarriedPull;
  /** null where it touches already, or no bottom is known */
  readonly toBottom: LineToBottom | null;
}

/** A cast rig as it falls: on slack line with one thing changed at a time, swinging on a tight line, and wound through a band. */
export interface FallAnswer {
  readonly countdowns: readonly Countdown[];
  readonly tight: Sink;
  readonly band: CastBand;
}

export interface TurnAnswer {
  readonly line: TurningLine;
  /** null for a boat that stands */
  readonly track: TurnTrack | null;
  /** by the track's times [m] */
  readonly depthsM: readonly (number | null)[];
}

/** What a presentation asks, and how each rod serves it. */
export interface ScoredSetup {
  readonly wants: Wants;
  readonly scores: readonly RodScore[];
}

/** Every question that a worker takes. */
export type Question =
  | { readonly kind: 'evaluate'; readonly setup: Setup }
  | {
      readonly kind: 'candidates';
      readonly setup: Setup;
      readonly jointId: string;
      readonly parts: readonly CorePart[];
    }
  | { readonly kind: 'boat-side'; readonly setup: Setup }
  | { readonly kind: 'ranges'; readonly setup: Setup; readonly seed?: number }
  | { readonly kind: 'remedies'; readonly setup: Setup; readonly box: readonly Part[] }
  | {
      readonly kind: 'suit-days';
      readonly setups: SuitInput['setups'];
      /** a day and its slots, each with conditions of its own */
      readonly days: readonly SuitInput['day'][];
    }
  | { readonly kind: 'run'; readonly setup: Setup; readonly bottom: BottomProfile }
  | { readonly kind: 'fall'; readonly setup: Setup; readonly depthsM: readonly number[]; readonly band: BandAsk }
  | {
      readonly kind: 'depth-card';
      readonly setup: Setup;
      readonly linesM: readonly number[];
      readonly speedsMps: readonly number[];
    }
  | { readonly kind: 'bottom-weight'; readonly setup: Setup; readonly ask: BottomWeightAsk }
  | { readonly kind: 'weight-table'; readonly setup: Setup; readonly ask: WeightTableAsk }
  | { readonly kind: 'drift-weight'; readonly setup: Setup; readonly ask: DriftAsk }
  | {
      readonly kind: 'turn';
      readonly setups: readonly Setup[];
      readonly offsetsM: readonly number[];
      readonly radiusM: number;
    }
  | { readonly kind: 'paddle'; readonly setup: Setup; readonly lines: number; readonly windMps: number }
  | {
      readonly kind: 'rod-scores';
      readonly setups: readonly Setup[];
      readonly rods: readonly RodPart[];
      readonly reels: readonly ReelPart[];
    }
  | { readonly kind: 'quiver'; readonly input: QuiverInput }
  | { readonly kind: 'rod-trade'; readonly setup: Setup; readonly day: Day }
  | {
      readonly kind: 'plan-batch';
      readonly batch: readonly { readonly setup: Setup; readonly count: number }[];
      readonly box: readonly Part[];
      readonly allowances: Allowances;
    }
  | { readonly kind: 'drops'; readonly input: DropsInput }
  | { readonly kind: 'best-cut'; readonly head: Head }
  | { readonly kind: 'trial-size'; readonly input: TrialSizeInput }
  | { readonly kind: 'trial-plan'; readonly input: TrialPlanInput }
  | { readonly kind: 'spread'; readonly input: SpreadQuestion }
  | { readonly kind: 'spread-moves'; readonly input: SpreadQuestion }
  | { readonly kind: 'spread-arrange'; readonly input: SpreadQuestion }
  | {
      readonly kind: 'spread-pattern';
      readonly input: SpreadQuestion;
      readonly ask: PatternAsk;
      /** ids from port to starboard */
      readonly order: readonly string[];
    }
  | {
      readonly kind: 'sweep';
      readonly setup: Setup;
      readonly axes: readonly SweepAxis[];
      readonly of: readonly string[];
    };

export type QuestionOf<K extends Question['kind']> = Extract<Question, { kind: K }>;

/** The answer to each kind of question. */
export interface Answers {
  readonly evaluate: Evaluation;
  readonly candidates: readonly CandidateEffect[];
  readonly 'boat-side': BoatSide;
  readonly ranges: Ranges;
  readonly remedies: Remedies;
  readonly 'suit-days': readonly Suit[];
  readonly spread: SolvedSpread;
  readonly 'spread-moves': readonly BandMove[];
  readonly 'spread-arrange': Arrangement;
  readonly 'spread-pattern': readonly SpreadLineDocument[];
  readonly sweep: Sweep;
  readonly run: RunAnswer;
  readonly fall: FallAnswer;
  readonly 'depth-card': DepthCard;
  readonly 'bottom-weight': BottomWeight;
  readonly 'weight-table': WeightTable;
  readonly 'drift-weight': Drift;
  readonly turn: readonly TurnAnswer[];
  readonly paddle: Paddling | null;
  readonly 'rod-scores': readonly ScoredSetup[];
  readonly quiver: Quiver;
  readonly 'rod-trade': RodTrade;
  readonly 'plan-batch': BatchPlan;
  readonly drops: Drops;
  readonly 'best-cut': BestCut;
  readonly 'trial-size': TrialSize;
  readonly 'trial-plan': TrialPlan;
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
