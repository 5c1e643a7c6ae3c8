import type { TowedPresentation } from '@/domain/presentation';
import { at, hookKnot, knot, leader, plain, swivelled, tackle } from './rig-chains';
import { kilos, trolled } from './presentations';
import type { DemoSetup } from './setups';

const leadCore = (leadM: number) => [
  ...tackle('guillemot', 'lead-core', 'lead-core'),
  ...swivelled('fluorocarbon-45', leadM),
  knot('hook-knot', 'open-loop'),
  plain('lure', 'lure-float-90'),
];

const slimSpoon = (leadM: number) => [
  ...tackle('shearwater', 'counter', 'nylon-30'),
  knot('line-knot', 'doubled-eye'),
  plain('hardware', 'swivel-6', 'swivel'),
  knot('swivel-knot', 'doubled-eye'),
  leader('fluorocarbon-37', leadM),
  hookKnot,
  plain('hardware', 'snap-7', 'snap'),
  plain('lure', 'spoon-steel-18'),
];

const fastHead = (bait: string, leadM: number) => [
  ...tackle('skua', 'lever', 'soft-wire'),
  knot('line-knot', 'doubled-eye'),
  plain('hardware', 'swivel-8', 'swivel'),
  knot('swivel-knot', 'doubled-eye'),
  leader('nylon-60', leadM),
  knot('hook-knot', 'doubled-eye'),
  at('jig-head', 'head-50'),
  { ...at('bait', bait), colour: 'sandeel' },
];

/** What is trolled from Dunlin in a spread: lead core and a spoon behind a ball on the lake, fast heads on wire on the sound. */
export function trolledSetups(): readonly DemoSetup[] {
  return [
    {
      id: 'setup-lead-core',
      name: 'Minnow on lead core',
      revisions: [
        {
          reason: 'long leader for clear water',
          savedAt: '2026-06-06T07:00:00Z',
          chain: leadCore(4),
          presentation: alongTheWall,
        },
        {
          reason: 'shorter: the knot came into the guides with the fish still out',
          savedAt: '2026-06-13T07:10:00Z',
          chain: leadCore(2.2),
          presentation: alongTheWall,
        },
      ],
    },
    {
      id: 'setup-ball-spoon',
      name: 'Steel spoon behind the ball',
      revisions: [
        {
          reason: 'spoon as it came',
          savedAt: '2026-05-09T06:50:00Z',
          chain: slimSpoon(1.2),
          presentation: overTheBasin,
        },
        {
          reason: 'longer leader, the swivel out of sight',
          savedAt: '2026-05-16T07:05:00Z',
          chain: slimSpoon(2.2),
          presentation: overTheBasin,
        },
      ],
    },
    {
      id: 'setup-fast-head',
      name: 'Fast head on wire',
      revisions: [
        {
          reason: 'long tail, as for the big ones',
          savedAt: '2026-07-04T08:00:00Z',
          chain: fastHead('bait-paddle-tail-150', 2.5),
          presentation: outerEdge,
        },
        {
          reason: 'shorter tail, they nipped it off behind the hook; and a leader that can be handled',
          savedAt: '2026-07-11T08:15:00Z',
          chain: fastHead('bait-paddle-tail-125', 1.3),
          presentation: outerEdge,
        },
      ],
    },
  ];
}

const alongTheWall: TowedPresentation = {
  ...trolled,
  lineOutM: 46,
  depthM: 4,
  speedMps: 1.3,
  bottomM: 34,
  mouth: 'firm',
  fishKg: 3,
  clutchN: kilos(1.6),
  wanted: { ...trolled.wanted, depth: { fromM: 3, toM: 6 } },
};

const overTheBasin: TowedPresentation = {
  ...trolled,
  depthM: 15,
  speedMps: 1.3,
  bottomM: 34,
  gear: { kind: 'downrigger', leadM: 18, cableM: 15, cable: 'steel-cable', cableDiameterM: 0.9e-3, ballKg: 4.5 },
  wanted: { ...trolled.wanted, depth: { fromM: 11, toM: 17 } },
};

const outerEdge: TowedPresentation = {
  ...trolled,
  lineOutM: 30,
  depthM: 1,
  speedMps: 3,
  bottomM: 18,
  mouth: 'firm',
  fishKg: 4,
  clutchN: kilos(3),
  water: { temperatureC: 13, salinity: 32 },
  wear: ['gill-plates'],
  wanted: { ...trolled.wanted, depth: { fromM: 0, toM: 1.5 } },
};
