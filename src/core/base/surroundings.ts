/** Water as it acts on a rig. */
export interface WaterProperties {
  /** mass of a cubic metre [kg/m³] */
  readonly densityKgPm3: number;
  /** dynamic viscosity [Pa·s] */
  readonly viscosityPaS: number;
}

/** Water as an angler knows it. */
export interface WaterConditions {
  /** temperature [°C] */
  readonly temperatureC: number;
  /** practical salinity, 0 fresh, about 35 ocean */
  readonly salinity: number;
}

export type WaterInput = WaterConditions | WaterProperties;

/** Water that moves at some depth [m] along the course, forward positive [m/s]; linear between depths, constant beyond. */
export interface CurrentLayer {
  readonly depthM: number;
  readonly alongMps: number;
}
