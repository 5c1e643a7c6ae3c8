import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoFile, demoFiles } from '../../../../tests/helpers/demo';
import { evaluate } from '@/core/judge';
import { demoHouse, demoParts } from '@/db/demo';
import {
  benchReducer,
  candidatesFor,
  fittedPart,
  fittedSetup,
  triedSetup,
  isChanged,
  startState,
  type BenchAction,
  type BenchState,
} from './bench-state';
import { actionOfKey, TYPED_IN } from '@/ui/keys';
import { newJoint } from '@/domain/new-joint';
import { partIdSchema } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { inBoxOrder } from '@/domain/part-order';
import { BENCH_COMMANDS } from '../commands';
import { chainChanges } from '@/domain/chain-changes';
import { revisionDifference } from '../panels/revision-difference';
import { verdictScale } from '../verdicts/verdict-scale';

const file = demoFile('setup-drowned-wall');
const start = () => startState({ chain: file.chain, presentation: file.presentation, version: 2, revision: 2 });
const run = (state: BenchState, ...actions: BenchAction[]) => actions.reduce(benchReducer, state);
const currentSetup = (state: BenchState, partsThen: readonly Part[]) => {
  const readings = { box: demoParts, partsThen, house: demoHouse };
  return triedSetup(fittedSetup(state, readings), state, readings);
};
const hooks = demoParts.filter((part) => part.kind === 'hook' && part.points === 'single').map(({ id }) => id);
const other = hooks.find((id) => id !== fittedPart(start()))!;

describe('benchReducer', () => {
  it('starts at the hook, unchanged', () => {
    expect(start().selected).toBe('hook');
    expect(isChanged(start())).toBe(false);
  });

  it('tries on without changing, fits as one step, takes it back and gives it again', () => {
    const tried = run(start(), { kind: 'try', partId: other });
    expect(isChanged(tried)).toBe(false);
    expect(currentSetup(tried, []).chain.find(({ id }) => id === 'hook')!.partId).toBe(other);
    const fitted = run(tried, { kind: 'fit' });
    expect([fittedPart(fitted), fitted.tried, isChanged(fitted)]).toEqual([other, null, true]);
    const undone = run(fitted, { kind: 'undo' });
    expect(undone.draft).toEqual(start().draft);
    expect(run(undone, { kind: 'redo' }).draft).toEqual(fitted.draft);
    expect(run(tried, { kind: 'put-back' }).tried).toBeNull();
  });

  it('steps through the candidates round and round', () => {
    const step = (state: BenchState, by: 1 | -1) => benchReducer(state, { kind: 'step-try', by, among: hooks });
    let state = start();
    for (let i = 0; i < hooks.length; i += 1) state = step(state, 1);
    expect(state.tried).toBeNull();
    expect(step(step(start(), 1), -1).tried).toBeNull();
    expect(benchReducer(start(), { kind: 'step-try', by: 1, among: [] })).toEqual(start());
  });

  it('steps through the joints round and round, dropping what was tried', () => {
    let state = run(start(), { kind: 'try', partId: other });
    for (let i = 0; i < file.chain.length; i += 1) state = benchReducer(state, { kind: 'step-joint', by: 1 });
    expect([state.selected, state.tried]).toEqual(['hook', null]);
  });

  it('counts typing in one field as one step, and a new field as a new one', () => {
    const present = (distanceM: number, field: string): BenchAction => ({
      kind: 'present',
      presentation: { ...file.presentation, slackM: distanceM },
      field,
    });
    const typed = run(start(), present(3, 'distanceM'), present(30, 'distanceM'), present(31, 'depthM'));
    expect(typed.past).toHaveLength(2);
    expect(run(typed, { kind: 'undo' }).draft.presentation.slackM).toBe(30);
    expect(run(typed, { kind: 'undo' }, { kind: 'undo' }).draft).toEqual(start().draft);
  });

  it('is unchanged again after a save, and shows readings as then when asked', () => {
    const fitted = run(start(), { kind: 'try', partId: other }, { kind: 'fit' });
    const saved = run(fitted, { kind: 'saved', revision: 3, version: 3, draft: fitted.draft });
    expect([isChanged(saved), saved.revision, saved.version]).toEqual([false, 3, 3]);
    const evening = demoFiles.find(({ id, newest }) => id === 'setup-evening-edge' && newest)!;
    const state = startState({
      chain: evening.file.chain,
      presentation: evening.file.presentation,
      version: 1,
      revision: 1,
    });
    const setMark = (each: BenchState) => evaluate(currentSetup(each, evening.fileThen.parts)).verdicts.set.mark;
    expect([setMark(state), setMark(run(state, { kind: 'toggle-then' }))]).toEqual(['edge', 'sound']);
  });

  it('undoes any sequence of fits back to the start', () =>
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...hooks), { maxLength: 12 }), (ids) => {
        const end = ids.reduce((state, partId) => run(state, { kind: 'try', partId }, { kind: 'fit' }), start());
        const back = end.past.reduce((state) => benchReducer(state, { kind: 'undo' }), end);
        expect(back.draft).toEqual(start().draft);
      }),
    ));
});

describe('changing the chain', () => {
  const ids = (state: BenchState) => state.draft.chain.map(({ id }) => id);
  it('adds behind a joint, selects what is new, and takes it back', () => {
    const added = run(start(), {
      kind: 'add-joint',
      after: 'leader',
      joint: newJoint('hardware', partIdSchema.parse('bead-6'), file.chain),
    });
    expect(ids(added).slice(4, 6)).toEqual(['leader', 'hardware']);
    expect([added.selected, isChanged(added)]).toEqual(['hardware', true]);
    expect(run(added, { kind: 'undo' })).toMatchObject({ draft: start().draft, selected: 'bait' });
  });
  it('moves a joint, and not out of the chain', () => {
    const moved = run(start(), { kind: 'move-joint', jointId: 'weight', to: 4 });
    expect(ids(moved).slice(3, 6)).toEqual(['leader-knot', 'weight', 'leader']);
    expect(run(start(), { kind: 'move-joint', jointId: 'bait', to: 9 })).toEqual(start());
  });
  it('takes out, and forgets to break where nothing is any more', () => {
    const cut = run(start(), { kind: 'remove-joint', jointId: 'leader-knot' });
    expect(ids(cut)).not.toContain('leader-knot');
    expect(cut.draft.presentation.wanted.breakAt).toBeNull();
    expect(cut.selected).toBe('leader');
  });
  it('refuses what would be no rig, and says why', () => {
    for (const [action, code] of [
      [{ kind: 'remove-joint', jointId: 'reel' }, 'head'],
      [{ kind: 'move-joint', jointId: 'bait', to: 5 }, 'needs-hook'],
      [{ kind: 'remove-joint', jointId: 'hook' }, 'needs-hook'],
    ] as const) {
      const refused = run(start(), action);
      expect([refused.draft, refused.refused]).toEqual([start().draft, code]);
      expect(run(refused, { kind: 'select', jointId: 'rod' }).refused).toBeNull();
    }
  });
});

describe('revisionDifference', () => {
  const [older, newer] = [1, 2].map(
    (revision) => demoFiles.find((each) => each.id === 'setup-bladed' && each.revision === revision)!.file,
  );
  it('names what was set otherwise, with the figures of both', () => {
    const { changes, marks, before, after } = revisionDifference(older!, newer!);
    expect(changes).toMatchObject([{ kind: 'set', field: 'segmentsOff', was: undefined, is: 4 }]);
    expect(marks.find(({ verdict }) => verdict === 'fall')).toEqual({ verdict: 'fall', was: 'edge', is: 'sound' });
    expect(after.castMassKg).toBeLessThan(before.castMassKg);
  });
  it('names stations left bare and colours, and sees no change in an equal list', () => {
    const lure = { id: 'lure', partId: 'x', kind: 'lure', colour: 'char', bare: ['front'] } as const;
    expect(chainChanges([lure], [{ ...lure, bare: ['front'] }])).toEqual([]);
    expect(chainChanges([lure], [{ id: 'lure', partId: 'x', kind: 'lure', colour: 'perch' }])).toMatchObject([
      { field: 'colour', was: 'char', is: 'perch' },
      { field: 'bare', was: ['front'], is: undefined },
    ]);
  });
  it('names what went, what came and what was swapped', () => {
    const [a, b] = [1, 2].map(
      (revision) => demoFiles.find((each) => each.id === 'setup-reef-plug' && each.revision === revision)!.file,
    );
    expect(chainChanges(a!.chain, b!.chain).map(({ kind, joint }) => `${kind} ${joint.id}`)).toEqual([
      'swapped rod',
      'swapped line',
      'in hook-ring',
      'in hook',
    ]);
    expect(chainChanges(b!.chain, a!.chain).map(({ kind }) => kind)).toEqual(['out', 'out', 'swapped', 'swapped']);
    expect(chainChanges(a!.chain, a!.chain)).toEqual([]);
  });
});

it('offers parts of the joint’s kind, and knots of their use', () => {
  const at = (id: string) =>
    candidatesFor(
      file.chain.find((joint) => joint.id === id)!,
      file.chain,
      inBoxOrder(demoParts, (part) => part),
    );
  expect(
    at('hook')
      .map(({ id }) => id)
      .sort(),
  ).toEqual([...hooks].sort());
  expect(at('leader').every(({ kind }) => kind === 'line')).toBe(true);
  expect(at('leader-knot').map(({ id }) => id)).toEqual(['knot-crossed-wrap', 'knot-double-wrap']);
  expect(at('hook-knot').map(({ id }) => id)).toEqual(['knot-doubled-eye', 'knot-open-loop', 'knot-wrapped-eye']);
});

describe('keys', () => {
  const press = (key: string, more: object = {}) =>
    actionOfKey(BENCH_COMMANDS, { key, ctrlKey: false, metaKey: false, altKey: false, ...more }, () => false);
  it('have one action each', () => {
    const all = BENCH_COMMANDS.flatMap(({ keys }) => keys);
    expect(new Set(all).size).toBe(all.length);
    for (const { action, keys } of BENCH_COMMANDS) for (const key of keys) expect(press(key)).toBe(action);
  });
  it('leave the browser its own', () => {
    expect(press('s', { ctrlKey: true })).toBeNull();
    expect(press('q')).toBeNull();
    const inside = (key: string, element: string) =>
      actionOfKey(BENCH_COMMANDS, { key, ctrlKey: false, metaKey: false, altKey: false }, (selector) =>
        selector.split(', ').includes(element),
      );
    expect([
      inside('s', TYPED_IN),
      inside('ArrowDown', 'input'),
      inside('s', 'input'),
      inside('Enter', 'button'),
      inside('s', 'button'),
    ]).toEqual([null, null, 'save', null, 'save']);
  });
});

describe('verdictScale', () => {
  const limits = { failsBelow: 1, soundFrom: 1.4, soundTo: 2.9, failsAbove: 3.8 };
  it('takes in limits and value, zones in order', () =>
    fc.assert(
      fc.property(fc.double({ min: 0, max: 30, noNaN: true }), (value) => {
        const scale = verdictScale({ value, limits })!;
        expect(scale.from).toBeLessThanOrEqual(value);
        expect(scale.to).toBeGreaterThanOrEqual(value);
        expect(scale.zones.map(({ tone }) => tone)).toEqual(['bad', 'edge', 'ok', 'edge', 'bad']);
        expect(scale.zones.map(({ to }) => to)).toEqual([...scale.zones.map(({ to }) => to)].sort((a, b) => a - b));
      }),
    ));
  it('has no sound zone in an empty window', () =>
    expect(
      verdictScale({ value: 2, limits: { failsBelow: 1, soundFrom: 3, soundTo: 2, failsAbove: 4 } })!.zones.map(
        ({ tone }) => tone,
      ),
    ).toEqual(['bad', 'edge', 'bad']));
  it('has no scale without limits', () => expect(verdictScale({ value: 2, limits: null })).toBeNull());
});
