import type { ReactNode } from 'react';
import { Words } from '@/i18n/words';

export default function BoxLayout({ children }: { readonly children: ReactNode }) {
  return <Words room="box">{children}</Words>;
}
