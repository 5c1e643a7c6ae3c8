import type { KeyRow } from '@/ui/keys';

const SLOT_KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9'] as const;

export const KEYS = [
  { action: 'conditions', keys: ['e'], label: 'conditions', atFoot: true },
  ...SLOT_KEYS.map((key) => ({ action: `slot-${key}` as const, keys: [key], label: 'slot' as const, atFoot: false })),
  { action: 'down', keys: ['ArrowDown'], label: 'setup', atFoot: true },
  { action: 'up', keys: ['ArrowUp'], label: 'setup', atFoot: true },
  { action: 'put', keys: ['Enter'], label: 'put', atFoot: true },
  { action: 'open', keys: ['o'], label: 'open', atFoot: true },
  { action: 'add', keys: ['n'], label: 'add', atFoot: true },
  { action: 'edit', keys: ['f'], label: 'edit', atFoot: true },
  { action: 'baits', keys: ['b'], label: 'baits', atFoot: true },
  { action: 'keep', keys: ['k'], label: 'keep', atFoot: true },
  { action: 'water', keys: ['w'], label: 'water', atFoot: false },
  { action: 'spread', keys: ['s'], label: 'spread', atFoot: false },
  { action: 'deck', keys: ['d'], label: 'deck', atFoot: false },
  { action: 'tie', keys: ['l'], label: 'tie', atFoot: false },
  { action: 'cards', keys: ['c'], label: 'cards', atFoot: false },
  { action: 'trip', keys: ['t'], label: 'trip', atFoot: false },
  { action: 'keys', keys: ['?'], label: 'keys', atFoot: true },
] as const satisfies readonly KeyRow[];

export type Action = (typeof KEYS)[number]['action'];

type SlotAction = Extract<Action, `slot-${string}`>;

export const choosesSlot = (action: Action): action is SlotAction => action.startsWith('slot-');
/** Which slot an action chooses, from zero. */
export const slotOfAction = (action: SlotAction): number => Number(action.slice('slot-'.length)) - 1;
