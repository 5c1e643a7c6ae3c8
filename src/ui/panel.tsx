'use client';

import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';

export interface PanelProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly title: string;
  readonly closeLabel: string;
  readonly children: ReactNode;
  /** a panel at the side leaves what it changes in view */
  readonly side?: boolean;
  /** a table takes the width that there is */
  readonly wide?: boolean;
}

/** A sheet laid over the page, from the top of it or at the left edge: its head stays in place while what it holds grows. */
export function Panel({ open, onOpenChange, title, closeLabel, children, side = false, wide = false }: PanelProps) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        {!side && <Dialog.Overlay className="fixed inset-0 bg-paper/70" />}
        <Dialog.Content
          aria-describedby={undefined}
          data-state={open ? 'open' : 'closed'}
          className={
            side
              ? 'fixed inset-y-0 left-0 z-10 w-full max-w-[352px] overflow-y-auto border-r border-ink bg-sheet p-3'
              : 'fixed left-1/2 top-[6dvh] z-10 max-h-[88dvh] -translate-x-1/2 overflow-y-auto border border-ink bg-sheet p-4 ' +
                (wide ? 'w-[min(78rem,calc(100vw-16px))]' : 'w-[min(46rem,calc(100vw-16px))]')
          }
        >
          <div className="mb-2 flex items-baseline justify-between gap-4">
            <Dialog.Title className="narrow text-[17px] font-semibold">{title}</Dialog.Title>
            <Dialog.Close className="narrow min-h-7 border border-faint px-2 text-[13px] text-dim hover:border-ink hover:text-ink">
              {closeLabel}
            </Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
