'use client';

import { createContext, useContext, type ReactNode } from 'react';
import { may, type Need, type Role } from '@/domain/crew/roles';

const RoleContext = createContext<Role>('owner');

/** What whoever reads this page is; what they may not do is not offered. The server decides all the same. */
export function RoleProvider({ role, children }: { readonly role: Role; readonly children: ReactNode }) {
  return <RoleContext value={role}>{children}</RoleContext>;
}

/** Whether something is offered here. */
export function useMay(need: Need): boolean {
  return may(useContext(RoleContext), need);
}
