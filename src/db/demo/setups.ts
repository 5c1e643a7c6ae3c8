import type { Joint } from '@/domain/joint';
import type { Part } from '@/domain/parts';
import type { Presentation } from '@/domain/presentation';
import { castSetups } from './cast-setups';
import { largeSetups } from './large-setups';
import { towedSetups } from './towed-setups';
import { trolledSetups } from './trolled-setups';

export interface DemoRevision {
  readonly reason: string;
  readonly savedAt: string;
  readonly chain: readonly Joint[];
  readonly presentation: Presentation;
  /** readings that were other when this revision was saved */
  readonly partsThen?: readonly Part[];
}

export interface DemoSetup {
  readonly id: string;
  readonly name: string;
  readonly revisions: readonly DemoRevision[];
}

/** Twenty setups: some sound, some with one mistake that Ferula is to find. */
export const demoSetups = (parts: readonly Part[]): readonly DemoSetup[] => [
  ...castSetups(parts),
  ...towedSetups(),
  ...largeSetups(),
  ...trolledSetups(),
];
