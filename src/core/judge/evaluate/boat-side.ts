import {
  dragWindow,
  fight,
  fishRun,
  loadUp,
  LOAD_UP_LIMITS,
  smallCraft,
  takeOf,
  winding,
  type LoadUp,
  type LoadUpInput,
  type SmallCraft,
  type SmallCraftInput,
  type Winding,
  type WindingInput,
} from '../../strike';
import { FISH_RUNS } from '../../tackle/defaults/fight-classes';
import {
  clutchNowN,
  spoolCapacityM,
  asTaper,
  bendRod,
  resolveRod,
  type TaperedRod,
  type Presentation,
  type Setup,
  type TowedPresentation,
  spoolOf,
} from '../../tackle';
import { lineRiggedN, readRig, runRig, type Rig, type Running } from '../../rig';
import { lineOut } from './line-out';
import { pullAngleRad, strikeFigures, type StrikeFigures } from './strike';

export interface HeldRod {
  /** lean from upright [rad] */
  readonly leanRad: number;
  readonly pullAngleRad: number;
  /** peak of the strike on rod and line, without and with the clutch [N] */
  readonly elasticPeakN: number;
  readonly peakN: number;
  /** energy in the rod at the pull that buries the hook [J] */
  readonly takesUpJ: number;
}

export interface RodInHands {
  readonly lengthM: number;
  readonly leverArmM: number;
  readonly momentNm: number;
  /** line gained by a stroke [m] */
  readonly gainM: number;
}

/** What happens between the take and the net; each with the call of the model that gave it. */
export interface BoatSide {
  readonly strike: StrikeFigures | null;
  /** the rod in its holder at several angles; empty for a rod in the hand */
  readonly holders: readonly HeldRod[];
  /** null: not towed, or the boat stands */
  readonly load: {
    readonly stays: LoadUp;
    readonly given: LoadUp;
    /** the call that gave `given`; `stays` is the same without giving */
    readonly asked: LoadUpInput & { readonly rod: TaperedRod; readonly giveToRad: number };
    readonly clutchNowN: number | null;
  } | null;
  /** shorter, own, longer; all of one power */
  readonly hands: {
    readonly pullN: number;
    readonly fromRad: number;
    readonly toRad: number;
    readonly rods: readonly RodInHands[];
  };
  /** speeds: the lure's, a drift, a fish coming at the boat */
  readonly winding: Winding & { readonly asked: WindingInput };
  /** null: fished from the bank */
  readonly craft: (SmallCraft & { readonly asked: SmallCraftInput; readonly name: string }) | null;
}

/** Holders worth comparing, from nearly upright to nearly flat [rad]. */
const LEANS = [0.2, 0.5, 0.8, 1.1, 1.4] as const;
/** A stroke of the rod: from low over the water to past upright against the line [rad]. */
const STROKE = { fromRad: 0.7, toRad: 1.57 } as const;
/** How much shorter and longer the rods beside one's own are [m]. */
const OTHER_LENGTH_M = 0.3;
/** Without a clutch one pulls with this share of what the line bears, or one loses it. */
const LOCKED_SHARE = 1 / 3;
/** How long after the line is tight a strike is looked at [s]. */
const LOOKED_AT_S = 3;
/** A slow drift [m/s]. */
const DRIFT_MPS = 0.4;

/** Everything that the strike, the hands, the reel and the craft do to each other in a fight. */
export function boatSide(setup: Setup): BoatSide {
  const rig = readRig(setup);
  const { presentation } = setup;
  const running = presentation.kind === 'towed' ? runRig(rig, presentation) : null;
  const strike = strikeFigures(rig, presentation, running);
  const out = lineOut(rig, presentation, running);
  const nowRadiusM = out.kind === 'ready' ? out.nowRadiusM : rig.reel.fullRadiusM.value;
  const spool = spoolOf(rig.reel);
  const clutchN = presentation.clutchN === null ? null : clutchNowN(presentation.clutchN, spool, nowRadiusM);
  const pullN = clutchN ?? LOCKED_SHARE * lineRiggedN(rig);
  return {
    strike,
    holders:
      presentation.kind === 'towed' && presentation.held === 'holder' && strike
        ? LEANS.map((leanRad) => held(rig, { ...presentation, holderRad: leanRad }, running!, strike))
        : [],
    load: presentation.kind === 'towed' && presentation.speedMps > 0 && strike ? loads(rig, strike) : null,
    hands: {
      pullN,
      ...STROKE,
      rods: [-OTHER_LENGTH_M, 0, OTHER_LENGTH_M].map((by) => inHands(asTaper(rig.rod), by, pullN)),
    },
    winding: wound(rig, presentation, nowRadiusM),
    craft: towed(
      rig,
      presentation,
      pullN,
      out.kind === 'ready'
        ? Math.min(rig.linePart.lengthM.value, spoolCapacityM(out.spool, out.wound)) - out.mainLineM
        : 0,
    ),
  };
}

function held(rig: Rig, presentation: TowedPresentation, running: Running, { asked }: StrikeFigures): HeldRod {
  const leanRad = presentation.holderRad!;
  const angle = pullAngleRad(rig, presentation, running);
  const { elasticPeakN, peakN } = dragWindow({ ...asked, pullAngleRad: angle });
  return {
    leanRad,
    pullAngleRad: angle,
    elasticPeakN,
    peakN,
    takesUpJ: bendRod(resolveRod(asked.rod), asked.neededN, angle).energyJ,
  };
}

function loads(rig: Rig, strike: StrikeFigures): NonNullable<BoatSide['load']> {
  const asked = takeOf(strike.asked);
  const giveToRad = Math.min(asked.heldRad, rig.classes.fighting.giving.toRad);
  // A slow drift takes long to use up what was given; both are looked at for as long.
  const untilS = Math.min(LOAD_UP_LIMITS.untilS.max, LOOKED_AT_S + loadUp({ ...asked, giveToRad }).tightS);
  return {
    stays: loadUp({ ...asked, untilS }),
    given: loadUp({ ...asked, untilS, giveToRad }),
    asked: { ...asked, untilS, giveToRad },
    clutchNowN: asked.clutchN ?? null,
  };
}

/** A rod of another length and the same power: its rigidity goes with the square of the length. */
function inHands({ lengthM, stiffness }: TaperedRod, byM: number, pullN: number): RodInHands {
  const L = lengthM + byM;
  const rod = { lengthM: L, stiffness: { ...stiffness, buttEiNm2: stiffness.buttEiNm2 * (L / lengthM) ** 2 } };
  const { leverArmM, momentNm, gainM } = fight({
    rod,
    pull: { forceN: pullN, angleRad: STROKE.toRad },
    stroke: STROKE,
  });
  return { lengthM: L, leverArmM, momentNm, gainM: gainM! };
}

function wound({ reel, classes }: Rig, presentation: Presentation, nowRadiusM: number): BoatSide['winding'] {
  const { winding: hand, fish } = classes.fighting;
  const { runMps } = fishRun(presentation.fishKg ?? FISH_RUNS.large.massKg, classes);
  const asked = {
    gearRatio: reel.gearRatio.value,
    nowRadiusM,
    handleM: reel.handleRadiusM?.value ?? classes.fighting[reel.build].handleM,
    speedsMps: [presentation.speedMps, DRIFT_MPS, fish.towardShare * runMps],
    handN: hand.handN,
    efficiency: hand.efficiency,
  };
  return { ...winding(asked), asked };
}

/** The tip stands over the water by the hands' height and most of a bent rod's length. */
const BENT_HEIGHT = 0.7;

function towed(rig: Rig, presentation: Presentation, pullN: number, lineM: number): BoatSide['craft'] {
  const craft = rig.house.crafts.find(({ id }) => id === presentation.craftId);
  if (!craft || craft.hullDragN === 0) return null;
  const { runMps, runS } = fishRun(presentation.fishKg ?? FISH_RUNS.large.massKg, rig.classes);
  const asked = {
    pullN,
    hullDragN: craft.hullDragN,
    hullLengthM: craft.lengthM,
    tipHeightM: presentation.handHeightM + BENT_HEIGHT * rig.rod.lengthM,
    fishMps: runMps,
    runS,
    lineM: Math.max(0, lineM),
  };
  return { ...smallCraft(asked), asked, name: craft.name };
}
