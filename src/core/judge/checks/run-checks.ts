import { guideMaterial } from './rules/guide-material';
import { throughRings } from './rules/through-rings';
import { woundIntoTip } from './rules/wound-into-tip';
import { leaderLength } from './rules/leader-length';
import { spinWithoutSwivel } from './rules/spin-without-swivel';
import { needlessSwivel } from './rules/needless-swivel';
import { loopOrTight } from './rules/loop-or-tight';
import { hookOffCentre } from './rules/hook-off-centre';
import { gapAgainstBody } from './rules/gap-against-body';
import { pointStation } from './rules/point-station';
import { shankAgainstBody } from './rules/shank-against-body';
import { hookAgainstBait } from './rules/hook-against-bait';
import { hookSpacing } from './rules/hook-spacing';
import { stingerStation } from './rules/stinger-station';
import { hooksOnLure } from './rules/hooks-on-lure';
import { hooksReach } from './rules/hooks-reach';
import { lightHookStiffRod } from './rules/light-hook-stiff-rod';
import { stoutHookSoftRod } from './rules/stout-hook-soft-rod';
import { stretchOverDistance } from './rules/stretch-over-distance';
import { leaderStrength } from './rules/leader-strength';
import { hardwareSize } from './rules/hardware-size';
import { abrasionLeader } from './rules/abrasion-leader';
import { weightBuriesBait } from './rules/weight-buries-bait';
import { attractorLead } from './rules/attractor-lead';
import { workingSpeed } from './rules/working-speed';
import { lineClass } from './rules/line-class';
import { reelCapacity } from './rules/reel-capacity';
import { lineForFish } from './rules/line-for-fish';
import { tipClearance } from './rules/tip-clearance';
import { boatsideTurn } from './rules/boatside-turn';
import { handleSide } from './rules/handle-side';
import { reelSeat } from './rules/reel-seat';
import { rodInHolder } from './rules/rod-in-holder';
import { tipsApart } from './rules/tips-apart';
import { lineTwist } from './rules/line-twist';
import { openPointsInWeed } from './rules/open-points-in-weed';
import { accentHook } from './rules/accent-hook';
import { stingerComesOff } from './rules/stinger-comes-off';
import { towPoint } from './rules/tow-point';
import { apartInTheBox } from './rules/apart-in-the-box';
import { untied } from './rules/untied';
import { clutchBeyondReel } from './rules/clutch-beyond-reel';
import { dragAgainstBlank } from './rules/drag-against-blank';
import { strikeAgainstBlank } from './rules/strike-against-blank';
import { dragBuild } from './rules/drag-build';
import { gearRatio } from './rules/gear-ratio';
import { strikeWhen } from './rules/strike-when';
import { momentInTheHands } from './rules/moment-in-the-hands';
import { weightHold } from './rules/weight-hold';
import { lureLink } from './rules/lure-link';
import { plugHooks } from './rules/plug-hooks';
import { fastLeader } from './rules/fast-leader';
import { rodLength } from './rules/rod-length';
import { reelForStoutHooks } from './rules/reel-for-stout-hooks';
import { roomInCraft } from './rules/room-in-craft';
import { rulesSheet } from './rules/rules-sheet';
import type { CheckInput, Found, Rule, Severity } from './rule';

/** Every rule by its id, in the order in which a practitioner goes over a rig. */
export const RULES = {
  'guide-material': guideMaterial,
  'through-rings': throughRings,
  'wound-into-tip': woundIntoTip,
  'leader-length': leaderLength,
  'spin-without-swivel': spinWithoutSwivel,
  'needless-swivel': needlessSwivel,
  'loop-or-tight': loopOrTight,
  'hook-off-centre': hookOffCentre,
  'gap-against-body': gapAgainstBody,
  'point-station': pointStation,
  'shank-against-body': shankAgainstBody,
  'hook-against-bait': hookAgainstBait,
  'hook-spacing': hookSpacing,
  'stinger-station': stingerStation,
  'hooks-on-lure': hooksOnLure,
  'hooks-reach': hooksReach,
  'light-hook-stiff-rod': lightHookStiffRod,
  'stout-hook-soft-rod': stoutHookSoftRod,
  'stretch-over-distance': stretchOverDistance,
  'leader-strength': leaderStrength,
  'hardware-size': hardwareSize,
  'abrasion-leader': abrasionLeader,
  'weight-buries-bait': weightBuriesBait,
  'attractor-lead': attractorLead,
  'working-speed': workingSpeed,
  'line-class': lineClass,
  'reel-capacity': reelCapacity,
  'line-for-fish': lineForFish,
  'tip-clearance': tipClearance,
  'boatside-turn': boatsideTurn,
  'reel-seat': reelSeat,
  'handle-side': handleSide,
  'rod-in-holder': rodInHolder,
  'tips-apart': tipsApart,
  'line-twist': lineTwist,
  'open-points-in-weed': openPointsInWeed,
  'accent-hook': accentHook,
  'stinger-comes-off': stingerComesOff,
  'tow-point': towPoint,
  'apart-in-the-box': apartInTheBox,
  untied: untied,
  'clutch-beyond-reel': clutchBeyondReel,
  'drag-against-blank': dragAgainstBlank,
  'strike-against-blank': strikeAgainstBlank,
  'strike-when': strikeWhen,
  'drag-build': dragBuild,
  'gear-ratio': gearRatio,
  'moment-in-the-hands': momentInTheHands,
  'weight-hold': weightHold,
  'lure-link': lureLink,
  'plug-hooks': plugHooks,
  'fast-leader': fastLeader,
  'rod-length': rodLength,
  'reel-for-stout-hooks': reelForStoutHooks,
  'room-in-craft': roomInCraft,
  'rules-sheet': rulesSheet,
} as const satisfies Record<string, Rule>;

export type RuleId = keyof typeof RULES;

export interface Finding extends Found {
  readonly id: RuleId;
}

const WEIGHT = { fails: 2, edge: 1, note: 0 } as const satisfies Record<Severity, number>;

/** Everything that is found, the worst first; among equals in the order of the rules. */
export function runChecks(input: CheckInput): readonly Finding[] {
  const found = (Object.entries(RULES) as [RuleId, Rule][]).flatMap(([id, rule]) =>
    rule(input).map((each): Finding => ({ id, ...each })),
  );
  return found.sort((a, b) => WEIGHT[b.severity] - WEIGHT[a.severity]);
}
