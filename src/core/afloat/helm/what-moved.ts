import { InputRuleError, requireInRange, type Limits } from '../../base/guard';

/** Some seconds of one channel. */
export interface Channel {
  readonly mean: number;
  readonly sd: number;
}

/** What the instruments said over a while; a channel that was not read is null, both times. */
export interface Watch {
  /** readings that each mean is of */
  readonly n: number;
  /** through the water or over ground, the same both times [m/s] */
  readonly boatMps: Channel | null;
  readonly sensorMps: Channel | null;
  readonly sensorC: Channel | null;
  readonly sensorDepthM: Channel | null;
  readonly courseRad?: number | null | undefined;
  /** depth that cable and speed give [m]: with it the sensor's depth is judged by what is left over */
  readonly expectedDepthM?: number | null | undefined;
}

export interface WhatMovedInput {
  readonly before: Watch;
  readonly after: Watch;
}

export interface WhatMoved {
  readonly outcome: 'nothing' | 'course' | 'sensor' | 'boat' | 'water' | 'cant-tell';
  /** change of each channel over its standard error; null: not known */
  readonly z: {
    readonly boat: number | null;
    readonly sensor: number | null;
    readonly temperature: number | null;
    readonly depth: number | null;
  };
  /** change of the sensor's speed beyond the boat's [m/s] */
  readonly unexplainedMps: number | null;
}

export const WATCH_LIMITS = {
  n: { min: 2, max: 1e6 },
  sd: { min: 0, max: 1e3 },
  mean: { min: -1e3, max: 1e3 },
} as const satisfies Record<string, Limits>;

/** What instruments resolve, besides their scatter. */
const FLOORS = { boatMps: 0.02, sensorMps: 0.02, sensorC: 0.1, sensorDepthM: 0.3 } as const;
const CHANNELS = ['boatMps', 'sensorMps', 'sensorC', 'sensorDepthM'] as const;
const OPTIONAL = ['courseRad', 'expectedDepthM'] as const;
/** A change this many standard errors wide is one. */
const SURE = 3;
/** A boat that turns in a current changes every speed [rad]. */
const TURNED_RAD = 0.35;

/**
 * Whether a reading jumped because the boat, its course, the sensor or the water did.
 *
 * Model: z = Δ/√(sd²/n before + sd²/n after + floor²); asked in this order: nothing, course, sensor (its depth moved beyond
 * what cable and speed give), boat (its speed moved, the sensor's with it, the temperature did not), cannot tell (no depth
 * known, or the boat's speed unknown while the sensor's moved), water.
 *
 * @throws {InputRangeError} when a value lies outside WATCH_LIMITS, or a channel is known only once, at `after.…`.
 */
export function whatMovedAfloat({ before, after }: WhatMovedInput): WhatMoved {
  checkWatch('before', before);
  checkWatch('after', after);
  for (const name of [...CHANNELS, ...OPTIONAL])
    if (isKnown(before[name]) !== isKnown(after[name]))
      throw new InputRuleError(`after.${name}`, `${isKnown(before[name]) ? 'given' : 'null'}, as before`);
  const shift = (name: (typeof CHANNELS)[number]) => {
    const [b, a] = [before[name], after[name]];
    if (!b || !a) return null;
    const expected = name === 'sensorDepthM' ? (after.expectedDepthM ?? 0) - (before.expectedDepthM ?? 0) : 0;
    const delta = a.mean - b.mean - expected;
    const se = Math.sqrt(b.sd ** 2 / before.n + a.sd ** 2 / after.n + FLOORS[name] ** 2);
    return { delta, se, z: delta / se };
  };
  const [boat, sensor, temperature, depth] = CHANNELS.map(shift) as [Shift, Shift, Shift, Shift];
  const z = {
    boat: boat?.z ?? null,
    sensor: sensor?.z ?? null,
    temperature: temperature?.z ?? null,
    depth: depth?.z ?? null,
  };
  return {
    outcome: outcomeOf({ boat, sensor, temperature, depth }, turnedRad(before, after)),
    z,
    unexplainedMps: boat && sensor ? sensor.delta - boat.delta : null,
  };
}

type Shift = { readonly delta: number; readonly se: number; readonly z: number } | null;

const isKnown = (value: unknown): boolean => value !== null && value !== undefined;
const moves = (shift: Shift): boolean => shift !== null && Math.abs(shift.z) >= SURE;

function outcomeOf(
  { boat, sensor, temperature, depth }: Readonly<Record<'boat' | 'sensor' | 'temperature' | 'depth', Shift>>,
  turned: number | null,
): WhatMoved['outcome'] {
  const known = [boat, sensor, temperature, depth].filter((each) => each !== null);
  if (known.length === 0) return 'cant-tell';
  const hasTurned = turned !== null && turned > TURNED_RAD;
  if (!known.some(moves) && !hasTurned) return 'nothing';
  if (hasTurned) return 'course';
  if (moves(depth)) return 'sensor';
  const withBoat =
    sensor === null || (boat !== null && Math.abs(sensor.delta - boat.delta) < SURE * Math.hypot(sensor.se, boat.se));
  if (moves(boat) && withBoat && !moves(temperature)) return 'boat';
  if (depth === null || (boat === null && moves(sensor))) return 'cant-tell';
  return 'water';
}

/** How far the course turned, the short way [rad]; null: not known. */
function turnedRad(before: Watch, after: Watch): number | null {
  const [b, a] = [before.courseRad, after.courseRad];
  if (typeof b !== 'number' || typeof a !== 'number') return null;
  const turn = Math.abs(a - b) % (2 * Math.PI);
  return Math.min(turn, 2 * Math.PI - turn);
}

function checkWatch(path: string, watch: Watch): void {
  requireInRange(`${path}.n`, watch.n, WATCH_LIMITS.n);
  for (const name of CHANNELS) {
    const channel = watch[name];
    if (!channel) continue;
    requireInRange(`${path}.${name}.mean`, channel.mean, WATCH_LIMITS.mean);
    requireInRange(`${path}.${name}.sd`, channel.sd, WATCH_LIMITS.sd);
  }
  for (const name of OPTIONAL) {
    const value = watch[name];
    if (typeof value === 'number') requireInRange(`${path}.${name}`, value, WATCH_LIMITS.mean);
  }
}
