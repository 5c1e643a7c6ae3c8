import {
  changePoint,
  CHANGE_POINT_SAMPLES,
  whatMovedAfloat,
  type Channel,
  type Watch,
  type WhatMoved,
} from '@/core/afloat';
import type { ChannelName } from '../instruments/channels';
import { meanOf, since, type Tracks } from './tracks';
import { turnBetween } from '../instruments/direction';

/** Means of so many seconds are looked at: shorter, and each wave is a change [s]. */
const BLOCK_S = 6;
/** How far back is looked [s]. */
const LOOK_BACK_S = 150;
/** The time of a change itself, which belongs to neither side: a throttle, a winch and new water take so long [s]. */
const BEFORE_S = 6;
const AFTER_S = 14;
/** Blocks that either side has at least. */
const LEAST_BLOCKS = 4;
/** Each side is so long at most [s]. */
const SIDE_S = 60;
/** Steps below these are not worth a word [m/s, K, m]. */
const WORTH: Readonly<Record<Jumping, number>> = { probeMps: 0.03, probeC: 0.15, probeM: 0.45 };

type Jumping = 'probeMps' | 'probeC' | 'probeM';
const JUMPING: readonly Jumping[] = ['probeMps', 'probeC', 'probeM'];

export interface Moved {
  /** when it changed [s since 1970] */
  readonly atS: number;
  readonly outcome: WhatMoved['outcome'];
  readonly z: WhatMoved['z'];
  readonly unexplainedMps: number | null;
  readonly before: Watch;
  readonly after: Watch;
}

export interface MovedOptions {
  readonly nowS: number;
  /** nothing before this is looked at: the last change that was told */
  readonly fromS: number;
  /** depth of the probe that its cable and the boat's speed give; null where the cable is not known */
  readonly depthAt: ((boatMps: number) => number) | null;
  /** temperature by depth as the day's drop found it; null where none was made, or it does not reach there */
  readonly temperatureAt?: ((depthM: number) => number | null) | undefined;
}

interface Block {
  readonly atS: number;
  readonly boatMps: number | null;
  readonly probeMps: number | null;
  readonly probeC: number | null;
  readonly probeM: number | null;
  readonly courseRad: number | null;
  readonly expectedM: number | null;
}

/**
 * Whether the probe's figures jumped lately, and why.
 *
 * Model: means of six seconds over the last two and a half minutes; `change-point` on the probe's speed, its temperature and its
 * depth less what cable and speed give; the surest change that has settled is taken, the seconds of the change itself left out,
 * and both sides given to `what-moved`. A probe that was lifted or lowered reads other water: its temperature is judged by what is
 * left beyond the day's profile, and not at all where there is none. The boat's speed is through the water where a paddle wheel reads, else over ground.
 *
 * @returns null while nothing changed, or not long enough ago to tell.
 */
export function movedIn(tracks: Tracks, { nowS, fromS, depthAt, temperatureAt }: MovedOptions): Moved | null {
  const startS = Math.max(nowS - LOOK_BACK_S, fromS);
  const blocks = blocksOf(tracks, startS, nowS, depthAt);
  const atS = changeIn(blocks);
  if (atS === null) return null;
  const before = blocks.filter((block) => block.atS <= atS - BEFORE_S && block.atS >= atS - BEFORE_S - SIDE_S);
  const after = blocks.filter((block) => block.atS >= atS + AFTER_S && block.atS <= atS + AFTER_S + SIDE_S);
  if (before.length < LEAST_BLOCKS || after.length < LEAST_BLOCKS) return null;
  const watches = inWater({ before: watchOf(before, after), after: watchOf(after, before) }, temperatureAt);
  const { outcome, z, unexplainedMps } = whatMovedAfloat(watches);
  return outcome === 'nothing' ? null : { atS, outcome, z, unexplainedMps, ...watches };
}

function blocksOf(tracks: Tracks, startS: number, nowS: number, depthAt: MovedOptions['depthAt']): readonly Block[] {
  const hasPaddle = since(tracks.of('waterMps'), startS).tS.length > (nowS - startS) / 2;
  const boat: ChannelName = hasPaddle ? 'waterMps' : 'sogMps';
  const course: ChannelName = since(tracks.of('headingRad'), startS).tS.length > 0 ? 'headingRad' : 'cogRad';
  const mean = blockMeans(tracks, startS, nowS);
  const means = {
    boat: mean(boat),
    probeMps: mean('probeMps'),
    probeC: mean('probeC'),
    probeM: mean('probeM'),
    course: mean(course),
  };
  return Array.from({ length: Math.floor((nowS - startS) / BLOCK_S) }, (_, i): Block => {
    const boatMps = means.boat[i] ?? null;
    return {
      atS: startS + (i + 0.5) * BLOCK_S,
      boatMps,
      probeMps: means.probeMps[i] ?? null,
      probeC: means.probeC[i] ?? null,
      probeM: means.probeM[i] ?? null,
      courseRad: means.course[i] ?? null,
      expectedM: depthAt && boatMps !== null ? depthAt(boatMps) : null,
    };
  });
}

const blockMeans = (tracks: Tracks, startS: number, nowS: number) => (channel: ChannelName) => {
  const { tS, values } = since(tracks.of(channel), startS);
  const blocks: number[][] = [];
  tS.forEach((t, i) => {
    if (t < nowS) (blocks[Math.floor((t - startS) / BLOCK_S)] ??= []).push(values[i]!);
  });
  return Array.from(blocks, (block) => (block && block.length >= BLOCK_S / 2 ? meanOf(channel, block) : null));
};

const depthOf = ({ probeM, expectedM }: Block): number | null => (probeM === null ? null : probeM - (expectedM ?? 0));

/** When the probe's figures changed most surely; null while they did not, or it has not settled. */
function changeIn(blocks: readonly Block[]): number | null {
  let best: { readonly atS: number; readonly sureness: number } | null = null;
  for (const name of JUMPING) {
    const known = blocks.flatMap((block) => {
      const value = name === 'probeM' ? depthOf(block) : block[name];
      return value === null ? [] : [{ atS: block.atS, value }];
    });
    if (known.length < CHANGE_POINT_SAMPLES) continue;
    const found = changePoint({ tS: known.map(({ atS }) => atS), values: known.map(({ value }) => value) });
    if (found.outcome === 'no-change' || Math.abs(found.after! - found.before) < WORTH[name]) continue;
    const sureness = Math.abs(found.after! - found.before) / WORTH[name];
    if (!best || sureness > best.sureness) best = { atS: found.atS!, sureness };
  }
  return best?.atS ?? null;
}

/** A side of a change; what the other side lacks is left out of both, as `what-moved` asks. */
function watchOf(blocks: readonly Block[], others: readonly Block[]): Watch {
  const channel = (of: (block: Block) => number | null): Channel | null => {
    const values = blocks.map(of).filter((value) => value !== null);
    return values.length < 2 || others.map(of).filter((value) => value !== null).length < 2 ? null : spreadOf(values);
  };
  const course = (those: readonly Block[]) =>
    meanOf(
      'headingRad',
      those.flatMap(({ courseRad }) => (courseRad === null ? [] : [courseRad])),
    );
  const [own, other] = [course(blocks), course(others)];
  const expected = channel(({ expectedM }) => expectedM);
  const depth = channel(({ probeM }) => probeM);
  return {
    n: Math.min(blocks.length, 100),
    boatMps: channel(({ boatMps }) => boatMps),
    sensorMps: channel(({ probeMps }) => probeMps),
    sensorC: channel(({ probeC }) => probeC),
    sensorDepthM: depth,
    courseRad: own !== null && other !== null ? own : null,
    expectedDepthM: depth && expected ? expected.mean : null,
  };
}

/** A change of depth that brings other water by itself [m]. */
const OTHER_WATER_M = 0.3;

/** The temperatures of two watches as of one depth; left out where the probe hung at two and nobody knows the water between. */
function inWater(
  { before, after }: { readonly before: Watch; readonly after: Watch },
  temperatureAt: MovedOptions['temperatureAt'],
): { readonly before: Watch; readonly after: Watch } {
  const [from, to] = [before.sensorDepthM?.mean, after.sensorDepthM?.mean];
  if (from === undefined || to === undefined || Math.abs(to - from) < OTHER_WATER_M || !after.sensorC)
    return { before, after };
  const [warm, cold] = [temperatureAt?.(from) ?? null, temperatureAt?.(to) ?? null];
  if (warm === null || cold === null)
    return { before: { ...before, sensorC: null }, after: { ...after, sensorC: null } };
  return { before, after: { ...after, sensorC: { ...after.sensorC, mean: after.sensorC.mean - (cold - warm) } } };
}

function spreadOf(values: readonly number[]): Channel {
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
  const squares = values.reduce((sum, value) => sum + (value - mean) ** 2, 0);
  return { mean, sd: Math.sqrt(squares / (values.length - 1)) };
}

/** How far the course turned between two watches [rad]; null: not known. */
export const turnOf = ({ before, after }: Pick<Moved, 'before' | 'after'>): number | null =>
  typeof before.courseRad === 'number' && typeof after.courseRad === 'number'
    ? turnBetween(before.courseRad, after.courseRad)
    : null;
