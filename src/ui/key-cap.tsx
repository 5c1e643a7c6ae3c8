import type { ReactNode } from 'react';

export function KeyCap({ children }: { readonly children: ReactNode }) {
  return <kbd className="border border-faint px-1 font-sans text-[12px] font-semibold text-ink">{children}</kbd>;
}
