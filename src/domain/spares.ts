import type { Part } from './parts';
import type { Presentation } from './presentation';

/** What is lost or torn in a day, by kind of part, and so goes along besides what is rigged; each with its reason. */
const SPARES: Partial<Record<Part['kind'], { readonly pieces: number; readonly reason: string }>> = {
  hook: { pieces: 2, reason: 'bent, dulled on rock, cut off in a throat' },
  'jig-head': { pieces: 2, reason: 'the first thing that a snag keeps' },
  weight: { pieces: 2, reason: 'breaks off where it drags' },
  'bottom-bouncer': { pieces: 1, reason: 'breaks off where it drags' },
  hardware: { pieces: 2, reason: 'small, dropped, sprung open' },
  'soft-bait': { pieces: 3, reason: 'torn by every second fish' },
  trailer: { pieces: 3, reason: 'torn by every second fish' },
  'natural-bait': { pieces: 3, reason: 'washed out, stolen, cast off' },
};

/** A lost leader is replaced once without cutting into the day. */
const LEADER_SPARES = 1;

export const sparesOf = (kind: Part['kind']): number => SPARES[kind]?.pieces ?? 0;
export const spareLeaderM = (lengthM: number): number => LEADER_SPARES * lengthM;

/** Gear that belongs to a boat and not to a setup: how many are used, and how many go along besides. */
export interface GearPacked {
  readonly gear: 'ball' | 'release' | 'snubber' | 'probe' | 'board';
  readonly massKg: number | null;
  readonly pieces: number;
  readonly spare: number;
}

/**
 * Balls, releases, snubbers, boards and the probe that the presentations of a day take. A ball is lost to the bottom about
 * once a season and ends the day without another; releases wear, and one in four is changed on a trip.
 */
export function gearOf(presentations: readonly Presentation[]): readonly GearPacked[] {
  const gear = presentations.flatMap((each) => (each.kind === 'towed' && each.gear ? [each.gear] : []));
  const balls = gear.flatMap((each) => (each.kind === 'downrigger' ? [each.ballKg] : []));
  const boards = gear.length - balls.length;
  const releases = gear.length;
  const row = (name: GearPacked['gear'], pieces: number, spare: number, massKg: number | null = null): GearPacked[] =>
    pieces === 0 ? [] : [{ gear: name, massKg, pieces, spare }];
  return [
    ...[...new Set(balls)].flatMap((massKg) => row('ball', balls.filter((each) => each === massKg).length, 1, massKg)),
    ...row('board', boards, 0),
    ...row('release', releases, Math.ceil(releases / 4)),
    ...row('snubber', balls.length, 1),
    ...row('probe', Math.min(1, balls.length), 0),
  ];
}
