import { describe, expect, it } from 'vitest';
import { everySetup } from '../../../../tests/helpers/every-setup';
import { readRig, runRig } from '../../rig';
import type { Setup, TowedPresentation } from '../../tackle';
import { boatLine, lineFor, tipAt, type PlacedRod, type TowPoint } from '.';

/** What must hold of any rig behind any boat. */
const towed = everySetup.flatMap(([name, setup]) =>
  setup.presentation.kind === 'towed' && setup.presentation.speedMps >= 0.3
    ? [[name, setup, setup.presentation] as const]
    : [],
);
const port: TowPoint = { id: 'holder-1', kind: 'holder', xM: -0.9, yM: -0.5, upM: 0.8, pointsRad: -0.6 };
const starboard: TowPoint = { ...port, id: 'holder-2', xM: 0.9, pointsRad: 0.6 };
const mast: TowPoint = { id: 'mast-1', kind: 'mast', xM: 0, yM: -2, upM: 3, pointsRad: 0 };

const placed = (setup: Setup, p: TowedPresentation, point: TowPoint, boardOutM = 0): PlacedRod => ({
  name: 'a',
  rig: readRig(setup),
  presentation: { ...p, bottomM: undefined, layers: undefined },
  point,
  boardOutM,
});
const LIMITS = { lineM: { min: 0.5, max: 400 }, cableM: { min: 0.5, max: 150 } };

describe('a line behind a boat', () => {
  it.each(towed)('%s: is the same on both sides, the other way round', (_, setup, p) => {
    const sideCurrent = (mps: number) => [{ depthM: 0, acrossMps: mps }];
    const [left, right] = [
      boatLine(placed(setup, p, port, -12), sideCurrent(0.2)),
      boatLine(placed(setup, p, starboard, 12), sideCurrent(-0.2)),
    ];
    expect(left.tipM[0]).toBeCloseTo(-right.tipM[0], 9);
    expect([left.tipM[1], left.tipM[2], left.depthM]).toEqual([right.tipM[1], right.tipM[2], right.depthM]);
    expect(left.chain).toHaveLength(right.chain.length);
    for (const [i, piece] of left.chain.entries()) {
      expect(piece.profileM).toEqual(right.chain[i]!.profileM);
      expect(piece.offsetM! + 0).toBeCloseTo(-right.chain[i]!.offsetM!, 9);
    }
  });

  it.each(towed)(
    '%s: goes down from its tip to its lure, deeper or shallower with speed but never out of the water',
    (_, setup, p) => {
      const { chain, depthM, depthSdM, cleanN, fouledN } = boatLine(placed(setup, p, starboard), []);
      expect(chain.at(-1)!.profileM.at(-1)![1]).toBeGreaterThanOrEqual(-1e-9);
      expect(depthM).toBeGreaterThanOrEqual(0);
      expect(depthSdM).toBeGreaterThanOrEqual(0);
      expect(fouledN).toBeGreaterThanOrEqual(cleanN);
      for (const { profileM, depthsAt } of chain) {
        const back = profileM.map(([x]) => x);
        expect(back).toEqual(back.toSorted((a, b) => a - b));
        for (const { zM } of depthsAt ?? []) {
          expect(zM).toHaveLength(profileM.length);
          expect(zM.every(Number.isFinite)).toBe(true);
        }
      }
    },
  );

  it.each(towed)('%s: starts from a mast as high as that is', (_, setup, p) => {
    const rod = placed(setup, p, mast);
    expect(tipAt(rod.rig, rod.presentation, mast)).toEqual([0, -2, -3]);
    if (p.gear) return;
    expect(boatLine(rod, []).chain[0]!.profileM[0]).toEqual([0, -3]);
  });
});

describe('how much line is paid out', () => {
  const depthWith = (rod: PlacedRod, paid: ReturnType<typeof lineFor>) => {
    const { gear } = rod.presentation;
    const presentation: TowedPresentation =
      gear?.kind === 'downrigger'
        ? { ...rod.presentation, gear: { ...gear, leadM: paid.lineM, cableM: paid.cableM ?? gear.cableM } }
        : gear
          ? { ...rod.presentation, gear: { ...gear, leadM: paid.lineM } }
          : { ...rod.presentation, lineOutM: paid.lineM };
    return runRig(rod.rig, presentation, -tipAt(rod.rig, presentation, rod.point)[2]);
  };

  it.each(towed)('%s: brings the lure as deep as is wanted, or says that it is out of reach', (_, setup, p) => {
    const rod = placed(setup, p, starboard);
    const now = runRig(rod.rig, rod.presentation).depthM ?? 0;
    for (const wantM of [0.5 * now, 0.9 * now, 1.1 * now]) {
      const paid = lineFor(rod, { depthM: wantM }, LIMITS);
      if (paid.outcome === 'out-of-reach') continue;
      expect(Math.abs(depthWith(rod, paid).depthM! - wantM), `${wantM} m`).toBeLessThan(0.1);
    }
    expect(lineFor(rod, { depthM: 900 }, LIMITS).outcome).toBe('out-of-reach');
  });

  it.each(towed)('%s: brings the lure as far back as is wanted', (_, setup, p) => {
    const rod = placed(setup, p, starboard);
    for (const behindM of [8, 20, 45]) {
      const paid = lineFor(rod, { behindM }, LIMITS);
      if (paid.outcome === 'out-of-reach') continue;
      const run = depthWith(rod, paid);
      expect(Math.abs(run.behindM! - (run.release?.behindM ?? 0) - behindM), `${behindM} m`).toBeLessThan(0.2);
    }
  });
});
