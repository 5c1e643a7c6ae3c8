import { describe, expect, it } from 'vitest';
import { demoHouse, demoParts, demoSetupsOfBench } from '@/db/demo';
import { readRig, runRig } from '../../rig';
import type { TowedPresentation } from '../../tackle';
import { spread } from '../spread';
import { boatLine, probeLine, type PlacedRod } from './boat-line';
import { sidewaysM } from './sideways';
import { tipAt, type TowPoint } from './tow-point';

const holder: TowPoint = { id: 'h', kind: 'holder', xM: 1.2, yM: -0.5, upM: 0.9, pointsRad: Math.PI / 2 };
const boom: TowPoint = { ...holder, kind: 'downrigger', upM: 1 };

function placed(id: string, point: TowPoint, change: Partial<TowedPresentation> = {}): PlacedRod {
  const { chain, presentation } = demoSetupsOfBench.find((each) => each.id === id)!.revisions.at(-1)!;
  const setup = {
    parts: demoParts.filter((part) => chain.some(({ partId }) => partId === part.id)),
    chain,
    presentation,
  };
  return {
    name: id,
    rig: readRig({ ...setup, house: demoHouse }),
    presentation: { ...(presentation as TowedPresentation), handHeightM: point.upM, ...change },
    point,
  };
}
const minnow = (change: Partial<TowedPresentation> = {}) => placed('setup-crimped-minnow', holder, change);
const fly = () => placed('setup-char-flasher', boom);

describe('where a rod stands', () => {
  it('its tip is out by what it reaches, to the side it points to', () => {
    const { rig, presentation } = minnow();
    const [x, y, z] = tipAt(rig, presentation, holder);
    expect(x).toBeGreaterThan(holder.xM + 1);
    expect(y).toBeCloseTo(holder.yM, 9);
    expect(z).toBeLessThan(-holder.upM);
    const aft = tipAt(rig, presentation, { ...holder, pointsRad: 0 });
    expect(aft[0]).toBeCloseTo(holder.xM, 9);
    expect(aft[1] - holder.yM).toBeCloseTo(x - holder.xM, 9);
  });
  it('a clip, a boom or a mast is where it is', () => {
    const { rig, presentation } = minnow();
    expect(tipAt(rig, presentation, { ...holder, kind: 'outrigger', upM: 2 })).toEqual([1.2, -0.5, -2]);
  });
});

describe('a line of the boat', () => {
  it('runs as the same rig runs in the Water view, from its tip to its lure', () => {
    const rod = minnow();
    const { chain, depthM, running } = boatLine(rod, []);
    const alone = runRig(rod.rig, rod.presentation);
    expect(depthM).toBeCloseTo(alone.depthM!, 9);
    expect(chain).toHaveLength(1);
    expect(chain[0]!.profileM.at(-1)![0]).toBeCloseTo(alone.behindM!, 6);
    expect(running.pullN).toBeCloseTo(alone.pullN!, 9);
  });
  it('is deeper where it is slower or faster as its rig is, and the spread takes it', () => {
    const line = boatLine(minnow(), []);
    const { lines } = spread({
      lines: line.chain,
      speedMps: 1.5,
      turn: { radiusM: 100, side: 'starboard' },
    });
    expect(lines[0]!.turn!.outcome).toBe('ok');
    expect(lines[0]!.turn!.speedMps).toBeLessThan(1.5);
    expect(lines[0]!.turn!.lureM![2]).toBeLessThan(line.depthM);
  });
  it('behind a downrigger is its cable, then the lead from the ball', () => {
    const { chain, depthM } = boatLine(fly(), []);
    expect(chain.map(({ name }) => name)).toEqual(['setup-char-flasher cable', 'setup-char-flasher']);
    expect(chain[1]!.after).toBe(chain[0]!.name);
    expect(chain[1]!.profileM[0]![1]).toBeCloseTo(chain[0]!.profileM.at(-1)![1], 6);
    expect(spread({ lines: chain, speedMps: 0.8 }).lines[1]!.lureM[2]).toBeCloseTo(depthM, 3);
  });
  it('behind a board stands out and back, and the lead straight behind it', () => {
    const board = minnow({ gear: { kind: 'side-planer', leadM: 15, boardM: 25 } });
    const { chain } = boatLine({ ...board, boardOutM: -15 }, []);
    const { lines } = spread({ lines: chain, speedMps: 1.5 });
    const [tipX, tipY] = tipAt(board.rig, board.presentation, holder);
    expect(lines[0]!.lureM[0]).toBeCloseTo(tipX - 15, 9);
    expect(lines[0]!.lureM[1]).toBeCloseTo(tipY + 20, 9);
    expect(lines[1]!.lureM[0]).toBeCloseTo(tipX - 15, 9);
    expect(lines[1]!.lureM[1]).toBeGreaterThan(tipY + 20 + 14);
  });
  it('says how far off its depth may be, more with more line', () => {
    const sd = (lineOutM: number) => boatLine(minnow({ lineOutM }), []).depthSdM;
    expect(sd(20)).toBeGreaterThan(0.05);
    expect(sd(60)).toBeGreaterThan(sd(20));
  });
  it('is heavier at the rod with weed on it', () => {
    const { cleanN, fouledN } = boatLine(minnow(), []);
    expect(fouledN).toBeGreaterThan(cleanN);
  });
  it('refuses a boat that stands', () => expect(() => boatLine(minnow({ speedMps: 0 }), [])).toThrow('speedMps'));
});

describe('side current', () => {
  it('carries a line off by its share of the speed over what lies in the water', () => {
    const profile = [
      [0, -1],
      [2, 0],
      [22, 4],
    ] as const;
    expect(sidewaysM(profile, [{ depthM: 0, acrossMps: 0.2 }], 1)).toBeCloseTo(4, 12);
    expect(sidewaysM(profile, [], 1)).toBe(0);
    // Only the water above 2 m moves: on the middle of the piece it is zero.
    expect(
      sidewaysM(
        profile,
        [
          { depthM: 0, acrossMps: 0.2 },
          { depthM: 2, acrossMps: 0 },
        ],
        1,
      ),
    ).toBeCloseTo(0, 12);
  });
});

it('a probe hangs behind and above what its counter says', () => {
  const { line, hung } = probeLine(
    { name: 'probe', point: boom, cableM: 20, ballKg: 3, cable: 'steel-cable', cableDiameterM: 0.9e-3 },
    { water: { temperatureC: 6, salinity: 0 }, speedMps: 1.2, across: [], rig: fly().rig },
  );
  expect(hung.depthM).toBeLessThan(20);
  expect(line.profileM.at(-1)![1]).toBeCloseTo(hung.depthM, 6);
  expect(spread({ lines: [line], speedMps: 1.2 }).lines[0]!.lureM[2]).toBeCloseTo(hung.depthM, 6);
});
