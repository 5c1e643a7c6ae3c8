import type { Joint } from '@/domain/joint';
import { partIdSchema } from '@/domain/ids';

type Plain = Extract<
  Joint['kind'],
  'rod' | 'reel' | 'line' | 'knot' | 'hardware' | 'lure' | 'attractor' | 'plane' | 'bouncer' | 'snell' | 'skirt'
>;

/** A joint of the demo by its kind and its part; the id is the kind unless two would be alike. */
export const at = <K extends Joint['kind']>(kind: K, part: string, id: string = kind) => ({
  id,
  kind,
  partId: partIdSchema.parse(part),
});

export const plain = (kind: Plain, part: string, id: string = kind): Joint => at(kind, part, id);

export const tackle = (rod: string, reel: string, line: string): Joint[] => [
  plain('rod', `rod-${rod}`),
  plain('reel', `reel-${reel}`),
  plain('line', `line-${line}`),
];

export const knot = (
  id: string,
  pattern: 'crossed-wrap' | 'doubled-eye' | 'wrapped-eye' | 'open-loop' | 'double-wrap',
): Joint => plain('knot', `knot-${pattern}`, id);

export const leader = (spool: string, lengthM: number, id = 'leader'): Joint => ({
  ...at('leader', `line-${spool}`, id),
  lengthM,
});

export const toLeader = (spool: string, lengthM: number): Joint[] => [
  knot('leader-knot', 'crossed-wrap'),
  leader(spool, lengthM),
];

/** Swivel at the main line and a leader behind it. */
export const swivelled = (spool: string, lengthM: number, swivel = 'swivel-6'): Joint[] => [
  knot('line-knot', 'doubled-eye'),
  plain('hardware', swivel, 'swivel'),
  knot('swivel-knot', 'doubled-eye'),
  leader(spool, lengthM),
];

export const hookKnot = knot('hook-knot', 'doubled-eye');

export interface WeedlessParts {
  readonly rod: string;
  readonly reel: string;
  readonly line: string;
  readonly leader: string;
  readonly leaderM: number;
  readonly weight: string;
  readonly hold: 'free' | 'pegged';
  readonly hook: string;
  readonly bait: string;
  readonly point?: 'skin-hooked' | 'buried';
}

export const weedless = (p: WeedlessParts): readonly Joint[] => [
  ...tackle(p.rod, p.reel, p.line),
  ...toLeader(p.leader, p.leaderM),
  { ...at('weight', p.weight), hold: p.hold },
  hookKnot,
  { ...at('hook', p.hook), point: p.point ?? 'skin-hooked' },
  at('bait', p.bait),
];

export interface HeadParts {
  readonly rod: string;
  readonly reel: string;
  readonly line: string;
  readonly leader?: string;
  readonly leaderM?: number;
  readonly knot: 'doubled-eye' | 'wrapped-eye' | 'open-loop';
  readonly head: string;
  readonly bait: string;
}

export const onHead = (p: HeadParts): readonly Joint[] => [
  ...tackle(p.rod, p.reel, p.line),
  ...(p.leader ? toLeader(p.leader, p.leaderM ?? 1) : []),
  knot('hook-knot', p.knot),
  at('jig-head', p.head),
  at('bait', p.bait),
];
