import type { HungProbe, PlacedRod, SideLayer, TowPoint } from '@/core/afloat';
import { InputRangeError } from '@/core/base/guard';
import { readRig } from '@/core/rig';
import type { RodPart, TowedPresentation } from '@/core/tackle';
import type { Craft, House } from '../house';
import { onRod, PROBE, USUAL_BOARD, USUAL_CABLE, type RiggedFile } from './line-names';
import { towPointsOf } from './tow-points';
import type { SpreadDocument, SpreadLineDocument } from './spread';

/** What is shared by all lines of a spread. */
export type SpreadScene = Pick<SpreadDocument, 'speedMps' | 'current' | 'bottomM'>;

export const sideLayers = ({ current }: Pick<SpreadDocument, 'current'>): readonly SideLayer[] =>
  current.some(({ acrossMps }) => acrossMps !== 0)
    ? current.map(({ depthM, acrossMps }) => ({ depthM, acrossMps }))
    : [];

/** A setup as it is fished from a point of the craft: speed, current, bottom and what takes its line there are the spread's. */
export function presentationOnBoat(
  own: TowedPresentation,
  line: SpreadLineDocument,
  { point, craft, scene }: { readonly point: TowPoint; readonly craft: Craft; readonly scene: SpreadScene },
): TowedPresentation {
  const { layers: _, bottomM: __, gear: ownGear, holderRad: ___, ...rest } = own;
  const along = scene.current.some(({ alongMps }) => alongMps !== 0);
  const hung = ownGear?.kind === 'downrigger' ? ownGear : { ...USUAL_CABLE, kind: 'downrigger' as const };
  const board = line.board ?? (point.kind === 'mast' ? USUAL_BOARD : undefined);
  const gear =
    point.kind === 'downrigger'
      ? {
          kind: 'downrigger' as const,
          leadM: line.lineM,
          cable: hung.cable,
          cableDiameterM: hung.cableDiameterM,
          cableM: line.cableM ?? hung.cableM,
          ballKg: line.ballKg ?? hung.ballKg,
        }
      : board && { kind: 'side-planer' as const, leadM: line.lineM, boardM: board.lineM };
  return {
    ...rest,
    craftId: craft.id,
    held: 'holder',
    handHeightM: point.upM,
    speedMps: scene.speedMps,
    lineOutM: line.lineM,
    ...(along ? { layers: scene.current.map(({ depthM, alongMps }) => ({ depthM, alongMps })) } : {}),
    ...(scene.bottomM === undefined ? {} : { bottomM: scene.bottomM }),
    ...(gear ? { gear } : {}),
    ...(line.dragN === undefined ? {} : { clutchN: line.dragN }),
  };
}

/** What lines stand in: the craft, the spread's water, the house, and the rods of the Box. */
export interface OnBoat {
  readonly craft: Craft;
  readonly scene: SpreadScene;
  readonly house: House;
  readonly rods: readonly RodPart[];
}

/** Why a line cannot be drawn. */
export type LineProblem =
  { readonly code: 'no-setup' | 'no-point' | 'not-towed' } | { readonly code: 'outside'; readonly field: string };

/** Where a line's board stands out to: the side that its rod looks to. */
const sideOf = ({ xM, pointsRad }: TowPoint): -1 | 1 => ((xM === 0 ? pointsRad : xM) < 0 ? -1 : 1);

/** A line of the document in its place, before its rig is read. */
export type PlacedLine = Omit<PlacedRod, 'rig'> & { readonly file: RiggedFile };

/** Where a line stands and how it is fished there; a problem where its setup or place is gone, or it is not towed. */
export function placedLine(
  line: SpreadLineDocument,
  setup: RiggedFile | null,
  { craft, scene, rods }: OnBoat,
): PlacedLine | LineProblem {
  const point = towPointsOf(craft).find(({ id }) => id === line.pointId);
  if (!setup) return { code: 'no-setup' };
  if (!point) return { code: 'no-point' };
  if (setup.presentation.kind !== 'towed') return { code: 'not-towed' };
  const presentation = presentationOnBoat(setup.presentation, line, { point, craft, scene });
  const board = presentation.gear?.kind === 'side-planer' ? (line.board ?? USUAL_BOARD) : null;
  return {
    name: line.id,
    file: onRod(
      setup,
      rods.find(({ id }) => id === line.rodId),
    ),
    presentation,
    point,
    ...(board ? { boardOutM: sideOf(point) * board.outM } : {}),
  };
}

/** @throws {InputRangeError} when a part lies outside of what the models take. */
export const withRig = ({ file, ...placed }: PlacedLine, house: House): PlacedRod => ({
  ...placed,
  rig: readRig({ ...file, presentation: placed.presentation, house }),
});

/** A line as its rod stands in the boat; a problem where it cannot. */
export function placedRod(line: SpreadLineDocument, setup: RiggedFile | null, onBoat: OnBoat): PlacedRod | LineProblem {
  const placed = placedLine(line, setup, onBoat);
  if (isProblem(placed)) return placed;
  try {
    return withRig(placed, onBoat.house);
  } catch (error) {
    if (error instanceof InputRangeError) return { code: 'outside', field: error.field };
    throw error;
  }
}

export const isProblem = (placed: object): placed is LineProblem => 'code' in placed;

export function placedProbe({ probe }: Pick<SpreadDocument, 'probe'>, craft: Craft): HungProbe | null {
  const point = probe && towPointsOf(craft).find(({ id }) => id === probe.pointId);
  return point
    ? {
        name: PROBE,
        point,
        cableM: probe.cableM,
        ballKg: probe.ballKg,
        cable: USUAL_CABLE.cable,
        cableDiameterM: USUAL_CABLE.cableDiameterM,
      }
    : null;
}
