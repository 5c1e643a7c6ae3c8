import type { ReactNode } from 'react';
import { Words } from '@/i18n/words';

export default function SpreadLayout({ children }: { readonly children: ReactNode }) {
  return <Words room="spread">{children}</Words>;
}
