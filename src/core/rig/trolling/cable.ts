import { STANDARD_GRAVITY_MPS2 } from '../../base/constants';
import type { Classes } from '../../tackle/defaults/classes';
import { MATERIALS } from '../../tackle/defaults/sink-classes';
import { lineProperties, type CableMaterial } from '../../tackle';
import { tow, waterProperties, type CurrentLayer, type Tow, type WaterInput } from '../../water';

export interface HungCableInput {
  readonly water: WaterInput;
  /** over ground [m/s] */
  readonly speedMps: number;
  readonly current?: readonly CurrentLayer[] | undefined;
  readonly cableM: number;
  readonly cable: CableMaterial;
  readonly cableDiameterM: number;
  readonly ballKg: number;
}

/** A ball on its cable: it runs behind and above where the counter says. */
export interface HungCable {
  readonly depthM: number;
  readonly laybackM: number;
  readonly tensionN: number;
  readonly angleRad: number;
  readonly shape: readonly (readonly [number, number])[];
}

/**
 * True depth and layback of a downrigger's ball, or of a sensor on its own cable.
 *
 * Model: `tow` with the ball as a lead sphere of class drag at the end.
 */
export function hungCable(
  { water, speedMps, current, cableM, cable, cableDiameterM, ballKg }: HungCableInput,
  classes: Classes,
): HungCable {
  const { densityKgPm3 } = waterProperties(water);
  const volumeM3 = ballKg / MATERIALS.lead.densityKgPm3;
  const line = lineProperties({ material: cable, diameterM: cableDiameterM }, classes);
  const found = tow({
    water,
    speedMps,
    ...(current && current.length > 0 ? { current } : {}),
    segments: [
      {
        lengthM: cableM,
        diameterM: line.diameterM,
        massPerLengthKgPm: line.massPerLengthKgPm,
        tangentialCt: line.tangentialCt,
        normalDragFactor: line.normalDragFactor,
      },
    ],
    end: {
      netWeightN: (ballKg - densityKgPm3 * volumeM3) * STANDARD_GRAVITY_MPS2,
      dragAreaM2: classes.towed.ball.cd * Math.PI * ((3 * volumeM3) / (4 * Math.PI)) ** (2 / 3),
    },
    solve: { for: 'depth' },
  }) as { [K in keyof Tow]: NonNullable<Tow[K]> };
  return {
    depthM: found.depthM,
    laybackM: found.laybackM,
    tensionN: found.surfaceTensionN,
    angleRad: found.surfaceAngleRad,
    shape: found.shape,
  };
}
