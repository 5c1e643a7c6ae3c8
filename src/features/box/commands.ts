import type { Guide } from '@/domain/guides';
import type { Part, PartKind } from '@/domain/parts';
import type { KeyRow } from '@/ui/keys';

/** The panel that lies over the Box, if one does. */
export type Open =
  'edit' | 'stock' | 'history' | 'merge' | 'remove' | 'exchange' | 'keys' | { readonly guide: Guide } | null;

/** What a command of the Box can reach. */
export interface BoxReach {
  /** the one that is picked */
  readonly part: Part | null;
  readonly pick: (by: 1 | -1) => void;
  readonly add: () => void;
  readonly find: () => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly copy: (part: Part) => void;
  readonly open: (panel: Open) => void;
  readonly firstGuide: (kind: PartKind) => Guide;
  /** says that a part must be picked before */
  readonly pickFirst: () => void;
}

interface BoxCommand extends KeyRow {
  readonly run: (box: BoxReach) => void;
}

/** For what is done to the picked part. */
const toPart = (work: (part: Part, box: BoxReach) => void) => (box: BoxReach) =>
  box.part ? work(box.part, box) : box.pickFirst();
const panelOf = (panel: Open) => toPart((_, box) => box.open(panel));

/** Every command of the Box with its keys and label; the foot of the page and the keys panel list them from here. */
export const BOX_COMMANDS = [
  { action: 'previous', keys: ['ArrowUp'], label: 'pick', atFoot: true, run: (box) => box.pick(-1) },
  { action: 'next', keys: ['ArrowDown'], label: 'pick', atFoot: true, run: (box) => box.pick(1) },
  { action: 'add', keys: ['a'], label: 'add', atFoot: true, run: (box) => box.add() },
  { action: 'find', keys: ['/'], label: 'find', atFoot: true, run: (box) => box.find() },
  { action: 'edit', keys: ['Enter', 'e'], label: 'edit', atFoot: true, run: panelOf('edit') },
  {
    action: 'measure',
    keys: ['m'],
    label: 'measure',
    atFoot: true,
    run: toPart((part, box) => box.open({ guide: box.firstGuide(part.kind) })),
  },
  { action: 'stock', keys: ['n'], label: 'stock', atFoot: true, run: panelOf('stock') },
  { action: 'undo', keys: ['u'], label: 'undo', atFoot: true, run: (box) => box.undo() },
  { action: 'redo', keys: ['U'], label: 'redo', atFoot: false, run: (box) => box.redo() },
  { action: 'copy', keys: ['c'], label: 'copy', atFoot: false, run: toPart((part, box) => box.copy(part)) },
  { action: 'merge', keys: ['j'], label: 'merge', atFoot: false, run: panelOf('merge') },
  { action: 'remove', keys: ['Delete', 'x'], label: 'remove', atFoot: true, run: panelOf('remove') },
  { action: 'history', keys: ['h'], label: 'history', atFoot: false, run: panelOf('history') },
  { action: 'exchange', keys: ['i'], label: 'exchange', atFoot: true, run: (box) => box.open('exchange') },
  { action: 'keys', keys: ['?'], label: 'keys', atFoot: true, run: (box) => box.open('keys') },
] as const satisfies readonly BoxCommand[];

export type BoxCommandName = (typeof BOX_COMMANDS)[number]['action'];

export const runBoxCommand = (name: BoxCommandName, box: BoxReach): void =>
  BOX_COMMANDS.find(({ action }) => action === name)!.run(box);
