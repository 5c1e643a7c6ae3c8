import type { KeyRow } from '@/ui/keys';

const LINE_KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9'] as const;

export const KEYS = [
  ...LINE_KEYS.map((key) => ({ action: `line-${key}` as const, keys: [key], label: 'choose' as const, atFoot: false })),
  { action: 'in', keys: ['ArrowLeft'], label: 'inOut', atFoot: true },
  { action: 'out', keys: ['ArrowRight'], label: 'inOut', atFoot: true },
  { action: 'up', keys: ['ArrowUp'], label: 'upDown', atFoot: true },
  { action: 'down', keys: ['ArrowDown'], label: 'upDown', atFoot: true },
  { action: 'tighter', keys: ['['], label: 'turn', atFoot: true },
  { action: 'wider', keys: [']'], label: 'turn', atFoot: true },
  { action: 'other-side', keys: ['\\'], label: 'otherSide', atFoot: false },
  { action: 'slower', keys: ['-'], label: 'speed', atFoot: true },
  { action: 'faster', keys: ['+'], label: 'speed', atFoot: true },
  { action: 'add', keys: ['n'], label: 'add', atFoot: true },
  { action: 'edit', keys: ['Enter'], label: 'edit', atFoot: true },
  { action: 'arrange', keys: ['a'], label: 'arrange', atFoot: true },
  { action: 'pattern', keys: ['t'], label: 'pattern', atFoot: true },
  { action: 'pin', keys: ['i'], label: 'pin', atFoot: false },
  { action: 'bands', keys: ['b'], label: 'bands', atFoot: true },
  { action: 'order', keys: ['o'], label: 'order', atFoot: true },
  { action: 'strike', keys: ['c'], label: 'strike', atFoot: true },
  { action: 'water', keys: ['w'], label: 'water', atFoot: true },
  { action: 'weave', keys: ['s'], label: 'weave', atFoot: false },
  { action: 'boat', keys: ['g'], label: 'boat', atFoot: false },
  { action: 'facing', keys: ['f'], label: 'facing', atFoot: false },
  { action: 'undo', keys: ['z'], label: 'undo', atFoot: false },
  { action: 'keep', keys: ['k'], label: 'keep', atFoot: true },
  { action: 'print', keys: ['p'], label: 'print', atFoot: true },
  { action: 'files', keys: ['x'], label: 'files', atFoot: false },
  { action: 'remove', keys: ['Delete'], label: 'remove', atFoot: false },
  { action: 'keys', keys: ['?'], label: 'keys', atFoot: true },
] as const satisfies readonly KeyRow[];

export type Action = (typeof KEYS)[number]['action'];

type LineAction = Extract<Action, `line-${string}`>;
export const choosesLine = (action: Action): action is LineAction => action.startsWith('line-');
/** Which line an action chooses, from zero. */
export const lineOfAction = (action: LineAction): number => Number(action.slice('line-'.length)) - 1;
