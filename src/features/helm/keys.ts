import type { KeyRow } from '@/ui/keys';

export const KEYS = [
  { action: 'silence', keys: ['s'], label: 'silence', atFoot: true },
  { action: 'type', keys: ['r'], label: 'type', atFoot: true },
  { action: 'probe', keys: ['m'], label: 'probe', atFoot: true },
  { action: 'drop', keys: ['d'], label: 'drop', atFoot: true },
  { action: 'current', keys: ['c'], label: 'current', atFoot: true },
  { action: 'break', keys: ['b'], label: 'break', atFoot: true },
  { action: 'other', keys: ['o'], label: 'other', atFoot: true },
  { action: 'figures', keys: ['f'], label: 'figures', atFoot: true },
  { action: 'instruments', keys: ['i'], label: 'instruments', atFoot: true },
  { action: 'awake', keys: ['w'], label: 'awake', atFoot: true },
  { action: 'keys', keys: ['?'], label: 'keys', atFoot: true },
] as const satisfies readonly KeyRow[];

export type Action = (typeof KEYS)[number]['action'];

/** What changes the helm itself: only who may change the bench has them. */
const SETTINGS: ReadonlySet<Action> = new Set(['break', 'figures', 'instruments']);
export const WITHOUT_SETTINGS = KEYS.filter(({ action }) => !SETTINGS.has(action));

export const PANELS = ['type', 'probe', 'drop', 'current', 'break', 'other', 'figures', 'instruments'] as const;
export type PanelName = (typeof PANELS)[number];
export const isPanel = (action: Action): action is Extract<Action, PanelName> =>
  (PANELS as readonly string[]).includes(action);
