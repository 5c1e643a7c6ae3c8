import type { KeyRow } from '@/ui/keys';

/** Every action of the Box and its key. */
export const BOX_KEYS = [
  { action: 'previous', keys: ['ArrowUp'], label: 'pick', atFoot: true },
  { action: 'next', keys: ['ArrowDown'], label: 'pick', atFoot: true },
  { action: 'add', keys: ['a'], label: 'add', atFoot: true },
  { action: 'find', keys: ['/'], label: 'find', atFoot: true },
  { action: 'edit', keys: ['Enter', 'e'], label: 'edit', atFoot: true },
  { action: 'measure', keys: ['m'], label: 'measure', atFoot: true },
  { action: 'stock', keys: ['n'], label: 'stock', atFoot: true },
  { action: 'undo', keys: ['u'], label: 'undo', atFoot: true },
  { action: 'redo', keys: ['U'], label: 'redo', atFoot: false },
  { action: 'copy', keys: ['c'], label: 'copy', atFoot: false },
  { action: 'merge', keys: ['j'], label: 'merge', atFoot: false },
  { action: 'remove', keys: ['Delete', 'x'], label: 'remove', atFoot: true },
  { action: 'history', keys: ['h'], label: 'history', atFoot: false },
  { action: 'exchange', keys: ['i'], label: 'exchange', atFoot: true },
  { action: 'keys', keys: ['?'], label: 'keys', atFoot: true },
] as const satisfies readonly KeyRow[];

export type BoxKeyAction = (typeof BOX_KEYS)[number]['action'];
