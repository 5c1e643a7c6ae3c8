import { findRoot } from '../../base/numeric';
import type { Rig } from '../rigging';
import { loadOf, tow, type Tow, type TowedBody, type TowInput, type WaterProperties } from '../../water';
import type { Running } from './running';
import { towInput, behindMainM, throughWater, type FreeRun, type Scene } from './towed-scene';

/**
 * The line with its heaviest body on the bottom: what the bottom carries of it is the root at which the line that the depth
 * then takes is the line that is out.
 */
export function onBottom(
  scene: Scene,
  free: Tow,
  { bottomM, fromM }: { readonly bottomM: number; readonly fromM: number },
  rig: Rig,
  spare: (line: Tow) => number,
): { readonly result: Tow; readonly asked: TowInput; readonly contact: NonNullable<Running['contact']> } {
  const { line, water, presentation } = scene;
  // Drag counts in the water at the bottom, which may move otherwise than the boat.
  const U = throughWater(scene, fromM + bottomM);
  const bodies: readonly TowedBody[] = [...line.weights, line.end];
  const heaviest = bodies.reduce(
    (most, each, i) => (down(each, U, water) >= down(bodies[most]!, U, water) ? i : most),
    0,
  );
  const mostN = Math.max(0, down(bodies[heaviest]!, U, water));
  const { mu } = rig.classes.bottoms[presentation.conditions.bottom ?? 'sand'];
  const push = 0.5 * water.densityKgPm3 * U ** 2;
  // What trails behind the body hangs as it did when the rig ran free; so much higher or lower lies the end.
  const trailingM = line.segments
    .slice((line.weights[heaviest]?.afterSegment ?? line.segments.length - 1) + 1)
    .reduce((sum, { lengthM }) => sum + lengthM, 0);
  const endM = Math.max(0.01, bottomM + free.depthM! - depthAlong(free, trailingM));
  const withContact = (forceN: number, solve: TowInput['solve'], wetM: number): TowInput => {
    const rest = (body: TowedBody): TowedBody => ({
      ...body,
      netWeightN: body.netWeightN - forceN,
      dragAreaM2: body.dragAreaM2 + (push > 1e-6 ? (mu * forceN) / push : 0),
    });
    return {
      ...towInput(scene, wetM, fromM),
      weights: line.weights.map(({ jointId: _, ...weight }, i) =>
        i === heaviest ? { ...weight, ...rest(weight) } : weight,
      ),
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

/** What trails lower than the body that touches lies on the bottom beside it. */
export const onTheFloor = (free: FreeRun, bottomM: number): FreeRun => ({
  ...free,
  depthM: free.depthM === null ? null : Math.min(free.depthM, bottomM),
  shape: free.shape.map(([x, z]) => [x, Math.min(z, bottomM)] as const),
});

/** Depth so far along the line from its end; the shape's points stand evenly [m]. */
function depthAlong({ shape, lineOutM }: Tow, fromEndM: number): number {
  const at = (1 - fromEndM / lineOutM!) * (shape.length - 1);
  const i = Math.min(shape.length - 2, Math.max(0, Math.floor(at)));
  return shape[i]![1] + (at - i) * (shape[i + 1]![1] - shape[i]![1]);
}

const down = (body: TowedBody, speedMps: number, water: WaterProperties): number =>
  loadOf(body, speedMps, water).verticalN;
