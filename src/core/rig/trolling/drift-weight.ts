import type { BodyMaterial } from '../../tackle/defaults/sink-classes';
import { together, towedLine, type Rig } from '../rigging';
import type { TowedPresentation } from '../../tackle';
import { tow, waterProperties, type TowInput, type TowOutcome } from '../../water';
import { massInAirKg } from './bottom-weight';

export interface DriftAsk {
  readonly windMps: number;
  /** wind against the water's set: 0 the same way, π against it [rad] */
  readonly windAgainstRad: number;
  /** water over ground at the surface, and at the bottom in the same direction [m/s] */
  readonly surfaceMps: number;
  readonly bottomMps: number;
  readonly depthM: number;
  /** line from the plumb [rad] */
  readonly offPlumbRad: number;
  readonly material: BodyMaterial;
}

/** Drift of a boat through its water by the wind [m/s], and the weight that keeps the line near the plumb. */
export interface Drift {
  readonly outcome: TowOutcome;
  readonly throughMps: number;
  readonly overGroundMps: number;
  /** in air [kg]; 0: any weight does */
  readonly massKg: number | null;
  readonly lineOutM: number | null;
  readonly asked: TowInput;
}

/**
 * The weight that keeps a line within so many degrees of straight down while boat and water drift.
 *
 * Model: the boat goes with the surface water and a share of the wind; the water's set falls linearly to that at the bottom.
 * What drags is the difference, so the line's own drag counts at every depth. Wind across the set counts by its part along it.
 */
export function driftWeight(rig: Rig, presentation: TowedPresentation, ask: DriftAsk): Drift {
  const windage = rig.classes.drift.wind.share * ask.windMps * Math.cos(ask.windAgainstRad);
  const overGroundMps = ask.surfaceMps + windage;
  // Seen from the water at the bottom; a line that leans the other way is the same line seen from the other side.
  const relative = overGroundMps - ask.bottomMps;
  const sign = relative < 0 ? -1 : 1;
  const line = towedLine(rig, waterProperties(presentation.water), Math.abs(relative), presentation.fouling);
  const asked: TowInput = {
    water: presentation.water,
    speedMps: Math.abs(relative),
    current: [
      { depthM: 0, alongMps: sign * (ask.surfaceMps - ask.bottomMps) },
      { depthM: ask.depthM, alongMps: 0 },
    ],
    segments: [{ ...line.segments[0]!, lengthM: 0 }],
    end: { netWeightN: 0, dragAreaM2: together([...line.weights, line.end]).dragAreaM2 },
    solve: { for: 'weight', depthM: ask.depthM, surfaceAngleRad: Math.PI / 2 - ask.offPlumbRad },
  };
  const there = tow(asked, { shaped: false });
  // In water that runs away from under the boat the line leans the other way: the same line seen from the other side.
  const found = there.outcome === 'no-weight-does' ? tow(fromTheOtherSide(asked), { shaped: false }) : there;
  // Where boat and water go together any weight does.
  if (found.outcome === 'no-weight-does' && hangsPlumb(asked, ask.offPlumbRad))
    return { outcome: 'ok', throughMps: Math.abs(windage), overGroundMps, massKg: 0, lineOutM: ask.depthM, asked };
  return {
    outcome: found.outcome,
    throughMps: Math.abs(windage),
    overGroundMps,
    massKg:
      found.outcome === 'ok'
        ? massInAirKg(found.netWeightN!, ask.material, waterProperties(presentation.water).densityKgPm3)
        : null,
    lineOutM: found.lineOutM,
    asked,
  };
}

const fromTheOtherSide = (asked: TowInput): TowInput => ({
  ...asked,
  speedMps: -asked.speedMps,
  current: asked.current?.map(({ depthM, alongMps }) => ({ depthM, alongMps: -alongMps })),
});

/** A weight that is nearly nothing, to see whether any is needed [N]. */
const NEXT_TO_NOTHING_N = 0.02;

function hangsPlumb(asked: TowInput, offPlumbRad: number): boolean {
  if (asked.solve.for !== 'weight') return false;
  const { surfaceAngleRad } = tow(
    {
      ...asked,
      end: { ...asked.end, netWeightN: NEXT_TO_NOTHING_N },
      solve: { for: 'line-out', depthM: asked.solve.depthM },
    },
    { shaped: false },
  );
  return surfaceAngleRad !== null && Math.abs(Math.PI / 2 - surfaceAngleRad) <= offPlumbRad;
}
