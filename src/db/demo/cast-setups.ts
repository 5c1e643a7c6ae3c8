import type { Part } from '@/domain/parts';
import type { CastPresentation } from '@/domain/presentation';
import { at, hookKnot, knot, onHead, plain, tackle, toLeader, weedless, type WeedlessParts } from './rig-chains';
import { cast, degrees, kilos } from './presentations';
import { grams, millimetres } from './quantities';
import type { DemoSetup } from './setups';

const wall: WeedlessParts = {
  rod: 'heron',
  reel: 'cast',
  line: 'braid-28',
  leader: 'fluorocarbon-37',
  leaderM: 1.1,
  weight: 'weight-tungsten-10',
  hold: 'pegged',
  hook: 'hook-worm-offset-3x0-regular',
  bait: 'bait-paddle-tail-125',
};

/** What is cast from bank, skiff and canoe: weedless baits, heads, jigs, a plug. */
export function castSetups(parts: readonly Part[]): readonly DemoSetup[] {
  const hook40 = partOf(parts, 'hook-worm-offset-4x0-regular', 'hook');
  const tail125 = partOf(parts, 'bait-paddle-tail-125', 'soft-bait');
  return [
    {
      id: 'setup-drowned-wall',
      name: 'Drowned-wall zander, 12 cm tail',
      revisions: [
        {
          reason: 'first tied, hook as it came to hand',
          savedAt: '2026-09-12T17:20:00Z',
          chain: weedless({ ...wall, hook: 'hook-worm-offset-5x0-stout' }),
          presentation: cast,
          partsThen: [{ ...tail125, massKg: grams(17.5, 'class') }],
        },
        {
          reason: 'lighter hook: the wall is bony, not strong',
          savedAt: '2026-10-14T18:05:00Z',
          chain: weedless(wall),
          presentation: {
            ...cast,
            conditions: {
              temperatureC: { from: 5, to: 14 },
              clarity: 'stained',
              light: 'dusk',
              bottom: 'rock',
              speedMps: { from: 0.6, to: 1.1 },
            },
          },
        },
      ],
    },
    {
      id: 'setup-lily-bay',
      name: 'Lily bay, flick of the wrist',
      revisions: [
        {
          reason: 'as on the drowned wall, with a straight hook for the weed',
          savedAt: '2026-06-19T07:10:00Z',
          chain: weedless({
            ...wall,
            rod: 'tern',
            reel: 'low-cast',
            hook: 'hook-worm-straight-5x0-stout',
            point: 'buried',
            weight: 'weight-tungsten-7',
          }),
          presentation: {
            ...cast,
            castStyle: 'roll',
            distanceM: 14,
            depthM: 1.2,
            cover: 'sparse',
            mouth: 'firm',
            water: { temperatureC: 16, salinity: 0 },
          },
        },
        {
          reason: 'for the kneeling seat in the canoe: no room for two hands',
          savedAt: '2026-07-03T08:40:00Z',
          chain: weedless({
            ...wall,
            rod: 'tern',
            reel: 'low-cast',
            hook: 'hook-worm-straight-5x0-stout',
            point: 'buried',
            weight: 'weight-tungsten-7',
          }),
          presentation: {
            ...cast,
            castStyle: 'roll',
            distanceM: 12,
            depthM: 1.2,
            handHeightM: 0.5,
            cover: 'sparse',
            mouth: 'firm',
            stance: 'seated',
            craftId: 'canoe',
            sweep: { way: 'wrist', startRad: degrees(25), endRad: degrees(95), timeS: 0.25, stepBackM: 0, woundM: 0.8 },
            water: { temperatureC: 17, salinity: 0 },
          },
        },
      ],
    },
    {
      id: 'setup-long-flat',
      name: 'Long cast over the flats, nylon',
      revisions: [
        {
          reason: 'light head to try the new spool',
          savedAt: '2026-08-14T06:30:00Z',
          chain: onHead({
            rod: 'curlew',
            reel: 'large-spin',
            line: 'nylon-30',
            knot: 'wrapped-eye',
            head: 'head-sphere-10-3x0',
            bait: 'bait-paddle-tail-100',
          }),
          presentation: {
            ...cast,
            castStyle: 'two-hand',
            distanceM: 30,
            depthM: 4,
            clutchN: kilos(1.5),
            wanted: { ...cast.wanted, breakAt: 'hook-knot' },
          },
        },
        {
          reason: 'all that was left on the spool, and a stout head for the distance',
          savedAt: '2026-08-21T06:15:00Z',
          chain: onHead({
            rod: 'curlew',
            reel: 'large-spin',
            line: 'nylon-30',
            knot: 'wrapped-eye',
            head: 'head-football-14-4x0',
            bait: 'bait-paddle-tail-100',
          }),
          presentation: {
            ...cast,
            castStyle: 'two-hand',
            distanceM: 58,
            depthM: 4,
            sweep: {
              way: 'two-hand',
              startRad: degrees(30),
              endRad: degrees(110),
              timeS: 0.5,
              stepBackM: 0,
              woundM: 0.2,
            },
            clutchN: kilos(1.5),
            wanted: { ...cast.wanted, attitude: { kind: 'any' }, breakAt: null },
          },
        },
      ],
    },
    {
      id: 'setup-evening-edge',
      name: 'Evening along the wall, 4/0',
      revisions: [
        {
          reason: 'the wall rig, a little farther out',
          savedAt: '2026-09-20T19:10:00Z',
          chain: weedless(wall),
          presentation: { ...cast, distanceM: 24 },
        },
        {
          reason: 'same bait, hook one size up for the gap',
          savedAt: '2026-09-27T19:30:00Z',
          chain: weedless({ ...wall, hook: 'hook-worm-offset-4x0-regular' }),
          presentation: { ...cast, distanceM: 24 },
          partsThen: [{ ...hook40, wireM: millimetres(1.17, 'label') }],
        },
      ],
    },
    {
      id: 'setup-feather',
      name: 'Feather jig on the stiff rod',
      revisions: [
        {
          reason: 'for whitefish along the reed edge',
          savedAt: '2026-09-30T15:05:00Z',
          chain: onHead({
            rod: 'dipper',
            reel: 'small-spin',
            line: 'braid-10',
            leader: 'fluorocarbon-23',
            leaderM: 1.2,
            knot: 'doubled-eye',
            head: 'head-sphere-2_5-1',
            bait: 'bait-straight-tail-65',
          }),
          presentation: {
            ...cast,
            castStyle: 'roll',
            distanceM: 12,
            depthM: 2,
            mouth: 'soft',
            fishKg: 0.8,
            clutchN: kilos(0.7),
            speedMps: 0.6,
            wanted: { fall: { kind: 'steady' }, attitude: { kind: 'any' }, breakAt: 'hook-knot' },
          },
        },
        {
          reason: 'only the heavy rod was rigged',
          savedAt: '2026-10-02T16:50:00Z',
          chain: onHead({
            rod: 'heron',
            reel: 'cast',
            line: 'braid-14',
            leader: 'fluorocarbon-30',
            leaderM: 1.2,
            knot: 'doubled-eye',
            head: 'head-sphere-2_5-1',
            bait: 'bait-straight-tail-65',
          }),
          presentation: {
            ...cast,
            castStyle: 'roll',
            distanceM: 10,
            depthM: 2,
            mouth: 'soft',
            fishKg: 0.8,
            clutchN: kilos(0.9),
            speedMps: 0.6,
            wanted: { fall: { kind: 'steady' }, attitude: { kind: 'any' }, breakAt: null },
          },
        },
      ],
    },
    {
      id: 'setup-reef-plug',
      name: 'Reef plug on the stiff rod',
      revisions: [
        {
          reason: 'with the hooks that it came with, on the all-round rod',
          savedAt: '2026-05-23T18:20:00Z',
          chain: [
            ...tackle('kestrel', 'cast', 'braid-19'),
            ...toLeader('fluorocarbon-45', 1),
            knot('hook-knot', 'doubled-eye'),
            plain('hardware', 'snap-7', 'snap'),
            plain('lure', 'lure-float-110'),
          ],
          presentation: plugged,
        },
        {
          reason: 'smaller trebles to spare small fish; the heavy rod was at hand',
          savedAt: '2026-06-06T18:45:00Z',
          chain: [
            ...tackle('heron', 'cast', 'braid-28'),
            ...toLeader('fluorocarbon-45', 1),
            knot('hook-knot', 'doubled-eye'),
            plain('hardware', 'snap-7', 'snap'),
            plain('lure', 'lure-float-110'),
            plain('hardware', 'split-ring-7', 'hook-ring'),
            { ...at('hook', 'hook-treble-8'), point: 'open' },
          ],
          presentation: plugged,
        },
      ],
    },
    {
      id: 'setup-big-tail',
      name: 'Big tail with a stinger',
      revisions: [
        {
          reason: 'bare, as it was sold',
          savedAt: '2026-10-20T14:00:00Z',
          chain: onHead({
            rod: 'gannet',
            reel: 'large-cast',
            line: 'braid-36',
            leader: 'fluorocarbon-60',
            leaderM: 0.9,
            knot: 'doubled-eye',
            head: 'head-cone-28-6x0',
            bait: 'bait-paddle-tail-150',
          }),
          presentation: big,
        },
        {
          reason: 'short strikes on two trips: a treble in the last third',
          savedAt: '2026-11-03T15:40:00Z',
          chain: [
            ...onHead({
              rod: 'gannet',
              reel: 'large-cast',
              line: 'braid-36',
              leader: 'fluorocarbon-60',
              leaderM: 0.9,
              knot: 'doubled-eye',
              head: 'head-cone-28-6x0',
              bait: 'bait-paddle-tail-150',
            }),
            { ...at('stinger', 'hook-treble-1x0-stout'), lengthM: 0.034, held: 'ring' },
          ],
          presentation: big,
        },
      ],
    },
    {
      id: 'setup-bladed',
      name: 'Bladed jig over the weed tops',
      revisions: [
        {
          reason: 'trailer whole: it would not get down to the weed',
          savedAt: '2026-06-11T05:50:00Z',
          chain: [
            ...tackle('tern', 'low-cast', 'braid-19'),
            ...toLeader('fluorocarbon-45', 0.9),
            hookKnot,
            plain('hardware', 'snap-7', 'snap'),
            plain('lure', 'bladed-10'),
            at('trailer', 'trailer-90'),
          ],
          presentation: weedTops,
        },
        {
          reason: 'four segments off the trailer, and it gets down',
          savedAt: '2026-06-13T05:40:00Z',
          chain: [
            ...tackle('tern', 'low-cast', 'braid-19'),
            ...toLeader('fluorocarbon-45', 0.9),
            hookKnot,
            plain('hardware', 'snap-7', 'snap'),
            plain('lure', 'bladed-10'),
            { ...at('trailer', 'trailer-90'), segmentsOff: 4 },
          ],
          presentation: weedTops,
        },
      ],
    },
  ];
}

/** Over the reef at the mouth of the bay, plug worked with the tip low. */
const plugged: CastPresentation = {
  ...cast,
  distanceM: 25,
  depthM: 0.8,
  speedMps: 0.9,
  mouth: 'firm',
  fishKg: 2,
  clutchN: kilos(0.95),
  water: { temperatureC: 13, salinity: 0 },
  wanted: { fall: { kind: 'floats' }, attitude: { kind: 'any' }, breakAt: null },
};

const big: CastPresentation = {
  ...cast,
  distanceM: 22,
  depthM: 5,
  mouth: 'firm',
  fishKg: 5,
  clutchN: kilos(2.2),
  speedMps: 1,
  boatsideTurn: true,
  water: { temperatureC: 11, salinity: 34 },
  wanted: { fall: { kind: 'steady' }, attitude: { kind: 'level' }, breakAt: null },
};

const weedTops: CastPresentation = {
  ...cast,
  distanceM: 20,
  depthM: 1.5,
  mouth: 'firm',
  fishKg: 2,
  clutchN: kilos(2),
  speedMps: 0.9,
  water: { temperatureC: 15, salinity: 0 },
  conditions: { bottom: 'weed', light: 'bright', mood: 'active' },
  wanted: { fall: { kind: 'steady' }, attitude: { kind: 'level' }, breakAt: null },
};

function partOf<K extends Part['kind']>(parts: readonly Part[], id: string, kind: K): Extract<Part, { kind: K }> {
  const isKind = (part: Part | undefined): part is Extract<Part, { kind: K }> => part?.kind === kind;
  const part = parts.find((each) => each.id === id);
  if (!isKind(part)) throw new Error(`the demo has no ${kind} ${id}`);
  return part;
}
