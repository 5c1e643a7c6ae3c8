import { trialPlan, trialSize } from '@/core/afloat';
import {
  remedies,
  setupRanges,
  suit,
  sweep,
  quiver,
  scoreRods,
  wantsOf,
  rodTrade,
  type Steps,
  type Suit,
  type SuitInput,
} from '@/core/decide';
import { boatSide, effectFigures, evaluate, judgeTow, withPart } from '@/core/judge';
import { InputRangeError } from '@/core/base/guard';
import { bestCut, drops } from '@/core/make';
import { loadMixedInteger } from '@/core/base/numeric';
import {
  readRig,
  bottomWeight,
  castBand,
  countdowns,
  depthCard,
  depthsAt,
  driftWeight,
  weightTable,
  fallInputOf,
  lineToBottom,
  paddling,
  runOver,
  turnRig,
  turnTrack,
  type BandAsk,
  type BottomProfile,
  type DepthCard,
} from '@/core/rig';
import type { CastPresentation, Part, ReelPart, RodPart, Setup, TowedPresentation } from '@/core/tackle';
import { sink } from '@/core/water';
import { keepNewest } from '@/domain/keep-newest';
import { changesFor } from '@/domain/remedy/changes';
import { arrangeSpread } from '@/domain/spread/arrange-options';
import { bandMoves } from '@/domain/spread/bands';
import { inPattern } from '@/domain/spread/patterns';
import { solveSpread, type Solver } from '@/domain/spread/solve';
import { planBatch } from '@/domain/tying/plan';
import type { Answers, CandidateEffect, FallAnswer, Question, RunAnswer, ScoredSetup, TurnAnswer } from './protocol';

/** A question as steps of a few milliseconds; the same core functions that the server and the shell call. */
export function answer(question: Question): Steps<Answers[keyof Answers]> {
  switch (question.kind) {
    case 'evaluate':
      return atOnce(() => evaluate(question.setup));
    case 'candidates':
      return candidates(question.setup, question.jointId, question.parts);
    case 'boat-side':
      return atOnce(() => boatSide(question.setup));
    case 'ranges':
      return setupRanges(question.setup, { seed: question.seed });
    case 'remedies':
      return remedies({ setup: question.setup, ...changesFor(question.setup, question.box) });
    case 'suit-days':
      return suitDays(question.setups, question.days);
    case 'sweep':
      return sweep({ base: question.setup, axes: question.axes, of: question.of, compute: (setup) => evaluate(setup) });
    case 'spread':
      return atOnce(() => solveSpread(question.input, solvedBefore));
    case 'spread-moves':
      return atOnce(() => bandMoves(question.input));
    case 'spread-arrange':
      return arrangeSpread(question.input);
    case 'spread-pattern':
      return atOnce(() => inPattern(question.input, question.ask, question.order));
    case 'run':
      return atOnce(() => run(question.setup, question.bottom));
    case 'fall':
      return atOnce(() => fall(question.setup, question.depthsM, question.band));
    case 'depth-card':
      return card(question.setup, question.linesM, question.speedsMps);
    case 'bottom-weight':
      return atOnce(() => bottomWeight(readRig(question.setup), towed(question.setup), question.ask));
    case 'weight-table':
      return atOnce(() => weightTable(readRig(question.setup), towed(question.setup), question.ask));
    case 'drift-weight':
      return atOnce(() => driftWeight(readRig(question.setup), towed(question.setup), question.ask));
    case 'turn':
      return atOnce(() => turns(question.setups, question.offsetsM, question.radiusM));
    case 'paddle':
      return atOnce(() => paddling(readRig(question.setup), towed(question.setup), question.lines, question.windMps));
    case 'rod-scores':
      return rodScores(question.setups, question.rods, question.reels);
    case 'quiver':
      return quiver(question.input);
    case 'plan-batch':
      return atOnce(() => planBatch(question.batch, question.box, question.allowances));
    case 'drops':
      return drops(question.input);
    case 'best-cut':
      return bestCut(question.head);
    case 'trial-size':
      return atOnce(() => trialSize(question.input));
    case 'trial-plan':
      return atOnce(() => trialPlan(question.input));
    case 'rod-trade':
      return rodTrade(question.setup, question.day);
    default:
      return question satisfies never;
  }
}

/** What must have come before a question can be answered; null: nothing. */
export const preparation = (question: Question): Promise<void> | null =>
  question.kind === 'quiver' || question.kind === 'plan-batch' ? loadMixedInteger() : null;

function* suitDays(setups: SuitInput['setups'], days: readonly SuitInput['day'][]): Steps<readonly Suit[]> {
  const suited: Suit[] = [];
  for (const [i, day] of days.entries()) {
    const steps = suit({ setups, day });
    let step = steps.next();
    for (; !step.done; step = steps.next())
      yield { done: i * setups.length + step.value.done, of: days.length * setups.length };
    suited.push(step.value);
  }
  return suited;
}

function* rodScores(
  setups: readonly Setup[],
  rods: readonly RodPart[],
  reels: readonly ReelPart[],
): Steps<readonly ScoredSetup[]> {
  const scored: ScoredSetup[] = [];
  for (const setup of setups) {
    scored.push({ wants: wantsOf(setup), scores: scoreRods(setup, rods, reels) });
    yield { done: scored.length, of: setups.length };
  }
  return scored;
}

function* atOnce<T>(compute: () => T): Steps<T> {
  return compute();
}

/** Lines that were solved last, by all that they hang on: while one is dragged the others are not solved again. */
const solved = new Map<string, ReturnType<Solver>>();
const MOST_KEPT = 120;

const solvedBefore: Solver = (keyOf, solve) => {
  const key = keyOf();
  const found = solved.get(key) ?? solve();
  keepNewest(solved, key, found, MOST_KEPT);
  return found;
};

const towed = ({ presentation }: Setup): TowedPresentation => presentation as TowedPresentation;

function run(setup: Setup, bottom: BottomProfile): RunAnswer {
  const rig = readRig(setup);
  const presentation = towed(setup);
  const running = runOver(rig, presentation, bottom);
  const { figures } = judgeTow(rig, presentation, running);
  return { running, clean: figures.clean, fouled: figures.fouled, toBottom: lineToBottom(running, bottom) };
}

function fall(setup: Setup, depthsM: readonly number[], band: BandAsk): FallAnswer {
  const rig = readRig(setup);
  const presentation = setup.presentation as CastPresentation;
  const reachM = Math.hypot(presentation.distanceM, presentation.depthM);
  return {
    countdowns: countdowns(setup, depthsM),
    tight: sink({
      ...fallInputOf(rig, presentation),
      mode: 'tight-line',
      lineLengthM: reachM,
      depthsM: depthsM.filter((depth) => depth < reachM),
    }),
    band: castBand(rig, presentation, band),
  };
}

function* card(setup: Setup, linesM: readonly number[], speedsMps: readonly number[]): Steps<DepthCard> {
  const rig = readRig(setup);
  const rows: (readonly (number | null)[])[] = [];
  for (const lineM of linesM) {
    rows.push(depthCard(rig, towed(setup), [lineM], speedsMps).depthsM[0]!);
    yield { done: rows.length, of: linesM.length };
  }
  return { linesM, speedsMps, depthsM: rows };
}

/** A quarter more than a full circle, so that the steady turn is seen. */
const TURNED_RAD = 2.5 * Math.PI;

function turns(setups: readonly Setup[], offsetsM: readonly number[], radiusM: number): readonly TurnAnswer[] {
  return setups.map((setup, i) => {
    const presentation = towed(setup);
    const rig = readRig(setup);
    const line = turnRig(rig, presentation, { radiusM, offsetM: offsetsM[i] ?? 0 });
    const { speedMps } = presentation;
    if (speedMps === 0) return { line, track: null, depthsM: [] };
    const track = turnTrack({
      radiusM,
      speedMps,
      offsetM: offsetsM[i] ?? 0,
      laybackM: line.straightLaybackM,
      untilS: (radiusM * TURNED_RAD) / speedMps,
    });
    return { line, track, depthsM: depthsAt(rig, presentation, track.speedMps) };
  });
}

function* candidates(setup: Setup, jointId: string, parts: readonly Part[]): Steps<readonly CandidateEffect[]> {
  const effects: CandidateEffect[] = [];
  for (const part of parts) {
    effects.push(effectOf(setup, jointId, part));
    yield { done: effects.length, of: parts.length };
  }
  return effects;
}

function effectOf(setup: Setup, jointId: string, part: Part): CandidateEffect {
  try {
    const evaluation = evaluate(withPart(setup, jointId, part));
    const { verdicts, castMassKg } = evaluation;
    return { partId: part.id, evaluation: { verdicts, castMassKg, effect: effectFigures(evaluation) } };
  } catch (error) {
    if (error instanceof InputRangeError) return { partId: part.id, evaluation: null };
    throw error;
  }
}
