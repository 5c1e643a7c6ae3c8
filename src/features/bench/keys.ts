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
  { action: 'setups', keys: ['l'], label: 'setups', atFoot: false },
  { action: 'download', keys: ['d'], label: 'download', atFoot: false },
  { action: 'keys', keys: ['?'], label: 'keys', atFoot: true },
] as const;

export type BenchKeyAction = (typeof BENCH_KEYS)[number]['action'];

const CAPS: Readonly<Record<string, string>> = { ArrowUp: '↑', ArrowDown: '↓', Escape: 'Esc', u: 'U', U: '⇧ U' };

export const capOf = (key: string): string => CAPS[key] ?? (key.length === 1 ? key.toUpperCase() : key);

/**
 * The action of a key press; null while the press belongs to a field, a link or a button, or goes with a modifier.
 * `isWithin` tells whether the press happened inside an element of a selector.
 */
export function actionOfKey(event: Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'altKey'>, isWithin: (selector: string) => boolean): BenchKeyAction | null {
  if (event.ctrlKey || event.metaKey || event.altKey) return null;
  if (isWithin('input, select, textarea, [contenteditable]')) return null;
  if (event.key === 'Enter' && isWithin('a, button')) return null;
  return BENCH_KEYS.find(({ keys }) => keys.some((key) => key === event.key))?.action ?? null;
}
