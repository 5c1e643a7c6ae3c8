import { demoFile } from '../../../../../tests/helpers/demo';
import { sampleOf } from '@/domain/sample-rig';
import { copper, figure, fly, housed, live, minnow, parted, presenting, wall, type Case } from './rigs-to-try';

export const ROD_AND_REEL_CASES: readonly Case[] = [
  [
    'reel-capacity',
    wall,
    [
      [parted(wall, 'line', { lengthM: figure(50, 'm') }), 'edge spool'],
      [
        parted(parted(wall, 'line', { lengthM: figure(500, 'm') }), 'reel', { widthM: figure(0.001, 'm') }),
        'fails reel',
      ],
    ],
  ],
  [
    'tip-clearance',
    wall,
    [
      [presenting(housed(wall, { angler: {} }), { rodWorked: 'down', handHeightM: 1.3 }), 'edge'],
      [presenting(wall, { rodWorked: 'down', stance: 'seated' }), 'fails'],
      [presenting(housed(wall, { angler: {} }), { rodWorked: 'down', handHeightM: 1.5 }), 'none'],
    ],
  ],
  [
    'reel-seat',
    wall,
    [
      [parted(wall, 'reel', { build: 'fixed-spool' }), 'fails fixed-spool'],
      [parted(fly, 'rod', { mount: 'spin' }), 'fails multiplier'],
      [parted(live, 'reel', { build: 'fixed-spool' }), 'none'],
    ],
  ],
  [
    'handle-side',
    wall,
    [
      [parted(wall, 'reel', { handleSide: 'left' }), 'note'],
      [parted(wall, 'reel', { handleSide: 'either' }), 'none'],
    ],
  ],
  ['rod-in-holder', fly, [[parted(fly, 'rod', { handleLengthM: figure(0.25, 'm') }), 'edge']]],
  [
    'tips-apart',
    fly,
    [
      [housed(fly, { crafts: fly.house!.crafts.map((craft) => ({ ...craft, holderGapM: 0.2 })) }), 'note'],
      [housed(fly, { crafts: fly.house!.crafts.map((craft) => ({ ...craft, holderGapM: 0.3 })) }), 'none'],
      [
        housed(fly, {
          crafts: fly.house!.crafts.map((craft) => ({ ...craft, holderGapM: 0.3 })),
          schools: { 'side-rods': 'equal' },
        }),
        'note',
      ],
    ],
  ],
  ['clutch-beyond-reel', wall, [[presenting(wall, { clutchN: 90 }), 'fails']]],
  [
    'drag-against-blank',
    wall,
    [
      [presenting(wall, { clutchN: 60 }), 'edge'],
      [presenting(wall, { clutchN: 90 }), 'fails'],
      [parted(presenting(wall, { clutchN: 30 }), 'rod', { lineHiN: figure(70, 'N') }), 'edge'],
    ],
  ],
  [
    'strike-against-blank',
    minnow,
    [
      [presenting(minnow, { fishKg: 60, clutchN: null }), 'fails'],
      [presenting(minnow, { fishKg: 12, clutchN: null, held: 'hand' }), 'none'],
    ],
  ],
  [
    'strike-when',
    live,
    [
      [
        housed(presenting(live, { speedMps: 0.3, fishHoldsS: 0.5 }), { schools: { strike: 'give-line' } }),
        'edge given-too-long',
      ],
      [housed(presenting(live, { speedMps: 0.3, fishHoldsS: 9 }), { schools: { strike: 'give-line' } }), 'none'],
      [housed(presenting(live, { fishKg: 0.05 }), { schools: { strike: 'rod-loads' } }), 'edge does-not-load'],
      [housed(presenting(live, { fishKg: 6 }), { schools: { strike: 'rod-loads' } }), 'none'],
    ],
  ],
  [
    'drag-build',
    wall,
    [
      [housed(fly, { schools: { 'drag-build': 'lever' } }), 'note star'],
      [housed(fly, { schools: { 'drag-build': 'star' } }), 'none'],
    ],
  ],
  [
    'gear-ratio',
    wall,
    [
      [
        housed(parted(presenting(fly, { fishKg: 20 }), 'reel', { gearRatio: figure(3, '1') }), {
          schools: { gear: 'high' },
        }),
        'note low',
      ],
      [parted(presenting(fly, { fishKg: 20 }), 'reel', { gearRatio: figure(3, '1') }), 'none'],
      [
        housed(parted(presenting(fly, { fishKg: 20 }), 'reel', { gearRatio: figure(3, '1') }), {
          schools: { gear: 'low' },
        }),
        'none',
      ],
      [housed(presenting(copper, { speedMps: 3 }), { schools: { gear: 'low' } }), 'note high'],
    ],
  ],
  [
    'moment-in-the-hands',
    wall,
    [[housed(wall, { angler: { shoulderLimitNm: { value: 20, unit: 'N·m', provenance: 'label' } } }), 'edge']],
  ],
  [
    'rod-length',
    wall,
    [
      [housed(sampleOf('jerked-plug'), { schools: { 'jerk-rod': 'long' } }), 'note jerk-rod-short'],
      [parted(sampleOf('jerked-plug'), 'rod', { lengthM: figure(2.4, 'm') }), 'note jerk-rod-long'],
      [parted(demoFile('setup-hung-weight'), 'rod', { lengthM: figure(2.4, 'm') }), 'note straight-below-long'],
      [housed(demoFile('setup-hung-weight'), { schools: { 'straight-below': 'long' } }), 'note straight-below-short'],
    ],
  ],
  [
    'reel-for-stout-hooks',
    wall,
    [
      [demoFile('setup-long-flat'), 'note fixed-spool'],
      [housed(demoFile('setup-lily-bay'), { schools: { 'stout-reel': 'fixed-spool' } }), 'note multiplier'],
    ],
  ],
];
