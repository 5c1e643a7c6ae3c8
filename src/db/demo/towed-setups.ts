import type { TowedPresentation } from '@/domain/presentation';
import { at, hookKnot, knot, leader, plain, swivelled, tackle, toLeader } from './rig-chains';
import { cast, degrees, kilos, trolled } from './presentations';
import type { DemoSetup } from './setups';

const behindAttractor = (leadM: number) => [
  ...tackle('fulmar', 'counter', 'braid-14'),
  knot('line-knot', 'doubled-eye'),
  plain('hardware', 'swivel-6', 'swivel'),
  plain('attractor', 'attractor-rotating-200'),
  plain('hardware', 'swivel-5', 'rear-swivel'),
  knot('swivel-knot', 'doubled-eye'),
  leader('fluorocarbon-37', leadM),
  plain('hardware', 'wobble-disc', 'disc'),
  hookKnot,
  plain('lure', 'fly-80'),
];

const copper = (rod: string) => [
  ...tackle(rod, 'lever', 'copper'),
  ...swivelled('fluorocarbon-45', 1.4),
  hookKnot,
  plain('hardware', 'snap-7', 'snap'),
  plain('lure', 'spoon-14'),
  plain('hardware', 'split-ring-7', 'hook-ring'),
  { ...at('hook', 'hook-inline-1x0'), point: 'open' as const },
];

/** What is towed, drifted or hung: attractors, harnesses, minnows, weights below the hook, live bait. */
export function towedSetups(): readonly DemoSetup[] {
  return [
    {
      id: 'setup-char-flasher',
      name: 'Char fly behind the rotating plate',
      revisions: [
        {
          reason: 'long lead, as for wary fish in clear water',
          savedAt: '2026-04-25T09:10:00Z',
          chain: behindAttractor(3.9),
          presentation: charPass,
        },
        {
          reason: 'shorter lead: they are hungry after the thaw',
          savedAt: '2026-05-02T08:30:00Z',
          chain: behindAttractor(0.5),
          presentation: charPass,
        },
      ],
    },
    {
      id: 'setup-copper-deep',
      name: 'Copper line for the deep basin',
      revisions: [
        {
          reason: 'from the roller rod, spoon as last year',
          savedAt: '2026-07-18T10:00:00Z',
          chain: copper('skua'),
          presentation: deep,
        },
        {
          reason: 'the roller rod is lent: on the trolling rod with ceramic rings',
          savedAt: '2026-07-25T09:45:00Z',
          chain: copper('cormorant'),
          presentation: deep,
        },
      ],
    },
    {
      id: 'setup-crawler-harness',
      name: 'Worm harness on a bottom bouncer',
      revisions: [
        {
          reason: 'sixty grams to be sure of the bottom',
          savedAt: '2026-08-02T07:00:00Z',
          chain: [
            ...tackle('grebe', 'counter', 'braid-14'),
            knot('line-knot', 'doubled-eye'),
            plain('bouncer', 'bouncer-60'),
            plain('hardware', 'swivel-6', 'swivel'),
            plain('snell', 'harness-blade'),
            { ...at('bait', 'bait-worm'), held: 'nose' },
          ],
          presentation: { ...sandDrift, lineOutM: 12 },
        },
        {
          reason: 'thirty keeps it moving over the sand',
          savedAt: '2026-08-09T07:20:00Z',
          chain: [
            ...tackle('grebe', 'counter', 'braid-14'),
            knot('line-knot', 'doubled-eye'),
            plain('bouncer', 'bouncer-30'),
            plain('hardware', 'swivel-6', 'swivel'),
            plain('snell', 'harness-blade'),
            { ...at('bait', 'bait-worm'), held: 'nose' },
          ],
          presentation: sandDrift,
        },
      ],
    },
    {
      id: 'setup-hung-weight',
      name: 'Whitefish over the ledge, weight below',
      revisions: [
        {
          reason: 'short tag',
          savedAt: '2026-03-14T11:00:00Z',
          chain: hungWeight(0.2),
          presentation: ledge,
        },
        {
          reason: 'longer tag: they stood a forearm off the ledge',
          savedAt: '2026-03-21T10:40:00Z',
          chain: hungWeight(0.45),
          presentation: ledge,
        },
      ],
    },
    {
      id: 'setup-crimped-minnow',
      name: 'Diving minnow on a crimped leader',
      revisions: [
        {
          reason: 'crimps from the big box',
          savedAt: '2026-05-30T08:00:00Z',
          chain: minnow('crimp-2_6'),
          presentation: openWater,
        },
        {
          reason: 'crimps that fit the leader',
          savedAt: '2026-06-02T19:00:00Z',
          chain: minnow('crimp-1_6'),
          presentation: openWater,
        },
      ],
    },
    {
      id: 'setup-kelp-live',
      name: 'Bridled live bait over the kelp',
      revisions: [
        {
          reason: 'hook as large as it came',
          savedAt: '2026-08-29T06:20:00Z',
          chain: bridled('hook-circle-3x0', 'fluorocarbon-37', 'crimp-1_6'),
          presentation: kelp,
        },
        {
          reason: 'stouter leader: the kelp and the gill plates sawed one through',
          savedAt: '2026-09-05T06:10:00Z',
          chain: bridled('hook-circle-3x0', 'nylon-60', 'crimp-2'),
          presentation: kelp,
        },
      ],
    },
  ];
}

const hungWeight = (tagM: number) => [
  ...tackle('dipper', 'small-spin', 'braid-10'),
  ...toLeader('fluorocarbon-30', 1),
  hookKnot,
  { ...at('hook', 'hook-bait-4'), point: 'open' as const },
  { ...at('bait', 'bait-straight-tail-65'), held: 'nose' as const },
  knot('tag-knot', 'wrapped-eye'),
  leader('fluorocarbon-23', tagM, 'tag'),
  knot('weight-knot', 'wrapped-eye'),
  { ...at('weight', 'weight-lead-drop-10'), hold: 'fixed' as const },
];

const minnow = (crimp: string) => [
  ...tackle('grebe', 'counter', 'braid-14'),
  knot('line-knot', 'doubled-eye'),
  plain('hardware', 'swivel-6', 'swivel'),
  plain('hardware', crimp, 'front-crimp'),
  leader('fluorocarbon-37', 1.2),
  plain('hardware', crimp, 'rear-crimp'),
  plain('lure', 'lure-float-110'),
];

const bridled = (hook: string, spool: string, crimp: string) => [
  ...tackle('fulmar', 'lever', 'braid-19'),
  knot('line-knot', 'doubled-eye'),
  plain('hardware', 'swivel-8', 'swivel'),
  plain('hardware', crimp, 'front-crimp'),
  leader(spool, 1.4),
  plain('hardware', crimp, 'rear-crimp'),
  { ...at('hook', hook), point: 'open' as const },
  plain('hardware', 'bridle-cord', 'bridle'),
  { ...at('bait', 'bait-live-110'), held: 'bridled' as const },
];

/** Spring in the deep basin: cold, clear, and the char feed. */
const charPass: TowedPresentation = {
  ...trolled,
  water: { temperatureC: 6, salinity: 0 },
  speedMps: 0.8,
  bottomM: 34,
  holderRad: degrees(20),
  gear: { kind: 'downrigger', leadM: 8, cableM: 11, cable: 'steel-cable', cableDiameterM: 0.9e-3, ballKg: 3.6 },
  conditions: {
    temperatureC: { from: 4, to: 8 },
    clarity: 'clear',
    mood: 'active',
    light: 'overcast',
    speedMps: { from: 0.7, to: 1.1 },
  },
};

const deep: TowedPresentation = {
  ...trolled,
  lineOutM: 60,
  depthM: 12,
  speedMps: 1.1,
  bottomM: 40,
  wanted: { ...trolled.wanted, depth: { fromM: 10, toM: 14 } },
};

const sandDrift: TowedPresentation = {
  ...trolled,
  way: 'drifted',
  held: 'hand',
  lineOutM: 11,
  depthM: 6,
  bottomM: 6,
  speedMps: 0.35,
  mouth: 'bony',
  fishKg: 2,
  clutchN: kilos(1.4),
  craftId: 'wren',
  conditions: { bottom: 'sand', speedMps: { from: 0.3, to: 0.8 } },
  wanted: { ...trolled.wanted, depth: { fromM: 5, toM: 7 } },
};

const ledge: TowedPresentation = {
  ...trolled,
  way: 'dropped',
  held: 'hand',
  lineOutM: 9,
  depthM: 9,
  bottomM: 9.5,
  speedMps: 0.05,
  mouth: 'soft',
  fishKg: 0.8,
  clutchN: kilos(0.7),
  craftId: 'wren',
  slackM: 0.1,
  sweep: { ...cast.sweep, way: 'wrist', timeS: 0.25 },
  wanted: { ...trolled.wanted, depth: { fromM: 8, toM: 10 } },
};

const openWater: TowedPresentation = {
  ...trolled,
  lineOutM: 45,
  depthM: 5,
  speedMps: 1.5,
  holderRad: degrees(60),
  mouth: 'firm',
  fishKg: 2,
  clutchN: kilos(1.1),
  wanted: { ...trolled.wanted, depth: { fromM: 4, toM: 6 } },
};

const kelp: TowedPresentation = {
  ...trolled,
  way: 'drifted',
  held: 'hand',
  lineOutM: 14,
  depthM: 2,
  bottomM: 9,
  speedMps: 0.3,
  mouth: 'firm',
  fishKg: 4,
  clutchN: kilos(2.5),
  water: { temperatureC: 13, salinity: 34 },
  wear: ['gill-plates', 'rock'],
  wanted: { ...trolled.wanted, depth: { fromM: 1, toM: 3 } },
};
