import type { FlowLayer } from '@/core/afloat';

/** Where the water turns cold: warm above, cold below, over `spanM`. */
export interface Thermocline {
  readonly surfaceC: number;
  readonly deepC: number;
  readonly depthM: number;
  readonly spanM: number;
}

/** What happens, and when from the start [s]. */
export type ScriptEvent = { readonly atS: number } & (
  | { readonly kind: 'throttle'; readonly throughMps: number }
  | { readonly kind: 'course'; readonly headingRad: number }
  /** the probe's cable is wound to another length */
  | { readonly kind: 'probe'; readonly cableM: number }
  /** the water flows otherwise from now on */
  | { readonly kind: 'current'; readonly layers: readonly FlowLayer[] }
  | { readonly kind: 'thermocline'; readonly thermocline: Thermocline }
  | { readonly kind: 'gust'; readonly byMps: number; readonly forS: number }
  /** nothing is sent */
  | { readonly kind: 'dropout'; readonly forS: number }
  | { readonly kind: 'bad-checksums'; readonly forS: number }
  /** the satellite clock is wrong by so much for a while */
  | { readonly kind: 'clock'; readonly byS: number; readonly forS: number }
);

/** A boat with its instruments on some water, and what happens to it. */
export interface Scenario {
  readonly name: string;
  readonly start: { readonly latDeg: number; readonly lonDeg: number; readonly atS: number };
  readonly water: { readonly temperatureC: number; readonly salinity: number };
  readonly thermocline: Thermocline;
  readonly current: readonly FlowLayer[];
  readonly throughMps: number;
  readonly headingRad: number;
  readonly bottomM: { readonly mean: number; readonly swing: number; readonly everyM: number };
  readonly wind: { readonly mps: number; readonly towardRad: number };
  readonly probe: { readonly cableM: number; readonly ballKg: number; readonly cableDiameterM: number };
  /** what the instruments make of the truth: reading = (truth − offset) / scale */
  readonly sensors: { readonly waterScale: number; readonly probeScale: number };
  /** scatter of one reading, one standard deviation */
  readonly noise: {
    readonly mps: number;
    readonly celsius: number;
    readonly depthM: number;
    readonly headingRad: number;
  };
  readonly script: readonly ScriptEvent[];
}
