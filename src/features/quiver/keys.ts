import type { KeyRow } from '@/ui/keys';

/** Every action of the Quiver and its key. */
export const QUIVER_KEYS = [
  { action: 'fewest', keys: ['f'], label: 'fewest', atFoot: true },
  { action: 'best', keys: ['b'], label: 'best', atFoot: true },
  { action: 'buy', keys: ['p'], label: 'buy', atFoot: true },
  { action: 'home', keys: ['h'], label: 'home', atFoot: true },
  { action: 'mark', keys: ['m'], label: 'mark', atFoot: true },
  { action: 'work', keys: ['w'], label: 'work', atFoot: true },
  { action: 'lures', keys: ['l'], label: 'lures', atFoot: true },
  { action: 'leave-out', keys: ['x'], label: 'leave-out', atFoot: true },
  { action: 'next-hole', keys: ['n'], label: 'next-hole', atFoot: true },
  { action: 'day', keys: ['t'], label: 'day', atFoot: true },
  { action: 'choose', keys: ['c'], label: 'choose', atFoot: true },
  { action: 'deck', keys: ['d'], label: 'deck', atFoot: true },
  { action: 'keys', keys: ['?'], label: 'keys', atFoot: true },
] as const satisfies readonly KeyRow[];

export type QuiverKeyAction = (typeof QUIVER_KEYS)[number]['action'];
