import { effectFigures, evaluate, withPart } from '@/core/evaluate';
import { InputRangeError } from '@/core/guard';
import type { Part, Setup } from '@/core/setup';
import type { BenchReply, BenchRequest, CandidateEffect } from './protocol';

self.addEventListener('message', ({ data }: MessageEvent<BenchRequest>) => {
  const start = performance.now();
  const answer = answerTo(data);
  self.postMessage({ ...answer, requestId: data.requestId, computeMs: performance.now() - start } satisfies BenchReply);
});

type WithoutEnvelope<T> = T extends unknown ? Omit<T, 'requestId' | 'computeMs'> : never;

function answerTo(request: BenchRequest): WithoutEnvelope<BenchReply> {
  try {
    switch (request.kind) {
      case 'evaluate':
        return { kind: 'evaluate', evaluation: evaluate(request.setup) };
      case 'candidates':
        return { kind: 'candidates', effects: request.parts.map((part) => effectOf(request.setup, request.jointId, part)) };
      default:
        return request satisfies never;
    }
  } catch (error) {
    return error instanceof InputRangeError ? { kind: 'failed', code: 'outside-limits', field: error.field } : { kind: 'failed', code: 'broken', field: null };
  }
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
