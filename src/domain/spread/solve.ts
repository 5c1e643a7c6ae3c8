import {
  boatLine,
  laybackM,
  probeLine,
  spread as spreadOf,
  type BoatLine,
  type Point,
  type Spread,
  type SpreadLine,
  type Turn,
} from '@/core/afloat';
import { InputRangeError } from '@/core/base/guard';
import { fitChain, workingSpeeds } from '@/core/rig';
import { classesWith } from '@/core/tackle/defaults/classes';
import type { RodPart } from '@/core/tackle';
import type { Craft, House } from '../house';
import { isSolved, type RiggedFile } from './line-names';
import { isProblem, placedLine, placedProbe, sideLayers, withRig, type LineProblem } from './on-boat';
import type { SpreadDocument } from './spread';

/** Setups of a spread, by their id. */
export type SetupFiles = Readonly<Record<string, RiggedFile>>;

export interface SpreadQuestion {
  readonly spread: SpreadDocument;
  readonly craft: Craft;
  readonly files: SetupFiles;
  readonly house: House;
  /** rods of the Box that setups may stand on instead of their own */
  readonly rods: readonly RodPart[];
  readonly turn: Turn;
}

/** A line as it runs, with what is read of it. */
export interface SolvedLine {
  readonly id: string;
  readonly problem: null;
  readonly tipM: Point;
  /** of the boat through the surface water [m/s] */
  readonly throughMps: number;
  readonly chain: readonly SpreadLine[];
  readonly outcome: BoatLine['running']['outcome'];
  readonly depthM: number;
  readonly depthSdM: number;
  /** of the lure, behind where its line leaves the boat [m] */
  readonly behindTipM: number;
  readonly ballDepthM: number | null;
  readonly cleanN: number;
  readonly fouledN: number;
  /** pull in the line at its release or tip [N] */
  readonly lineN: number;
  readonly dragN: number | null;
  /** depths of the lure by speed through the water */
  readonly depthsAt: readonly { readonly speedMps: number; readonly depthM: number }[];
  /** where all on it works; null: nothing is known of it */
  readonly works: { readonly fromMps: number; readonly toMps: number } | null;
  /** line on the spool [m]; null: not known */
  readonly spoolM: number | null;
}

export type LineAnswer = SolvedLine | { readonly id: string; readonly problem: LineProblem };

export interface SolvedSpread {
  readonly lines: readonly LineAnswer[];
  readonly probe: { readonly line: SpreadLine; readonly depthM: number } | null;
  /** the boat's speed through the water, which all of its lines share [m/s] */
  readonly throughMps: number;
  /** null while no line can be drawn */
  readonly spread: Spread | null;
}

/** How one rod's line is worked out; a worker keeps what it has worked out before. */
export type Solver = (key: () => string, solve: () => BoatLine) => BoatLine;

const atOnce: Solver = (_, solve) => solve();

/** Every line of a spread as it runs, and all of them together, straight and in a turn. */
export function solveSpread(
  { spread, craft, files, house, rods, turn }: SpreadQuestion,
  solver: Solver = atOnce,
): SolvedSpread {
  const across = sideLayers(spread);
  const lines = spread.lines.map((line): LineAnswer => {
    const file = files[line.setupId] ?? null;
    const placed = placedLine(line, file, { craft, scene: spread, house, rods });
    if (isProblem(placed)) return { id: line.id, problem: placed };
    try {
      const { presentation, point, boardOutM } = placed;
      const solved = solver(
        () =>
          JSON.stringify([
            line.id,
            line.rodId,
            file,
            presentation,
            point,
            boardOutM,
            across,
            house.classes,
            house.schools,
          ]),
        () => boatLine(withRig(placed, house), across),
      );
      return lineAnswer(solved, file!, presentation.clutchN);
    } catch (error) {
      if (error instanceof InputRangeError) return { id: line.id, problem: { code: 'outside', field: error.field } };
      throw error;
    }
  });
  const probe = probeOf(spread, craft, house, files);
  const drawn = [...lines.filter(isSolved).flatMap(({ chain }) => chain), ...(probe ? [probe.line] : [])];
  const throughMps = lines.find(isSolved)?.throughMps ?? spread.speedMps;
  return {
    lines,
    probe,
    throughMps,
    spread: drawn.length === 0 ? null : spreadOf({ lines: drawn, clearM: spread.clearM, speedMps: throughMps, turn }),
  };
}

function probeOf(spread: SpreadDocument, craft: Craft, house: House, files: SetupFiles): SolvedSpread['probe'] {
  const placed = placedProbe(spread, craft);
  if (!placed) return null;
  const water = Object.values(files)[0]?.presentation.water ?? { temperatureC: 10, salinity: 0 };
  const { line, hung } = probeLine(placed, {
    water,
    speedMps: spread.speedMps,
    across: sideLayers(spread),
    rig: { classes: classesWith(house.classes) },
  });
  return { line, depthM: hung.depthM };
}

function lineAnswer(
  { name, tipM, throughMps, chain, running, depthM, depthSdM, cleanN, fouledN }: BoatLine,
  file: SetupFiles[string],
  dragN: number | null,
): SolvedLine {
  const windows = workingSpeeds(fitChain(file));
  const last = chain.at(-1)!;
  const main = file.parts.find(({ id }) => id === file.chain.find(({ kind }) => kind === 'line')?.partId);
  return {
    id: name,
    problem: null,
    tipM,
    throughMps,
    chain,
    outcome: running.outcome,
    depthM,
    depthSdM,
    behindTipM: chain.reduce((sum, { profileM }) => sum + laybackM(profileM), 0),
    ballDepthM: running.release?.cable ? running.release.depthM : null,
    cleanN,
    fouledN,
    lineN: running.pullN ?? 0,
    dragN,
    depthsAt: (last.depthsAt ?? []).map(({ speedMps, zM }) => ({ speedMps, depthM: Math.max(0, zM.at(-1)!) })),
    works:
      windows.length === 0
        ? null
        : {
            fromMps: Math.max(...windows.map(({ fromMps }) => fromMps)),
            toMps: Math.min(...windows.map(({ toMps }) => toMps)),
          },
    spoolM: main && 'lengthM' in main && main.lengthM ? main.lengthM.value : null,
  };
}
