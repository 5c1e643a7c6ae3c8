import type { ReactNode } from 'react';
import { Words } from '@/i18n/words';

export default function DevicesLayout({ children }: { readonly children: ReactNode }) {
  return <Words room="devices">{children}</Words>;
}
