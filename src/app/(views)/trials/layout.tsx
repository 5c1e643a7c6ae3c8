import type { ReactNode } from 'react';
import { Words } from '@/i18n/words';

export default function TrialsLayout({ children }: { readonly children: ReactNode }) {
  return <Words room="trials">{children}</Words>;
}
