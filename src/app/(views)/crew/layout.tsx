import type { ReactNode } from 'react';
import { Words } from '@/i18n/words';

export default function CrewLayout({ children }: { readonly children: ReactNode }) {
  return <Words room="crew">{children}</Words>;
}
