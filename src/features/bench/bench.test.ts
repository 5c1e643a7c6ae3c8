import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoFile, demoFiles } from '../../../tests/helpers/demo';
import { evaluate } from '@/core/evaluate';
import { demoHouse, demoParts } from '@/db/demo';
import { benchReducer, candidatesFor, currentSetup, fittedPart, isChanged, startState, type BenchAction, type BenchState } from './bench-state';
import { actionOfKey } from '@/ui/keys';
import { BENCH_KEYS } from './keys';
import { verdictScale } from './verdict-scale';

const file = demoFile('setup-drowned-wall');
const start = () => startState({ chain: file.chain, presentation: file.presentation, version: 2, revision: 2 });
const run = (state: BenchState, ...actions: BenchAction[]) => actions.reduce(benchReducer, state);
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
    expect(currentSetup(tried, demoParts, [], demoHouse).chain.find(({ id }) => id === 'hook')!.partId).toBe(other);
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
    const present = (distanceM: number, field: string): BenchAction => ({ kind: 'present', presentation: { ...file.presentation, slackM: distanceM }, field });
    const typed = run(start(), present(3, 'distanceM'), present(30, 'distanceM'), present(31, 'depthM'));
    expect(typed.past).toHaveLength(2);
    expect(run(typed, { kind: 'undo' }).draft.presentation.slackM).toBe(30);
    expect(run(typed, { kind: 'undo' }, { kind: 'undo' }).draft).toEqual(start().draft);
  });

  it('is unchanged again after a save, and shows readings as then when asked', () => {
    const fitted = run(start(), { kind: 'try', partId: other }, { kind: 'fit' });
    const saved = run(fitted, { kind: 'saved', revision: 3, version: 3, draft: fitted.draft });
    expect([isChanged(saved), saved.revision, saved.version]).toEqual([false, 3, 3]);
    const evening = demoFiles.find(({ id }) => id === 'setup-evening-edge')!;
    const state = startState({ chain: evening.file.chain, presentation: evening.file.presentation, version: 1, revision: 1 });
    const setMark = (each: BenchState) => evaluate(currentSetup(each, demoParts, evening.fileThen.parts, demoHouse)).verdicts.set.mark;
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

it('offers parts of the joint’s kind, and knots of their use', () => {
  const at = (id: string) => candidatesFor(file.chain.find((joint) => joint.id === id)!, file.chain, demoParts);
  expect(at('hook').map(({ id }) => id).sort()).toEqual([...hooks].sort());
  expect(at('leader').every(({ kind }) => kind === 'line')).toBe(true);
  expect(at('leader-knot').map(({ id }) => id)).toEqual(['knot-crossed-wrap', 'knot-double-wrap']);
  expect(at('hook-knot').map(({ id }) => id)).toEqual(['knot-doubled-eye', 'knot-open-loop', 'knot-wrapped-eye']);
});

describe('keys', () => {
  const press = (key: string, more: object = {}) => actionOfKey(BENCH_KEYS, { key, ctrlKey: false, metaKey: false, altKey: false, ...more }, () => false);
  it('have one action each', () => {
    const all = BENCH_KEYS.flatMap(({ keys }) => keys);
    expect(new Set(all).size).toBe(all.length);
    for (const { action, keys } of BENCH_KEYS) for (const key of keys) expect(press(key)).toBe(action);
  });
  it('leave the browser its own', () => {
    expect(press('s', { ctrlKey: true })).toBeNull();
    expect(press('q')).toBeNull();
    const inside = (key: string, element: string) => actionOfKey(BENCH_KEYS, { key, ctrlKey: false, metaKey: false, altKey: false }, (selector) => selector.split(', ').includes(element));
    expect([inside('s', 'input'), inside('Enter', 'button'), inside('s', 'button')]).toEqual([null, null, 'save']);
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
  it('has no sound zone in an empty window', () => expect(verdictScale({ value: 2, limits: { failsBelow: 1, soundFrom: 3, soundTo: 2, failsAbove: 4 } })!.zones.map(({ tone }) => tone)).toEqual(['bad', 'edge', 'bad']));
  it('has no scale without limits', () => expect(verdictScale({ value: 2, limits: null })).toBeNull());
});
