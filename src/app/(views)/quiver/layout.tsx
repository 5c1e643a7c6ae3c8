import type { ReactNode } from 'react';
import { Words } from '@/i18n/words';

export default function QuiverLayout({ children }: { readonly children: ReactNode }) {
  return <Words room="quiver">{children}</Words>;
}
