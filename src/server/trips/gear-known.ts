import { findParts, findRevision, helmRepo, listParts } from '@/db/repo';
import type { Db, Tx } from '@/db/client';
import type { RodPart } from '@/core/tackle';
import type { Helm } from '@/domain/helm/helm';
import type { House } from '@/domain/house';
import type { BenchId, SetupId } from '@/domain/ids';
import type { GearKnown } from '@/domain/log/cells';
import { fishedSpread, gearNow, type PlannedLine } from '@/domain/log/planned';
import type { Gear, Trip } from '@/domain/log/trip';
import type { Part } from '@/domain/parts';
import { revisionLetter } from '@/domain/revision-letter';
import type { SetupFile } from '@/domain/setup';
import { isSolved } from '@/domain/spread/line-names';
import { solveSpread, type SolvedLine } from '@/domain/spread/solve';
import type { SpreadDocument } from '@/domain/spread/spread';
import { pointName, sideOf, towPointsOf } from '@/domain/spread/tow-points';
import { newestSetups, partIdsOf, type NewestSetup } from '../setups/newest-setups';
import { setupFileFrom } from '../setups/setup-file';

/** What a trip's gear is worked out with. */
export interface TripContext {
  readonly house: House;
  readonly setups: readonly NewestSetup[];
  readonly box: readonly Part[];
  readonly rods: readonly RodPart[];
  readonly helms: readonly Helm[];
}

/** What is known of the sensors of a trip's boat; null: nothing. */
export const helmOfTrip = ({ helms }: Pick<TripContext, 'helms'>, { opened }: Pick<Trip, 'opened'>): Helm | null =>
  helms.find(({ craftId }) => craftId === opened?.craftId) ?? helms[0] ?? null;

export async function tripContext(db: Db | Tx, benchId: BenchId): Promise<TripContext> {
  const [newest, box, helms] = await Promise.all([
    newestSetups(db, benchId),
    listParts(db, benchId),
    helmRepo.list(db, benchId),
  ]);
  return {
    helms: helms.rows.map(({ document }) => document),
    house: newest.house,
    setups: newest.setups,
    box,
    rods: box.flatMap((part): RodPart[] => (part.kind === 'rod' ? [part] : [])),
  };
}

/** Speed of a boat of which no instrument says anything: lines are solved for shares of it [m/s]. */
const USUAL_MPS = 1.2;
const WIDE = { radiusM: 1000, side: 'starboard' } as const;

/** What each piece of gear of a trip is called, where it stood, and how deep its lure ran by speed. */
export async function gearKnown(
  db: Db | Tx,
  benchId: BenchId,
  trip: Trip,
  context: TripContext,
  /** depths take a second for a day of many lines */
  withDepths = true,
): Promise<(gear: Gear) => GearKnown> {
  const { house, setups, rods } = context;
  const craft = house.crafts.find(({ id }) => id === trip.opened?.craftId) ?? null;
  const points = craft ? towPointsOf(craft) : [];
  const keyOf = ({ changed: _, ...gear }: Gear) => JSON.stringify(gear);
  const used = new Map(
    [...trip.stretches.map(({ gear }) => gear), ...trip.lines.map(({ gear }) => gear)].map((gear) => [
      keyOf(gear),
      gear,
    ]),
  );
  const files = withDepths ? await gearFiles(db, benchId, [...used.values()], context) : {};
  const solved = new Map<string, SolvedLine>();
  if (craft && withDepths) {
    const lines = [...used.values()].map((gear, i): PlannedLine => ({
      line: `g${i}`,
      gear: { ...gearNow(gear), setupId: fileKey(gear) },
    }));
    const spread = fishedSpread(BARE, lines);
    const answer = solveSpread({ spread, craft, files, house, rods, turn: WIDE });
    const keys = [...used.keys()];
    for (const line of answer.lines) if (isSolved(line)) solved.set(keys[Number(line.id.slice(1))]!, line);
  }
  const known = new Map<string, GearKnown>();
  return (gear) => {
    const key = JSON.stringify(gear);
    const before = known.get(key);
    if (before) return before;
    const setup = setups.find(({ id }) => id === gear.setupId);
    const point = points.find(({ id }) => id === gear.pointId) ?? null;
    const side = point === null ? 0 : point.xM === 0 ? point.pointsRad : point.xM;
    const setupName = setup?.name ?? gear.setupId;
    const rodId = gear.rodId ?? setup?.file.chain.find(({ kind }) => kind === 'rod')?.partId;
    const now: GearKnown = {
      words: {
        lure: gear.changed.lure?.name ?? setupName,
        colour: gear.changed.colour?.name ?? '',
        setup: gear.revision === undefined ? setupName : `${setupName} ${revisionLetter(gear.revision)}`,
        rod: rods.find(({ id }) => id === rodId)?.name ?? rodId ?? '',
        place: point ? pointName(points, point) : (gear.pointId ?? ''),
        side: point === null ? '' : sideOf(point),
      },
      xM: point === null ? null : Math.abs(side) < 0.05 ? 0 : point.xM || side,
      depthsAt: solved.get(keyOf(gear))?.depthsAt ?? [],
    };
    known.set(key, now);
    return now;
  };
}

/** A spread of nothing but the lines that are asked about, at the usual speed. */
const BARE = {
  speedMps: USUAL_MPS,
  current: [],
  lines: [],
  probe: null,
  clearM: 1.5,
  radiusM: 60,
} as unknown as SpreadDocument;

export const fileKey = ({ setupId, revision }: Pick<Gear, 'setupId' | 'revision'>): SetupId =>
  `${setupId}${revision === undefined ? '' : ` ${revision}`}` as SetupId;

/** The setups as they were when they were fished; one that was never saved so is taken as it is now. */
export async function gearFiles(
  db: Db | Tx,
  benchId: BenchId,
  gears: readonly Pick<Gear, 'setupId' | 'revision'>[],
  { setups, house }: TripContext,
): Promise<Readonly<Record<string, SetupFile>>> {
  const files: Record<string, SetupFile> = {};
  for (const gear of gears) {
    const key = fileKey(gear);
    if (files[key]) continue;
    const newest = setups.find(({ id }) => id === gear.setupId);
    const then =
      gear.revision === undefined || gear.revision === newest?.number
        ? null
        : await findRevision(db, benchId, gear.setupId, gear.revision);
    const outcome = then
      ? setupFileFrom(gear.setupId, then, await findParts(db, benchId, partIdsOf(then)), house)
      : null;
    const file = outcome?.kind === 'file' ? outcome.file : newest?.file;
    if (file) files[key] = file;
  }
  return files;
}
