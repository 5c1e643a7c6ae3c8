import type { ReactNode } from 'react';
import { Words } from '@/i18n/words';

export default function HelmLayout({ children }: { readonly children: ReactNode }) {
  return <Words room="helm">{children}</Words>;
}
