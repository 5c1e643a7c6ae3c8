import type { Joint } from '@/domain/joint';
import { partIdSchema } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import type { Presentation } from '@/domain/presentation';
import { STANDARD_GRAVITY_MPS2 } from '@/core/constants';
import { grams, millimetres } from './quantities';

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

const at = <K extends Joint['kind']>(kind: K, part: string, id: string = kind) => ({ id, kind, partId: partIdSchema.parse(part) });

interface WeedlessParts {
  readonly rod: string; readonly reel: string; readonly line: string; readonly leader: string; readonly leaderM: number;
  readonly weight: string; readonly hold: 'free' | 'pegged'; readonly hook: string; readonly bait: string;
  readonly point?: 'skin-hooked' | 'buried';
}

const weedless = (p: WeedlessParts): readonly Joint[] => [
  at('rod', p.rod),
  at('reel', p.reel),
  at('line', p.line),
  at('knot', 'knot-crossed-wrap', 'leader-knot'),
  { ...at('leader', p.leader), lengthM: p.leaderM },
  { ...at('weight', p.weight), hold: p.hold },
  at('knot', 'knot-doubled-eye', 'hook-knot'),
  { ...at('hook', p.hook), point: p.point ?? 'skin-hooked' },
  at('bait', p.bait),
];

interface HeadParts {
  readonly rod: string; readonly reel: string; readonly line: string; readonly leader?: string; readonly leaderM?: number;
  readonly knot: string; readonly head: string; readonly bait: string;
}

const onHead = (p: HeadParts): readonly Joint[] => [
  at('rod', p.rod),
  at('reel', p.reel),
  at('line', p.line),
  ...(p.leader ? [at('knot', 'knot-crossed-wrap', 'leader-knot'), { ...at('leader', p.leader), lengthM: p.leaderM ?? 1 }] : []),
  at('knot', p.knot, 'hook-knot'),
  at('jig-head', p.head),
  at('bait', p.bait),
];

const degrees = (value: number) => (value * Math.PI) / 180;

/** Lake Ostrey at nine degrees, from the skiff, an ordinary two-handed set. */
const base: Presentation = {
  kind: 'cast',
  castStyle: 'overhead',
  distanceM: 22,
  depthM: 3,
  handHeightM: 1.2,
  water: { temperatureC: 9, salinity: 0 },
  currentMps: 0,
  sweep: { way: 'two-hand', startRad: degrees(25), endRad: degrees(105), timeS: 0.35, stepBackM: 0, woundM: 0.3 },
  slackM: 0.3,
  cover: 'open',
  mouth: 'bony',
  fishKg: 3,
  clutchN: 2.1 * STANDARD_GRAVITY_MPS2,
  wanted: { fall: { kind: 'steady' }, breakAt: 'leader-knot' },
};

export function demoSetups(parts: readonly Part[]): readonly DemoSetup[] {
  const hook40 = partOf(parts, 'hook-worm-offset-4x0-regular', 'hook');
  const tail125 = partOf(parts, 'bait-paddle-tail-125', 'soft-bait');
  const wall: WeedlessParts = {
    rod: 'rod-heron', reel: 'reel-cast', line: 'line-braid-28', leader: 'line-fluorocarbon-37', leaderM: 1.1,
    weight: 'weight-tungsten-10', hold: 'pegged', hook: 'hook-worm-offset-3x0-regular', bait: 'bait-paddle-tail-125',
  };
  return [
    {
      id: 'setup-drowned-wall',
      name: 'Drowned-wall zander, 12 cm tail',
      revisions: [
        {
          reason: 'first tied, hook as it came to hand',
          savedAt: '2026-09-12T17:20:00Z',
          chain: weedless({ ...wall, hook: 'hook-worm-offset-5x0-stout' }),
          presentation: base,
          partsThen: [{ ...tail125, massKg: grams(17.5, 'class') }],
        },
        { reason: 'lighter hook: the wall is bony, not strong', savedAt: '2026-10-14T18:05:00Z', chain: weedless(wall), presentation: base },
      ],
    },
    {
      id: 'setup-lily-bay',
      name: 'Lily bay, flick of the wrist',
      revisions: [
        {
          reason: 'for the kneeling seat in the canoe: no room for two hands',
          savedAt: '2026-07-03T08:40:00Z',
          chain: weedless({ ...wall, rod: 'rod-tern', reel: 'reel-low-cast', hook: 'hook-worm-straight-5x0-stout', point: 'buried', weight: 'weight-tungsten-7' }),
          presentation: {
            ...base, castStyle: 'roll', distanceM: 12, depthM: 1.2, handHeightM: 0.5, cover: 'sparse',
            sweep: { way: 'wrist', startRad: degrees(25), endRad: degrees(95), timeS: 0.25, stepBackM: 0, woundM: 0.8 },
            water: { temperatureC: 17, salinity: 0 }, clutchN: 2.1 * STANDARD_GRAVITY_MPS2,
          },
        },
      ],
    },
    {
      id: 'setup-long-flat',
      name: 'Long cast over the flats, nylon',
      revisions: [
        {
          reason: 'all that was left on the spool',
          savedAt: '2026-08-21T06:15:00Z',
          chain: onHead({ rod: 'rod-curlew', reel: 'reel-large-spin', line: 'line-nylon-30', knot: 'knot-wrapped-eye', head: 'head-football-14-4x0', bait: 'bait-paddle-tail-100' }),
          presentation: {
            ...base, castStyle: 'two-hand', distanceM: 58, depthM: 4,
            sweep: { way: 'two-hand', startRad: degrees(30), endRad: degrees(110), timeS: 0.5, stepBackM: 0, woundM: 0.2 },
            clutchN: 1.5 * STANDARD_GRAVITY_MPS2, wanted: { fall: { kind: 'steady' }, breakAt: 'hook-knot' },
          },
        },
      ],
    },
    {
      id: 'setup-evening-edge',
      name: 'Evening along the wall, 4/0',
      revisions: [
        {
          reason: 'same bait, hook one size up for the gap',
          savedAt: '2026-09-27T19:30:00Z',
          chain: weedless({ ...wall, hook: 'hook-worm-offset-4x0-regular' }),
          presentation: { ...base, distanceM: 24 },
          partsThen: [{ ...hook40, wireM: millimetres(1.17, 'class', 0.08) }],
        },
      ],
    },
    {
      id: 'setup-feather',
      name: 'Feather jig on the stiff rod',
      revisions: [
        {
          reason: 'only the heavy rod was rigged',
          savedAt: '2026-10-02T16:50:00Z',
          chain: onHead({ rod: 'rod-heron', reel: 'reel-cast', line: 'line-braid-14', leader: 'line-fluorocarbon-30', leaderM: 1.2, knot: 'knot-doubled-eye', head: 'head-sphere-2_5-1', bait: 'bait-straight-tail-65' }),
          presentation: { ...base, castStyle: 'pitch', distanceM: 10, depthM: 2, mouth: 'soft', fishKg: 0.8, clutchN: 1.2 * STANDARD_GRAVITY_MPS2, wanted: { fall: { kind: 'steady' }, breakAt: 'hook-knot' } },
        },
      ],
    },
  ];
}

function partOf<K extends Part['kind']>(parts: readonly Part[], id: string, kind: K): Extract<Part, { kind: K }> {
  const isKind = (part: Part | undefined): part is Extract<Part, { kind: K }> => part?.kind === kind;
  const part = parts.find((each) => each.id === id);
  if (!isKind(part)) throw new Error(`the demo has no ${kind} ${id}`);
  return part;
}
