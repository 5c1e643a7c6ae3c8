import { ATTITUDES, ATTITUDE_STEPS, SLACK_SPEED_MPS } from '../../tackle/defaults/rig-classes';
import { baitSpin, openingOf, pointsInReach, type HookPlace, type Rig, type RiggedEnd } from '../../rig';
import type { Presentation } from '../../tackle';
import { trim } from '../../water';
import {
  worst,
  type Mark,
  type Reason,
  type Verdict,
  type BalancedEnd,
  type BalanceFigures,
  type HookFit,
} from '../verdict';

/**
 * Whether a bait lies as wanted and its hooks stand clear of it.
 *
 * A bait is read pulled at its working speed, and at rest below 0.1 m/s. Lures with a lip and lures that lie on the surface
 * are read at rest whatever the speed: what turns them when pulled is a plate that the model of trim leaves out.
 */
export function judgeBalance(
  rig: Rig,
  presentation: Presentation,
): { readonly verdict: Verdict; readonly figures: BalanceFigures } {
  const ends = rig.ends.map((end) => balanced(end, rig, presentation));
  const swims = ends.filter((_, i) => swimsByItself(rig.ends[i]!));
  const { attitude } = presentation.wanted;
  const wantedRad = attitude.kind === 'own' ? attitude.pitchRad : ATTITUDES[attitude.kind].pitchRad;
  const off = ({ pitchRad }: BalancedEnd) => (wantedRad === null ? 0 : Math.abs(pitchRad - wantedRad));
  const most = swims.length === 0 ? null : swims.reduce((a, b) => (off(b) > off(a) ? b : a));
  const gaps = ends
    .flatMap(({ hooks }) => hooks)
    .filter((fit): fit is HookFit & { clearGapM: number } => fit.clearGapM !== null);
  const tight = gaps.length === 0 ? null : gaps.reduce((a, b) => (b.clearGapM / b.gapM < a.clearGapM / a.gapM ? b : a));
  const limits = rig.classes.checks.clearGap;
  const gapMark =
    tight === null || tight.clearGapM >= limits.sound * tight.gapM
      ? 'sound'
      : tight.clearGapM >= limits.edge * tight.gapM
        ? 'edge'
        : 'fails';
  const pitchMark = most === null || wantedRad === null ? 'sound' : markOff(off(most));
  const reasons: Reason[] = [
    most === null
      ? { code: 'balance-nothing-swims', facts: {} }
      : {
          code: wantedRad === null ? 'balance-pitch-any' : 'balance-pitch',
          facts: { pitchRad: most.pitchRad, wantedRad, read: most.read, outcome: most.trim.outcome },
        },
    ...(tight !== null && gapMark !== 'sound'
      ? [
          {
            code: 'balance-gap' as const,
            facts: { clearM: tight.clearGapM, askedM: tight.askedGapM, hook: tight.jointId },
          },
        ]
      : []),
  ];
  return {
    verdict: {
      mark: worst(pitchMark, gapMark),
      value: most?.pitchRad ?? null,
      unit: 'rad',
      limits:
        wantedRad === null || most === null
          ? null
          : {
              failsBelow: wantedRad - ATTITUDE_STEPS.edgeRad,
              soundFrom: wantedRad - ATTITUDE_STEPS.soundRad,
              soundTo: wantedRad + ATTITUDE_STEPS.soundRad,
              failsAbove: wantedRad + ATTITUDE_STEPS.edgeRad,
            },
      reasons,
    },
    figures: {
      ends,
      pointsInReach: ends.flatMap(({ hooks }) => hooks).reduce((sum, fit) => sum + fit.pointsInReach, 0),
    },
  };
}

const markOff = (offRad: number): Exclude<Mark, 'cant-tell'> =>
  offRad <= ATTITUDE_STEPS.soundRad ? 'sound' : offRad <= ATTITUDE_STEPS.edgeRad ? 'edge' : 'fails';

function balanced(end: RiggedEnd, rig: Rig, { water, speedMps }: Presentation): BalancedEnd {
  const result = trim({ water, parts: end.masses.map(({ jointId: _, ...part }) => part), eye: end.eye, speedMps });
  const read = speedMps <= SLACK_SPEED_MPS || steeredByPlate(end) ? 'rest' : 'pulled';
  const last = end.hooks.filter(({ role }) => role !== 'stinger').at(-1);
  return {
    jointId: end.bearerId,
    bodyLengthM: end.body?.lengthM ?? null,
    trim: result,
    read,
    pitchRad: read === 'rest' ? result.pitchFallingRad : result.pitchPulledRad,
    hooks: end.hooks.map((hook) => hookFit(hook, rig)),
    pastHookM:
      end.body?.kind === 'natural-bait' && last
        ? Math.max(0, end.body.lengthM - (last.eye.xM + last.spec.shankM))
        : null,
    spin: baitSpin(end, speedMps),
  };
}

/** A bare hook has no attitude, and a spoon's sway is lift on a plate, which the model of trim leaves out. */
const swimsByItself = ({ body }: RiggedEnd): boolean => body !== null && body.kind !== 'spoon';

function steeredByPlate({ assembly: { bearer } }: RiggedEnd): boolean {
  if (bearer.kind !== 'lure') return false;
  return bearer.part.kind === 'topwater' || (bearer.part.kind === 'hard-lure' && bearer.part.lip !== 'no-lip');
}

function hookFit(hook: HookPlace, rig: Rig): HookFit {
  const { gapM, points } = hook.spec;
  const askedGapM = rig.classes.checks.clearGap.sound * gapM;
  const stands = hook.clearGapM === null || hook.clearGapM >= rig.classes.checks.clearGap.edge * gapM;
  return {
    jointId: hook.jointId,
    gapM,
    clearGapM: hook.clearGapM,
    askedGapM,
    station: hook.station,
    pointsInReach: stands ? pointsInReach(points) : 0,
    hangsAt: hook.hangsAt?.station ?? null,
    opensN: openingOf(hook.spec),
  };
}
