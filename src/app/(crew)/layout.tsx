import { connection } from 'next/server';
import type { ReactNode } from 'react';
import { Words } from '@/i18n/words';

/** In front of the door: no views, since nobody is known yet. */
export default async function WaysInLayout({ children }: { readonly children: ReactNode }) {
  await connection();
  return <Words room="crew">{children}</Words>;
}
