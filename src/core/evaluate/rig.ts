import { strengthChain, type Chain, type ChainJoint } from '../chain';
import { POINT_PLACES, RIGGED_WIRE, type PointPlace } from '../defaults/bait-classes';
import { GUARDS } from '../defaults/hookset-classes';
import { GRIP_LENGTH_M } from '../defaults/rod-classes';
import { MATERIALS } from '../defaults/sink-classes';
import { requireInRange } from '../guard';
import { wireLengthM } from '../hook';
import { openingForceN, type HookInTissue } from '../hookset';
import { KNOTS, KNOT_SPREAD, knotGroup } from '../defaults/knots';
import type { LineMaterial } from '../defaults/line-materials';
import { lineProperties, type LineProperties } from '../line';
import { weightSize } from '../lure';
import type { Quantity } from '../quantity';
import type { Rod } from '../rod';
import { BODY_LIMITS, type SinkBody } from '../sink';
import type { HookPart, Joint, JigHeadPart, JointKind, KnotPart, LinePart, Part, ReelPart, RodPart, Setup, SoftBaitPart, WeightPart } from './setup';

/** A setup with its parts in place and every quantity a plain SI number. */
export interface Rig {
  readonly rod: Rod;
  readonly rodPart: RodPart;
  readonly ratingKg: readonly [number, number] | null;
  readonly reel: ReelPart;
  readonly linePart: LinePart;
  readonly line: LineProperties;
  readonly leaderPart: LinePart | null;
  readonly leader: (LineProperties & { readonly lengthM: number }) | null;
  readonly weight: WeightPart | null;
  readonly hook: HookPart | JigHeadPart;
  readonly point: PointPlace;
  readonly bait: SoftBaitPart;
  /** everything beyond the tip that is thrown [kg] */
  readonly castMassKg: number;
  readonly bodies: readonly SinkBody[];
  readonly tissue: HookInTissue;
  readonly crushM: number;
  readonly chain: Chain;
  /** joint ids in the order of the chain's joints; the hook's opening is the last */
  readonly chainJointIds: readonly string[];
  /** each knot and the material it is tied in */
  readonly knots: readonly { readonly part: KnotPart; readonly material: LineMaterial }[];
  /** strength of main line and leader with the knots tied in them [N] */
  readonly lineRiggedN: number;
  readonly leaderRiggedN: number | null;
}

/**
 * Reads a setup's chain of joints: what is thrown, what falls, what pulls, and the joints that carry the pull.
 * The leader and line are not counted in the cast mass: a metre of leader weighs a fifth of a gram.
 *
 * @throws {Error} when a joint's part is missing or of another kind; `setupSchema` refuses such a file at the edge.
 */
export function readRig(setup: Setup): Rig {
  const find = finder(setup);
  const rodPart = find('rod', 'rod');
  const reel = find('reel', 'reel');
  const linePart = find('line', 'line');
  const bait = find('bait', 'soft-bait');
  const leaderJoint = setup.chain.find((joint): joint is Extract<Joint, { kind: 'leader' }> => joint.kind === 'leader');
  const weightJoint = setup.chain.find((joint) => joint.kind === 'weight');
  const hookJoint = setup.chain.find((joint): joint is Extract<Joint, { kind: 'hook' }> => joint.kind === 'hook');
  const leaderPart = leaderJoint ? find('leader', 'line') : null;
  const weight = weightJoint ? find('weight', 'weight') : null;
  const hook = hookJoint ? find('hook', 'hook') : find('jig-head', 'jig-head');
  const point = hookJoint?.point ?? 'open';

  const line = propertiesOf(linePart);
  const leader = leaderPart && leaderJoint ? { ...propertiesOf(leaderPart), lengthM: leaderJoint.lengthM } : null;
  const tissue: HookInTissue = {
    wireMm: hook.wireM.value * 1e3,
    gapMm: hook.gapM.value * 1e3,
    points: hook.points,
    barb: hook.barb,
    sharpness: hook.sharpness,
    openingN: hook.kind === 'hook' ? hook.openingN?.value : undefined,
    guardN: GUARDS[POINT_PLACES[point].guard].forceN + (hook.kind === 'jig-head' ? GUARDS[hook.guard].forceN : 0),
  };

  const carried = carryingJoints(setup, { line, linePart, leader, leaderPart, openingN: openingForceN(tissue) });
  const chain = strengthChain({ joints: carried.map(({ joint }) => joint), wanted: wantedIndex(setup, carried) });
  const strengthAt = (side: 'line' | 'leader') =>
    chain.joints.reduce((least, joint, i) => (carried[i]!.side === side ? Math.min(least, joint.strengthN) : least), Infinity);

  return {
    rod: rodOf(rodPart),
    rodPart,
    ratingKg: rodPart.rating ? [rodPart.rating.loKg.value, rodPart.rating.hiKg.value] : null,
    reel, linePart, line, leaderPart, leader, weight, hook, point, bait,
    castMassKg: bait.massKg.value + hook.massKg.value + (weight?.massKg.value ?? 0),
    bodies: [...(weight ? [weightBody(weight)] : []), ...hookBodies(hook), baitBody(bait)],
    tissue,
    crushM: POINT_PLACES[point].crushShare * bait.heightM.value,
    chain,
    chainJointIds: carried.map(({ id }) => id),
    knots: carried.flatMap(({ knot }) => (knot ? [knot] : [])),
    lineRiggedN: strengthAt('line'),
    leaderRiggedN: leader ? strengthAt('leader') : null,
  };
}

/** Length that bends [m]: measured, or the printed length less what the hands cover. */
const workingLengthM = (rod: RodPart): number => rod.workingLengthM?.value ?? rod.lengthM.value - GRIP_LENGTH_M[rod.handle].valueM;

/** Share of the line's strength a knot keeps: the user's pull test in that material, else the class row. */
export const knotShare = (knot: KnotPart, material: LineMaterial): Quantity<'1'> =>
  knot.shares[material] ?? { value: KNOTS[knot.pattern].shares[knotGroup(material)], unit: '1', provenance: 'class', spread: KNOT_SPREAD };

/** A rod part as the bending model takes it. */
export function rodOf(rod: RodPart): Rod {
  const { stiffness } = rod;
  return {
    lengthM: workingLengthM(rod),
    stiffness: stiffness.kind === 'class' ? stiffness : { kind: 'taper', buttEiNm2: stiffness.buttEiNm2.value, tipRatio: stiffness.tipRatio.value },
  };
}

function propertiesOf(part: LinePart): LineProperties {
  const properties = lineProperties({ material: part.material, strengthN: part.strengthN?.value, diameterM: part.diameterM?.value });
  return part.eaN ? { ...properties, eaN: part.eaN.value } : properties;
}

interface Carried {
  readonly id: string;
  readonly joint: ChainJoint;
  /** which piece of line the joint belongs to; the hook belongs to neither */
  readonly side: 'line' | 'leader' | null;
  readonly knot?: Rig['knots'][number];
}

interface LinesOfRig {
  readonly line: LineProperties;
  readonly linePart: LinePart;
  readonly leader: LineProperties | null;
  readonly leaderPart: LinePart | null;
  readonly openingN: number;
}

/**
 * The joints that carry the pull, from the reel. A knot between two lines is tied in the weaker of them; a knot with no
 * leader after it is tied in the last line before the hook.
 */
function carryingJoints(setup: Setup, lines: LinesOfRig): readonly Carried[] {
  const parts = new Map(setup.parts.map((part) => [part.id, part]));
  const joints: Carried[] = [];
  let before: 'line' | 'leader' = 'line';
  for (const [index, joint] of setup.chain.entries()) {
    const part = parts.get(joint.partId)!;
    const { id } = joint;
    switch (joint.kind) {
      case 'line':
        joints.push({ id, side: 'line', joint: { name: id, strengthN: lines.line.strengthN } });
        break;
      case 'leader':
        before = 'leader';
        joints.push({ id, side: 'leader', joint: { name: id, strengthN: lines.leader!.strengthN } });
        break;
      case 'knot': {
        const between = setup.chain.slice(index + 1).some((later) => later.kind === 'leader');
        const leaderIsWeaker = lines.leader !== null && lines.leader.strengthN < lines.line.strengthN;
        const inLeader = before === 'leader' || (between && leaderIsWeaker);
        const { material } = inLeader ? lines.leaderPart! : lines.linePart;
        const onLineN = inLeader ? lines.leader!.strengthN : lines.line.strengthN;
        const knot = { part: part as KnotPart, material };
        joints.push({ id, side: before, joint: { name: id, onLineN, share: knotShare(knot.part, material).value }, knot });
        break;
      }
      case 'hook':
      case 'jig-head':
        joints.push({ id, side: null, joint: { name: id, strengthN: lines.openingN } });
        break;
      case 'rod':
      case 'reel':
      case 'weight':
      case 'bait':
        break;
      default:
        joint satisfies never;
    }
  }
  return joints;
}

function wantedIndex(setup: Setup, joints: readonly Carried[]): number | undefined {
  const index = joints.findIndex(({ id }) => id === setup.presentation.wanted.breakAt);
  return index < 0 ? undefined : index;
}

function weightBody({ massKg, material, shape, dragAreaM2 }: WeightPart): SinkBody {
  return { massKg: massKg.value, material, ...(dragAreaM2 ? { dragAreaM2: dragAreaM2.value } : { shape: headShape({ massKg: massKg.value, material, shape }) }) };
}

/** A head by its own metal; its hook beside it as steel. */
function hookBodies(hook: HookPart | JigHeadPart): SinkBody[] {
  const wire = { gapM: hook.gapM.value, shankM: hook.shankM.value, wireM: hook.wireM.value };
  const length = wireLengthM(wire);
  const dragAreaM2 = RIGGED_WIRE.exposedShare * RIGGED_WIRE.cd * length * wire.wireM;
  if (hook.kind === 'hook') return [{ massKg: hook.massKg.value, material: 'steel', dragAreaM2 }];
  const wireKg = (MATERIALS.steel.densityKgPm3 * length * Math.PI * wire.wireM ** 2) / 4;
  const head = { massKg: hook.massKg.value - wireKg, material: hook.material, shape: hook.shape };
  requireInRange('massKg of the jig head', hook.massKg.value, { min: wireKg, max: BODY_LIMITS.massKg.max, exclusiveMin: true });
  return [
    { massKg: head.massKg, material: head.material, shape: headShape(head) },
    { massKg: wireKg, material: 'steel', dragAreaM2 },
  ];
}

function headShape(weight: Parameters<typeof weightSize>[0]): NonNullable<SinkBody['shape']> {
  const { diameterM } = weightSize(weight);
  return weight.shape === 'sphere' ? { kind: 'sphere', diameterM } : { kind: weight.shape, areaM2: (Math.PI * diameterM ** 2) / 4 };
}

const baitBody = (bait: SoftBaitPart): SinkBody => ({
  massKg: bait.massKg.value,
  ...(bait.volumeM3 ? { volumeM3: bait.volumeM3.value } : { material: bait.material }),
  ...(bait.dragAreaM2 ? { dragAreaM2: bait.dragAreaM2.value } : { shape: { kind: bait.tail, lengthM: bait.lengthM.value } }),
});

/** Finds the part at a kind of joint. */
function finder(setup: Setup) {
  return <K extends Part['kind']>(jointKind: JointKind, partKind: K): Extract<Part, { kind: K }> => {
    const joint = setup.chain.find(({ kind }) => kind === jointKind);
    const part = setup.parts.find(({ id }) => id === joint?.partId);
    if (part?.kind !== partKind) throw new Error(`joint ${jointKind} has no part of kind ${partKind}`);
    return part as Extract<Part, { kind: K }>;
  };
}
