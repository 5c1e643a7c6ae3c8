import type { JointKind } from '@/core/tackle';
import type { PartId } from './ids';
import type { Joint } from './joint';

/** A joint of a kind as it usually is, under an id that no other has. */
export function newJoint(kind: JointKind, partId: PartId, chain: readonly Pick<Joint, 'id'>[]): Joint {
  const id = freeId(kind, chain);
  switch (kind) {
    case 'leader':
      return { id, partId, kind, lengthM: 0.5 };
    case 'weight':
      return { id, partId, kind, hold: 'free' };
    case 'hook':
      return { id, partId, kind, point: 'open' };
    case 'stinger':
      return { id, partId, kind, lengthM: 0.03, held: 'ring' };
    case 'bait':
    case 'trailer':
    case 'jig-head':
    case 'rod':
    case 'reel':
    case 'line':
    case 'knot':
    case 'hardware':
    case 'lure':
    case 'attractor':
    case 'plane':
    case 'bouncer':
    case 'snell':
    case 'skirt':
      return { id, partId, kind };
    default:
      return kind satisfies never;
  }
}

function freeId(kind: string, chain: readonly Pick<Joint, 'id'>[]): string {
  const taken = new Set(chain.map(({ id }) => id));
  if (!taken.has(kind)) return kind;
  for (let n = 2; ; n += 1) if (!taken.has(`${kind}-${n}`)) return `${kind}-${n}`;
}

/** Kinds that can be put into a chain behind its first three joints. */
export const ADDABLE = [
  'knot',
  'leader',
  'hardware',
  'weight',
  'attractor',
  'plane',
  'bouncer',
  'hook',
  'jig-head',
  'lure',
  'snell',
  'bait',
  'trailer',
  'skirt',
  'stinger',
] as const satisfies readonly JointKind[];
