import { InputRangeError, requireInRange } from '../../base/guard';

export const CHAIN_LIMITS = {
  strengthN: { min: 0, max: 1e5, exclusiveMin: true },
  share: { min: 0, max: 1, exclusiveMin: true },
} as const;

/** A joint by its own strength, or a knot by the line it is tied in and the share of it that it keeps. */
export type ChainJoint =
  | { readonly name: string; readonly strengthN: number }
  | { readonly name: string; readonly onLineN: number; readonly share: number };

export interface ChainInput {
  /** from the reel to the hook */
  readonly joints: readonly ChainJoint[];
  /** index of the joint at which the user wants it to break */
  readonly wanted?: number | undefined;
}

export interface Chain {
  readonly outcome: 'ok';
  readonly joints: readonly { readonly name: string; readonly strengthN: number }[];
  readonly weakest: string;
  readonly weakestIndex: number;
  readonly strengthN: number;
  /** what stays in the water when it breaks: the joints beyond the weakest */
  readonly leftInWater: readonly string[];
  /** whether it breaks where wanted; null when nothing was wanted */
  readonly asWanted: boolean | null;
}

/**
 * The strength [N] of each joint from the reel to the hook, the weakest, and what is lost when it parts.
 *
 * Model: joints in series; a knot keeps `share` of its line; a tie breaks nearer the reel, where the pull arrives first.
 *
 * @throws {InputRangeError} when there is no joint, a value lies outside CHAIN_LIMITS, or `wanted` is no joint's index.
 */
export function strengthChain(input: ChainInput): Chain {
  requireInRange('joints.length', input.joints.length, { min: 1, max: 1000 });
  const joints = input.joints.map((joint, i) => ({ name: joint.name, strengthN: strengthOf(joint, i) }));
  let weakestIndex = 0;
  joints.forEach((joint, i) => {
    if (joint.strengthN < joints[weakestIndex]!.strengthN) weakestIndex = i;
  });
  const { wanted } = input;
  if (wanted !== undefined && !(Number.isInteger(wanted) && wanted >= 0 && wanted < joints.length)) {
    throw new InputRangeError('wanted', wanted, 0, joints.length - 1);
  }
  const weakest = joints[weakestIndex]!;
  return {
    outcome: 'ok',
    joints,
    weakest: weakest.name,
    weakestIndex,
    strengthN: weakest.strengthN,
    leftInWater: joints.slice(weakestIndex + 1).map((joint) => joint.name),
    asWanted: wanted === undefined ? null : wanted === weakestIndex,
  };
}

function strengthOf(joint: ChainJoint, i: number): number {
  if ('strengthN' in joint) return requireInRange(`joints[${i}].strengthN`, joint.strengthN, CHAIN_LIMITS.strengthN);
  const onLine = requireInRange(`joints[${i}].onLineN`, joint.onLineN, CHAIN_LIMITS.strengthN);
  return onLine * requireInRange(`joints[${i}].share`, joint.share, CHAIN_LIMITS.share);
}
