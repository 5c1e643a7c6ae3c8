import type { Steps } from '../choose';
import { ROD_ACTIONS, ROD_POWERS, type RodAction, type RodPower } from '../../tackle/defaults/rod-classes';
import { CLASS_WINDOWS } from '../../tackle/defaults/part-classes';
import { onRod, readRig, type Rig } from '../../rig';
import { asTaper, familyOf, type RodPart, type Setup } from '../../tackle';
import { rodInHand, type Day, type RodInHand } from './in-hand';

/** A rod that differs from the present one in one thing, and what it is in the hands. */
export interface Traded<K> {
  readonly at: K;
  readonly rod: RodInHand;
}

export interface RodTrade {
  readonly own: RodInHand;
  /** grip to tip longer and shorter, of one power and action */
  readonly lengths: readonly Traded<number>[];
  /** of the present length and action, with the window that such a rod usually has */
  readonly powers: readonly Traded<RodPower>[];
  /** of the present length and power */
  readonly actions: readonly Traded<RodAction>[];
}

/** Printed lengths that are looked at [m]. */
const LENGTHS_M = Array.from({ length: 13 }, (_, i) => 1.5 + 0.2 * i);

/**
 * What another length, power or action would change for a setup, one at a time: the trade-offs of choosing a rod.
 *
 * Model: a longer rod of the same power is stiffer by the square of its length, so that the same force drops its tip by a third.
 *
 * @throws {InputRangeError} as `rodInHand`.
 */
export function* rodTrade(setup: Setup, day: Day): Steps<RodTrade> {
  const rig = readRig(setup);
  const of = LENGTHS_M.length + Object.keys(ROD_POWERS).length + Object.keys(ROD_ACTIONS).length;
  let done = 0;
  const inHand = (each: Rig) => rodInHand(each, setup.presentation, day);
  const own = inHand(rig);
  const lengths: Traded<number>[] = [];
  for (const at of LENGTHS_M) {
    lengths.push({ at, rod: inHand(atLength(rig, at)) });
    yield { done: (done += 1), of };
  }
  const powers: Traded<RodPower>[] = [];
  for (const at of Object.keys(ROD_POWERS) as RodPower[]) {
    powers.push({ at, rod: inHand(ofClass(rig, { power: at })) });
    yield { done: (done += 1), of };
  }
  const actions: Traded<RodAction>[] = [];
  for (const at of Object.keys(ROD_ACTIONS) as RodAction[]) {
    actions.push({ at, rod: inHand(ofClass(rig, { action: at })) });
    yield { done: (done += 1), of };
  }
  return { own, lengths, powers, actions };
}

/** The same rod, longer or shorter, of the same power. */
function atLength(rig: Rig, overallM: number): Rig {
  const { lengthM, stiffness } = asTaper(rig.rod);
  const grip = rig.rodPart.lengthM.value - lengthM;
  const L = Math.max(MOST_GRIP_LEFT_M, overallM - grip);
  return {
    ...rig,
    rodPart: { ...rig.rodPart, lengthM: { ...rig.rodPart.lengthM, value: overallM } },
    rod: { lengthM: L, stiffness: { ...stiffness, buttEiNm2: stiffness.buttEiNm2 * (L / lengthM) ** 2 } },
  };
}

/** However short the rod, so much of it bends [m]. */
const MOST_GRIP_LEFT_M = 0.3;

/** A class rod like the present one; what is not asked for is what the present rod is nearest to. */
function ofClass(rig: Rig, asked: { readonly power?: RodPower; readonly action?: RodAction }): Rig {
  const { stiffness } = asTaper(rig.rod);
  const nearestAction = (Object.keys(ROD_ACTIONS) as RodAction[]).reduce((best, each) =>
    Math.abs(ROD_ACTIONS[each].tipRatio - stiffness.tipRatio) <
    Math.abs(ROD_ACTIONS[best].tipRatio - stiffness.tipRatio)
      ? each
      : best,
  );
  const action = asked.action ?? nearestAction;
  if (asked.power) {
    const window = CLASS_WINDOWS[familyOf(rig.rodPart).family]?.[asked.power];
    const mass = (value: number) => ({ value, unit: 'kg' as const, provenance: 'class' as const });
    const { massKg: _, lineLoN: __, lineHiN: ___, ...light } = rig.rodPart;
    return onRod(
      rig,
      {
        ...light,
        stiffness: { kind: 'class', power: asked.power, action },
        rating: window ? { loKg: mass(window[0]), hiKg: mass(window[1]) } : null,
      } as RodPart,
      rig.reel,
    );
  }
  // Of the same power: the force that drops the tip by a third stays, so rigidity goes with the action's k.
  const k = ROD_ACTIONS[action].k / ROD_ACTIONS[nearestAction].k;
  const { lengthM } = asTaper(rig.rod);
  return {
    ...rig,
    rod: {
      lengthM,
      stiffness: { kind: 'taper', buttEiNm2: stiffness.buttEiNm2 * k, tipRatio: ROD_ACTIONS[action].tipRatio },
    },
  };
}
