'use client';

import { Popover } from 'radix-ui';
import type { ReactNode } from 'react';

export interface PopProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  /** the button that it opens at */
  readonly trigger: ReactNode;
  readonly label: string;
  readonly children: ReactNode;
  readonly className?: string;
  /** asked when it has closed: where the focus went on to somewhere else, it does not come back to the button */
  readonly movesOn?: () => boolean;
}

/** A small sheet at a button; it closes with Escape and with a press beside it. */
export function Pop({ open, onOpenChange, trigger, label, children, className = 'w-72', movesOn }: PopProps) {
  return (
    <Popover.Root open={open} onOpenChange={onOpenChange}>
      <Popover.Trigger asChild>{trigger}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label={label}
          align="start"
          sideOffset={4}
          collisionPadding={8}
          onCloseAutoFocus={(event) => {
            // This comes a moment after it closed: a key that was pressed meanwhile may have moved the focus on.
            const isElsewhere = document.activeElement !== document.body;
            if (isElsewhere || movesOn?.()) event.preventDefault();
          }}
          className={`z-20 max-h-[min(80dvh,var(--radix-popover-content-available-height))] max-w-[calc(100vw-16px)] overflow-y-auto border border-ink bg-sheet p-3 ${className}`}
        >
          {children}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
