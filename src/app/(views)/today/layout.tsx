import type { ReactNode } from 'react';
import { Words } from '@/i18n/words';

export default function TodayLayout({ children }: { readonly children: ReactNode }) {
  return <Words room="today">{children}</Words>;
}
