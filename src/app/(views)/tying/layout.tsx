import type { ReactNode } from 'react';
import { Words } from '@/i18n/words';

export default function TyingLayout({ children }: { readonly children: ReactNode }) {
  return <Words room="tying">{children}</Words>;
}
