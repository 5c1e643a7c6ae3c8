import { hungCable, type HungCableInput } from '@/core/rig';
import { classesWith } from '@/core/tackle/defaults/classes';

export type HungProbeCable = Pick<HungCableInput, 'water' | 'cableM' | 'cable' | 'cableDiameterM' | 'ballKg'>;

/** Speeds at which the cable is solved; between them its depth is nearly straight [m/s]. */
const SPEEDS_MPS = [0, 0.3, 0.6, 0.9, 1.2, 1.5, 1.8, 2.2, 2.7, 3.5, 4.5] as const;

/** Depth and layback of a probe by the boat's speed, as its cable gives them. */
export function probeHangs(
  probe: HungProbeCable,
): (speedMps: number) => { readonly depthM: number; readonly laybackM: number } {
  const classes = classesWith({});
  const solved = SPEEDS_MPS.map((speedMps) => hungCable({ ...probe, speedMps }, classes));
  return (speedMps) => {
    const next = SPEEDS_MPS.findIndex((each) => each >= speedMps);
    if (next === 0) return solved[0]!;
    if (next < 0) return solved.at(-1)!;
    const [a, b] = [solved[next - 1]!, solved[next]!];
    const share = (speedMps - SPEEDS_MPS[next - 1]!) / (SPEEDS_MPS[next]! - SPEEDS_MPS[next - 1]!);
    const between = (from: number, to: number) => from + share * (to - from);
    return { depthM: between(a.depthM, b.depthM), laybackM: between(a.laybackM, b.laybackM) };
  };
}

export const probeDepthBy = (probe: HungProbeCable): ((speedMps: number) => number) => {
  const hangs = probeHangs(probe);
  return (speedMps) => hangs(speedMps).depthM;
};
