import type { ReactNode } from 'react';

export function Section({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <section aria-label={title} className="flex flex-col gap-2 border border-ink bg-sheet px-4 py-3">
      <h2 className="narrow text-[16px] font-semibold">{title}</h2>
      {children}
    </section>
  );
}

/** Why something was not done. */
export function NotDone({ children }: { readonly children: ReactNode }) {
  return (
    <p role="alert" className="semi-narrow border-l-2 border-ink pl-2">
      {children}
    </p>
  );
}

export const BUTTON =
  'semi-narrow min-h-9 border border-ink px-3 hover:bg-paper disabled:border-faint disabled:text-dim';
export const ROW = 'semi-narrow flex flex-wrap items-center justify-between gap-x-3 border-t border-faint py-1.5';
