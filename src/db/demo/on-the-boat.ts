import { partIdSchema } from '@/domain/ids';
import type { Part, PartKind } from '@/domain/parts';
import { completePart } from '@/domain/parts/class-part';
import { grams, kilosPull, metres, millimetres } from './quantities';

type Row = readonly [id: string, kind: PartKind, given: Readonly<Record<string, unknown>>, left?: number];

const g = (value: number) => grams(value, 'label');
const mm = (value: number) => millimetres(value, 'label');
const kg = (value: number) => kilosPull(value, 'label');
const window = (lo: number, hi: number) => ({ rating: { loKg: g(lo), hiKg: g(hi) } });
const lineClass = (lo: number, hi: number) => ({ lineLoN: kg(lo), lineHiN: kg(hi) });

/** Rods by what is printed on them: a line class on the boat, a lure window in the canoe and for large baits. */
const RODS: readonly Row[] = [
  [
    'rod-shearwater',
    'rod',
    {
      name: 'Shearwater',
      mount: 'trolling',
      lengthM: metres(2.6, 'label'),
      stiffness: { action: 'slow' },
      ...lineClass(4, 8),
    },
  ],
  [
    'rod-guillemot',
    'rod',
    {
      name: 'Guillemot',
      mount: 'trolling',
      lengthM: metres(2.9, 'label'),
      stiffness: { action: 'moderate' },
      ...lineClass(7, 14),
    },
  ],
  [
    'rod-siskin',
    'rod',
    {
      name: 'Siskin',
      mount: 'spin',
      lengthM: metres(1.9, 'label'),
      stiffness: { action: 'moderate-fast' },
      ...window(5, 18),
    },
  ],
  [
    'rod-bittern',
    'rod',
    {
      name: 'Bittern',
      mount: 'cast',
      handle: 'two-handed',
      family: 'big-lure',
      lengthM: metres(2.1, 'label'),
      stiffness: { action: 'fast' },
      ...window(110, 280),
      ...lineClass(14, 35),
    },
  ],
];

const REST: readonly Row[] = [
  [
    'reel-lead-core',
    'reel',
    {
      build: 'multiplier',
      clutch: 'star',
      fullRadiusM: millimetres(31, 'measured'),
      arborRadiusM: millimetres(12, 'measured'),
      widthM: millimetres(48, 'measured'),
      clutchMaxN: kg(9),
      words: 'wide enough for ten colours',
    },
  ],
  [
    'reel-big-cast',
    'reel',
    {
      build: 'multiplier',
      clutch: 'star',
      fullRadiusM: millimetres(23, 'measured'),
      arborRadiusM: millimetres(13, 'measured'),
      widthM: millimetres(30, 'measured'),
      clutchMaxN: kg(12),
    },
  ],
  [
    'line-braid-40',
    'line',
    { material: 'braid', diameterM: mm(0.4), strengthN: kg(32), lengthM: metres(150, 'label') },
  ],
  [
    'line-fluorocarbon-80',
    'line',
    {
      material: 'fluorocarbon',
      diameterM: mm(0.8),
      strengthN: kg(30),
      lengthM: metres(25, 'label'),
      use: 'leader-stock',
    },
  ],
  ['board-left', 'hardware', { form: 'planer-board', widthM: mm(200), words: 'for the left side' }, 2],
  ['board-right', 'hardware', { form: 'planer-board', widthM: mm(200), words: 'for the right side' }, 2],
  ['release-60', 'hardware', { form: 'release-clip', widthM: mm(60) }, 8],
  ['snap-12', 'hardware', { form: 'snap', widthM: mm(12) }, 6],
  ['split-ring-11', 'hardware', { form: 'split-ring', size: '7' }, 12],
  ['hook-treble-2x0-strong', 'hook', { style: 'treble', size: '2/0', wireClass: '2x', finish: 'black' }, 6],
  ['head-50', 'jig-head', { massKg: g(50), size: '6/0', shape: 'bullet' }, 3],
  ['bait-paddle-210', 'soft-bait', { lengthM: mm(210), tail: 'paddle-tail', colours: 'whitefish ×2, perch ×1' }, 3],
  [
    'lure-glide-200',
    'hard-lure',
    {
      lengthM: mm(200),
      massKg: g(132),
      buoyancy: 'sinks',
      lip: 'no-lip',
      hookSize: '1/0',
      colours: 'char ×1, whitefish ×1',
    },
    2,
  ],
];

function made([id, kind, given, left]: Row): Part {
  const result = completePart({ ...given, id: partIdSchema.parse(id), kind, ...(left === undefined ? {} : { left }) });
  if (!result.ok) throw new Error(`${id}: ${JSON.stringify(result.problems)}`);
  return result.data;
}

/** What trolling, paddling and large lures need beside the rest of the Box. */
export const demoOnTheBoat: readonly Part[] = [...RODS, ...REST].map(made);
