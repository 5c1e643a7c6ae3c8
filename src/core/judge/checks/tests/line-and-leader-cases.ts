import { demoFile, demoFiles } from '../../../../../tests/helpers/demo';
import { sampleOf } from '@/domain/sample-rig';
import {
  copper,
  figure,
  fly,
  housed,
  jointed,
  live,
  minnow,
  parted,
  plug,
  presenting,
  spoonRig,
  wall,
  without,
  type Case,
} from './rigs-to-try';

export const LINE_AND_LEADER_CASES: readonly Case[] = [
  [
    'guide-material',
    wall,
    [
      [copper, 'fails metal-in-ceramic'],
      [
        parted(parted(copper, 'line', { material: 'lead-core' }), 'rod', { guides: 'rollers', tip: 'ring-tip' }),
        'edge lead-core-rings',
      ],
      [parted(copper, 'rod', { guides: 'rollers', tip: 'ring-tip' }), 'edge wire-tip'],
    ],
  ],
  [
    'through-rings',
    wall,
    [
      [jointed(spoonRig, 'leader', { lengthM: 3 }), 'fails stopper'],
      [parted(jointed(wall, 'leader', { lengthM: 3 }), 'leader-knot', { pattern: 'double-wrap' }), 'edge bulky-knot'],
    ],
  ],
  [
    'wound-into-tip',
    wall,
    [
      [parted(fly, 'swivel', { widthM: figure(0.004, 'm') }), 'edge'],
      [parted(spoonRig, 'swivel', { widthM: figure(0.004, 'm') }), 'note'],
    ],
  ],
  [
    'leader-length',
    wall,
    [
      [jointed(wall, 'leader', { lengthM: 0.15 }), 'edge short'],
      [jointed(minnow, 'leader', { lengthM: 6 }), 'fails long'],
    ],
  ],
  [
    'spin-without-swivel',
    fly,
    [
      [without(fly, 'swivel', 'rear-swivel'), 'fails none'],
      [without(spoonRig, 'swivel'), 'edge none'],
      [housed(parted(spoonRig, 'swivel', { form: 'solid-ring' }), { schools: { 'spin-link': 'ring' } }), 'note ring'],
    ],
  ],
  [
    'needless-swivel',
    plug,
    [
      [parted(plug, 'snap', { form: 'swivel' }), 'note'],
      [housed(parted(plug, 'snap', { form: 'swivel' }), { schools: { 'spin-link': 'ring' } }), 'edge'],
    ],
  ],
  [
    'loop-or-tight',
    plug,
    [
      [without(plug, 'snap'), 'edge tight'],
      [housed(without(plug, 'snap'), { schools: { 'nose-tie': 'tight' } }), 'note tight'],
      [parted(without(fly, 'disc'), 'hook-knot', { pattern: 'open-loop' }), 'edge free'],
      [fly, 'note disc-tight'],
      [parted(fly, 'hook-knot', { pattern: 'open-loop' }), 'note disc-loop'],
    ],
  ],
  [
    'stretch-over-distance',
    wall,
    [
      [demoFile('setup-long-flat'), 'fails'],
      [presenting(demoFile('setup-long-flat'), { distanceM: 4 }), 'edge'],
      [housed(presenting(demoFile('setup-long-flat'), { distanceM: 4 }), { schools: { stretch: 'forgives' } }), 'note'],
    ],
  ],
  [
    'leader-strength',
    wall,
    [
      [parted(wall, 'leader', { strengthN: figure(250, 'N') }), 'note strong'],
      [parted(wall, 'leader', { strengthN: figure(900, 'N') }), 'edge strong'],
      [parted(plug, 'leader', { strengthN: figure(40, 'N') }), 'note weak'],
      [
        housed(parted(plug, 'leader', { strengthN: figure(40, 'N') }), { schools: { 'leader-weight': 'stout' } }),
        'edge weak',
      ],
      [parted(wall, 'leader', { strengthN: figure(40, 'N') }), 'none'],
    ],
  ],
  [
    'hardware-size',
    minnow,
    [
      [demoFiles.find(({ id, revision }) => id === 'setup-crimped-minnow' && revision === 1)!.file, 'edge crimp-loose'],
      [parted(minnow, 'front-crimp', { boreM: figure(0.0005, 'm') }), 'fails crimp-tight'],
      [parted(plug, 'snap', { strengthN: figure(60, 'N') }), 'edge weak'],
      [parted(plug, 'snap', { strengthN: figure(900, 'N') }), 'note heavy'],
    ],
  ],
  [
    'abrasion-leader',
    live,
    [
      [presenting(wall, { wear: ['rock'] }), 'edge thin'],
      [presenting(live, { wear: ['teeth'] }), 'fails thin'],
      [presenting(without(wall, 'leader-knot', 'leader'), { wear: ['rock'] }), 'fails none'],
    ],
  ],
  [
    'line-class',
    wall,
    [
      [live, 'none'],
      [parted(live, 'line', { strengthN: figure(200, 'N') }), 'edge strong'],
      [parted(live, 'line', { strengthN: figure(40, 'N') }), 'edge weak'],
    ],
  ],
  [
    'line-for-fish',
    wall,
    [
      [presenting(wall, { fishKg: 60 }), 'edge'],
      [presenting(wall, { fishKg: 90 }), 'fails'],
      [presenting(wall, { fishKg: 30 }), 'none'],
      [presenting(wall, { fishKg: 15, cover: 'sparse' }), 'edge'],
      [presenting(wall, { fishKg: 12, cover: 'dense' }), 'fails'],
    ],
  ],
  [
    'line-twist',
    fly,
    [
      [without(fly, 'swivel', 'rear-swivel'), 'edge'],
      [parted(without(fly, 'swivel', 'rear-swivel'), 'attractor', { lengthM: figure(0.08, 'm') }), 'fails'],
    ],
  ],
  [
    'untied',
    wall,
    [
      [without(wall, 'hook-knot'), 'fails'],
      [without(wall, 'leader-knot'), 'fails'],
      [without(minnow, 'front-crimp'), 'fails'],
    ],
  ],
  [
    'lure-link',
    plug,
    [
      [without(plug, 'snap'), 'note knot'],
      [housed(plug, { schools: { 'lure-link': 'knot' } }), 'note snap'],
      [parted(plug, 'snap', { form: 'solid-ring' }), 'note ring'],
    ],
  ],
  [
    'fast-leader',
    minnow,
    [
      [presenting(minnow, { speedMps: 4 }), 'note nylon'],
      [
        housed(presenting(sampleOf('fast-head'), { speedMps: 4 }), { schools: { 'fast-leader': 'nylon' } }),
        'note wire',
      ],
    ],
  ],
];
