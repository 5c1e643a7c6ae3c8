import { connection } from 'next/server';
import type { ReactNode } from 'react';
import { RoleProvider } from '@/features/fields/use-may';
import { Ruler } from '@/features/ruler/ruler';
import { frameIfUp } from '@/server/queries/frame';

export default async function ViewsLayout({ children }: { readonly children: ReactNode }) {
  await connection();
  const frame = await frameIfUp();
  return (
    <RoleProvider role={frame?.role ?? 'owner'}>
      <Ruler frame={frame} />
      {children}
    </RoleProvider>
  );
}
