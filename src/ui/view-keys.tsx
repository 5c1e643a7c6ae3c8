'use client';

import { KeyFoot } from './key-foot';
import { groupKeys, type KeyRow } from './keys';
import { KeysPanel } from './keys-panel';

/** The keys of a view: the most used along its foot, all of them in a panel. */
export function ViewKeys<A extends string, L extends string>({
  rows,
  named,
  onAction,
  open,
  onOpenChange,
  title,
  closeLabel,
  className = '',
}: {
  readonly rows: readonly KeyRow<A, L>[];
  readonly named: (label: L) => string;
  readonly onAction: (action: A) => void;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly title: string;
  readonly closeLabel: string;
  readonly className?: string;
}) {
  const groups = (atFoot: boolean) => groupKeys(rows, atFoot).map((group) => ({ ...group, label: named(group.label) }));
  return (
    <>
      <footer
        className={`narrow flex flex-wrap items-center gap-x-2.5 gap-y-1 text-[12.5px] text-dim print:hidden ${className}`}
      >
        <KeyFoot groups={groups(true)} onAction={onAction} />
      </footer>
      <KeysPanel open={open} onOpenChange={onOpenChange} title={title} closeLabel={closeLabel} groups={groups(false)} />
    </>
  );
}
