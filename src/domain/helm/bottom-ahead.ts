import { since, type Track } from './tracks';

/** Something that hangs in the water: how deep, and how far behind the transducer. */
export interface Hanging {
  readonly name: string;
  readonly depthM: number;
  readonly laybackM: number;
}

export interface BottomAhead {
  readonly name: string;
  /** least water under it on the way that the boat has passed already [m] */
  readonly clearM: number;
  /** until it meets the bottom there; null: it passes over [s] */
  readonly touchesInS: number | null;
}

/**
 * What will come nearest to the bottom: the transducer has sounded what a lure behind the boat has yet to pass.
 *
 * Model: at speed u over ground, what hangs ℓ behind comes to a sounding of time t at t + ℓ/u; of the soundings that are still to
 * be passed the least water under it, and the first that is shallower than it hangs. Without a speed only the newest counts.
 */
export function bottomAhead(
  soundings: Track,
  {
    nowS,
    sogMps,
    hanging,
  }: { readonly nowS: number; readonly sogMps: number | null; readonly hanging: readonly Hanging[] },
): BottomAhead | null {
  let nearest: BottomAhead | null = null;
  for (const { name, depthM, laybackM } of hanging) {
    const laterS = sogMps !== null && sogMps > 0.05 ? laybackM / sogMps : 0;
    const ahead = since(soundings, nowS - Math.max(laterS, 3));
    if (ahead.tS.length === 0) continue;
    const clearM = Math.min(...ahead.values) - depthM;
    const touch = ahead.values.findIndex((bottomM) => bottomM <= depthM);
    const found = {
      name,
      clearM,
      touchesInS: touch < 0 ? null : Math.max(0, ahead.tS[touch]! + laterS - nowS),
    };
    if (!nearest || found.clearM < nearest.clearM) nearest = found;
  }
  return nearest;
}
