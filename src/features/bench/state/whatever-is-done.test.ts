import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoFiles } from '../../../../tests/helpers/demo';
import { problemsAgainst } from '../../../../tests/helpers/problems';
import { evaluate } from '@/core/judge';
import { demoHouse, demoParts } from '@/db/demo';
import { ADDABLE, newJoint } from '@/domain/new-joint';
import { setupFileSchema } from '@/domain/setup';
import { presentationOf } from '@/domain/start-setup';
import { TOWED_WAYS } from '@/domain/presentation';
import { PARTS_OF_JOINT } from '@/core/tackle';
import type { Joint } from '@/domain/joint';
import { benchReducer, candidatesFor, fittedSetup, startState, type BenchAction, type BenchState } from './bench-state';

const readings = { box: demoParts, partsThen: [], house: demoHouse };
const problemsOf = problemsAgainst(setupFileSchema);
const newest = demoFiles.filter((each) => each.newest);

/** Something that can be done on the Bench, by what is drawn: which of the joints, which of the parts, which way. */
const deed = fc.record({
  what: fc.constantFrom('fit', 'add', 'remove', 'move', 'present', 'undo', 'redo' as const),
  joint: fc.nat(30),
  part: fc.nat(200),
  to: fc.nat(30),
});
type Deed = typeof deed extends fc.Arbitrary<infer T> ? T : never;

function actionsOf(state: BenchState, { what, joint: at, part: nth, to }: Deed): readonly BenchAction[] {
  const { chain, presentation } = state.draft;
  const joint = chain[at % chain.length]!;
  switch (what) {
    case 'fit': {
      const candidates = candidatesFor(joint, chain, demoParts);
      const part = candidates[nth % candidates.length];
      return part ? [{ kind: 'select', jointId: joint.id }, { kind: 'try', partId: part.id }, { kind: 'fit' }] : [];
    }
    case 'add': {
      const kind = ADDABLE[to % ADDABLE.length]!;
      const parts = demoParts.filter((part) => (PARTS_OF_JOINT[kind] as readonly string[]).includes(part.kind));
      const part = parts[nth % parts.length];
      return part ? [{ kind: 'add-joint', joint: newJoint(kind, part.id, chain), after: joint.id }] : [];
    }
    case 'remove':
      return [{ kind: 'remove-joint', jointId: joint.id }];
    case 'move':
      return [{ kind: 'move-joint', jointId: joint.id, to: to % chain.length }];
    case 'present': {
      const ways = ['cast', ...TOWED_WAYS] as const;
      return [
        { kind: 'present', presentation: presentationOf(ways[to % ways.length]!, presentation), field: 'fished' },
      ];
    }
    default:
      return [{ kind: what }];
  }
}

const begun = (nth: number): BenchState => {
  const { chain, presentation } = newest[nth % newest.length]!.file;
  return startState({ chain: chain as readonly Joint[], presentation, version: 1, revision: 1 });
};

describe('whatever is done on the Bench', () => {
  it('can be saved and judged, and taken back to where it began', () =>
    fc.assert(
      fc.property(fc.nat(newest.length - 1), fc.array(deed, { minLength: 1, maxLength: 12 }), (nth, deeds) => {
        let state = begun(nth);
        const first = state.draft;
        for (const each of deeds) state = actionsOf(state, each).reduce(benchReducer, state);
        const setup = fittedSetup(state, readings);
        const file = { version: 1, name: 'Any', ...setup };
        expect(problemsOf(file)).toEqual([]);
        expect(evaluate(setup).outcome).toBe('ok');
        expect(state.draft.chain.some(({ id }) => id === state.selected)).toBe(true);
        while (state.past.length > 0) state = benchReducer(state, { kind: 'undo' });
        expect(state.draft).toEqual(first);
      }),
      { numRuns: 150 },
    ));
});
