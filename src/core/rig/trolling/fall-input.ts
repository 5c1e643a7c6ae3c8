import type { Rig } from '../rigging';
import type { SinkInput } from '../../water';
import type { CastPresentation } from '../../tackle';

/** The `sink` call that a rig and a presentation make, on slack line, to the wanted depth. */
export function fallInputOf(
  rig: Rig,
  { water, depthM, currentMps }: Pick<CastPresentation, 'water' | 'depthM' | 'currentMps'>,
): SinkInput {
  // The wet line is leader first and main line behind; the longest leader stands for it when half of the depth is its.
  const leader = rig.pieces.filter(({ lengthM }) => lengthM !== null && lengthM >= depthM / 2).at(-1);
  const { line } = leader ?? rig.pieces[0]!;
  return {
    water,
    bodies: rig.bodies,
    line: {
      diameterM: line.diameterM,
      densityKgPm3: line.massPerLengthKgPm / ((Math.PI * line.diameterM ** 2) / 4),
      tangentialCt: line.tangentialCt,
    },
    currentMps,
    mode: 'free',
    depthsM: [depthM],
  };
}
