import type { ReactNode } from 'react';
import { Words } from '@/i18n/words';

export default function BenchLayout({ children }: { readonly children: ReactNode }) {
  return <Words room="bench">{children}</Words>;
}
