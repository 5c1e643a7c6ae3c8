import { applyChange, type Change } from '@/core/decide';
import type { Setup } from '@/core/tackle';
import type { Part } from '@/domain/parts';
import { presentationSchema } from '@/domain/presentation';
import { chainSchema } from '@/domain/setup';
import type { Draft } from './bench-state';

/** A draft that was kept in the browser, where it is still one of the parts that there are. */
export function readDraft(kept: unknown, box: readonly Part[]): Draft | null {
  const draft = draftOf(kept);
  const there = new Set<string>(box.map(({ id }) => id));
  return draft?.chain.every(({ partId }) => there.has(partId)) ? draft : null;
}

/** What a remedy makes of a setup; null where it takes a part that is not in the Box yet. */
export function mended(setup: Setup, changes: readonly Change[]): Draft | null {
  if (changes.some((change) => change.kind === 'part' && change.from === 'class')) return null;
  return draftOf(changes.reduce(applyChange, setup));
}

/** The rig and its presentation of anything that has them as a setup file does; null where a value is not allowed. */
export function draftOf(setup: unknown): Draft | null {
  const { chain, presentation } = (setup ?? {}) as { chain?: unknown; presentation?: unknown };
  const [joints, situation] = [chainSchema.safeParse(chain), presentationSchema.safeParse(presentation)];
  return joints.success && situation.success ? { chain: joints.data, presentation: situation.data } : null;
}
