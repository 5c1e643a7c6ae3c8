import { STANDARD_GRAVITY_MPS2 } from '../constants';
import { findRoot } from '../numeric';
import { hungPullN, towedLine, type Rig, type TowedLine } from '../rigging';
import type { TowedPresentation } from '../setup';
import { currentAt, tow, type CurrentLayer, type Tow, type TowedBody, type TowInput, type TowSegment } from '../tow';
import { waterProperties, type WaterProperties } from '../water';
import { hungCable, type HungCable } from './cable';
import { tipHeightM } from './tip';

export interface Running {
  readonly outcome: 'runs' | 'on-bottom' | 'at-surface' | 'in-the-air';
  /** where the end runs; null in the air [m] */
  readonly depthM: number | null;
  /** main line from tip or release on, and how much of it is in the air [m] */
  readonly lineM: number;
  readonly airM: number;
  /** behind the tip [m] */
  readonly behindM: number | null;
  /** line above the surface's level at its entry [rad] */
  readonly surfaceAngleRad: number | null;
  /** pull in the line at the tip or the release [N] */
  readonly pullN: number | null;
  /** speed of the end through the water in which it runs, and of the boat over ground [m/s] */
  readonly lureMps: number;
  readonly sogMps: number;
  /** what the bottom carries [N], and of which share of the weight that touches it; null: nothing touches */
  readonly contact: { readonly forceN: number; readonly share: number } | null;
  /** [x behind the tip, z down] from the tip, or from the release, to the end */
  readonly shape: readonly (readonly [number, number])[];
  readonly tipHeightM: number;
  /** line below level at the rod's tip [rad] */
  readonly tipAngleRad: number;
  /** the cable or board that takes the line there, where there is one */
  readonly release: { readonly depthM: number; readonly behindM: number; readonly cable: HungCable | null } | null;
  /** the `tow` call that gave it */
  readonly asked: TowInput;
}

/** Wet line is told to the centimetre [m]. */
const LINE_TOLERANCE_M = 0.01;

/**
 * How a towed rig runs: depth, pull and shape of its line, from the rod's tip or a release on.
 *
 * Model: `tow`; the air part straight from the tip's height at the angle of entry, so that line out = wet + height/sin α.
 * Behind a downrigger the line starts at the ball's release, at depth 0 of a water whose current is shifted by the ball's
 * depth. Where it would run deeper than the bottom, the heaviest body rests on it: what the bottom carries is solved so that
 * the body lies just there, rubbing by the bottom's μ.
 */
export function runRig(rig: Rig, presentation: TowedPresentation): Running {
  const water = waterProperties(presentation.water);
  const { speedMps, layers = [] } = presentation;
  const sogMps = speedMps + currentAt(layers, 0);
  const line = towedLine(rig, water, speedMps);
  const scene: Scene = { presentation, water, line, sogMps };
  const { gear } = presentation;
  const heightM = tipHeightM(rig, presentation);
  if (gear?.kind === 'downrigger') {
    const cable = hungCable({ water: presentation.water, speedMps: sogMps, current: layers, ...gear }, rig.classes);
    const from = { depthM: cable.depthM, behindM: cable.laybackM };
    return released(behindRelease(scene, gear.leadM, from, rig), heightM, { ...from, cable });
  }
  if (gear?.kind === 'side-planer') {
    const from = { depthM: 0, behindM: gear.boardM * Math.cos(BOARD_RUNS_OUT_RAD) };
    return released(behindRelease(scene, gear.leadM, from, rig), heightM, { ...from, cable: null });
  }
  const free = fromTip(scene, heightM, rig);
  return { ...free, tipHeightM: heightM, tipAngleRad: free.surfaceAngleRad ?? Math.PI / 2, release: null };
}

/** The release carries the pull until it trips; then the rod does, with the line straight from the tip to the lure. */
const released = (free: Free, heightM: number, release: NonNullable<Running['release']>): Running => ({
  ...free, tipHeightM: heightM, tipAngleRad: Math.atan2(heightM + (free.depthM ?? release.depthM), free.behindM ?? release.behindM), release,
});

/** How far out from the boat's course a board runs, seen from the rod [rad]. */
const BOARD_RUNS_OUT_RAD = 0.7;

interface Scene {
  readonly presentation: TowedPresentation;
  readonly water: WaterProperties;
  readonly line: TowedLine;
  readonly sogMps: number;
}

/** From where the line leaves air or release; the tip is added by who asks. */
type Free = Omit<Running, 'release' | 'tipHeightM' | 'tipAngleRad'>;

/** The call for so much wet main line, starting at a depth. */
function asking({ presentation, line, sogMps }: Scene, wetM: number, fromM = 0): TowInput {
  const [main, ...rest] = line.segments as [TowSegment, ...TowSegment[]];
  const layers = layersBelow(presentation.layers ?? [], fromM);
  return {
    water: presentation.water,
    speedMps: sogMps,
    ...(layers.length === 0 ? {} : { current: layers }),
    segments: [{ ...main, lengthM: wetM }, ...rest],
    weights: line.weights.map(({ jointId: _, ...weight }) => weight),
    end: line.end,
    solve: { for: 'depth' },
  };
}

/** The current as it is seen from a depth down. */
function layersBelow(layers: readonly CurrentLayer[], fromM: number): readonly CurrentLayer[] {
  if (fromM === 0 || layers.length === 0) return layers;
  return [{ depthM: 0, alongMps: currentAt(layers, fromM) }, ...layers.filter(({ depthM }) => depthM > fromM).map((layer) => ({ ...layer, depthM: layer.depthM - fromM }))];
}

/** The current as it is seen from a depth up. */
function layersAbove(layers: readonly CurrentLayer[], fromM: number): readonly CurrentLayer[] {
  return [{ depthM: 0, alongMps: currentAt(layers, fromM) }, ...layers.filter(({ depthM }) => depthM < fromM).map((layer) => ({ ...layer, depthM: fromM - layer.depthM })).reverse()];
}

function fromTip(scene: Scene, heightM: number, rig: Rig): Free {
  const { lineOutM, bottomM } = scene.presentation;
  const trailingM = behindMainM(scene.line);
  if (lineOutM + trailingM <= heightM) return inTheAir(scene, lineOutM, heightM);
  // The line rises straight to the tip, so what is left of it for the water hangs on its own angle.
  const airOf = (result: Tow) => (result.outcome === 'ok' ? heightM / Math.max(1e-6, Math.sin(result.surfaceAngleRad!)) : Infinity);
  const wetM = wetOf((each) => Math.min(1e6, airOf(tow(asking(scene, each), { shaped: false }))), lineOutM, heightM);
  if (wetM === null) return atSurface(scene, lineOutM, heightM, asking(scene, LEAST_WET_M));
  const result = tow(asking(scene, wetM));
  if (result.outcome !== 'ok') return atSurface(scene, lineOutM, heightM, asking(scene, wetM));
  if (bottomM !== undefined && lowest(result) > bottomM) {
    const rested = onBottom(scene, result, bottomM, rig, (paid) => lineOutM - (paid.lineOutM! - trailingM) - Math.min(1e6, airOf(paid)));
    return onTheFloor(told(scene, rested.result, rested.asked, { heightM, lineM: lineOutM, contact: rested.contact }), bottomM);
  }
  return told(scene, result, asking(scene, wetM), { heightM, lineM: lineOutM, contact: null });
}

/** Below this no line is in the water that counts [m]. */
const LEAST_WET_M = 1e-3;

/** How much of the line is wet, where what is wet tells how much is in the air; null where even the least leaves too little. */
function wetOf(air: (wetM: number) => number, lineOutM: number, heightM: number): number | null {
  const spare = (wetM: number) => lineOutM - wetM - air(wetM);
  let [lo, hi] = [LEAST_WET_M, Math.max(2 * LEAST_WET_M, lineOutM - heightM)];
  let fHi = spare(hi);
  if (fHi >= 0) return hi;
  // The angle hardly changes with a little less line, so the air that all of it would leave is a good guess.
  const guess = hi + fHi;
  let fLo: number | null = null;
  if (guess > lo) {
    const f = spare(guess);
    if (f >= 0) [lo, fLo] = [guess, f];
    else [hi, fHi] = [guess, f];
  }
  fLo ??= spare(lo);
  return fLo <= 0 ? null : findRoot(spare, { lo, hi, fLo, fHi }, LINE_TOLERANCE_M);
}

function behindRelease(scene: Scene, leadM: number, from: { readonly depthM: number; readonly behindM: number }, rig: Rig): Free {
  const { bottomM } = scene.presentation;
  const asked = asking(scene, leadM, from.depthM);
  const result = tow(asked);
  const moved = (free: Free): Free => ({ ...free, depthM: free.depthM === null ? null : free.depthM + from.depthM, lureMps: throughWater(scene, (free.depthM ?? 0) + from.depthM), behindM: free.behindM === null ? null : free.behindM + from.behindM, shape: free.shape.map(([x, z]) => [x + from.behindM, z + from.depthM] as const) });
  if (result.outcome !== 'ok') return moved(rising(scene, leadM, from.depthM, asked));
  if (bottomM !== undefined && lowest(result) + from.depthM > bottomM) {
    const rested = onBottom(scene, result, Math.max(0.01, bottomM - from.depthM), rig, (paid) => leadM - (paid.lineOutM! - behindMainM(scene.line)));
    return moved(onTheFloor(told(scene, rested.result, rested.asked, { heightM: 0, lineM: leadM, contact: rested.contact }), bottomM - from.depthM));
  }
  return moved(told(scene, result, asked, { heightM: 0, lineM: leadM, contact: null }));
}

/** What trails lower than the body that touches lies on the bottom beside it. */
const onTheFloor = (free: Free, bottomM: number): Free => ({ ...free, depthM: free.depthM === null ? null : Math.min(free.depthM, bottomM), shape: free.shape.map(([x, z]) => [x, Math.min(z, bottomM)] as const) });

const lowest = ({ shape }: Tow): number => shape.reduce((deep, [, z]) => Math.max(deep, z), 0);

/**
 * The line with its heaviest body on the bottom: what the bottom carries of it is the root at which the line that the depth
 * then takes is the line that is out.
 */
function onBottom(scene: Scene, free: Tow, bottomM: number, rig: Rig, spare: (line: Tow) => number): { readonly result: Tow; readonly asked: TowInput; readonly contact: NonNullable<Running['contact']> } {
  const { line, water, sogMps, presentation } = scene;
  const bodies: readonly TowedBody[] = [...line.weights, line.end];
  const heaviest = bodies.reduce((most, each, i) => (down(each, sogMps, water) >= down(bodies[most]!, sogMps, water) ? i : most), 0);
  const mostN = Math.max(0, down(bodies[heaviest]!, sogMps, water));
  const { mu } = rig.classes.bottoms[presentation.conditions.bottom ?? 'sand'];
  const push = 0.5 * water.densityKgPm3 * sogMps ** 2;
  // What trails behind the body hangs as it did when the rig ran free; so much higher or lower lies the end.
  const trailingM = line.segments.slice((line.weights[heaviest]?.afterSegment ?? line.segments.length - 1) + 1).reduce((sum, { lengthM }) => sum + lengthM, 0);
  const endM = Math.max(0.01, bottomM + free.depthM! - depthAlong(free, trailingM));
  const withContact = (forceN: number, solve: TowInput['solve'], wetM: number): TowInput => {
    const rest = (body: TowedBody): TowedBody => ({ ...body, netWeightN: body.netWeightN - forceN, dragAreaM2: body.dragAreaM2 + (push > 1e-6 ? (mu * forceN) / push : 0) });
    return {
      ...asking(scene, wetM),
      weights: line.weights.map(({ jointId: _, ...weight }, i) => (i === heaviest ? { ...weight, ...rest(weight) } : weight)),
      end: heaviest === line.weights.length ? rest(line.end) : line.end,
      solve,
    };
  };
  const lineFor = (forceN: number) => tow(withContact(forceN, { for: 'line-out', depthM: endM }, 0), { shaped: false });
  const left = (forceN: number) => {
    const paid = lineFor(forceN);
    return paid.outcome === 'ok' ? spare(paid) : -1e6;
  };
  const [fLo, fHi] = [left(0), left(mostN)];
  const forceN = fLo <= 0 ? 0 : fHi >= 0 ? mostN : findRoot(left, { lo: 0, hi: mostN, fLo, fHi }, 1e-3 * mostN);
  const paid = lineFor(forceN);
  const wetM = paid.outcome === 'ok' ? paid.lineOutM! - behindMainM(line) : free.lineOutM! - behindMainM(line);
  const asked = withContact(forceN, { for: 'depth' }, wetM);
  return { result: tow(asked), asked, contact: { forceN, share: mostN > 0 ? forceN / mostN : 0 } };
}

/** Line behind the main line [m]. */
const behindMainM = ({ segments }: TowedLine): number => segments.slice(1).reduce((sum, { lengthM }) => sum + lengthM, 0);

/** Depth so far along the line from its end; the shape's points stand evenly [m]. */
function depthAlong({ shape, lineOutM }: Tow, fromEndM: number): number {
  const at = (1 - fromEndM / lineOutM!) * (shape.length - 1);
  const i = Math.min(shape.length - 2, Math.max(0, Math.floor(at)));
  return shape[i]![1] + (at - i) * (shape[i + 1]![1] - shape[i]![1]);
}

const down = ({ netWeightN, downAreaM2 = 0 }: TowedBody, speedMps: number, { densityKgPm3 }: WaterProperties): number => netWeightN + (speedMps > 0 ? 0.5 * densityKgPm3 * downAreaM2 * speedMps ** 2 : 0);

const throughWater = ({ presentation: { layers = [] }, sogMps }: Scene, depthM: number): number => sogMps - currentAt(layers, depthM);

function told(scene: Scene, result: Tow, asked: TowInput, { heightM, lineM, contact }: { readonly heightM: number; readonly lineM: number; readonly contact: Running['contact'] }): Free {
  if (result.outcome !== 'ok') return heightM > 0 ? atSurface(scene, lineM, heightM, asked) : level(scene, lineM, asked);
  const { depthM, surfaceAngleRad, surfaceTensionN, laybackM, shape } = result as { [K in keyof Tow]: NonNullable<Tow[K]> };
  const airM = heightM === 0 ? 0 : heightM / Math.max(1e-6, Math.sin(surfaceAngleRad));
  const airBackM = heightM === 0 ? 0 : heightM / Math.tan(Math.max(1e-6, surfaceAngleRad));
  return {
    outcome: contact ? 'on-bottom' : 'runs',
    depthM, lineM, airM,
    behindM: laybackM + airBackM,
    surfaceAngleRad,
    pullN: surfaceTensionN,
    lureMps: throughWater(scene, depthM),
    sogMps: scene.sogMps,
    contact,
    shape: [...(heightM === 0 ? [] : [[0, -heightM] as const]), ...shape.map(([x, z]) => [x + airBackM, z] as const)],
    asked,
  };
}

/** A lure on the surface: the line lies straight from the tip to it, its wet part on the water. */
function atSurface(scene: Scene, lineOutM: number, heightM: number, asked: TowInput): Free {
  const trailingM = behindMainM(scene.line);
  const allM = lineOutM + trailingM;
  const behindM = Math.sqrt(Math.max(0, allM ** 2 - heightM ** 2));
  return {
    outcome: 'at-surface',
    depthM: 0,
    lineM: lineOutM,
    airM: lineOutM,
    behindM,
    surfaceAngleRad: Math.atan2(heightM, behindM),
    pullN: hungPullN(scene.line, scene.sogMps, scene.water),
    lureMps: throughWater(scene, 0),
    sogMps: scene.sogMps,
    contact: null,
    shape: [[0, -heightM], [behindM, 0]],
    asked,
  };
}

/** A lure that rises above its release: the same line upside down, weight for lift, as far as the surface. */
function rising(scene: Scene, leadM: number, fromM: number, asked: TowInput): Free {
  const { densityKgPm3 } = scene.water;
  const mirrored = (body: TowedBody): TowedBody => ({ ...body, netWeightN: -body.netWeightN, downAreaM2: -(body.downAreaM2 ?? 0) });
  const result = tow({
    ...asked,
    current: layersAbove(scene.presentation.layers ?? [], fromM),
    segments: asked.segments.map((segment) => ({ ...segment, massPerLengthKgPm: 2 * densityKgPm3 * (Math.PI / 4) * segment.diameterM ** 2 - segment.massPerLengthKgPm })),
    weights: asked.weights?.map((weight) => ({ ...weight, ...mirrored(weight) })),
    end: mirrored(asked.end),
  });
  if (result.outcome !== 'ok') return level(scene, leadM, asked);
  const found = told(scene, result, asked, { heightM: 0, lineM: leadM, contact: null });
  const up = Math.min(result.depthM!, fromM);
  return { ...found, outcome: up < fromM ? 'runs' : 'at-surface', depthM: -up, shape: found.shape.map(([x, z]) => [x, -Math.min(z, fromM)] as const) };
}

/** Behind a release a lure that neither sinks nor dives trails level. */
function level(scene: Scene, leadM: number, asked: TowInput): Free {
  const allM = leadM + behindMainM(scene.line);
  return {
    outcome: 'runs', depthM: 0, lineM: leadM, airM: 0, behindM: allM, surfaceAngleRad: 0,
    pullN: hungPullN(scene.line, scene.sogMps, scene.water),
    lureMps: throughWater(scene, 0), sogMps: scene.sogMps, contact: null, shape: [[0, 0], [allM, 0]], asked,
  };
}

/** Less line than the tip is high: it hangs there. */
function inTheAir(scene: Scene, lineOutM: number, heightM: number): Free {
  const weightN = [...scene.line.weights, scene.line.end].reduce((sum, { netWeightN }) => sum + Math.max(0, netWeightN), 0);
  return {
    outcome: 'in-the-air', depthM: null, lineM: lineOutM, airM: lineOutM, behindM: null, surfaceAngleRad: null, pullN: weightN || STANDARD_GRAVITY_MPS2 * 1e-3,
    lureMps: 0, sogMps: scene.sogMps, contact: null, shape: [[0, -heightM], [0, lineOutM - heightM]], asked: asking(scene, 1e-3),
  };
}
