import type { Rig } from '../rigging';
import type { CastPresentation, TowedPresentation } from '../../tackle';
import { sink } from '../../water';
import { fallInputOf } from './fall-input';
import { runRig } from './run-rig';

export interface BandAsk {
  readonly fromM: number;
  readonly toM: number;
  /** seconds from lifting the lure out to its next splash */
  readonly betweenS: number;
}

export interface CastBand {
  /** one cast: counted down, wound in, thrown again [s] */
  readonly castS: number;
  readonly inBandS: number;
  readonly share: number;
  /** depth of the lure against line left, wound at its speed: [line, depth] */
  readonly path: readonly (readonly [number, number])[];
}

const STEPS = 30;

/**
 * The share of a cast that a lure spends inside a depth band, wound steadily; against it a towed lure that runs there is in
 * it all the time, minute for minute.
 *
 * Model: counted down to the wanted depth on slack line; then with line ℓ left it runs where `tow` has it at its speed with
 * so much line out, but no deeper than it was before, since a lure that is wound does not fall.
 */
export function castBand(rig: Rig, presentation: CastPresentation, { fromM, toM, betweenS }: BandAsk): CastBand {
  const { distanceM, depthM, speedMps } = presentation;
  const { castStyle: _, distanceM: __, wanted, kind: ___, ...shared } = presentation;
  const towed: TowedPresentation = {
    ...shared,
    kind: 'towed',
    way: 'trolled',
    held: 'hand',
    lineOutM: distanceM,
    wanted: { attitude: wanted.attitude, breakAt: wanted.breakAt, depth: { fromM, toM } },
  };
  const fallS = sink(fallInputOf(rig, presentation)).table[0]?.timeS ?? 0;
  const stepM = distanceM / STEPS;
  let deepestM = fallS > 0 ? depthM : 0;
  const path: [number, number][] = [];
  let inBandS = fallS > 0 ? fallS * overlap(0, depthM, fromM, toM) : 0;
  for (let i = 0; i < STEPS; i += 1) {
    const lineOutM = distanceM - i * stepM;
    const settled = runRig(rig, { ...towed, lineOutM }).depthM ?? 0;
    deepestM = Math.min(deepestM, Math.max(settled, 0));
    path.push([lineOutM, deepestM]);
    if (deepestM >= fromM && deepestM <= toM) inBandS += stepM / Math.max(0.05, speedMps);
  }
  const castS = fallS + distanceM / Math.max(0.05, speedMps) + betweenS;
  return { castS, inBandS, share: inBandS / castS, path };
}

/** How much of a way from a to b lies within a band. */
const overlap = (a: number, b: number, from: number, to: number): number =>
  b <= a ? 0 : Math.max(0, Math.min(b, to) - Math.max(a, from)) / (b - a);
