import type { RodPart, Setup } from '@/core/tackle';
import type { LineAnswer, SolvedLine } from './solve';

/** The name of the probe among lines. */
export const PROBE = 'probe';

/** A downrigger of which nothing was said [m, kg]. */
export const USUAL_CABLE = { cable: 'steel-cable', cableDiameterM: 0.9e-3, cableM: 10, ballKg: 4.5 } as const;
/** A board of which nothing was said: line to it, and how far out of it [m]. */
export const USUAL_BOARD = { lineM: 25, outM: 16 } as const;

export type RiggedFile = Pick<Setup, 'parts' | 'chain' | 'presentation'>;

/** A setup on another rod; on its own where none is given. */
export function onRod<F extends RiggedFile>(file: F, rod: RodPart | undefined): F {
  const joint = file.chain.find(({ kind }) => kind === 'rod');
  if (!rod || !joint || joint.partId === rod.id) return file;
  return {
    ...file,
    parts: [...file.parts.filter(({ id }) => id !== rod.id), rod],
    chain: file.chain.map((each) => (each === joint ? { ...joint, partId: rod.id } : each)),
  };
}

export const isSolved = (line: LineAnswer): line is SolvedLine => line.problem === null;

/** The id of the line that a name of `spread` belongs to: its lure, cable or board; the probe's own. */
export const lineIdOf = (name: string): string => (name === PROBE ? PROBE : name.replace(/ (cable|board)$/, ''));
