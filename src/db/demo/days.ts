import { planIdSchema, setupIdSchema, waterIdSchema } from '@/domain/ids';
import type { DayPlan, DaySlot, WaterPlace } from '@/domain/plan/plan';
import { degrees } from './presentations';

const lake = waterIdSchema.parse('water-ostrey');
const sound = waterIdSchema.parse('water-harl');

/** The two waters that the bench fishes; made up, as all of the demo. */
export const demoWaters: readonly WaterPlace[] = [
  {
    id: lake,
    name: 'Lake Ostrey',
    salinity: 0,
    latitudeRad: degrees(57),
    bottomM: 60,
    bottom: 'rock',
    clarity: 'stained',
  },
  {
    id: sound,
    name: 'Harl Sound',
    salinity: 32,
    latitudeRad: degrees(57.5),
    bottomM: 18,
    bottom: 'rock',
    clarity: 'clear',
  },
];

const at = (hours: number, minutes = 0): number => 3600 * hours + 60 * minutes;
const setups = (...ids: readonly string[]): DaySlot['setupIds'] => ids.map((id) => setupIdSchema.parse(`setup-${id}`));

/** An autumn day on the lake from the skiff, an ebb on the sound, and a round of the point by canoe. */
export const demoPlans: readonly DayPlan[] = [
  {
    id: planIdSchema.parse('plan-sound'),
    name: 'Ebb over the kelp',
    date: '2026-09-20',
    waterId: sound,
    hours: { fromS: at(8), toS: at(16) },
    day: {
      surfaceC: 13,
      depthM: { from: 1, to: 14 },
      bottomM: 18,
      currentMps: 0.6,
      fishKg: 4,
      clarity: 'clear',
      mood: 'active',
      cover: 'sparse',
      craftId: 'dunlin',
      methods: ['live-bait', 'trolled'],
    },
    sky: [{ fromS: at(8), sky: 'overcast' }],
    wind: [{ fromS: at(8), windMps: 3, fromRad: degrees(270) }],
    highWaterS: at(9, 20),
    waveM: 0.3,
    waterFleas: false,
    species: 'pollack, garfish',
    people: 2,
    baits: [{ name: 'sandeel', lengthM: 0.14 }],
    slots: [
      {
        id: 'kelp',
        name: 'Kelp edge, first of the ebb',
        fromS: at(9, 30),
        toS: at(12),
        now: { depthM: { from: 1, to: 4 } },
        setupIds: setups('kelp-live'),
        fallback: { byS: at(11), words: 'troll the minnow along the outer edge' },
      },
      {
        id: 'outer',
        name: 'Outer edge, trolled',
        fromS: at(12, 30),
        toS: at(15),
        now: { depthM: { from: 4, to: 8 }, cover: 'open' },
        setupIds: setups('crimped-minnow'),
      },
    ],
    said: [],
  },
  {
    id: planIdSchema.parse('plan-canoe'),
    name: 'Round the point by canoe',
    date: '2026-09-28',
    waterId: lake,
    hours: { fromS: at(16), toS: at(19, 30) },
    day: {
      surfaceC: 12,
      depthM: { from: 1, to: 5 },
      fishKg: 1.5,
      clarity: 'stained',
      mood: 'neutral',
      craftId: 'canoe',
    },
    sky: [],
    wind: [{ fromS: at(16), windMps: 4, fromRad: degrees(225) }],
    waterFleas: false,
    species: 'char, zander',
    people: 1,
    baits: [],
    slots: [
      {
        id: 'out',
        name: 'Out along the shore',
        fromS: at(16),
        toS: at(17, 10),
        now: { depthM: { from: 1, to: 3 } },
        courseRad: degrees(45),
        setupIds: setups('canoe-spoon'),
      },
      {
        id: 'home',
        name: 'Home into the wind',
        fromS: at(17, 30),
        toS: at(19),
        now: { depthM: { from: 2, to: 5 } },
        courseRad: degrees(225),
        setupIds: setups('canoe-spoon'),
      },
    ],
    said: [],
  },
  {
    id: planIdSchema.parse('plan-lake'),
    name: 'Autumn day on the lake',
    date: '2026-10-11',
    waterId: lake,
    hours: { fromS: at(7), toS: at(19) },
    day: {
      surfaceC: 11,
      deep: { temperatureC: 6, depthM: 24 },
      depthM: { from: 1, to: 24 },
      fishKg: 3.5,
      clarity: 'stained',
      mood: 'wary',
      craftId: 'wren',
      methods: ['topwater', 'cast', 'straight-down'],
    },
    sky: [{ fromS: at(11), sky: 'overcast' }],
    wind: [
      { fromS: at(7), windMps: 4, fromRad: degrees(225) },
      { fromS: at(14), windMps: 8, fromRad: degrees(225) },
    ],
    waterFleas: false,
    species: 'zander, char',
    people: 2,
    baits: [{ name: 'roach', lengthM: 0.1 }],
    slots: [
      {
        id: 'flats',
        name: 'Flats',
        fromS: at(7, 10),
        toS: at(9, 30),
        now: { depthM: { from: 1, to: 3 }, cover: 'sparse' },
        setupIds: setups('bladed'),
        fallback: { byS: at(8, 30), words: 'go to the wall; nothing has to be tied' },
      },
      {
        id: 'wall',
        name: 'Drowned wall',
        fromS: at(10),
        toS: at(14, 30),
        now: { depthM: { from: 3, to: 9 }, cover: 'sparse' },
        setupIds: setups('drowned-wall', 'evening-edge'),
        fallback: { byS: at(12), words: 'the same on a longer leader' },
      },
      {
        id: 'basin',
        name: 'Deep basin',
        fromS: at(15, 30),
        toS: at(18, 30),
        now: { depthM: { from: 9, to: 24 }, cover: 'open' },
        setupIds: setups('hung-weight'),
      },
    ],
    said: [],
  },
];
