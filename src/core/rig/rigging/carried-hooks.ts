import { POINT_LEG, stationNames, type LurePart, type Station } from '../../tackle';
import type { Classes } from '../../tackle/defaults/classes';
import { HOOK_STATIONS } from '../../tackle/defaults/rig-classes';
import type { Body } from './body';
import type { Assembly } from './elements';
import type { FittedOf } from './fitted';
import type { HookPlace, Place } from './hook-place';
import { specOfHook, stationsOf, stockHook } from './hook-spec';

type CarryingLure = Exclude<LurePart, { kind: 'skirted-jig' }>;

/** A hook at a station of a lure and what its ring adds there [kg]. */
interface Hung {
  readonly place: HookPlace;
  readonly ringKg: number;
}

/** A hook that was put on a lure, with the ring before it. */
interface Changed {
  readonly hook: FittedOf<'hook'>;
  readonly ring: FittedOf<'hardware'> | null;
}

/** Width of a lure's own rings [m]. */
const OWN_RING_M = 0.005;

/**
 * The hooks that hang from a lure, front to tail: at each station the hook that was put there, else the one that was put
 * everywhere, else the one it came with, unless the station was left bare. A ring goes with the hook behind it; one with
 * none behind goes with every hook that has no ring of its own.
 */
export function carriedHooks(assembly: Assembly, lure: CarryingLure, body: Body, classes: Classes): readonly Hung[] {
  const { bearer } = assembly;
  const bare = bearer.kind === 'lure' ? (bearer.joint.bare ?? []) : [];
  const { changed, loose } = changedHooks(assembly);
  const stock = stockHook(lure, classes);
  const names = stationNames(stationCount(lure, changed));
  const along = HOOK_STATIONS[Math.min(5, names.length)] ?? [];
  return names.flatMap((station, i): Hung[] => {
    const put =
      changed.find(({ hook }) => hook.joint.station === station) ?? changed.find(({ hook }) => !hook.joint.station);
    const spec = put ? specOfHook(put.hook.part) : stock;
    if (!spec || (bare.includes(station) && put?.hook.joint.station !== station)) return [];
    const ring = put?.ring ?? loose;
    const ringM = ring?.part.widthM.value ?? OWN_RING_M;
    const tail = station === 'tail';
    const inside = shankInside(lure);
    const eye: Place = inside
      ? { xM: body.lengthM * inside.bendAt - spec.shankM, zM: -inside.below * body.heightM }
      : { xM: along[i]! * body.lengthM + (tail ? ringM : 0), zM: tail ? 0 : -body.heightM / 2 - ringM };
    const tip: Place = inside
      ? { xM: eye.xM + spec.shankM * (1 - POINT_LEG) - spec.gapM / 2, zM: eye.zM + spec.gapM }
      : tail
        ? { xM: eye.xM + spec.shankM * (1 - POINT_LEG), zM: spec.gapM / 2 }
        : { xM: eye.xM + spec.gapM / 2, zM: eye.zM - spec.shankM * (1 - POINT_LEG) };
    return [
      {
        ringKg: ring?.part.massKg.value ?? 0,
        place: {
          jointId: put?.hook.joint.id ?? bearer.joint.id,
          role: 'carried',
          spec,
          point: 'open',
          guard: lure.kind === 'topwater' && lure.body === 'hollow' ? 'hollow-body' : 'none',
          eye,
          tip,
          dropM: 0,
          hangs: inside === null,
          clearGapM: null,
          station: tip.xM / body.trunkM,
          hangsAt: { station, ringId: ring?.joint.id ?? null },
        },
      },
    ];
  });
}

/**
 * Where the bend comes out of a lure whose hook runs through it, as a share of its length, and how far the shank lies
 * below the axis, over its height; null: its hooks hang from rings.
 */
function shankInside(lure: CarryingLure): { readonly bendAt: number; readonly below: number } | null {
  if (lure.kind === 'trolled-fly') return { bendAt: 0.9, below: 0 };
  return lure.kind === 'topwater' && lure.body === 'hollow' ? { bendAt: 0.9, below: 0.2 } : null;
}

/** Stations of a lure; one that comes bare has as many as the hooks that were put on it ask for. */
function stationCount(lure: CarryingLure, changed: readonly Changed[]): number {
  const own = stationsOf(lure);
  if (own > 0 || changed.length === 0) return own;
  const asks = (station: Station) => changed.some(({ hook }) => hook.joint.station === station);
  return asks('middle') ? 3 : asks('front') ? 2 : 1;
}

function changedHooks({ attached }: Assembly): { changed: readonly Changed[]; loose: FittedOf<'hardware'> | null } {
  const changed: Changed[] = [];
  let ring: FittedOf<'hardware'> | null = null;
  for (const each of attached) {
    if (each.kind === 'hardware' && each.part.form === 'split-ring') ring = each;
    if (each.kind !== 'hook') continue;
    changed.push({ hook: each, ring });
    ring = null;
  }
  return { changed, loose: ring };
}
