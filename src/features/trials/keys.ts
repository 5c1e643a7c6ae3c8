import type { KeyRow } from '@/ui/keys';

export const KEYS = [
  { action: 'new', keys: ['n'], label: 'new', atFoot: true },
  { action: 'change', keys: ['e'], label: 'change', atFoot: true },
  { action: 'plan', keys: ['p'], label: 'plan', atFoot: true },
  { action: 'a', keys: ['a'], label: 'countA', atFoot: true },
  { action: 'b', keys: ['b'], label: 'countB', atFoot: true },
  { action: 'undo', keys: ['u'], label: 'undo', atFoot: true },
  { action: 'close', keys: ['x'], label: 'close', atFoot: true },
  { action: 'judge', keys: ['j'], label: 'judge', atFoot: true },
  { action: 'keys', keys: ['?'], label: 'keys', atFoot: true },
] as const satisfies readonly KeyRow[];

export type Action = (typeof KEYS)[number]['action'];
