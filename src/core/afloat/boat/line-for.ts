import { findRoot } from '../../base/numeric';
import { runRig, tipHeightM } from '../../rig';
import type { TowedPresentation } from '../../tackle';
import type { PlacedRod } from './boat-line';
import { tipAt } from './tow-point';

/** What a line is paid out for: a depth of its lure, or how far its lure runs behind the place where the line leaves the boat. */
export type LineWant = { readonly depthM: number } | { readonly behindM: number };

/** What is paid out: line, or the cable of a downrigger whose lead stays. */
export interface PaidOut {
  readonly outcome: 'ok' | 'out-of-reach';
  /** the line, or the nearest that comes to it [m] */
  readonly lineM: number;
  readonly cableM: number | null;
}

/** Line is worth finding to this [m]. */
const TOLERANCE_M = 0.05;

/**
 * Line out, lead or cable with which a lure runs as deep, or as far behind, as is wanted.
 *
 * Model: `runRig` with other lengths, found by its root within the limits given; where the whole span misses it, the end that
 * comes nearer. Depth is taken to change one way with length, which a lure that neither sinks nor dives does not: then it is
 * out of reach.
 */
export function lineFor(
  { rig, presentation, point }: PlacedRod,
  want: LineWant,
  limits: { readonly lineM: Span; readonly cableM: Span },
): PaidOut {
  const { gear } = presentation;
  const heightM = point.kind === 'downrigger' ? tipHeightM(rig, presentation) : -tipAt(rig, presentation, point)[2];
  const onCable = gear?.kind === 'downrigger' && 'depthM' in want;
  const withLength = (lengthM: number): TowedPresentation => {
    if (gear?.kind === 'downrigger')
      return { ...presentation, gear: { ...gear, ...(onCable ? { cableM: lengthM } : { leadM: lengthM }) } };
    return gear ? { ...presentation, gear: { ...gear, leadM: lengthM } } : { ...presentation, lineOutM: lengthM };
  };
  const off = (lengthM: number): number => {
    const { depthM, behindM, release } = runRig(rig, withLength(lengthM), heightM);
    if ('depthM' in want) return (depthM ?? 0) - want.depthM;
    return (behindM ?? 0) - (release?.behindM ?? 0) - want.behindM;
  };
  const { min: lo, max: hi } = onCable ? limits.cableM : limits.lineM;
  const [fLo, fHi] = [off(lo), off(hi)];
  const between = fLo === 0 || fHi === 0 || fLo > 0 !== fHi > 0;
  const lengthM = between ? findRoot(off, { lo, hi, fLo, fHi }, TOLERANCE_M) : Math.abs(fLo) <= Math.abs(fHi) ? lo : hi;
  const own = gear ? gear.leadM : presentation.lineOutM;
  return {
    outcome: between ? 'ok' : 'out-of-reach',
    lineM: onCable ? own : lengthM,
    cableM: onCable ? lengthM : null,
  };
}

interface Span {
  readonly min: number;
  readonly max: number;
}
