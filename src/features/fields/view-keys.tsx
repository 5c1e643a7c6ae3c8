'use client';

import dynamic from 'next/dynamic';
import { KeyFoot } from '@/ui/key-foot';
import { groupKeys, type KeyRow } from '@/ui/keys';
import type { HelpedView } from './help-panel';

const HelpPanel = dynamic(() => import('./help-panel').then((m) => m.HelpPanel), { loading: () => null });

/** The keys of a view: the most used along its foot, all of them with what the view is for in a panel. */
export function ViewKeys<A extends string, L extends string>({
  view,
  rows,
  named,
  onAction,
  open,
  onOpenChange,
  className = '',
}: {
  readonly view: HelpedView;
  readonly rows: readonly KeyRow<A, L>[];
  readonly named: (label: L) => string;
  readonly onAction: (action: A) => void;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
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
      {open && <HelpPanel view={view} open={open} onOpenChange={onOpenChange} groups={groups(false)} />}
    </>
  );
}
