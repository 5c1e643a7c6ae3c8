/** All bodies of a rig as one. */
export interface SinkingRig {
  readonly massKg: number;
  readonly volumeM3: number;
  readonly netWeightN: number;
  readonly dragAreaM2: (speedMps: number) => number;
}

export interface LineInWater {
  readonly diameterM: number;
  readonly tangentialCt: number;
  readonly submergedWeightNpm: number;
}
