'use client';

import { createContext, useContext, type ReactNode } from 'react';
import type { VerdictName } from '@/core/judge';
import type { Presentation } from '@/core/tackle';
import { useI18n } from '@/i18n/client';
import { verdictText } from '@/i18n/setup-text';

const Fished = createContext<Presentation['kind'] | 'both'>('both');

/** How the setup in view is fished: a towed rig has Carry and Depth where a cast one has Throw and Fall. */
export function VerdictWords({
  fished,
  children,
}: {
  readonly fished: Presentation['kind'];
  readonly children: ReactNode;
}) {
  return <Fished value={fished}>{children}</Fished>;
}

export const useFished = () => useContext(Fished);

/** The names of the verdicts as they read here; where cast and towed stand side by side, both. */
export function useVerdictText(of?: Presentation['kind']): (name: VerdictName) => string {
  const inView = useContext(Fished);
  const fished = of ?? inView;
  const { t } = useI18n();
  return (name) => verdictText({ t }, name, fished);
}
