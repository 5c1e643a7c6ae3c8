import { describe, expect, it, vi } from 'vitest';
import { demoFile } from '../../../tests/helpers/demo';
import { BENCH_COMMANDS, runCommand, type BenchCommandName, type BenchReach } from './commands';
import { benchReducer, startState, type BenchAction } from './state/bench-state';

const file = demoFile('setup-drowned-wall');
const state = startState({ chain: file.chain, presentation: file.presentation, version: 1, revision: 1 });

/** What a command did: the actions that went to the state, and everything else by name. */
function done(name: BenchCommandName, from = state) {
  const actions: BenchAction[] = [];
  const other = vi.fn();
  const reach: BenchReach = {
    state: from,
    dispatch: (action) => actions.push(action),
    listed: [],
    open: (panel) => other('open', panel),
    toggleThen: () => other('then'),
    zoom: (action) => other('zoom', action),
    saveDrawing: () => other('svg'),
    find: () => other('find'),
    toSetups: () => other('setups'),
    download: () => other('download'),
  };
  runCommand(name, reach);
  return { actions, other: other.mock.calls };
}

describe('every command of the Bench', () => {
  it.each(BENCH_COMMANDS.map(({ action }) => action).filter((name) => name !== 'print'))(
    '%s does one thing',
    (name) => {
      const { actions, other } = done(name);
      expect(actions.length + other.length).toBe(1);
    },
  );
  it('has a key, and shares its label only with its like', () => {
    const labels = BENCH_COMMANDS.map(({ label }) => label as string);
    for (const { keys } of BENCH_COMMANDS) expect(keys.length).toBeGreaterThan(0);
    const shared = labels.filter((label, i) => labels.indexOf(label) !== i);
    expect([...new Set(shared)]).toEqual(['joint', 'try', 'move', 'zoom', 'pan']);
  });
});

describe('a command on the rig', () => {
  const select = (jointId: string) => benchReducer(state, { kind: 'select', jointId });
  it('moves the selected joint one place, either way', () => {
    const from = select('hook-knot');
    const at = from.draft.chain.findIndex(({ id }) => id === 'hook-knot');
    expect(done('move-up', from).actions).toEqual([{ kind: 'move-joint', jointId: 'hook-knot', to: at - 1 }]);
    expect(done('move-down', from).actions).toEqual([{ kind: 'move-joint', jointId: 'hook-knot', to: at + 1 }]);
  });
  it('takes out the selected one, and steps round the chain', () => {
    expect(done('remove-joint', select('leader')).actions).toEqual([{ kind: 'remove-joint', jointId: 'leader' }]);
    expect(done('previous-joint').actions).toEqual([{ kind: 'step-joint', by: -1 }]);
    expect(done('next-joint').actions).toEqual([{ kind: 'step-joint', by: 1 }]);
  });
  it('opens the working of Throw first, and each panel by its name', () => {
    expect(done('working').other).toEqual([['open', { working: 'throw' }]]);
    for (const name of ['save', 'sweep', 'fight', 'hold'] as const) expect(done(name).other).toEqual([['open', name]]);
  });
});
