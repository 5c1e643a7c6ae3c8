import type { KeyRow } from '@/ui/keys';

/** Every action of the Bench and its key; the foot of the page and the `?` sheet both read this. */
export const BENCH_KEYS = [
  { action: 'previous-joint', keys: ['['], label: 'joint', atFoot: true },
  { action: 'next-joint', keys: [']'], label: 'joint', atFoot: true },
  { action: 'try-previous', keys: ['ArrowUp'], label: 'try', atFoot: true },
  { action: 'try-next', keys: ['ArrowDown'], label: 'try', atFoot: true },
  { action: 'fit', keys: ['Enter'], label: 'fit', atFoot: true },
  { action: 'put-back', keys: ['Escape'], label: 'putBack', atFoot: false },
  { action: 'undo', keys: ['u'], label: 'undo', atFoot: true },
  { action: 'redo', keys: ['U'], label: 'redo', atFoot: false },
  { action: 'presentation', keys: ['p'], label: 'presentation', atFoot: true },
  { action: 'working', keys: ['w'], label: 'working', atFoot: true },
  { action: 'save', keys: ['s'], label: 'save', atFoot: true },
  { action: 'revisions', keys: ['v'], label: 'revisions', atFoot: true },
  { action: 'toggle-then', keys: ['t'], label: 'then', atFoot: false },
  { action: 'find', keys: ['/'], label: 'find', atFoot: true },
  { action: 'checks', keys: ['c'], label: 'checks', atFoot: true },
  { action: 'hold', keys: ['h'], label: 'hold', atFoot: true },
  { action: 'add-joint', keys: ['a'], label: 'add', atFoot: true },
  { action: 'remove-joint', keys: ['x', 'Delete'], label: 'remove', atFoot: false },
  { action: 'move-up', keys: ['{'], label: 'move', atFoot: false },
  { action: 'move-down', keys: ['}'], label: 'move', atFoot: false },
  { action: 'larger', keys: ['+'], label: 'zoom', atFoot: false },
  { action: 'smaller', keys: ['-'], label: 'zoom', atFoot: false },
  { action: 'whole', keys: ['0'], label: 'zoom', atFoot: false },
  { action: 'pan-left', keys: ['ArrowLeft'], label: 'pan', atFoot: false },
  { action: 'pan-right', keys: ['ArrowRight'], label: 'pan', atFoot: false },
  { action: 'pan-up', keys: ['PageUp'], label: 'pan', atFoot: false },
  { action: 'pan-down', keys: ['PageDown'], label: 'pan', atFoot: false },
  { action: 'print', keys: ['P'], label: 'print', atFoot: false },
  { action: 'svg', keys: ['g'], label: 'svg', atFoot: false },
  { action: 'setups', keys: ['l'], label: 'setups', atFoot: false },
  { action: 'download', keys: ['d'], label: 'download', atFoot: false },
  { action: 'keys', keys: ['?'], label: 'keys', atFoot: true },
] as const satisfies readonly KeyRow[];

export type BenchKeyAction = (typeof BENCH_KEYS)[number]['action'];
