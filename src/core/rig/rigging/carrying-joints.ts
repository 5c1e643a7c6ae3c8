import { bearsHook, type ChainJoint, type LineProperties, type HardwarePart, type KnotPart } from '../../tackle';
import type { Classes } from '../../tackle/defaults/classes';
import { HARDWARE_CLASSES } from '../../tackle/defaults/hardware-classes';
import type { LineMaterial } from '../../tackle/defaults/line-materials';
import { openingForceN } from '../../strike';
import type { Quantity } from '../../base/quantity';
import { KNOT_SPREAD, knotGroup, type KnotGroup } from '../../tackle/defaults/knots';
import { carriesPull } from './elements';
import type { Fitted } from './fitted';
import type { HookSpec } from './hook-spec';
import type { RiggedEnd } from './rigged-end';

/** A piece of line in the rig, in the order from the reel. */
export interface LinePiece {
  readonly jointId: string;
  readonly material: LineMaterial;
  readonly line: LineProperties;
  /** null: the main line, as long as the cast or the tow needs it */
  readonly lengthM: number | null;
}

export interface Carried {
  /** the joint's id; a hook that comes with another joint's part has `:hook` behind it */
  readonly id: string;
  readonly joint: ChainJoint;
  /** which piece of line it belongs to; null for hooks */
  readonly piece: number | null;
  readonly knot?: { readonly part: KnotPart; readonly material: LineMaterial };
}

/** Share of the line's strength a knot keeps: the user's pull test in that material, else the class row. */
export const knotShare = (knot: KnotPart, material: LineMaterial, classes: Pick<Classes, 'knots'>): Quantity<'1'> =>
  knot.shares[material] ?? {
    value: (classes.knots[knot.pattern].shares as Readonly<Record<KnotGroup, number>>)[knotGroup(material)],
    unit: '1',
    provenance: 'class',
    spread: KNOT_SPREAD,
  };

/** What a piece of hardware holds [N]: label or test, else by its width; null where it carries nothing. */
export function hardwareStrengthN(part: HardwarePart): number | null {
  if (!carriesPull(part.form)) return null;
  const { perMm2 } = HARDWARE_CLASSES[part.form];
  return part.strengthN?.value ?? (perMm2 === null ? null : perMm2 * (part.widthM.value * 1e3) ** 2);
}

/** Pull at which a hook opens [N]. */
export const openingOf = ({ wireM, gapM, openingN }: HookSpec): number =>
  openingForceN({ wireMm: wireM * 1e3, gapMm: gapM * 1e3, openingN });

/**
 * The joints that carry the pull, from the reel to the last hook. A knot between two lines is tied in the weaker of
 * them; one with a line on one side only in that line. What hangs beyond the last hook, as a drop weight's tag, carries
 * no fish and is left out.
 */
export function carryingJoints(
  chain: readonly Fitted[],
  pieces: readonly LinePiece[],
  ends: readonly RiggedEnd[],
  classes: Classes,
): readonly Carried[] {
  const last = chain.reduce((at, fitted, i) => (bearsHook(fitted.kind) ? i : at), -1);
  const joints: Carried[] = [];
  let piece = -1;
  for (const [i, fitted] of chain.slice(0, last + 1).entries()) {
    const { id } = fitted.joint;
    const hookOf = () => ends.flatMap(({ hooks }) => hooks).find(({ jointId }) => jointId === id);
    const opening = (name: string) => {
      const hook = hookOf();
      if (hook) joints.push({ id: name, piece: null, joint: { name, strengthN: openingOf(hook.spec) } });
    };
    switch (fitted.kind) {
      case 'rod':
      case 'reel':
      case 'bait':
      case 'trailer':
      case 'skirt':
      case 'attractor':
      case 'plane':
      case 'bouncer':
      case 'weight':
        break;
      case 'line':
      case 'leader':
        piece += 1;
        joints.push({ id, piece, joint: { name: id, strengthN: pieces[piece]!.line.strengthN } });
        break;
      case 'knot': {
        const tiedIn = lineOfKnot(chain, i, pieces);
        if (!tiedIn) break;
        const knot = { part: fitted.part, material: tiedIn.material };
        joints.push({
          id,
          piece,
          joint: {
            name: id,
            onLineN: tiedIn.line.strengthN,
            share: knotShare(fitted.part, tiedIn.material, classes).value,
          },
          knot,
        });
        break;
      }
      case 'hardware': {
        const own = hardwareStrengthN(fitted.part);
        if (own === null) break;
        const on = fitted.part.form === 'crimp' ? lineOfKnot(chain, i, pieces) : null;
        joints.push({
          id,
          piece,
          joint: { name: id, strengthN: on ? Math.min(own, classes.crimp.share.value * on.line.strengthN) : own },
        });
        break;
      }
      case 'hook':
      case 'jig-head':
      case 'stinger':
        opening(id);
        break;
      case 'lure':
        opening(`${id}:hook`);
        break;
      case 'snell':
        piece += 1;
        joints.push({ id, piece, joint: { name: id, strengthN: fitted.part.strengthN.value } });
        opening(`${id}:hook`);
        break;
      default:
        fitted satisfies never;
    }
  }
  return joints;
}

/** The piece of line that a knot or crimp is made in; null where none touches it. */
export function lineOfKnot(chain: readonly Fitted[], at: number, pieces: readonly LinePiece[]): LinePiece | null {
  const before = touching(chain.slice(0, at).reverse(), pieces);
  const after = touching(chain.slice(at + 1), pieces);
  if (before && after) return after.line.strengthN < before.line.strengthN ? after : before;
  return before ?? after;
}

/** The next thing that carries the pull, if it is a line: weights and beads slide on it and part nothing. */
function touching(rest: readonly Fitted[], pieces: readonly LinePiece[]): LinePiece | null {
  for (const fitted of rest) {
    if (fitted.kind === 'line' || fitted.kind === 'leader' || fitted.kind === 'snell')
      return pieces.find(({ jointId }) => jointId === fitted.joint.id) ?? null;
    const slides =
      (fitted.kind === 'weight' && fitted.joint.hold !== 'fixed') ||
      fitted.kind === 'skirt' ||
      (fitted.kind === 'hardware' && !carriesPull(fitted.part.form));
    if (!slides) return null;
  }
  return null;
}
