import { KINDS_OF_PART, type PartKind } from '../parts';
import type { Guide } from './names';

/** Measurements that tell something of a kind of part, the one that narrows most first. */
export const guidesOf = (kind: PartKind): readonly Guide[] => KINDS_OF_PART[kind].guides;

/** The guide that measures a field of a kind of part; null: none does, it is read off or counted. */
export function guideFor(kind: PartKind, path: string): Guide | null {
  const guide = FIELD_GUIDES.find(([fields]) => fields.test(path))?.[1] ?? null;
  return guide && guidesOf(kind).includes(guide) ? guide : null;
}

const FIELD_GUIDES: readonly (readonly [RegExp, Guide])[] = [
  [/^massKg/, 'weigh'],
  [/^stiffness/, 'hang-test'],
  [/^(wireM|gapM|shankM|lengthM|heightM|diameterM|widthM|boreM|armM)/, 'calliper'],
  [/^volumeM3/, 'float-test'],
  [/^dragAreaM2/, 'sink-test'],
  [/^(strengthN|openingN|shares)/, 'pull-test'],
  [/^eaN/, 'line-test'],
  [/^(clutchMaxN|clutchMinN)/, 'clutch-test'],
  [/^(towDragM2|diveM2)/, 'dive-test'],
  [/^works/, 'window-test'],
  [/^missShare/, 'accuracy-test'],
];
