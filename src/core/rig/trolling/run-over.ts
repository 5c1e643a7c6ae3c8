import type { Rig } from '../rigging';
import type { TowedPresentation } from '../../tackle';
import { tow, type TowOutcome } from '../../water';
import { runRig } from './run-rig';
import type { Running } from './running';

import { bottomUnder, type BottomProfile } from './bottom-profile';

/** A bottom that is the same within this needs no other look [m]; over a steep one the looks are few. */
const SAME_BOTTOM_M = 0.02;
const MOST_LOOKS = 5;

/** A rig over a bottom that rises and falls: the bottom where its end runs counts, found by running it and looking again. */
export function runOver(rig: Rig, presentation: TowedPresentation, profile: BottomProfile): Running {
  if (profile.length === 0) return runRig(rig, presentation);
  let running = runRig(rig, { ...presentation, bottomM: undefined });
  let bottomM: number | undefined;
  for (let round = 0; round < MOST_LOOKS && running.behindM !== null; round += 1) {
    const under = bottomUnder(profile, running.behindM)!;
    if (bottomM !== undefined && Math.abs(under - bottomM) < SAME_BOTTOM_M) break;
    bottomM = under;
    running = runRig(rig, { ...presentation, bottomM });
  }
  return running;
}

/** Main line from the tip with which a rig that runs free would touch the bottom there; what hinders it is an outcome. */
export interface LineToBottom {
  readonly outcome: TowOutcome;
  readonly lineM: number | null;
}

/** Null where there is no such length to find: it touches already, is behind a release, or no bottom is known. */
export function lineToBottom(
  { asked, contact, release, outcome, behindM, tipHeightM }: Running,
  profile: BottomProfile,
): LineToBottom | null {
  const depthM = bottomUnder(profile, behindM ?? 0);
  if (depthM === undefined || contact || release || outcome === 'in-the-air') return null;
  const found = tow({ ...asked, solve: { for: 'line-out', depthM } }, { shaped: false });
  if (found.outcome !== 'ok') return { outcome: found.outcome, lineM: null };
  const trailingM = asked.segments.slice(1).reduce((sum, { lengthM }) => sum + lengthM, 0);
  return {
    outcome: 'ok',
    lineM: found.lineOutM! - trailingM + tipHeightM / Math.max(1e-3, Math.sin(found.surfaceAngleRad!)),
  };
}
