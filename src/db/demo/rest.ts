import type { Quantity } from '@/core/base/quantity';
import { partIdSchema } from '@/domain/ids';
import type { Part, PartKind } from '@/domain/parts';
import { completePart } from '@/domain/parts/class-part';
import { grams, kilosPull, metres, millimetres } from './quantities';

/** What is known of a part; the rest is what its class says. */
type Row = readonly [id: string, kind: PartKind, given: Readonly<Record<string, unknown>>, left?: number];

const g = (value: number) => grams(value, 'label');
const weighed = (value: number) => grams(value, 'measured');
const mm = (value: number) => millimetres(value, 'label');
const kg = (value: number) => kilosPull(value, 'label');
const mps = (value: number): Quantity<'m/s'> => ({ value, unit: 'm/s', provenance: 'measured', spread: 0.1 });
const works = (from: number, to: number) => ({ worksFromMps: mps(from), worksToMps: mps(to) });
const euro = (price: number) => ({ price: { minor: Math.round(price * 100), currency: 'EUR' } });

/** Rods that are not cast: two for the skiff, two for the boat. */
const RODS: readonly Row[] = [
  [
    'rod-cormorant',
    'rod',
    {
      name: 'Cormorant',
      mount: 'trolling',
      lengthM: metres(2.6, 'label'),
      handleLengthM: metres(0.55, 'measured'),
      stiffness: { power: 'medium-heavy', action: 'moderate' },
      lineLoN: kg(6),
      lineHiN: kg(12),
      guides: 'ceramic',
      tip: 'wide-tip',
    },
  ],
  [
    'rod-grebe',
    'rod',
    {
      name: 'Grebe',
      mount: 'trolling',
      lengthM: metres(2.75, 'label'),
      handleLengthM: metres(0.6, 'measured'),
      stiffness: { power: 'medium', action: 'slow' },
      lineLoN: kg(5),
      lineHiN: kg(10),
      guides: 'hard-ceramic',
      tip: 'ring-tip',
    },
  ],
  [
    'rod-skua',
    'rod',
    {
      name: 'Skua',
      mount: 'boat',
      lengthM: metres(1.8, 'label'),
      handleLengthM: metres(0.5, 'measured'),
      stiffness: { power: 'extra-heavy', action: 'moderate-fast' },
      lineLoN: kg(10),
      lineHiN: kg(20),
      guides: 'rollers',
      tip: 'roller-tip',
    },
  ],
  [
    'rod-fulmar',
    'rod',
    {
      name: 'Fulmar',
      mount: 'boat',
      lengthM: metres(2.1, 'label'),
      handleLengthM: metres(0.45, 'measured'),
      stiffness: { power: 'heavy', action: 'moderate' },
      lineLoN: kg(8),
      lineHiN: kg(15),
      guides: 'ceramic',
      tip: 'swivel-tip',
    },
  ],
];

const REELS: readonly Row[] = [
  [
    'reel-counter',
    'reel',
    {
      build: 'multiplier',
      clutch: 'star',
      handleSide: 'right',
      fullRadiusM: millimetres(24, 'measured'),
      arborRadiusM: millimetres(11, 'measured'),
      widthM: millimetres(40, 'measured'),
      clutchMaxN: kg(9),
      words: 'the one that counts',
    },
  ],
  [
    'reel-lever',
    'reel',
    {
      build: 'multiplier',
      clutch: 'lever',
      handleSide: 'right',
      fullRadiusM: millimetres(29, 'measured'),
      arborRadiusM: millimetres(13, 'measured'),
      widthM: millimetres(44, 'measured'),
      clutchMaxN: kg(14),
    },
  ],
];

const SPOOLS: readonly Row[] = [
  ['line-lead-core', 'line', { material: 'lead-core', lengthM: metres(91.4, 'label'), words: 'ten colours' }],
  ['line-copper', 'line', { material: 'copper-strand', strengthN: kg(14), lengthM: metres(100, 'label') }],
  ['line-soft-wire', 'line', { material: 'steel-soft', strengthN: kg(14), lengthM: metres(120, 'label') }],
  [
    'line-trace-wire',
    'line',
    { material: 'steel-seven', strengthN: kg(12), lengthM: metres(9, 'label'), use: 'leader-stock' },
  ],
];

const HOOKS: readonly Row[] = [
  ...['2', '4', '6', '8'].map((size): Row => [
    `hook-treble-${size}`,
    'hook',
    { style: 'treble', size, finish: 'black' },
    12,
  ]),
  ['hook-treble-1x0-stout', 'hook', { style: 'treble', size: '1/0', wireClass: 'stout', finish: 'black' }, 4],
  ...['2/0', '1/0', '1'].map((size): Row => [
    `hook-inline-${size.replace('/', 'x')}`,
    'hook',
    { style: 'single-inline', size, sharpness: 'needle' },
    8,
  ]),
  ...['3/0', '1/0'].map((size): Row => [
    `hook-circle-${size.replace('/', 'x')}`,
    'hook',
    { style: 'circle', size },
    10,
  ]),
  ...['4', '6', '8'].map((size): Row => [
    `hook-bait-${size}`,
    'hook',
    { style: 'bait', size, finish: 'red', wireClass: 'fine' },
    20,
  ]),
  ...[3.5, 7].map((mass): Row => [
    `hook-shank-${String(mass).replace('.', '_')}`,
    'hook',
    { style: 'wide-gap', size: '5/0', shankWeightKg: g(mass) },
    4,
  ]),
  [
    'hook-treble-2-blade',
    'hook',
    { style: 'treble', size: '2', blade: 'blade', bladeLengthM: mm(16), finish: 'nickel' },
    2,
  ],
  ...['4/0', '6/0'].map((size): Row => [
    `hook-inline-${size.replace('/', 'x')}`,
    'hook',
    { style: 'single-inline', size, sharpness: 'needle' },
    4,
  ]),
  ...['4', '6'].map((size): Row => [`hook-stinger-${size}`, 'hook', { style: 'stinger', size }, 2]),
];

const SMALL: readonly Row[] = [
  ...[1, 2, 3].map((mass): Row => [
    `weight-split-${mass}`,
    'weight',
    { material: 'tin', shape: 'sphere', rigging: 'fixed', massKg: g(mass), words: 'split shot' },
    25,
  ]),
  [
    'bait-prawn-90',
    'soft-bait',
    { lengthM: mm(90), tail: 'fan-tail', slot: 'slotted', colours: 'amber ×4, clear with black specks ×2' },
    6,
  ],
  ['bait-curl-75', 'soft-bait', { lengthM: mm(75), tail: 'curl-tail', colours: 'white ×5, chartreuse ×3' }, 8],
  ['bait-claw-90', 'soft-bait', { lengthM: mm(90), tail: 'claw-tail' }, 6],
  ...[5, 7, 14, 28].map((mass): Row => [
    `weight-lead-bullet-${mass}`,
    'weight',
    { material: 'lead', shape: 'bullet', rigging: 'sliding', massKg: g(mass) },
    6,
  ]),
  ...[40, 60, 90].map((mass): Row => [
    `weight-lead-ball-${mass}`,
    'weight',
    { material: 'lead', shape: 'sphere', rigging: 'fixed', massKg: g(mass) },
    4,
  ]),
  ['weight-lead-drop-10', 'weight', { material: 'lead', shape: 'sphere', rigging: 'fixed', massKg: g(10) }, 6],
  ['weight-bismuth-20', 'weight', { material: 'bismuth', shape: 'cone', massKg: g(20) }, 5],
  ...[60, 85, 140].map((length): Row => [
    `bait-paddle-${length}`,
    'soft-bait',
    { lengthM: mm(length), tail: 'paddle-tail' },
    8,
  ]),
  ...[80, 150].map((length): Row => [
    `bait-straight-${length}`,
    'soft-bait',
    { lengthM: mm(length), tail: 'straight-tail', material: 'soft-salted' },
    10,
  ]),
  ...[70, 110].map((length): Row => [
    `bait-twin-${length}`,
    'soft-bait',
    { lengthM: mm(length), tail: 'twin-tail' },
    7,
  ]),
  ['bait-floating-100', 'soft-bait', { lengthM: mm(100), tail: 'straight-tail', material: 'soft-floating' }, 5],
  ['skirted-10', 'skirted-jig', { massKg: g(10), size: '4/0' }, 3],
  ['skirted-14', 'skirted-jig', { massKg: g(14), size: '5/0' }, 2],
  ['bladed-10', 'skirted-jig', { massKg: g(10), size: '4/0', blade: 'blade', guard: 'none' }, 2],
  ['bladed-14', 'skirted-jig', { massKg: g(14), size: '5/0', blade: 'blade', guard: 'none' }, 1],
  ...[70, 90, 110].map((length): Row => [
    `trailer-${length}`,
    'trailer',
    { lengthM: mm(length), tail: 'twin-tail', segments: 12 },
    9,
  ]),
  ['trailer-straight-80', 'trailer', { lengthM: mm(80), tail: 'straight-tail' }, 7],
  ['skirt-silicone', 'skirt', { lengthM: mm(70), strands: 'silicone' }, 6],
  ['skirt-rubber', 'skirt', { lengthM: mm(60), strands: 'rubber' }, 4],
  ['skirt-hair', 'skirt', { lengthM: mm(55), strands: 'hair' }, 3],
  ...[5, 6, 8].map((width): Row => [`swivel-${width}`, 'hardware', { form: 'swivel', widthM: mm(width) }, 15]),
  ...[7, 9].map((width): Row => [`snap-${width}`, 'hardware', { form: 'snap', widthM: mm(width) }, 14]),
  ...[4, 6, 8].map((width): Row => [`solid-ring-${width}`, 'hardware', { form: 'solid-ring', widthM: mm(width) }, 12]),
  ...[5, 7, 9].map((width): Row => [`split-ring-${width}`, 'hardware', { form: 'split-ring', widthM: mm(width) }, 20]),
  ...[4, 6].map((width): Row => [`bead-${width}`, 'hardware', { form: 'bead', widthM: mm(width) }, 40]),
  ...[2, 3].map((width): Row => [`stop-${width}`, 'hardware', { form: 'stop', widthM: mm(width) }, 30]),
  ...[1.6, 2, 2.6].map((width): Row => [
    `crimp-${String(width).replace('.', '_')}`,
    'hardware',
    { form: 'crimp', widthM: mm(width) },
    25,
  ]),
  ...[6, 8].map((width): Row => [`keeper-${width}`, 'hardware', { form: 'screw-keeper', widthM: mm(width) }, 10]),
  ['guard-bristle', 'hardware', { form: 'hook-guard', widthM: mm(5) }, 8],
  ...[200, 300].map((length): Row => [
    `trace-${length}`,
    'hardware',
    { form: 'trace', widthM: mm(4), lengthM: mm(length), strengthN: kg(12) },
    4,
  ]),
  ['bait-cap', 'hardware', { form: 'bait-head', widthM: mm(22) }, 6],
  ['wobble-disc', 'hardware', { form: 'wobble-disc', widthM: mm(24) }, 4],
  ['bridle-cord', 'hardware', { form: 'bridle', widthM: mm(25) }, 10],
  ['sleeve-5', 'hardware', { form: 'sleeve', widthM: mm(5) }, 30],
  ...[14, 18].map((width): Row => [`blade-${width}`, 'hardware', { form: 'blade', widthM: mm(width) }, 6]),
  ['snell-two-4', 'snell', { hooks: 2, hookSize: '4' }, 3],
  ['snell-one-2', 'snell', { hooks: 1, hookSize: '2', beads: 0 }, 5],
  ['snell-sliding-1', 'snell', { hooks: 2, hookSize: '1', beads: 0, front: 'sliding' }, 4],
  ['harness-blade', 'snell', { hooks: 2, hookSize: '2', blade: 'blade', beads: 6 }, 2],
  ['plane-100', 'diving-plane', { lengthM: mm(100), massKg: g(85) }, 2],
  ['plane-75', 'diving-plane', { lengthM: mm(75), massKg: g(45) }, 2],
  ['bouncer-30', 'bottom-bouncer', { massKg: g(30) }, 4],
  ['bouncer-60', 'bottom-bouncer', { massKg: g(60) }, 3],
  ['bait-fish-120', 'natural-bait', { lengthM: mm(120), state: 'dead' }, 6],
  [
    'bait-worm',
    'natural-bait',
    { bait: 'bait-worm', lengthM: mm(110), heightM: millimetres(6, 'measured'), massKg: weighed(2.4), state: 'live' },
    20,
  ],
  ['bait-live-110', 'natural-bait', { lengthM: mm(110), state: 'live' }, 8],
  ['bait-strip', 'natural-bait', { bait: 'bait-strip', lengthM: mm(80), massKg: weighed(6) }, 8],
  ['bait-head-140', 'natural-bait', { bait: 'bait-head', lengthM: mm(140) }, 4],
];

const LURES: readonly Row[] = [
  ...(
    [
      [70, 5.5, 'shallow-lip'],
      [90, 10, 'medium-lip'],
      [110, 14, 'medium-lip'],
      [130, 21, 'deep-lip'],
    ] as const
  ).map(([length, mass, lip]): Row => [
    `lure-float-${length}`,
    'hard-lure',
    { lengthM: mm(length), massKg: weighed(mass), lip, hookSize: length < 100 ? '6' : '4', ...euro(9.5) },
    2,
  ]),
  ...(
    [
      [40, 1.7],
      [80, 11],
      [100, 16],
    ] as const
  ).map(([length, mass]): Row => [
    `lure-suspend-${length}`,
    'hard-lure',
    { lengthM: mm(length), massKg: g(mass), buoyancy: 'suspends', hookSize: '6' },
    1,
  ]),
  ...(
    [
      [50, 7],
      [110, 34],
      [190, 98],
    ] as const
  ).map(([length, mass]): Row => [
    `lure-sink-${length}`,
    'hard-lure',
    { lengthM: mm(length), massKg: g(mass), buoyancy: 'sinks', lip: 'no-lip', hookSize: length < 100 ? '6' : '2' },
    1,
  ]),
  ...(
    [
      [45, 7],
      [60, 14],
      [75, 21],
      [85, 28],
    ] as const
  ).map(([length, mass]): Row => [
    `spoon-${mass}`,
    'spoon',
    { lengthM: mm(length), massKg: weighed(mass), material: 'brass', ...works(0.6, 1.7), ...euro(4.2) },
    3,
  ]),
  ['spoon-steel-18', 'spoon', { lengthM: mm(70), massKg: g(18), material: 'steel', words: 'the dented one' }, 1],
  ['spoon-tin-12', 'spoon', { lengthM: mm(50), massKg: g(12), material: 'tin' }, 2],
  ['topwater-hollow-60', 'topwater', { lengthM: mm(60), massKg: g(14), body: 'hollow' }, 2],
  ['topwater-stick-100', 'topwater', { lengthM: mm(100), massKg: g(16), body: 'stick' }, 1],
  ['topwater-cupped-70', 'topwater', { lengthM: mm(70), massKg: g(11), body: 'cupped' }, 1],
  ['topwater-bladed-90', 'topwater', { lengthM: mm(90), massKg: g(15), body: 'bladed' }, 1],
  ...[60, 80, 100].map((length): Row => [`fly-${length}`, 'trolled-fly', { lengthM: mm(length), hookSize: '2' }, 4]),
  ['fly-disc-90', 'trolled-fly', { lengthM: mm(90), discDiameterM: mm(22), hookSize: '1' }, 2],
  ...[150, 200, 250].map((length): Row => [
    `attractor-rotating-${length}`,
    'attractor',
    { motion: 'rotating', lengthM: mm(length), ...works(0.7, 1.4) },
    2,
  ]),
  ['attractor-swaying-120', 'attractor', { motion: 'swaying', lengthM: mm(120), ...works(0.5, 1.2) }, 2],
  ['attractor-swaying-180', 'attractor', { motion: 'swaying', lengthM: mm(180) }, 1],
  ['attractor-swaying-90', 'attractor', { motion: 'swaying', lengthM: mm(90) }, 3],
];

function made([id, kind, given, left]: Row): Part {
  const result = completePart({ ...given, id: partIdSchema.parse(id), kind, ...(left === undefined ? {} : { left }) });
  if (!result.ok) throw new Error(`${id}: ${JSON.stringify(result.problems)}`);
  return result.data;
}

/** Everything beyond the cast soft-bait rigs. */
export const demoRest: readonly Part[] = [...RODS, ...REELS, ...SPOOLS, ...HOOKS, ...SMALL, ...LURES].map(made);
