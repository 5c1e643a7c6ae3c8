import { describe, expect, it } from 'vitest';
import { problemsAgainst } from '../../../tests/helpers/problems';
import { setupIdSchema, trialIdSchema } from '../ids';
import { MEASURED, trialSchema, type VersionPick } from './trial-document';
import { newTrial, usualPick } from './usual-trial';

const setups = ['setup-a', 'setup-b'].map((id, i) => ({ id: setupIdSchema.parse(id), number: i + 1 }));
const BY = ['gear', 'measure', 'pace', 'hook', 'hand'] as const satisfies readonly VersionPick['by'][];
const problems = problemsAgainst(trialSchema);
const problemsOf = (trial: object) => problems({ ...trial, id: trialIdSchema.parse('trial-1'), name: 'A trial' });
const named = (by: VersionPick['by'], of = setups) => {
  const trial = newTrial(of, 1000);
  return {
    ...trial,
    a: { name: 'one', pick: usualPick(by, 'a', of) },
    b: { name: 'other', pick: usualPick(by, 'b', of) },
  };
};

describe('a trial before anything is said of it', () => {
  it.each(BY)('by %s can be kept once its versions have names', (by) => expect(problemsOf(named(by))).toEqual([]));

  it('has two versions that differ, where there is more than one setup', () => {
    for (const by of BY.filter((each) => each !== 'hand')) {
      const { a, b } = named(by);
      expect(a.pick, by).not.toEqual(b.pick);
      expect(a.pick.by).toBe(b.pick.by);
    }
  });

  it('is counted by hand where the bench has no setup', () => {
    expect(usualPick('gear', 'a', [])).toEqual({ by: 'hand' });
    expect(newTrial([], 1000).a.pick).toEqual({ by: 'hand' });
  });

  it('with a single setup has it on both sides, for the user to tell apart', () => {
    const { a, b } = named('gear', setups.slice(0, 1));
    expect([a.pick, b.pick]).toEqual([
      { by: 'gear', setupId: 'setup-a' },
      { by: 'gear', setupId: 'setup-a' },
    ]);
  });

  it('asks for twice the rate, and a half against three quarters', () =>
    expect(newTrial(setups, 1000)).toMatchObject({
      wanted: { ratio: 2, a: 0.5, b: 0.75 },
      startedS: 1000,
      touches: [],
    }));
});

describe('a version by what instruments read', () => {
  it.each(MEASURED)('%s: a band that ends where it begins, or beyond what can be read, is refused', (what) => {
    const trial = named('measure');
    const told = (from: number, to: number) => ({ by: 'measure', what, from, to });
    const pick = (from: number, to: number) => ({
      ...trial,
      a: { name: 'one', pick: told(from, to) },
      b: { name: 'other', pick: told(1.6, 1.8) },
    });
    expect(problemsOf(pick(0.5, 1.5))).toEqual([]);
    expect(problemsOf(pick(1.5, 1.5)).join()).toMatch(/^a\.pick\.to/);
    expect(problemsOf(pick(-1, 1.5)).join()).toMatch(/a\.pick\.from/);
    expect(problemsOf(pick(0.5, 9999)).join()).toMatch(/a\.pick\.to/);
  });
});
