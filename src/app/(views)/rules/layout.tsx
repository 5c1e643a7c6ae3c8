import type { ReactNode } from 'react';
import { Words } from '@/i18n/words';

export default function RulesLayout({ children }: { readonly children: ReactNode }) {
  return <Words room="rules">{children}</Words>;
}
