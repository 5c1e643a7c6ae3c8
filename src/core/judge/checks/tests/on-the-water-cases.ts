import { demoParts } from '@/db/demo';
import { sampleOf } from '@/domain/sample-rig';
import {
  bigTail,
  copper,
  feather,
  figure,
  fly,
  housed,
  jointed,
  live,
  made,
  parted,
  plug,
  presenting,
  spoonRig,
  wall,
  without,
  type Case,
} from './rigs-to-try';

export const ON_THE_WATER_CASES: readonly Case[] = [
  [
    'weight-buries-bait',
    wall,
    [[presenting(parted(wall, 'weight', { massKg: figure(0.02, 'kg') }), { conditions: { bottom: 'mud' } }), 'edge']],
  ],
  [
    'attractor-lead',
    fly,
    [
      [jointed(fly, 'leader', { lengthM: 3.9 }), 'edge own-long'],
      [jointed(presenting(fly, { conditions: { mood: 'wary' } }), 'leader', { lengthM: 3.9 }), 'none'],
      [jointed(fly, 'leader', { lengthM: 0.2 }), 'edge own-short'],
      [jointed(without(fly, 'disc'), 'leader', { lengthM: 1.3 }), 'edge driven-long'],
      [jointed(without(fly, 'disc'), 'leader', { lengthM: 0.9 }), 'none'],
      [jointed(sampleOf('spoon-behind-attractor'), 'leader', { lengthM: 0.2 }), 'edge driven-short'],
      [jointed(sampleOf('spoon-behind-attractor'), 'leader', { lengthM: 3 }), 'edge driven-long'],
      [jointed(sampleOf('bait-head-behind-attractor'), 'leader', { lengthM: 3 }), 'none'],
    ],
  ],
  [
    'working-speed',
    fly,
    [
      [presenting(fly, { speedMps: 3 }), 'fails fast'],
      [presenting(fly, { speedMps: 0.65 }), 'edge slow'],
      [presenting(wall, { speedMps: 0.2 }), 'note own-window'],
    ],
  ],
  [
    'boatside-turn',
    bigTail,
    [
      [presenting(jointed(spoonRig, 'leader', { lengthM: 2.3 }), { boatsideTurn: true }), 'edge'],
      [presenting(jointed(spoonRig, 'leader', { lengthM: 5 }), { boatsideTurn: true }), 'fails'],
    ],
  ],
  [
    'tow-point',
    wall,
    [
      [
        {
          ...plug,
          chain: [...plug.chain, { id: 'sleeve', kind: 'hardware', partId: 'sleeve-5' }],
          parts: [...plug.parts, demoParts.find(({ id }) => id === 'sleeve-5')!],
        },
        'edge sleeve',
      ],
      [sampleOf('strip-on-a-tube'), 'note bend'],
      [
        {
          ...wall,
          chain: [...wall.chain, { id: 'keeper', kind: 'hardware', partId: 'keeper-6' }],
          parts: [...wall.parts, demoParts.find(({ id }) => id === 'keeper-6')!],
        },
        'note keeper',
      ],
    ],
  ],
  [
    'apart-in-the-box',
    wall,
    [
      [parted(wall, 'bait', { material: 'soft-floating' }), 'note store'],
      [
        {
          ...wall,
          chain: [...wall.chain, { id: 'trailer', kind: 'trailer', partId: 'made' }],
          parts: [
            ...wall.parts.map((part) =>
              part.kind === 'soft-bait' ? { ...part, material: 'soft-floating' as const } : part,
            ),
            made({ kind: 'trailer' }),
          ],
        },
        'edge together',
      ],
    ],
  ],
  [
    'weight-hold',
    wall,
    [
      [jointed(wall, 'weight', { hold: 'free' }), 'note free'],
      [housed(wall, { schools: { 'weight-hold': 'free' } }), 'note pegged'],
      [presenting(housed(wall, { schools: { 'weight-hold': 'free' } }), { cover: 'dense' }), 'none'],
    ],
  ],
  ['room-in-craft', wall, [[housed(wall, { crafts: [{ ...wall.house!.crafts[0]!, lengthM: 3 }] }), 'note']]],
  [
    'rules-sheet',
    wall,
    [
      [housed(bigTail, { sheet: { hooksPerLine: 1 } }), 'fails hooks'],
      [housed(bigTail, { sheet: { pointsPerLine: 3 } }), 'fails points'],
      [housed(sampleOf('tandem'), { sheet: { baitsPerLine: 1 } }), 'fails baits'],
      [housed(bigTail, { sheet: { noTrebles: true } }), 'fails trebles'],
      [housed(wall, { sheet: { barbless: true } }), 'fails barbs'],
      [housed(wall, { sheet: { largestGapM: 0.01 } }), 'fails gap'],
      [housed(feather, { sheet: { noLead: true } }), 'fails lead'],
      [housed(feather, { sheet: { leadOverKg: 0.003 } }), 'fails small-lead'],
      [housed(live, { sheet: { noNaturalBait: true } }), 'fails natural-bait'],
      [housed(live, { sheet: { noLiveBait: true } }), 'fails live-bait'],
      [housed(copper, { sheet: { noWire: true } }), 'fails wire'],
      [housed(wall, { sheet: { hooksPerLine: 1, pointsPerLine: 1, noLead: true, noTrebles: true } }), 'none'],
    ],
  ],
];
