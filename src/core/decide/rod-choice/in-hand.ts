import { cast, castFit, castWindow, neededForceN, SET_STEPS, type Cast } from '../../strike';
import { judgeSet } from '../../judge';
import {
  clearanceAskedM,
  handLoad,
  handOverWaterM,
  packedM,
  peakMomentNm,
  reachM,
  rodMassKg,
  tipClearM,
  turnCircleM,
  workedPullN,
  dragAreaM2,
  lineRiggedN,
  runRig,
  type HandLoad,
  type Rig,
} from '../../rig';
import { powerN, type Presentation } from '../../tackle';
import type { Cover } from '../../tackle/defaults/hookset-classes';
import { waterProperties } from '../../water';

/** What a rod is in the hands of this angler in this presentation. */
export interface RodInHand {
  /** printed, and grip to tip [m] */
  readonly overallM: number;
  readonly lengthM: number;
  readonly powerN: number;
  /** null for a rig that is not cast */
  readonly cast: Cast | null;
  /** masses that it throws soundly [kg]; from above to: none */
  readonly throws: { readonly fromKg: number; readonly toKg: number } | null;
  readonly dropShare: number | null;
  /** line that the sweep takes up, pull at the hook, margin, and when the point is in; null: the line is too short */
  readonly set: {
    readonly takeUpM: number;
    readonly atHookN: number;
    readonly margin: number;
    readonly timeToSetS: number | null;
  } | null;
  /** stoutest wire that it buries in this mouth, by cover [m]; 0: none */
  readonly buriesWireM: Readonly<Record<Cover, number>> | null;
  /** tip over the water with the rod worked down, and what is asked [m] */
  readonly clearM: number;
  readonly clearAskedM: number;
  /** radius of the circle beside the boat [m] */
  readonly circleM: number;
  readonly load: HandLoad;
  /** longest section [m] */
  readonly packedM: number;
}

/** What hangs below the tip even when all is wound in [m]. */
const LEAST_HANGING_M = 0.3;
/** How often one casts in an hour, and how long a day on the water is, where nobody said so. */
export const USUAL_DAY = { castsPerHour: 60, hours: 6 } as const;

export interface Day {
  readonly castsPerHour: number;
  readonly hours: number;
  /** against the cast positive [m/s] */
  readonly windMps: number;
}

/**
 * Every figure by which a rod is chosen, for the rig as it is: distance, line gathered, clearance, turn, load, window, wire,
 * delay and size.
 *
 * @throws {InputRangeError} as the models it asks.
 */
export function rodInHand(rig: Rig, presentation: Presentation, day: Day): RodInHand {
  const { classes, rod, rodPart } = rig;
  const power = powerN(rod);
  const rodKg = rodMassKg(rodPart, power, classes);
  const isCast = presentation.kind === 'cast';
  const handM = handOverWaterM(rig, presentation);
  const water = waterProperties(presentation.water);
  const weakestN = lineRiggedN(rig);
  const style = isCast ? presentation.castStyle : null;
  const [{ line }] = rig.pieces as [Rig['pieces'][number]];
  const running = isCast ? null : runRig(rig, presentation);
  const set = judgeSet(rig, presentation, running);
  const shown = dragAreaM2(rig, water, presentation.speedMps);
  const window = style ? castWindow({ rod, ratingKg: rig.ratingKg, style, weakestN }, classes) : null;
  const atHookN = set.kind === 'judged' ? set.figures.hookset.atHookN : null;
  return {
    overallM: rodPart.lengthM.value,
    lengthM: rod.lengthM,
    powerN: power,
    cast: style
      ? cast(
          {
            rod,
            massKg: rig.castMassKg,
            style,
            dragAreaM2: classes.flight.body.share * shown,
            line,
            heightM: handM + rod.lengthM,
            windMps: day.windMps,
            blankKg: rodKg * classes.rodMass.bends.share,
          },
          classes,
        )
      : null,
    throws: window && { fromKg: window.soundFrom, toKg: window.soundTo },
    dropShare: style
      ? castFit({ rod, massKg: rig.castMassKg, ratingKg: rig.ratingKg, style, weakestN }, classes).dropShare
      : null,
    set:
      set.kind === 'judged'
        ? {
            takeUpM: set.figures.hookset.takeUpM,
            atHookN: set.figures.hookset.atHookN,
            margin: set.figures.hookset.margin,
            timeToSetS: set.figures.hookset.timeToSetS,
          }
        : null,
    buriesWireM: atHookN === null ? null : wires(rig, presentation, atHookN),
    clearM: tipClearM(handM, rod.lengthM, classes.checks.clearance.downRad),
    clearAskedM: clearanceAskedM(rig, presentation),
    circleM: turnCircleM(rod.lengthM + reachM(rig), LEAST_HANGING_M),
    load: handLoad(
      {
        rodKg,
        reelKg: rig.reel.massKg?.value ?? 0,
        lengthM: rod.lengthM,
        lureKg: isCast ? rig.castMassKg : 0,
        pullN: workedPullN(rig, presentation, running),
        reachM: reachM(rig),
        peakMomentNm: peakMomentNm(rig, presentation),
        castMps2: style ? classes.castStyles[style].accelerationMps2 : 0,
        castsPerHour: style ? day.castsPerHour : 0,
        hours: day.hours,
      },
      classes,
    ),
    packedM: packedM(rodPart.lengthM.value, rodPart.sections ?? 1, classes),
  };
}

/** Wire of a hook like the one that is on, which a pull at the hook buries with its margin, in each cover [m]. */
function wires(rig: Rig, presentation: Presentation, atHookN: number): Readonly<Record<Cover, number>> {
  const { tissue } = rig.hook;
  const open = atHookN / rig.classes.covers[presentation.cover].through;
  const perMm2 = neededForceN({ ...tissue, wireMm: 1 }, presentation.mouth, rig.classes) - tissue.guardN;
  return Object.fromEntries(
    Object.entries(rig.classes.covers).map(([cover, { through }]) => [
      cover,
      Math.sqrt(Math.max(0, (open * through) / SET_STEPS.sets - tissue.guardN) / perMm2) * 1e-3,
    ]),
  ) as Record<Cover, number>;
}
