import type { Dispatch } from 'react';
import type { PartId } from '@/domain/ids';
import type { KeyRow } from '@/ui/keys';
import type { BenchAction, BenchState } from './state/bench-state';
import type { Open, PanelName } from './panels/open';
import type { ZoomAction } from './sheet/use-zoom';

/** What a command of the Bench can reach. */
export interface BenchReach {
  readonly state: BenchState;
  readonly dispatch: Dispatch<BenchAction>;
  /** the candidates as they are listed */
  readonly listed: readonly PartId[];
  readonly open: (panel: Open) => void;
  readonly toggleThen: () => void;
  readonly zoom: (action: ZoomAction) => void;
  readonly saveDrawing: () => void;
  readonly find: () => void;
  readonly toSetups: () => void;
  readonly download: () => void;
}

interface BenchCommand extends KeyRow {
  readonly run: (bench: BenchReach) => void;
}

const tryNext = (by: 1 | -1) => (bench: BenchReach) => bench.dispatch({ kind: 'step-try', by, among: bench.listed });
const stepJoint = (by: 1 | -1) => (bench: BenchReach) => bench.dispatch({ kind: 'step-joint', by });
const moveJoint = (by: 1 | -1) => (bench: BenchReach) => {
  const { selected, draft } = bench.state;
  bench.dispatch({
    kind: 'move-joint',
    jointId: selected,
    to: draft.chain.findIndex(({ id }) => id === selected) + by,
  });
};
const plain = (kind: 'fit' | 'put-back' | 'undo' | 'redo') => (bench: BenchReach) => bench.dispatch({ kind });
const panel = (name: PanelName) => (bench: BenchReach) => bench.open(name);
const zoom = (action: ZoomAction) => (bench: BenchReach) => bench.zoom(action);

/** Every command of the Bench with its keys and label; the foot of the page and the keys panel list them from here. */
export const BENCH_COMMANDS = [
  { action: 'previous-joint', keys: ['['], label: 'joint', atFoot: true, run: stepJoint(-1) },
  { action: 'next-joint', keys: [']'], label: 'joint', atFoot: true, run: stepJoint(1) },
  { action: 'try-previous', keys: ['ArrowUp'], label: 'try', atFoot: true, run: tryNext(-1) },
  { action: 'try-next', keys: ['ArrowDown'], label: 'try', atFoot: true, run: tryNext(1) },
  { action: 'fit', keys: ['Enter'], label: 'fit', atFoot: true, run: plain('fit') },
  { action: 'put-back', keys: ['Escape'], label: 'putBack', atFoot: false, run: plain('put-back') },
  { action: 'undo', keys: ['u'], label: 'undo', atFoot: true, run: plain('undo') },
  { action: 'redo', keys: ['U'], label: 'redo', atFoot: false, run: plain('redo') },
  { action: 'presentation', keys: ['p'], label: 'presentation', atFoot: true, run: panel('presentation') },
  { action: 'working', keys: ['w'], label: 'working', atFoot: true, run: (bench) => bench.open({ working: 'throw' }) },
  { action: 'remedies', keys: ['f'], label: 'remedies', atFoot: true, run: panel('remedies') },
  { action: 'fight', keys: ['r'], label: 'fight', atFoot: true, run: panel('fight') },
  { action: 'sweep', keys: ['y'], label: 'sweep', atFoot: true, run: panel('sweep') },
  { action: 'all', keys: ['e'], label: 'all', atFoot: true, run: panel('all') },
  { action: 'save', keys: ['s'], label: 'save', atFoot: true, run: panel('save') },
  { action: 'revisions', keys: ['v'], label: 'revisions', atFoot: true, run: panel('revisions') },
  { action: 'toggle-then', keys: ['t'], label: 'then', atFoot: false, run: (bench) => bench.toggleThen() },
  { action: 'find', keys: ['/'], label: 'find', atFoot: false, run: (bench) => bench.find() },
  { action: 'checks', keys: ['c'], label: 'checks', atFoot: true, run: panel('checks') },
  { action: 'hold', keys: ['h'], label: 'hold', atFoot: true, run: panel('hold') },
  { action: 'add-joint', keys: ['a'], label: 'add', atFoot: false, run: panel('add-joint') },
  {
    action: 'remove-joint',
    keys: ['x', 'Delete'],
    label: 'remove',
    atFoot: false,
    run: ({ dispatch, state }) => dispatch({ kind: 'remove-joint', jointId: state.selected }),
  },
  { action: 'move-up', keys: ['{'], label: 'move', atFoot: false, run: moveJoint(-1) },
  { action: 'move-down', keys: ['}'], label: 'move', atFoot: false, run: moveJoint(1) },
  { action: 'larger', keys: ['+'], label: 'zoom', atFoot: false, run: zoom('larger') },
  { action: 'smaller', keys: ['-'], label: 'zoom', atFoot: false, run: zoom('smaller') },
  { action: 'whole', keys: ['0'], label: 'zoom', atFoot: false, run: zoom('whole') },
  { action: 'pan-left', keys: ['ArrowLeft'], label: 'pan', atFoot: false, run: zoom('pan-left') },
  { action: 'pan-right', keys: ['ArrowRight'], label: 'pan', atFoot: false, run: zoom('pan-right') },
  { action: 'pan-up', keys: ['PageUp'], label: 'pan', atFoot: false, run: zoom('pan-up') },
  { action: 'pan-down', keys: ['PageDown'], label: 'pan', atFoot: false, run: zoom('pan-down') },
  { action: 'print', keys: ['P'], label: 'print', atFoot: false, run: () => window.print() },
  { action: 'svg', keys: ['g'], label: 'svg', atFoot: false, run: (bench) => bench.saveDrawing() },
  { action: 'setups', keys: ['l'], label: 'setups', atFoot: false, run: (bench) => bench.toSetups() },
  { action: 'download', keys: ['d'], label: 'download', atFoot: false, run: (bench) => bench.download() },
  { action: 'keys', keys: ['?'], label: 'keys', atFoot: true, run: panel('keys') },
] as const satisfies readonly BenchCommand[];

export type BenchCommandName = (typeof BENCH_COMMANDS)[number]['action'];

export const runCommand = (name: BenchCommandName, bench: BenchReach): void =>
  BENCH_COMMANDS.find(({ action }) => action === name)!.run(bench);
