import type { ReactNode } from 'react';
import { Words } from '@/i18n/words';

export default function LogLayout({ children }: { readonly children: ReactNode }) {
  return <Words room="log">{children}</Words>;
}
