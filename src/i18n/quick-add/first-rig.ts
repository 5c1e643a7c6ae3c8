import { STANDARD_GRAVITY_MPS2 } from '@/core/base/constants';
import { lineProperties } from '@/core/tackle';
import type { House } from '@/domain/house';
import type { Part, PartKind, PartOf } from '@/domain/parts';
import { rigPattern, type RigId } from '@/domain/rigs';
import { LURE_KINDS } from '@/domain/start-from';
import { rigUp, type RigInWords, type RiggedUp } from './rig-in-words';

/** What a fish is to take: the third thing in the hand. */
export type FirstLure = PartOf<(typeof LURE_KINDS)[number]>;

export interface InHand {
  readonly rod: PartOf<'rod'>;
  readonly line: PartOf<'line'>;
  readonly lure: FirstLure;
}

/** A leader a quarter weaker than the main line breaks first and leaves the line on the reel. */
const LEADER_SHARE = 0.75;
/** The weight beyond the tip is put in the middle of the rod's printed window; a jig head is no lighter or heavier than these [kg]. */
const HEAD_KG = { least: 0.003, most: 0.05, usual: 0.01 } as const;

const isTowed = ({ mount }: PartOf<'rod'>) => mount === 'trolling' || mount === 'boat';

/** The rig in which a lure or bait is fished most plainly. */
export function plainRig({ lure }: Pick<InHand, 'lure'>): RigId {
  switch (lure.kind) {
    case 'hard-lure':
      return 'bare-plug';
    case 'topwater':
      return lure.body === 'hollow' ? 'hollow-topwater' : 'bare-topwater';
    case 'spoon':
      return 'spoon';
    case 'trolled-fly':
      return 'disc-fly';
    case 'skirted-jig':
      return lure.blade === 'blade' ? 'bladed-jig' : 'skirted-jig';
    case 'natural-bait':
      return 'pinched-weight';
    case 'soft-bait':
    case 'jig-head':
      return 'jig-head';
  }
}

/**
 * A whole rig from a rod, a line and a lure: the plainest one for the lure, and in every place that nothing was said of the usual
 * part of its class, so that there is a first verdict to look at.
 */
export function firstRig(hand: InHand, house?: House): RiggedUp {
  const rig = plainRig(hand);
  const parts: RigInWords['parts'] = Object.fromEntries(
    rigPattern(rig).slots.flatMap(({ id, partKind, form, knot }): [string, string | Part][] => {
      if (knot) return [];
      if (partKind === hand.lure.kind) return [[id, hand.lure]];
      return [[id, id === 'line' ? hand.line : id === 'rod' ? hand.rod : usualLine(partKind, form, hand)]];
    }),
  );
  return rigUp({
    rig,
    parts, // A trolling rod tows what it carries.
    presentation: isTowed(hand.rod) ? { kind: 'towed', way: 'trolled' } : undefined,
    house,
  });
}

/** What usually stands in a place, as quick add reads it. */
function usualLine(kind: PartKind, form: string | undefined, { rod, line, lure }: InHand): string {
  const { strengthN } = lineProperties({
    material: line.material,
    strengthN: line.strengthN?.value,
    diameterM: line.diameterM?.value,
  });
  const lineKg = strengthN / STANDARD_GRAVITY_MPS2;
  switch (kind) {
    case 'reel':
      return rod.mount === 'spin' ? 'spinning reel' : isTowed(rod) ? 'trolling reel' : 'baitcasting reel';
    case 'line':
      return `fluorocarbon leader ${(LEADER_SHARE * lineKg).toFixed(1)} kg`;
    case 'jig-head':
      return `ball jig head ${(1e3 * headKg(rod, lure)).toFixed(0)} g ${hookSize('lengthM' in lure ? lure.lengthM.value : 0.09)}`;
    case 'soft-bait':
      return 'paddle tail 9 cm';
    case 'trailer':
      return 'twin tail trailer 8 cm';
    case 'weight':
      return 'split shot 2 g';
    case 'hook':
      return 'bait hook #4';
    default:
      return form === 'snap'
        ? `snap ${lineKg > 12 ? 10 : 8} mm`
        : form === 'wobble-disc'
          ? 'wobble disc 24 mm'
          : // Too large for a tip-top, so that it cannot be wound into one.
            `swivel ${lineKg > 12 ? 8 : 7} mm`;
  }
}

/** A head that brings the whole to the middle of what the rod is printed for. */
function headKg({ rating }: PartOf<'rod'>, lure: FirstLure): number {
  if (!rating) return HEAD_KG.usual;
  const middle = Math.sqrt(Math.max(rating.loKg.value, 1e-3) * rating.hiKg.value);
  const bait = 'massKg' in lure && lure.massKg ? lure.massKg.value : 0;
  return Math.min(HEAD_KG.most, Math.max(HEAD_KG.least, middle - bait));
}

/** The hook that such a bait is rigged on: its gap about a tenth of the bait's length. */
const hookSize = (baitM: number): string =>
  baitM < 0.06 ? '#1' : baitM < 0.085 ? '2/0' : baitM < 0.115 ? '4/0' : '6/0';

export const isLure = (part: Part): part is FirstLure => (LURE_KINDS as readonly string[]).includes(part.kind);
