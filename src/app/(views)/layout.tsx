import { connection } from 'next/server';
import type { ReactNode } from 'react';
import { Ruler } from '@/features/ruler/ruler';
import { benchNameIfUp } from '@/server/queries/bench-name';

export default async function BenchLayout({ children }: { readonly children: ReactNode }) {
  await connection();
  return (
    <>
      <Ruler benchName={await benchNameIfUp()} />
      {children}
    </>
  );
}
