import { demoFile } from '../../../../../tests/helpers/demo';
import { sampleOf } from '@/domain/sample-rig';
import {
  bigTail,
  changedPlug,
  feather,
  figure,
  harness,
  hookedAt,
  housed,
  jointed,
  live,
  onWord,
  parted,
  plug,
  presenting,
  wall,
  without,
  type Case,
} from './rigs-to-try';

export const HOOKS_CASES: readonly Case[] = [
  [
    'hook-off-centre',
    wall,
    [
      [jointed(wall, 'hook', { offCentreM: 0.0015 }), 'edge'],
      [jointed(wall, 'hook', { offCentreM: -0.004 }), 'fails'],
    ],
  ],
  [
    'gap-against-body',
    wall,
    [
      [parted(wall, 'hook', { gapM: figure(0.0105, 'm') }), 'edge'],
      [parted(wall, 'bait', { heightM: figure(0.028, 'm') }), 'fails'],
    ],
  ],
  [
    'point-station',
    wall,
    [
      [parted(wall, 'hook', { shankM: figure(0.02, 'm') }), 'edge forward'],
      [parted(wall, 'hook', { shankM: figure(0.13, 'm') }), 'edge aft'],
      [parted(wall, 'hook', { shankM: figure(0.032, 'm') }), 'note forward'],
    ],
  ],
  ['shank-against-body', wall, [[parted(wall, 'hook', { shankM: figure(0.08, 'm') }), 'edge']]],
  [
    'hook-against-bait',
    live,
    [
      [parted(live, 'hook', { gapM: figure(0.004, 'm') }), 'edge small'],
      [parted(live, 'hook', { gapM: figure(0.05, 'm') }), 'edge large'],
    ],
  ],
  [
    'hook-spacing',
    harness,
    [
      [parted(harness, 'snell', { spacingM: figure(0.02, 'm') }), 'edge close'],
      [parted(harness, 'snell', { spacingM: figure(0.1, 'm') }), 'edge wide'],
      [jointed(parted(harness, 'snell', { front: 'sliding' }), 'snell', { spacingM: 0.02 }), 'edge close-slides'],
    ],
  ],
  [
    'stinger-station',
    bigTail,
    [
      [without(bigTail, 'stinger'), 'note missing'],
      [parted(without(bigTail, 'stinger'), 'bait', { tail: 'straight-tail' }), 'none'],
      [jointed(bigTail, 'stinger', { lengthM: 0.005 }), 'edge short'],
      [jointed(bigTail, 'stinger', { lengthM: 0.1 }), 'edge long'],
      [parted(bigTail, 'bait', { lengthM: figure(0.09, 'm') }), 'edge unneeded'],
    ],
  ],
  [
    'hooks-on-lure',
    changedPlug,
    [
      [parted(changedPlug, 'hook', { massKg: figure(0.004, 'kg') }), 'fails sinks-it'],
      [
        parted(parted(changedPlug, 'hook', { massKg: figure(0.004, 'kg') }), 'lure', { buoyancy: 'sinks' }),
        'fails heavy',
      ],
      [
        parted(
          parted(parted(changedPlug, 'hook', { massKg: figure(0.0001, 'kg') }), 'hook-ring', {
            massKg: figure(0.0001, 'kg'),
          }),
          'lure',
          { massKg: figure(0.008, 'kg'), hookSize: '1' },
        ),
        'edge light',
      ],
    ],
  ],
  [
    'hooks-reach',
    changedPlug,
    [
      [hookedAt(plug, { front: '5/0', tail: '5/0' }), 'edge each-other'],
      [hookedAt(plug, { front: '5/0' }), 'edge line'],
      [hookedAt(plug, { front: '1/0' }), 'none'],
      [parted(hookedAt(plug, { front: '4' }), 'front', { blade: 'blade' }), 'note blade-room'],
      [parted(hookedAt(plug, { tail: '4' }), 'tail', { blade: 'blade' }), 'none'],
    ],
  ],
  [
    'light-hook-stiff-rod',
    wall,
    [
      [changedPlug, 'edge'],
      [feather, 'fails'],
    ],
  ],
  [
    'stout-hook-soft-rod',
    wall,
    [
      [demoFile('setup-long-flat'), 'edge'],
      [onWord(demoFile('setup-long-flat'), 'medium-light'), 'fails'],
    ],
  ],
  [
    'open-points-in-weed',
    wall,
    [
      [presenting(changedPlug, { cover: 'sparse' }), 'edge'],
      [presenting(feather, { cover: 'sparse' }), 'note'],
      [presenting(feather, { cover: 'dense' }), 'fails'],
      [presenting(wall, { cover: 'dense' }), 'none'],
    ],
  ],
  [
    'accent-hook',
    wall,
    [
      [housed(parted(wall, 'hook', { finish: 'red' }), { schools: {} }), 'note plain'],
      [parted(bigTail, 'stinger', { finish: 'red', gapM: figure(0.006, 'm') }), 'note gap'],
      [
        housed(parted(bigTail, 'stinger', { finish: 'red', gapM: figure(0.02, 'm') }), {
          schools: { 'hook-colour': 'coloured', 'accent-place': 'front' },
        }),
        'note place',
      ],
    ],
  ],
  [
    'stinger-comes-off',
    bigTail,
    [
      [jointed(bigTail, 'stinger', { held: 'loop' }), 'edge'],
      [jointed(bigTail, 'stinger', { held: 'stopped' }), 'none'],
    ],
  ],
  [
    'plug-hooks',
    plug,
    [
      [housed(plug, { schools: { 'plug-hooks': 'inline' } }), 'note treble'],
      [sampleOf('plug'), 'note inline'],
    ],
  ],
];
