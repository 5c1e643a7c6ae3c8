import {
  blankHoldsN,
  powerN,
  printedWindowKg,
  statedPower,
  strengthChain,
  lineProperties,
  EMPTY_HOUSE,
  type Chain,
  type LineProperties,
  type Rod,
  type House,
  type KnotPart,
  type LinePart,
  type ReelPart,
  type RodPart,
  type Setup,
} from '../../tackle';
import { POINT_PLACES } from '../../tackle/defaults/bait-classes';
import { classesWith, type Classes } from '../../tackle/defaults/classes';
import type { LineMaterial } from '../../tackle/defaults/line-materials';
import { InputRangeError } from '../../base/guard';
import { neededForceN, type HookInTissue } from '../../strike';
import type { SinkBody } from '../../water';
import { carryingJoints, type LinePiece } from './carrying-joints';
import { elementsOf, isAssembly, type Element } from './elements';
import { bodiesOf } from './falling-bodies';
import { fitChain, isKind, type Fitted } from './fitted';
import type { HookPlace } from './hook-place';
import { rigEnd, type RiggedEnd } from './rigged-end';

/** A piece of line with the strength it has as rigged, its knots and links included. */
export interface RiggedPiece extends LinePiece {
  readonly part: LinePart | null;
  readonly riggedN: number;
}

/** A hook of the rig and what it needs to go in. */
export interface RiggedHook extends HookPlace {
  readonly end: RiggedEnd;
  readonly tissue: HookInTissue;
  readonly neededN: number;
}

/** A setup with its parts in place and every quantity a plain SI number. */
export interface Rig {
  readonly classes: Classes;
  readonly house: House;
  readonly chainOfParts: readonly Fitted[];
  readonly elements: readonly Element[];
  readonly rod: Rod;
  readonly rodPart: RodPart;
  readonly ratingKg: readonly [number, number] | null;
  /** the force that drops the tip by a third of the length, square to the grip [N] */
  readonly powerN: number;
  /** what the blank bears [N] */
  readonly rodHoldsN: number;
  readonly reel: ReelPart;
  readonly linePart: LinePart;
  /** main line first */
  readonly pieces: readonly RiggedPiece[];
  readonly ends: readonly RiggedEnd[];
  readonly hooks: readonly RiggedHook[];
  /** the hook that is hardest to drive, stingers apart: the set is judged by it */
  readonly hook: RiggedHook;
  /** everything beyond the tip that is thrown [kg] */
  readonly castMassKg: number;
  readonly bodies: readonly SinkBody[];
  readonly crushM: number;
  readonly chain: Chain;
  /** each knot and the material it is tied in */
  readonly knots: readonly { readonly jointId: string; readonly part: KnotPart; readonly material: LineMaterial }[];
}

/**
 * Reads a setup's chain of joints: what is thrown, what falls, what pulls, and the joints that carry the pull.
 * Line is not counted in the cast mass: a metre of leader weighs a fifth of a gram.
 *
 * @throws {Error} when a joint's part is missing or of another kind; `setupFileSchema` refuses such a file at the edge.
 * @throws {InputRangeError} when no hook is there, or a part's value lies outside a model's limits.
 */
export function readRig(setup: Setup, classes: Classes = classesWith(setup.house?.classes)): Rig {
  const house = setup.house ?? EMPTY_HOUSE;
  const chainOfParts = fitChain(setup);
  const rodPart = chainOfParts.find(isKind('rod'))!.part;
  const reel = chainOfParts.find(isKind('reel'))!.part;
  const linePart = chainOfParts.find(isKind('line'))!.part;
  const elements = elementsOf(chainOfParts);
  const endOf = new Map(
    elements.filter(isAssembly).map((assembly) => [assembly as Element, rigEnd(assembly, classes)]),
  );
  const ends = [...endOf.values()];
  const pieces = linePieces(chainOfParts, classes);
  const carried = carryingJoints(chainOfParts, pieces, ends, classes);
  const wanted = carried.findIndex(({ id }) => id === setup.presentation.wanted.breakAt);
  const chain = strengthChain({ joints: carried.map(({ joint }) => joint), wanted: wanted < 0 ? undefined : wanted });
  const hooks = ends.flatMap((end) => end.hooks.map((place) => riggedHook(place, end, setup, classes)));
  const setting = hooks.filter(({ role }) => role !== 'stinger');
  // A lure can come without hooks; a rig cannot.
  if (setting.length === 0) throw new InputRangeError('hooks', 0, 1, Infinity);
  const hook = setting.reduce((most, each) => (each.neededN > most.neededN ? each : most));
  const bodies = bodiesOf(elements, endOf, classes);
  return {
    classes,
    house,
    chainOfParts,
    elements,
    ...rodInRig(rodPart, classes),
    reel,
    linePart,
    pieces: pieces.map((piece, i) => ({
      ...piece,
      riggedN: chain.joints.reduce(
        (least, { strengthN }, k) => (carried[k]!.piece === i ? Math.min(least, strengthN) : least),
        piece.line.strengthN,
      ),
    })),
    ends,
    hooks,
    hook,
    castMassKg: bodies.reduce((sum, { massKg }) => sum + massKg, 0),
    bodies,
    crushM:
      hook.end.body && !hook.hangs && (hook.end.body.kind === 'soft-bait' || hook.end.body.kind === 'trailer')
        ? POINT_PLACES[hook.point].crushShare * hook.end.body.heightM
        : 0,
    chain,
    knots: carried.flatMap(({ id, knot }) => (knot ? [{ jointId: id, ...knot }] : [])),
  };
}

/** The lure window of a rod [kg, kg], printed or of its class; null where it has none. */
export const ratingOf = (rod: RodPart): Rig['ratingKg'] =>
  printedWindowKg(rod) ?? (rod.rating ? [rod.rating.loKg.value, rod.rating.hiKg.value] : null);

/** What the blank of a rod bears as it is written on it, or by its power [N]. */
export const rodHoldsN = (rod: RodPart, classes: Classes): number =>
  blankHoldsN(rod, () => powerN(rodOf(rod, classes)), classes);

function rodInRig(rodPart: RodPart, classes: Classes) {
  const rod = rodOf(rodPart, classes);
  const power = powerN(rod);
  return {
    rodPart,
    rod,
    ratingKg: ratingOf(rodPart),
    powerN: power,
    rodHoldsN: blankHoldsN(rodPart, () => power, classes),
  } satisfies Partial<Rig>;
}

/** The same rig on another rod and reel: nothing beyond the reel is read again. */
export const onRod = (rig: Rig, rodPart: RodPart, reel: ReelPart): Rig => ({
  ...rig,
  ...rodInRig(rodPart, rig.classes),
  reel,
  chainOfParts: rig.chainOfParts.map((fitted): Fitted =>
    fitted.kind === 'rod' ? { ...fitted, part: rodPart } : fitted.kind === 'reel' ? { ...fitted, part: reel } : fitted,
  ),
});

/** Length that bends [m]: measured, or the printed length less what the hands cover. */
const workingLengthM = (rod: RodPart, { grips }: Pick<Classes, 'grips'>): number =>
  rod.workingLengthM?.value ?? rod.lengthM.value - grips[rod.handle].valueM;

/** A rod part as the bending model takes it: as it was measured, or by what is printed on it. */
export function rodOf(rod: RodPart, classes: Classes): Rod {
  const { stiffness } = rod;
  const lengthM = workingLengthM(rod, classes);
  if (stiffness.kind === 'taper')
    return {
      lengthM,
      stiffness: { kind: 'taper', buttEiNm2: stiffness.buttEiNm2.value, tipRatio: stiffness.tipRatio.value },
    };
  const { forceN, spread } = statedPower(rod, classes)!;
  return { lengthM, stiffness: { kind: 'power', forceN, spread, action: stiffness.action } };
}

function linePieces(chain: readonly Fitted[], classes: Classes): (LinePiece & { readonly part: LinePart | null })[] {
  return chain.flatMap((fitted): (LinePiece & { readonly part: LinePart | null })[] => {
    switch (fitted.kind) {
      case 'line':
      case 'leader':
        return [
          {
            jointId: fitted.joint.id,
            part: fitted.part,
            material: fitted.part.material,
            line: propertiesOf(fitted.part, classes),
            lengthM: fitted.kind === 'leader' ? fitted.joint.lengthM : null,
          },
        ];
      case 'snell':
        // A snell is sold by its strength; nylon is what it is tied of.
        return [
          {
            jointId: fitted.joint.id,
            part: null,
            material: 'nylon',
            line: lineProperties({ material: 'nylon', strengthN: fitted.part.strengthN.value }, classes),
            lengthM: fitted.part.lengthM.value,
          },
        ];
      default:
        return [];
    }
  });
}

function propertiesOf(part: LinePart, classes: Classes): LineProperties {
  const properties = lineProperties(
    { material: part.material, strengthN: part.strengthN?.value, diameterM: part.diameterM?.value },
    classes,
  );
  return part.eaN ? { ...properties, eaN: part.eaN.value } : properties;
}

function riggedHook(place: HookPlace, end: RiggedEnd, setup: Setup, classes: Classes): RiggedHook {
  const { spec } = place;
  const tissue: HookInTissue = {
    wireMm: spec.wireM * 1e3,
    gapMm: spec.gapM * 1e3,
    points: spec.points,
    barb: spec.barb,
    sharpness: spec.sharpness,
    openingN: spec.openingN,
    guardN: classes.guards[place.guard].forceN + guardBeside(end, classes),
  };
  return { ...place, end, tissue, neededN: neededForceN(tissue, setup.presentation.mouth, classes) };
}

/** A bristle or wire guard that was put on beside the hook. */
const guardBeside = (end: RiggedEnd, classes: Classes): number =>
  end.assembly.attached.some((each) => each.kind === 'hardware' && each.part.form === 'hook-guard')
    ? classes.guards.bristle.forceN
    : 0;

/** Length of the leaders between main line and hook [m]. */
export const leadersM = (rig: Rig): number => piecesInPull(rig).reduce((sum, { lengthM }) => sum + (lengthM ?? 0), 0);

/** The pieces of line that a fish on the judged hook pulls on: of two legs on one swivel, the one that this hook hangs on. */
export function piecesInPull(rig: Pick<Rig, 'pieces' | 'chainOfParts' | 'hook'>): readonly RiggedPiece[] {
  const reached = new Map<string, readonly string[]>();
  let path: readonly string[] = [];
  for (const { kind, joint } of rig.chainOfParts) {
    if (kind === 'leader' && joint.from !== undefined) path = reached.get(joint.from) ?? path;
    if (kind === 'line' || kind === 'leader' || kind === 'snell') path = [...path, joint.id];
    reached.set(joint.id, path);
  }
  const forks = rig.chainOfParts.some(({ kind, joint }) => kind === 'leader' && joint.from !== undefined);
  const pulled = reached.get(rig.hook.jointId) ?? [];
  return forks ? rig.pieces.filter(({ jointId }) => pulled.includes(jointId)) : rig.pieces;
}

/** What the line as rigged holds at its weakest, hooks apart [N]. */
export const lineRiggedN = (rig: Rig): number => Math.min(...rig.pieces.map(({ riggedN }) => riggedN));
