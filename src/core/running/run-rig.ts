import { STANDARD_GRAVITY_MPS2 } from '../constants';
import { findRoot } from '../numeric';
import { hungPullN, towedLine, type Rig, type TowedLine } from '../rigging';
import type { TowedPresentation } from '../setup';
import { currentAt, tow, type Tow, type TowedBody, type TowInput, type TowSegment } from '../tow';
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
const LINE_TOLERANCE_M = 0.005;

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
  const layers = (presentation.layers ?? []).map((layer) => ({ ...layer, depthM: layer.depthM - fromM }));
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

function fromTip(scene: Scene, heightM: number, rig: Rig): Free {
  const { lineOutM, bottomM } = scene.presentation;
  const trailingM = scene.line.segments.slice(1).reduce((sum, { lengthM }) => sum + lengthM, 0);
  if (lineOutM + trailingM <= heightM) return inTheAir(scene, lineOutM, heightM);
  // The line rises straight to the tip, so what is left of it for the water hangs on its own angle.
  const airOf = (result: Tow) => (result.outcome === 'ok' ? heightM / Math.max(1e-6, Math.sin(result.surfaceAngleRad!)) : Infinity);
  const wetFor = (resultOf: (wetM: number) => Tow): number | null => {
    const spare = (wetM: number) => lineOutM - wetM - Math.min(1e6, airOf(resultOf(wetM)));
    const [lo, hi] = [1e-3, Math.max(2e-3, lineOutM - heightM)];
    const [fLo, fHi] = [spare(lo), spare(hi)];
    if (fLo <= 0) return null;
    return fHi >= 0 ? hi : findRoot(spare, { lo, hi, fLo, fHi }, LINE_TOLERANCE_M);
  };
  const free = (wetM: number) => tow(asking(scene, wetM));
  const wetM = wetFor(free);
  if (wetM === null) return atSurface(scene, lineOutM, heightM, asking(scene, 1e-3));
  const result = free(wetM);
  if (result.outcome !== 'ok') return atSurface(scene, lineOutM, heightM, asking(scene, wetM));
  if (bottomM !== undefined && lowest(result) > bottomM) {
    const rested = onBottom(scene, bottomM, rig, (bodies) => {
      const wet = wetFor((each) => tow({ ...asking(scene, each), ...bodies })) ?? 1e-3;
      return { ...asking(scene, wet), ...bodies };
    });
    return told(scene, rested.result, rested.asked, { heightM, lineM: lineOutM, contact: rested.contact });
  }
  return told(scene, result, asking(scene, wetM), { heightM, lineM: lineOutM, contact: null });
}

function behindRelease(scene: Scene, leadM: number, from: { readonly depthM: number; readonly behindM: number }, rig: Rig): Free {
  const { bottomM } = scene.presentation;
  const asked = asking(scene, leadM, from.depthM);
  const result = tow(asked);
  const moved = (free: Free): Free => ({ ...free, depthM: free.depthM === null ? null : free.depthM + from.depthM, lureMps: throughWater(scene, (free.depthM ?? 0) + from.depthM), behindM: free.behindM === null ? null : free.behindM + from.behindM, shape: free.shape.map(([x, z]) => [x + from.behindM, z + from.depthM] as const) });
  if (result.outcome !== 'ok') return moved(rising(scene, leadM, from.depthM, asked));
  if (bottomM !== undefined && lowest(result) + from.depthM > bottomM) {
    const rested = onBottom(scene, Math.max(0.01, bottomM - from.depthM), rig, (bodies) => ({ ...asked, ...bodies }));
    return moved(told(scene, rested.result, rested.asked, { heightM: 0, lineM: leadM, contact: rested.contact }));
  }
  return moved(told(scene, result, asked, { heightM: 0, lineM: leadM, contact: null }));
}

const lowest = ({ shape }: Tow): number => shape.reduce((deep, [, z]) => Math.max(deep, z), 0);

type Bodies = Pick<TowInput, 'weights' | 'end'>;

/** The line with its heaviest body on the bottom: what the bottom carries of it is the root. */
function onBottom(scene: Scene, bottomM: number, rig: Rig, asked: (bodies: Bodies) => TowInput): { readonly result: Tow; readonly asked: TowInput; readonly contact: Running['contact'] } {
  const { line, water, sogMps, presentation } = scene;
  const bodies: readonly TowedBody[] = [...line.weights, line.end];
  const heaviest = bodies.reduce((most, each, i) => (down(each, sogMps, water) >= down(bodies[most]!, sogMps, water) ? i : most), 0);
  const mostN = down(bodies[heaviest]!, sogMps, water);
  const { mu } = rig.classes.bottoms[presentation.conditions.bottom ?? 'sand'];
  const push = 0.5 * water.densityKgPm3 * sogMps ** 2;
  const withContact = (forceN: number): TowInput => {
    const rest = (body: TowedBody): TowedBody => ({ ...body, netWeightN: body.netWeightN - forceN, dragAreaM2: body.dragAreaM2 + (push > 1e-6 ? (mu * forceN) / push : 0) });
    return asked({
      weights: line.weights.map(({ jointId: _, ...weight }, i) => (i === heaviest ? { ...weight, ...rest(weight) } : weight)),
      end: heaviest === line.weights.length ? rest(line.end) : line.end,
    });
  };
  const over = (forceN: number) => lowestOf(tow(withContact(forceN))) - bottomM;
  const fLo = over(0);
  const fHi = over(mostN);
  const forceN = fLo <= 0 ? 0 : fHi >= 0 ? mostN : findRoot(over, { lo: 0, hi: mostN, fLo, fHi }, 1e-4 * mostN);
  const final = withContact(forceN);
  return { result: tow(final), asked: final, contact: { forceN, share: mostN > 0 ? forceN / mostN : 0 } };
}

const lowestOf = (result: Tow): number => (result.outcome === 'ok' ? lowest(result) : 0);

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
  const trailingM = scene.line.segments.slice(1).reduce((sum, { lengthM }) => sum + lengthM, 0);
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
  const layers = (scene.presentation.layers ?? []).filter(({ depthM }) => depthM <= fromM).map((layer) => ({ ...layer, depthM: fromM - layer.depthM })).reverse();
  const result = tow({
    ...asked,
    current: layers.length === 0 ? [{ depthM: 0, alongMps: currentAt(scene.presentation.layers, fromM) }] : [...(layers[0]!.depthM > 0 ? [{ depthM: 0, alongMps: currentAt(scene.presentation.layers, fromM) }] : []), ...layers],
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
  const allM = leadM + scene.line.segments.slice(1).reduce((sum, { lengthM }) => sum + lengthM, 0);
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
