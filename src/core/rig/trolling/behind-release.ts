import type { Rig } from '../rigging';
import { tow, type TowedBody, type TowInput } from '../../water';
import { onBottom, onTheFloor } from './on-bottom';
import {
  towInput,
  behindMainM,
  layersAbove,
  level,
  deepestM,
  throughWater,
  solvedRun,
  type FreeRun,
  type Scene,
} from './towed-scene';

/** A rig behind its release: at depth 0 of a water whose current is shifted by the release's depth. */
export function behindRelease(
  scene: Scene,
  leadM: number,
  from: { readonly depthM: number; readonly behindM: number },
  rig: Rig,
): FreeRun {
  const { bottomM } = scene.presentation;
  const asked = towInput(scene, leadM, from.depthM);
  const result = tow(asked);
  const moved = (free: FreeRun): FreeRun => ({
    ...free,
    depthM: free.depthM === null ? null : free.depthM + from.depthM,
    lureMps: throughWater(scene, (free.depthM ?? 0) + from.depthM),
    behindM: free.behindM === null ? null : free.behindM + from.behindM,
    shape: free.shape.map(([x, z]) => [x + from.behindM, z + from.depthM] as const),
  });
  if (result.outcome !== 'ok') return moved(rising(scene, leadM, from.depthM, asked));
  if (bottomM !== undefined && deepestM(result) + from.depthM > bottomM) {
    const rested = onBottom(
      scene,
      result,
      { bottomM: Math.max(0.01, bottomM - from.depthM), fromM: from.depthM },
      rig,
      (paid) => leadM - (paid.lineOutM! - behindMainM(scene.line)),
    );
    return moved(
      onTheFloor(
        solvedRun(scene, rested.result, rested.asked, { heightM: 0, lineM: leadM, contact: rested.contact }),
        bottomM - from.depthM,
      ),
    );
  }
  return moved(solvedRun(scene, result, asked, { heightM: 0, lineM: leadM, contact: null }));
}

/** A lure that rises above its release: the same line upside down, weight for lift, as far as the surface. */
function rising(scene: Scene, leadM: number, fromM: number, asked: TowInput): FreeRun {
  const { densityKgPm3 } = scene.water;
  const mirrored = (body: TowedBody): TowedBody => ({
    ...body,
    netWeightN: -body.netWeightN,
    downAreaM2: -(body.downAreaM2 ?? 0),
  });
  const result = tow({
    ...asked,
    current: layersAbove(scene.presentation.layers ?? [], fromM),
    segments: asked.segments.map((segment) => ({
      ...segment,
      massPerLengthKgPm: 2 * densityKgPm3 * (Math.PI / 4) * segment.diameterM ** 2 - segment.massPerLengthKgPm,
    })),
    weights: asked.weights?.map((weight) => ({ ...weight, ...mirrored(weight) })),
    end: mirrored(asked.end),
  });
  if (result.outcome !== 'ok') return level(scene, leadM, fromM, asked);
  const found = solvedRun(scene, result, asked, { heightM: 0, lineM: leadM, contact: null });
  const up = Math.min(result.depthM!, fromM);
  return {
    ...found,
    outcome: up < fromM ? 'runs' : 'at-surface',
    depthM: -up,
    shape: found.shape.map(([x, z]) => [x, -Math.min(z, fromM)] as const),
  };
}
