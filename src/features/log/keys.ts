import type { KeyRow } from '@/ui/keys';

const LINE_KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0'] as const;

export const KEYS = [
  { action: 'line', keys: LINE_KEYS, label: 'line', atFoot: false },
  { action: 'lines', keys: ['l'], label: 'lines', atFoot: true },
  { action: 'reading', keys: ['r'], label: 'reading', atFoot: true },
  { action: 'weed', keys: ['w'], label: 'weed', atFoot: true },
  { action: 'event', keys: ['e'], label: 'event', atFoot: true },
  { action: 'undo', keys: ['u'], label: 'undo', atFoot: true },
  { action: 'again', keys: ['a'], label: 'again', atFoot: true },
  { action: 'turn-over', keys: ['t'], label: 'turnOver', atFoot: false },
  { action: 'all-in', keys: ['i'], label: 'allIn', atFoot: false },
  { action: 'all-back', keys: ['b'], label: 'allBack', atFoot: false },
  { action: 'trip', keys: ['o'], label: 'trip', atFoot: true },
  { action: 'day', keys: ['d'], label: 'day', atFoot: true },
  { action: 'keys', keys: ['?'], label: 'keys', atFoot: true },
] as const satisfies readonly KeyRow[];

export type Action = (typeof KEYS)[number]['action'];

/** What a touch on a line does. */
export type Mode = 'strike' | 'lines' | 'weed' | 'change';
