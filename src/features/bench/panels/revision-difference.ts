import { effectFigures, evaluate, VERDICT_NAMES, type EffectFigures, type Mark, type VerdictName } from '@/core/judge';
import type { Setup } from '@/core/tackle';
import { chainChanges, type ChainChange } from '@/domain/chain-changes';

export interface RevisionDifference {
  readonly changes: readonly ChainChange[];
  readonly marks: readonly { readonly verdict: VerdictName; readonly was: Mark; readonly is: Mark }[];
  readonly before: EffectFigures;
  readonly after: EffectFigures;
}

/** What changed from one setup to another: joints, what is chosen about them, marks and figures. */
export function revisionDifference(from: Setup, to: Setup): RevisionDifference {
  const [was, is] = [evaluate(from), evaluate(to)];
  return {
    changes: chainChanges(from.chain, to.chain),
    marks: VERDICT_NAMES.map((verdict) => ({
      verdict,
      was: was.verdicts[verdict].mark,
      is: is.verdicts[verdict].mark,
    })),
    before: effectFigures(was),
    after: effectFigures(is),
  };
}
