import type { ReactNode } from 'react';
import { Words } from '@/i18n/words';

export default function WaterLayout({ children }: { readonly children: ReactNode }) {
  return <Words room="water">{children}</Words>;
}
