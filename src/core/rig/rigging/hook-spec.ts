import type { Classes } from '../../tackle/defaults/classes';
import { HOOK_STYLES, POINTS_OF_BENDS, type HookStyle, type WireClass } from '../../tackle/defaults/hook-classes';
import { POINTS_IN_REACH, STOCK_DOUBLES, STOCK_TREBLES } from '../../tackle/defaults/rig-classes';
import type { Barb, HookPoints, Sharpness } from '../../tackle/defaults/hookset-classes';
import { MATERIALS } from '../../tackle/defaults/sink-classes';
import {
  hookOfClass,
  hookStep,
  usualBladeM,
  wireLengthM,
  type HookFacts,
  type HookPart,
  type LurePart,
} from '../../tackle';

/** A hook as numbers, wherever it came from. */
export interface HookSpec {
  readonly style: HookStyle;
  readonly size: string;
  readonly points: HookPoints;
  readonly barb: Barb;
  readonly sharpness: Sharpness;
  readonly wireM: number;
  readonly gapM: number;
  readonly shankM: number;
  readonly massKg: number;
  /** where a pull test was made */
  readonly openingN?: number | undefined;
  readonly accent: boolean;
  /** length of the blade on it [m]; null: none */
  readonly bladeM: number | null;
  /** weight moulded on its shank [kg], counted in its mass */
  readonly shankWeightKg: number;
}

/** A hook of the Box, or the one cast into a head: of that the mass is its wire's. */
export function specOfHook(part: HookFacts | HookPart): HookSpec {
  const wire = { gapM: part.gapM.value, shankM: part.shankM.value, wireM: part.wireM.value };
  const loose = 'kind' in part && part.kind === 'hook' ? part : null;
  return {
    style: part.style,
    size: part.size,
    points: part.points,
    barb: part.barb,
    sharpness: part.sharpness,
    ...wire,
    massKg: loose ? loose.massKg.value : wireMassKg(wire, part.style),
    openingN: loose?.openingN?.value,
    accent: part.finish === 'red' || loose?.blade === 'blade',
    bladeM: loose?.blade === 'blade' ? (loose.bladeLengthM?.value ?? usualBladeM(wire.gapM)) : null,
    shankWeightKg: loose?.shankWeightKg?.value ?? 0,
  };
}

/** A hook of which only style, size and wire are known. */
export function specOfClass(
  style: HookStyle,
  size: string,
  classes: Pick<Classes, 'hooks'>,
  wire: WireClass = 'regular',
): HookSpec {
  const geometry = hookOfClass({ style, sizeStep: hookStep(size) ?? 0, wire }, classes);
  return {
    style,
    size,
    points: POINTS_OF_BENDS[HOOK_STYLES[style].bends],
    barb: 'barbed',
    sharpness: 'needle',
    ...geometry,
    accent: false,
    bladeM: null,
    shankWeightKg: 0,
  };
}

/** The hooks that a lure carries as it comes; null: none. */
export function stockHook(lure: LurePart, classes: Pick<Classes, 'hooks'>): HookSpec | null {
  switch (lure.kind) {
    case 'skirted-jig':
      return specOfHook(lure);
    case 'trolled-fly':
      return specOfClass('bait', lure.hookSize ?? '2', classes);
    case 'hard-lure':
      return lure.hookStations === 0 ? null : carried(lure, classes);
    case 'spoon':
    case 'topwater':
      return carried(lure, classes);
    default:
      return lure satisfies never;
  }
}

function carried(
  lure: Extract<LurePart, { kind: 'hard-lure' | 'spoon' | 'topwater' }>,
  classes: Pick<Classes, 'hooks'>,
): HookSpec {
  const hollow = lure.kind === 'topwater' && lure.body === 'hollow';
  const usual = (hollow ? STOCK_DOUBLES : STOCK_TREBLES).find(({ upToM }) => lure.lengthM.value <= upToM)!.size;
  const style = lure.hookStyle ?? (hollow ? 'double' : 'treble');
  return specOfClass(style, lure.hookSize ?? usual, classes, style === 'double' ? 'stout' : 'regular');
}

/** How many such hooks a lure carries. */
export const stationsOf = (lure: LurePart): number =>
  lure.kind === 'hard-lure' ? lure.hookStations : lure.kind === 'topwater' && lure.body !== 'hollow' ? 2 : 1;

/** Mass of a hook's wire [kg]. */
const wireMassKg = (
  wire: { readonly wireM: number; readonly gapM: number; readonly shankM: number },
  style: HookStyle,
): number => (MATERIALS.steel.densityKgPm3 * wireLengthM(wire, HOOK_STYLES[style]) * Math.PI * wire.wireM ** 2) / 4;

export const pointsInReach = (points: HookPoints): number => POINTS_IN_REACH[points];
