import { stationsOf } from '@/core/rig';
import { stationNames, STATIONS, type Station } from '@/core/tackle';
import type { Joint } from './joint';
import type { Part } from './parts';

/**
 * The stations that a joint is about: those of a lure, or those at which a hook behind a lure can hang; null where the
 * joint is neither. A lure that comes without hooks takes one wherever it is put.
 */
export function stationsAt(
  chain: readonly Joint[],
  joint: Joint,
  partOf: (joint: Joint) => Part | undefined,
): readonly Station[] | null {
  if (joint.kind !== 'lure' && joint.kind !== 'hook') return null;
  const at = chain.findIndex(({ id }) => id === joint.id);
  const lure =
    joint.kind === 'lure'
      ? joint
      : chain
          .slice(0, at)
          .findLast(({ kind }) => kind !== 'hook' && kind !== 'stinger' && kind !== 'hardware' && kind !== 'trailer');
  const part = lure?.kind === 'lure' ? partOf(lure) : undefined;
  switch (part?.kind) {
    case 'hard-lure':
    case 'spoon':
    case 'topwater':
    case 'trolled-fly': {
      const own = stationNames(stationsOf(part));
      return own.length === 0 ? (joint.kind === 'hook' ? STATIONS : []) : own;
    }
    default:
      return null;
  }
}
