import { STANDARD_GRAVITY_MPS2 } from '../../base/constants';
import type { Classes } from '../../tackle/defaults/classes';
import { MATERIALS, type BodyMaterial } from '../../tackle/defaults/sink-classes';
import { together, towedLine, type Rig } from '../rigging';
import type { TowedPresentation } from '../../tackle';
import { boatSpeeds } from './towed-scene';
import { tow, waterProperties, type TowInput, type TowOutcome } from '../../water';

export interface BottomWeightAsk {
  readonly depthM: number;
  /** line above the surface's level [rad] */
  readonly surfaceAngleRad: number;
  /** null: it hangs free of the bottom */
  readonly bottom: Bottom | null;
  /** share of the weight that the bottom carries; the class where absent */
  readonly share?: number | undefined;
  readonly material: BodyMaterial;
}

export type Bottom = 'mud' | 'sand' | 'rock' | 'weed';

/** One condition that the rule of thumb was made for, and by what the answer is multiplied when it is not so. */
export interface ThumbCause {
  readonly of: 'speed' | 'angle' | 'line' | 'drag' | 'bottom';
  readonly factor: number;
}

export interface BottomWeight {
  readonly outcome: TowOutcome;
  /** in air, of its metal [kg] */
  readonly massKg: number | null;
  readonly lineOutM: number | null;
  readonly surfaceAngleRad: number | null;
  /** what the bottom carries [N] */
  readonly contactN: number | null;
  /** what the house rule says [kg], and the answer over it */
  readonly thumbKg: number;
  readonly overThumb: number | null;
  /** why they differ, the largest first */
  readonly causes: readonly ThumbCause[];
  readonly asked: TowInput;
}

/**
 * The weight that holds a line at an angle at a depth, in touch with the bottom or free of it, and the house's rule of thumb
 * beside it with the reasons why it is off.
 *
 * Model: `tow` for the weight, what hangs on the line dragging at the end with it. Why the rule is off: each condition in
 * turn is put to what the rule was made for; the factor is the weight as it is over the weight with that condition changed.
 */
export function bottomWeight(rig: Rig, presentation: TowedPresentation, ask: BottomWeightAsk): BottomWeight {
  const { classes } = rig;
  const water = waterProperties(presentation.water);
  const asked = weightInput(rig, presentation, ask);
  const { rest } = asked.end;
  const found = tow(asked, { shaped: false });
  const massOf = (netN: number) => massInAirKg(netN, ask.material, water.densityKgPm3);
  const rule = classes.thumb['bottom-weight'];
  const thumbKg = rule.perDepthKgPm * ask.depthM;
  const massKg = found.outcome === 'ok' ? massOf(found.netWeightN!) : null;
  return {
    outcome: found.outcome,
    massKg,
    lineOutM: found.lineOutM,
    surfaceAngleRad: found.surfaceAngleRad,
    contactN: rest && found.netWeightN !== null ? rest.share * found.netWeightN : null,
    thumbKg,
    overThumb: massKg === null ? null : massKg / thumbKg,
    causes: found.outcome === 'ok' ? causes(asked, found.netWeightN!, classes) : [],
    asked,
  };
}

/** The `tow` call for the weight. The rest of the rig drags with it, and what the rig weighs is part of the weight sought. */
function weightInput(
  rig: Rig,
  presentation: TowedPresentation,
  { depthM, surfaceAngleRad, bottom, share }: Omit<BottomWeightAsk, 'material'>,
): TowInput {
  const { bottoms } = rig.classes;
  const { layers, water } = presentation;
  const { sogMps, throughMps } = boatSpeeds(rig, presentation);
  const line = towedLine(rig, waterProperties(water), throughMps, presentation.fouling);
  const { dragAreaM2 } = together([...line.weights, line.end]);
  return {
    water,
    speedMps: sogMps,
    ...(layers && layers.length > 0 ? { current: layers } : {}),
    segments: [{ ...line.segments[0]!, lengthM: 0 }],
    end: {
      netWeightN: 0,
      dragAreaM2,
      ...(bottom === null ? {} : { rest: { share: share ?? bottoms.dragged.share, mu: bottoms[bottom].mu } }),
    },
    solve: { for: 'weight', depthM, surfaceAngleRad },
  };
}

/** A weight that would hold the line as it is wanted. */
export interface RightWeight {
  /** in air, of its metal [kg]; null: none does */
  readonly massKg: number | null;
  /** main line in the water [m] */
  readonly lineOutM: number | null;
}

/** The weight that would hold this rig at an angle, the bottom carrying a share of it or none. */
export function rightWeight(rig: Rig, presentation: TowedPresentation, ask: BottomWeightAsk): RightWeight {
  const found = tow(weightInput(rig, presentation, ask), { shaped: false });
  return found.outcome === 'ok'
    ? {
        massKg: massInAirKg(found.netWeightN!, ask.material, waterProperties(presentation.water).densityKgPm3),
        lineOutM: found.lineOutM,
      }
    : { massKg: null, lineOutM: null };
}

/** A rig that is dragged over the bottom on its wire. */
export const isBottomRig = ({ chainOfParts }: Pick<Rig, 'chainOfParts'>): boolean =>
  chainOfParts.some(({ joint }) => joint.kind === 'bouncer');

/** Mass in air of a metal that weighs so much in water [kg]. */
export const massInAirKg = (netN: number, material: BodyMaterial, waterKgPm3: number): number =>
  netN / STANDARD_GRAVITY_MPS2 / (1 - waterKgPm3 / MATERIALS[material].densityKgPm3);

function causes(asked: TowInput, netN: number, { thumb, lineMaterials }: Classes): ThumbCause[] {
  const rule = thumb['bottom-weight'];
  const { densityKgPm3, normalDragFactor, tangentialCt } = lineMaterials.braid;
  const lineOf = {
    ...asked.segments[0]!,
    diameterM: rule.lineMm * 1e-3,
    massPerLengthKgPm: densityKgPm3 * (Math.PI / 4) * (rule.lineMm * 1e-3) ** 2,
    normalDragFactor,
    tangentialCt,
  };
  const changed: Readonly<Record<ThumbCause['of'], TowInput | null>> = {
    speed: { ...asked, speedMps: rule.atMps },
    angle:
      asked.solve.for === 'weight' ? { ...asked, solve: { ...asked.solve, surfaceAngleRad: rule.angleRad } } : null,
    line: { ...asked, segments: [lineOf] },
    drag: { ...asked, end: { ...asked.end, dragAreaM2: rule.dragAreaM2 } },
    // The rule knows nothing of a weight that is rubbed and carried.
    bottom: asked.end.rest
      ? { ...asked, end: { netWeightN: asked.end.netWeightN, dragAreaM2: asked.end.dragAreaM2 } }
      : null,
  };
  return (Object.keys(changed) as ThumbCause['of'][])
    .flatMap((of): ThumbCause[] => {
      const other = changed[of] ? tow(changed[of], { shaped: false }) : null;
      return other?.outcome === 'ok' && other.netWeightN! > 0 ? [{ of, factor: netN / other.netWeightN! }] : [];
    })
    .sort((a, b) => Math.abs(Math.log(b.factor)) - Math.abs(Math.log(a.factor)));
}
