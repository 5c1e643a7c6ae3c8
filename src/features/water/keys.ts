import type { KeyRow } from '@/ui/keys';

/** The tools of the Water, each a sheet of its own. */
export const TOOLS = [
  'countdown',
  'card',
  'count',
  'weight',
  'drift',
  'current',
  'profile',
  'release',
  'turn',
  'speeds',
  'coverage',
  'paddle',
] as const;
export type Tool = (typeof TOOLS)[number];

/** Every action of the Water and its key. */
export const WATER_KEYS = [
  { action: 'countdown', keys: ['c'], label: 'countdown', atFoot: true },
  { action: 'card', keys: ['d'], label: 'card', atFoot: true },
  { action: 'count', keys: ['l'], label: 'count', atFoot: true },
  { action: 'weight', keys: ['w'], label: 'weight', atFoot: true },
  { action: 'drift', keys: ['f'], label: 'drift', atFoot: true },
  { action: 'current', keys: ['u'], label: 'current', atFoot: true },
  { action: 'profile', keys: ['b'], label: 'profile', atFoot: true },
  { action: 'release', keys: ['r'], label: 'release', atFoot: true },
  { action: 'turn', keys: ['t'], label: 'turn', atFoot: true },
  { action: 'speeds', keys: ['s'], label: 'speeds', atFoot: true },
  { action: 'coverage', keys: ['v'], label: 'coverage', atFoot: true },
  { action: 'paddle', keys: ['p'], label: 'paddle', atFoot: true },
  { action: 'keep', keys: ['k'], label: 'keep', atFoot: true },
  { action: 'deeper', keys: ['z'], label: 'deeper', atFoot: true },
  { action: 'next', keys: ['n'], label: 'next', atFoot: true },
  { action: 'put-back', keys: ['Backspace'], label: 'put-back', atFoot: true },
  { action: 'keys', keys: ['?'], label: 'keys', atFoot: true },
] as const satisfies readonly KeyRow[];

export type WaterKeyAction = (typeof WATER_KEYS)[number]['action'];
