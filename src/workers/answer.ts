import { remedies, setupRanges, sweep, type Steps } from '@/core/choose';
import { boatSide, effectFigures, evaluate, withPart } from '@/core/evaluate';
import { InputRangeError } from '@/core/guard';
import type { Part, Setup } from '@/core/setup';
import { changesFor } from '@/domain/remedy/changes';
import type { Answers, CandidateEffect, Question } from './protocol';

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
    case 'sweep':
      return sweep({ base: question.setup, axes: question.axes, of: question.of, compute: (setup) => evaluate(setup) });
    default:
      return question satisfies never;
  }
}

function* atOnce<T>(compute: () => T): Steps<T> {
  return compute();
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
