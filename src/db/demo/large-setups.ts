import type { CastPresentation, TowedPresentation } from '@/domain/presentation';
import { at, hookKnot, knot, plain, swivelled, tackle, toLeader } from './rig-chains';
import { cast, kilos, trolled } from './presentations';
import type { DemoSetup } from './setups';

const glide = (bare: boolean) => [
  ...tackle('bittern', 'big-cast', 'braid-40'),
  ...toLeader('fluorocarbon-80', 1),
  hookKnot,
  plain('hardware', 'snap-12', 'snap'),
  {
    ...at('lure', 'lure-glide-200'),
    kind: 'lure' as const,
    colour: 'char',
    ...(bare ? { bare: ['front' as const] } : {}),
  },
  plain('hardware', 'split-ring-11', 'tail-ring'),
  { ...at('hook', 'hook-treble-2x0-strong'), point: 'open' as const, station: 'tail' as const },
];

const bigTail = (loopM: number) => [
  ...tackle('bittern', 'big-cast', 'braid-40'),
  ...toLeader('fluorocarbon-80', 1),
  knot('hook-knot', 'doubled-eye'),
  at('jig-head', 'head-50'),
  { ...at('bait', 'bait-paddle-210'), colour: 'whitefish' },
  { ...at('stinger', 'hook-treble-1x0-stout'), lengthM: loopM, held: 'ring' as const },
];

const paddled = (spoon: string) => [
  ...tackle('siskin', 'spin', 'braid-14'),
  ...swivelled('fluorocarbon-30', 1.2, 'swivel-5'),
  hookKnot,
  plain('hardware', 'snap-7', 'snap'),
  plain('lure', spoon),
];

/** Large lures on a rod that is made for them, and a spoon behind the canoe. */
export function largeSetups(): readonly DemoSetup[] {
  return [
    {
      id: 'setup-canoe-spoon',
      name: 'Spoon behind the canoe',
      revisions: [
        {
          reason: 'the light spoon: it works at a lazy stroke',
          savedAt: '2026-06-05T17:00:00Z',
          chain: paddled('spoon-7'),
          presentation: behindCanoe,
        },
        {
          reason: 'the heavier one runs deeper at the same stroke',
          savedAt: '2026-06-13T17:30:00Z',
          chain: paddled('spoon-14'),
          presentation: behindCanoe,
        },
      ],
    },
    {
      id: 'setup-glide',
      name: 'Glide bait along the drop-off',
      revisions: [
        {
          reason: 'a stronger treble at the tail',
          savedAt: '2026-10-03T16:10:00Z',
          chain: glide(false),
          presentation: dropOff,
        },
        {
          reason: 'nothing in front: it glides wider, and fish take it from behind',
          savedAt: '2026-10-10T16:40:00Z',
          chain: glide(true),
          presentation: dropOff,
        },
      ],
    },
    {
      id: 'setup-large-tail',
      name: 'Large tail, slow along the wall',
      revisions: [
        {
          reason: 'stinger close behind the head',
          savedAt: '2026-10-17T15:50:00Z',
          chain: bigTail(0.02),
          presentation: slowWall,
        },
        {
          reason: 'stinger further back, where they nip',
          savedAt: '2026-10-24T15:20:00Z',
          chain: bigTail(0.06),
          presentation: slowWall,
        },
      ],
    },
  ];
}

const behindCanoe: TowedPresentation = {
  ...trolled,
  way: 'paddled',
  lineOutM: 28,
  depthM: 2.5,
  speedMps: 1.1,
  bottomM: 9,
  fishKg: 1.5,
  clutchN: kilos(1.2),
  craftId: 'canoe',
  stance: 'seated',
  handHeightM: 0.6,
  wanted: { ...trolled.wanted, depth: { fromM: 1.5, toM: 3.5 } },
};

const dropOff: CastPresentation = {
  ...cast,
  castStyle: 'lob',
  distanceM: 20,
  depthM: 2,
  speedMps: 0.6,
  fishKg: 5,
  clutchN: kilos(3.5),
  mouth: 'firm',
  sweep: { ...cast.sweep, stepBackM: 0.2, woundM: 0.5 },
  wanted: { ...cast.wanted, fall: { kind: 'slow' }, attitude: { kind: 'any' } },
};

const slowWall: CastPresentation = {
  ...dropOff,
  depthM: 5,
  wanted: { ...dropOff.wanted, fall: { kind: 'steady' }, attitude: { kind: 'level' } },
};
