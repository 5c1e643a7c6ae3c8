import type { Gear } from '../log/trip';
import type { VersionPick } from './trial-document';

/** Whether what is on a line is what a version is told by. */
export function isGearOf(pick: VersionPick, gear: Gear): boolean {
  if (pick.by !== 'gear') return false;
  const own = (what: 'lure' | 'colour' | 'leader') =>
    pick[what] === undefined || (gear.changed[what]?.name ?? '') === pick[what];
  return (
    gear.setupId === pick.setupId &&
    (pick.revision === undefined || gear.revision === pick.revision) &&
    own('lure') &&
    own('colour') &&
    own('leader')
  );
}
