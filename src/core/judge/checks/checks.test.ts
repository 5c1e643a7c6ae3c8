import { describe, expect, it } from 'vitest';
import { demoFile, demoFiles } from '../../../../tests/helpers/demo';
import { demoParts } from '@/db/demo';
import { RIG_IDS } from '@/domain/rigs';
import { completePart } from '@/domain/parts/class-part';
import { sampleOf } from '@/domain/sample-rig';
import { evaluate } from '../evaluate';
import {
  EMPTY_HOUSE,
  type House,
  type Joint,
  type Part,
  type Presentation,
  type Setup,
  type Station,
} from '../../tackle';
import { RULES, type Finding, type RuleId } from '.';

/** What is found of one rule in a setup. */
const found = (id: RuleId, setup: Setup): readonly Finding[] =>
  evaluate(setup).checks.filter((finding) => finding.id === id);
const codes = (id: RuleId, setup: Setup) =>
  found(id, setup).map(({ code, severity }) => `${severity}${code ? ` ${code}` : ''}`);

const presenting = (setup: Setup, change: object): Setup => ({
  ...setup,
  presentation: { ...setup.presentation, ...change } as Presentation,
});
const housed = (setup: Setup, change: Partial<House>): Setup => ({
  ...setup,
  house: { ...(setup.house ?? EMPTY_HOUSE), ...change },
});
const jointed = (setup: Setup, id: string, change: object): Setup => ({
  ...setup,
  chain: setup.chain.map((joint) => (joint.id === id ? ({ ...joint, ...change } as Joint) : joint)),
});
const without = (setup: Setup, ...ids: string[]): Setup => ({
  ...setup,
  chain: setup.chain.filter(({ id }) => !ids.includes(id)),
});
const made = (given: { readonly kind: Part['kind'] } & Readonly<Record<string, unknown>>): Part => {
  const result = completePart({ id: 'made', ...given });
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.data;
};
const figure = (value: number, unit: string) => ({ value, unit, provenance: 'measured' });
/** The part of a joint with other fields, or quite another part. */
const parted = (setup: Setup, id: string, change: object): Setup => {
  const { partId } = setup.chain.find((joint) => joint.id === id)!;
  return {
    ...setup,
    parts: setup.parts.map((part) => (part.id === partId ? ({ ...part, ...change, id: partId } as Part) : part)),
  };
};

const wall: Setup = demoFile('setup-drowned-wall');
/** On a rod that only a word is known of. */
const onWord = (setup: Setup, power: string): Setup =>
  parted(setup, 'rod', { rating: null, stiffness: { kind: 'class', power, action: 'slow' } });
const plug: Setup = demoFiles.find(({ id, revision }) => id === 'setup-reef-plug' && revision === 1)!.file;
const changedPlug: Setup = demoFile('setup-reef-plug');
/** A lure with other trebles at some of its stations, each joint called by its station. */
function hookedAt(setup: Setup, sizes: Partial<Record<Station, string>>): Setup {
  const hooks = Object.entries(sizes).map(([station, size]) => ({
    station: station as Station,
    part: { ...made({ kind: 'hook', style: 'treble', size }), id: `treble-${size}` } as Part,
  }));
  return {
    ...setup,
    parts: [...setup.parts, ...hooks.map(({ part }) => part)],
    chain: [
      ...setup.chain,
      ...hooks.map(({ station, part }): Joint => ({
        id: station,
        partId: part.id,
        kind: 'hook',
        point: 'open',
        station,
      })),
    ],
  };
}
const bigTail: Setup = demoFile('setup-big-tail');
const fly: Setup = demoFile('setup-char-flasher');
const harness: Setup = demoFile('setup-crawler-harness');
const minnow: Setup = demoFile('setup-crimped-minnow');
const copper: Setup = demoFile('setup-copper-deep');
const live: Setup = demoFile('setup-kelp-live');
const feather: Setup = demoFile('setup-feather');
const spoonRig: Setup = { ...sampleOf('spoon'), house: EMPTY_HOUSE };

/** Every rule: a rig that passes it and one or more that do not, with what is said of them. */
const CASES: readonly (readonly [rule: RuleId, passes: Setup, fails: readonly (readonly [Setup, string])[]])[] = [
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
    'line-class',
    wall,
    [
      [live, 'none'],
      [parted(live, 'line', { strengthN: figure(200, 'N') }), 'edge strong'],
      [parted(live, 'line', { strengthN: figure(40, 'N') }), 'edge weak'],
    ],
  ],
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
    'tip-clearance',
    wall,
    [
      [presenting(housed(wall, { angler: {} }), { rodWorked: 'down', handHeightM: 1.3 }), 'edge'],
      [presenting(wall, { rodWorked: 'down', stance: 'seated' }), 'fails'],
      [presenting(housed(wall, { angler: {} }), { rodWorked: 'down', handHeightM: 1.5 }), 'none'],
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
  [
    'line-twist',
    fly,
    [
      [without(fly, 'swivel', 'rear-swivel'), 'edge'],
      [parted(without(fly, 'swivel', 'rear-swivel'), 'attractor', { lengthM: figure(0.08, 'm') }), 'fails'],
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
    'untied',
    wall,
    [
      [without(wall, 'hook-knot'), 'fails'],
      [without(wall, 'leader-knot'), 'fails'],
      [without(minnow, 'front-crimp'), 'fails'],
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
    'weight-hold',
    wall,
    [
      [jointed(wall, 'weight', { hold: 'free' }), 'note free'],
      [housed(wall, { schools: { 'weight-hold': 'free' } }), 'note pegged'],
      [presenting(housed(wall, { schools: { 'weight-hold': 'free' } }), { cover: 'dense' }), 'none'],
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
    'plug-hooks',
    plug,
    [
      [housed(plug, { schools: { 'plug-hooks': 'inline' } }), 'note treble'],
      [sampleOf('plug'), 'note inline'],
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

it('every rule is tried on a rig that passes and on one that does not', () =>
  expect(CASES.map(([id]) => id)).toEqual(Object.keys(RULES)));

describe.each(CASES)('%s', (id, passes, fails) => {
  it('is silent where nothing is wrong', () => expect(codes(id, passes)).toEqual([]));
  it.each(fails.map(([setup, expected], i) => [expected, i, setup] as const))('says %s (%i)', (expected, _i, setup) => {
    if (expected === 'none') expect(codes(id, setup)).toEqual([]);
    else expect(codes(id, setup)).toContain(expected);
  });
});

describe('findings', () => {
  it('stand the worst first, name joints that are there, and carry facts that are numbers, words or nothing', () => {
    const order = { fails: 0, edge: 1, note: 2 } as const;
    for (const setup of [...demoFiles.map(({ file }) => file), ...RIG_IDS.map((rig) => sampleOf(rig))]) {
      const { checks } = evaluate(setup);
      expect(checks.map(({ severity }) => order[severity])).toEqual(
        checks.map(({ severity }) => order[severity]).toSorted((a, b) => a - b),
      );
      for (const { joints, facts } of checks) {
        for (const id of joints) expect(setup.chain.map((joint) => joint.id)).toContain(id);
        for (const fact of Object.values(facts)) if (typeof fact === 'number') expect(Number.isFinite(fact)).toBe(true);
      }
    }
  });

  it('of the house say which side it took', () => {
    const [finding] = found('weight-hold', jointed(wall, 'weight', { hold: 'free' }));
    expect(finding).toMatchObject({ school: 'weight-hold', side: 'pegged' });
  });

  it('count in the verdict that they name: a fails takes it, an edge too where the figure was sound, a note changes nothing', () => {
    const untied = evaluate(without(wall, 'hook-knot')).verdicts.hold;
    expect(untied).toMatchObject({
      mark: 'fails',
      reasons: [{ code: 'counts-check', facts: { check: 'untied' } }, {}, {}, {}],
    });
    expect(evaluate(jointed(fly, 'leader', { lengthM: 0.2 })).verdicts.balance.mark).toBe('edge');
    expect(evaluate(copper).verdicts.hold.mark).toBe('fails');
    expect(evaluate(jointed(wall, 'weight', { hold: 'free' })).verdicts.fall.mark).toBe('sound');
  });

  it('follow a limit that the user has changed', () => {
    const lenient = housed(feather, { classes: { 'checks.lightHook.edge': 3 } });
    expect(codes('light-hook-stiff-rod', feather)).toEqual(['fails']);
    expect(codes('light-hook-stiff-rod', lenient)).toEqual([]);
  });
});

describe('the demo: each flaw is found, and what is sound is left in peace', () => {
  it('setup-lily-bay: a wrist cannot drive a stout hook', () =>
    expect(evaluate(demoFile('setup-lily-bay')).verdicts.set).toMatchObject({
      mark: 'fails',
      reasons: [{ code: 'set-ruled-by-leverage' }],
    }));

  it.each([
    ['setup-long-flat', 'stretch-over-distance'],
    ['setup-feather', 'light-hook-stiff-rod'],
    ['setup-reef-plug', 'light-hook-stiff-rod'],
    ['setup-copper-deep', 'guide-material'],
  ] as const)('%s: %s', (id, rule) => expect(evaluate(demoFile(id)).checks[0]).toMatchObject({ id: rule }));

  it.each([
    'setup-drowned-wall',
    'setup-evening-edge',
    'setup-big-tail',
    'setup-bladed',
    'setup-char-flasher',
    'setup-crawler-harness',
    'setup-hung-weight',
    'setup-crimped-minnow',
    'setup-kelp-live',
  ])('%s gives no false alarm', (id) =>
    expect(evaluate(demoFile(id)).checks.filter(({ severity }) => severity !== 'note')).toEqual([]),
  );

  it.each([
    ['setup-char-flasher', 'attractor-lead'],
    ['setup-crimped-minnow', 'hardware-size'],
    ['setup-kelp-live', 'abrasion-leader'],
  ] as const)('%s: the first revision had %s', (id, rule) => {
    const first = demoFiles.find((each) => each.id === id && each.revision === 1)!;
    expect(evaluate(first.file).checks.map((finding) => finding.id)).toContain(rule);
  });
});
