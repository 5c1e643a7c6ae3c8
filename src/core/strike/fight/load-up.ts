import { CLUTCH_JERK, pullAtEnergy, strikeEnergyJ, type DragWindowInput, type Spring } from '../drag';
import { FIGHT_CLASSES } from '../../tackle/defaults/fight-classes';
import { requireInRange, type Limits } from '../../base/guard';
import { balancedPull } from '../hookset';
import { bendRod, resolveRod, ROD_LIMITS, type Rod } from '../../tackle';

export const LOAD_UP_LIMITS = {
  lineLengthM: { min: 0, max: 2000 },
  eaN: { min: 0, max: 1e8, exclusiveMin: true },
  speedMps: { min: 0, max: 20, exclusiveMin: true },
  fishKg: { min: 0, max: 1000, exclusiveMin: true },
  slackM: { min: 0, max: 50 },
  neededN: { min: 0, max: 1e4, exclusiveMin: true },
  clutchN: { min: 0, max: 1e4 },
  untilS: { min: 0.1, max: 60 },
} as const satisfies Record<string, Limits>;

export interface LoadUpInput {
  readonly rod: Rod;
  /** line against the grip axis while the rod waits [rad] */
  readonly heldRad: number;
  /** line against the grip axis once the rod is given to the fish [rad]; absent: the rod stays and loads */
  readonly giveToRad?: number | undefined;
  readonly line: readonly { readonly lengthM: number; readonly eaN: number }[];
  /** way of the boat, or of a drift [m/s] */
  readonly speedMps: number;
  /** null: a snag, which gives nothing */
  readonly fishKg: number | null;
  /** how fast the fish turns and swims off; its class speed when absent [m/s] */
  readonly fishMps?: number | undefined;
  readonly slackM?: number | undefined;
  /** pull in the line that buries the hook [N] */
  readonly neededN: number;
  /** pull at which the clutch gives line as the spool stands, rod pointed at the fish [N]; absent: locked */
  readonly clutchN?: number | undefined;
  /** how long is looked at [s]; 4 when absent */
  readonly untilS?: number | undefined;
}

export interface LoadUp {
  /** buries: by itself; clutch-gives: before the hook is in; waits: neither in the time looked at */
  readonly outcome: 'buries' | 'clutch-gives' | 'waits';
  /** line that giving the rod back yields [m], and for how long at this speed [s] */
  readonly yieldsM: number;
  readonly yieldsS: number;
  /** when the line comes tight, the moment to sweep [s] */
  readonly tightS: number;
  /** null: never by itself */
  readonly buriesS: number | null;
  readonly clutchGivesS: number | null;
  /** highest pull that the clutch apart comes on the line [N]; null: a snag has none */
  readonly peakN: number | null;
  readonly curve: readonly { readonly timeS: number; readonly tensionN: number }[];
}

/** The take of the same fish as a strike: its rod, line and hook, and its clutch as the spool stands. */
export const takeOf = <Strike extends DragWindowInput>({
  rod,
  pullAngleRad,
  line,
  speedMps,
  fishKg,
  fishMps,
  neededN,
  clutchN,
  spool = { fullRadiusM: 1, nowRadiusM: 1 },
}: Strike): LoadUpInput & Pick<Strike, 'rod'> => ({
  rod,
  heldRad: pullAngleRad,
  line,
  speedMps,
  fishKg,
  fishMps,
  neededN,
  ...(clutchN === undefined ? {} : { clutchN: (clutchN * spool.fullRadiusM) / spool.nowRadiusM }),
});

const POINTS = 40;
const DEFAULT_UNTIL_S = 4;

/**
 * A fish takes a bait that is towed, turns and swims off: the pull against time [N, s] when the rod stays and loads, or is
 * given back first.
 *
 * Model: that of `drag-window`, in time. Boat and fish part at U + v; giving the rod back from heldRad to giveToRad moves the
 * straight tip L·(cos giveTo − cos held) along the line toward the fish, and that much line, with any slack, is gone before
 * the line comes tight. From there the fish of mass 1.5·M runs into rod and line as into a spring, so that at a pull T it
 * still parts at √((U+v)² − 2E(T)/(1.5·M)): dt = 2E_p·sin φ·dφ/(T·(U+v)) with E = E_p·sin²φ. The highest pull is that of
 * `drag-window`, and so is the verdict; after it the fish has turned, and the pull is drawn as it stands. The clutch holds T
 * to 1.2 of its own. A snag parts at U for good.
 * Left out: drag of the line, which pulls a little before; a second run.
 *
 * @throws {InputRangeError} when a value lies outside LOAD_UP_LIMITS or the rod's limits, or giveToRad lies above heldRad.
 */
export function loadUp(input: LoadUpInput): LoadUp {
  const K = LOAD_UP_LIMITS;
  const rod = resolveRod(input.rod);
  const held = requireInRange('heldRad', input.heldRad, ROD_LIMITS.angleRad);
  const angleRad = requireInRange('giveToRad', input.giveToRad ?? held, { min: 0, max: held });
  const U = requireInRange('speedMps', input.speedMps, K.speedMps);
  const M = input.fishKg === null ? null : requireInRange('fishKg', input.fishKg, K.fishKg);
  const fishMps = requireInRange('fishMps', input.fishMps ?? FIGHT_CLASSES.fish.strikeMps, {
    ...K.speedMps,
    exclusiveMin: false,
  });
  const needed = requireInRange('neededN', input.neededN, K.neededN);
  const clutch =
    input.clutchN === undefined ? Infinity : CLUTCH_JERK * requireInRange('clutchN', input.clutchN, K.clutchN);
  const until = requireInRange('untilS', input.untilS ?? DEFAULT_UNTIL_S, K.untilS);
  const complianceMPerN = input.line.reduce(
    (sum, piece, i) =>
      sum +
      requireInRange(`line[${i}].lengthM`, piece.lengthM, K.lineLengthM) /
        requireInRange(`line[${i}].eaN`, piece.eaN, K.eaN),
    0,
  );
  const spring = { rod, angleRad, complianceMPerN };
  const partingMps = M === null ? U : U + fishMps;
  const yieldsM = rod.lengthM * (Math.cos(angleRad) - Math.cos(held));
  const tightS = (yieldsM + requireInRange('slackM', input.slackM ?? 0, K.slackM)) / partingMps;
  const taut =
    M === null ? snagged(spring, partingMps, until) : struck(spring, partingMps, strikeEnergyJ(M, partingMps));
  const reachedS = (pull: number): number | null => {
    const afterS = taut.whenS(pull);
    return afterS === null || tightS + afterS > until ? null : tightS + afterS;
  };
  const gives = Number.isFinite(clutch) ? reachedS(clutch) : null;
  const buries = needed > clutch ? null : reachedS(needed);
  return {
    outcome: buries !== null ? 'buries' : gives !== null ? 'clutch-gives' : 'waits',
    yieldsM,
    yieldsS: yieldsM / partingMps,
    tightS,
    buriesS: buries,
    clutchGivesS: gives,
    peakN: taut.peakN,
    curve: Array.from({ length: POINTS + 1 }, (_, i) => {
      const timeS = (i * until) / POINTS;
      return { timeS, tensionN: timeS <= tightS ? 0 : Math.min(clutch, taut.pullAt(timeS - tightS)) };
    }),
  };
}

/** The line since it came tight. */
interface Taut {
  readonly peakN: number | null;
  /** when a pull is reached [s]; null: never */
  readonly whenS: (tensionN: number) => number | null;
  readonly pullAt: (timeS: number) => number;
}

/** Even steps of φ from slack to the highest pull. */
const PHASES = 64;

function struck(spring: Spring, partingMps: number, energyJ: number): Taut {
  const slack = bendRod(spring.rod, 0, spring.angleRad);
  const perSine = Math.sqrt((2 * energyJ) / (spring.complianceMPerN + slack.complianceMPerN));
  let sprung = { tensionN: 0, bend: slack };
  const rise = Array.from({ length: PHASES + 1 }, (_, i) => {
    const phase = (i * Math.PI) / 2 / PHASES;
    if (i > 0) sprung = pullAtEnergy(spring, energyJ * Math.sin(phase) ** 2, sprung);
    // Where the line comes tight the pull grows with sin φ, and the step of time is that limit.
    const perRad = (2 * energyJ * (i === 0 ? 1 / perSine : Math.sin(phase) / sprung.tensionN)) / partingMps;
    return { tensionN: sprung.tensionN, perRad };
  });
  const step = Math.PI / 2 / PHASES;
  let timeS = 0;
  const track = rise.map(({ tensionN, perRad }, i) => {
    if (i > 0) timeS += (step * (perRad + rise[i - 1]!.perRad)) / 2;
    return { timeS, tensionN };
  });
  const between = (of: 'timeS' | 'tensionN', value: number, wanted: 'timeS' | 'tensionN'): number => {
    const k = track.findIndex((each) => each[of] >= value);
    if (k <= 0) return k === 0 ? track[0]![wanted] : track.at(-1)![wanted];
    const [a, b] = [track[k - 1]!, track[k]!];
    return a[wanted] + ((b[wanted] - a[wanted]) * (value - a[of])) / (b[of] - a[of]);
  };
  const peakN = track.at(-1)!.tensionN;
  return {
    peakN,
    whenS: (tensionN) => (tensionN > peakN ? null : between('tensionN', tensionN, 'timeS')),
    pullAt: (time) => between('timeS', time, 'tensionN'),
  };
}

/** Against a snag the way since the line is tight is all in rod and line. */
function snagged({ rod, angleRad, complianceMPerN }: Spring, partingMps: number, untilS: number): Taut {
  return {
    peakN: null,
    whenS: (tensionN) => {
      const timeS = (tensionN * complianceMPerN + bendRod(rod, tensionN, angleRad).yieldM) / partingMps;
      return timeS > untilS ? null : timeS;
    },
    pullAt: (timeS) =>
      balancedPull({ rod, angleRad, takenUpM: partingMps * timeS, complianceMPerN }, undefined).tensionN,
  };
}
