import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoFile } from '../../../../tests/helpers/demo';
import { readRig } from '../rigging';
import type { CastPresentation, Setup, TowedPresentation } from '../../tackle';
import { tow } from '../../water';
import {
  bottomUnder,
  bottomWeight,
  cableShock,
  castBand,
  commonSpeeds,
  countdowns,
  coverage,
  depthCard,
  depthsAt,
  driftWeight,
  hungCable,
  lineToBottom,
  paddling,
  runOver,
  runRig,
  tripped,
  turnRig,
  turnTrack,
} from '.';

const harness = demoFile('setup-crawler-harness');
const minnow = demoFile('setup-crimped-minnow');
const fly = demoFile('setup-char-flasher');
const towedOf = (setup: Setup, change: Partial<TowedPresentation> = {}) => ({
  ...(setup.presentation as TowedPresentation),
  ...change,
});
const run = (setup: Setup, change: Partial<TowedPresentation> = {}) => runRig(readRig(setup), towedOf(setup, change));

describe('a rig in tow', () => {
  it('rises with speed in small steps, also where the rod could carry the weight above water', () => {
    const speeds = Array.from({ length: 21 }, (_, i) => 0.9 + i / 20);
    const depths = speeds.map((speedMps) => run(harness, { speedMps }).depthM!);
    const steps = depths.slice(1).map((depthM, i) => depths[i]! - depthM);
    expect(Math.min(...steps)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...steps)).toBeLessThan(0.3);
    expect(depths.at(-1)).toBeLessThan(0.2);
  });

  it('has as much line out as is wet and in the air together', () => {
    const running = run(minnow);
    const wetM = running.asked.segments[0]!.lengthM;
    expect(wetM + running.airM).toBeCloseTo((minnow.presentation as TowedPresentation).lineOutM, 1);
    expect(running.airM * Math.sin(running.surfaceAngleRad!)).toBeCloseTo(running.tipHeightM, 9);
    expect(tow(running.asked).depthM).toBe(running.depthM);
    expect(running.shape[0]).toEqual([0, -running.tipHeightM]);
    expect(running.shape.at(-1)![0]).toBeCloseTo(running.behindM!, 9);
    expect(running.shape.at(-1)![1]).toBeCloseTo(running.depthM!, 9);
  });
  it('runs deeper the lower the tip, the more line and the thinner it is', () => {
    const { depthM } = run(minnow);
    expect(run(minnow, { handHeightM: 0.2 }).depthM!).toBeGreaterThan(depthM!);
    expect(run(minnow, { lineOutM: 60 }).depthM!).toBeGreaterThan(depthM!);
    const thin: Setup = {
      ...minnow,
      parts: minnow.parts.map((part) =>
        part.id === 'line-braid-14' && part.kind === 'line'
          ? { ...part, diameterM: { ...part.diameterM!, value: part.diameterM!.value / 2 } }
          : part,
      ),
    };
    expect(thin.parts).not.toEqual(minnow.parts);
    expect(run(thin).depthM!).toBeGreaterThan(depthM!);
  });
  it('hangs in the air with less line than the tip is high, and stays on top where nothing takes it down', () => {
    expect(run(minnow, { lineOutM: 0.5, handHeightM: 4 })).toMatchObject({
      outcome: 'in-the-air',
      depthM: null,
      behindM: null,
    });
    const top = run(fly, { gear: undefined, speedMps: 2.5, lineOutM: 10 });
    expect(top).toMatchObject({ outcome: 'at-surface', depthM: 0 });
    expect(Math.hypot(top.behindM!, top.tipHeightM)).toBeCloseTo(10 + readRig(fly).pieces[1]!.lengthM!, 6);
  });
  it('rests on the bottom with what the line does not carry, and no more than its weight', () => {
    const free = run(harness, { bottomM: undefined });
    const resting = run(harness);
    expect(free.depthM!).toBeGreaterThan(6);
    expect(resting).toMatchObject({ outcome: 'on-bottom', depthM: 6 });
    expect(resting.contact!.share).toBeGreaterThan(0.02);
    expect(resting.contact!.share).toBeLessThan(1);
    expect(run(harness, { bottomM: 5 }).contact!.forceN).toBeGreaterThan(resting.contact!.forceN);
    // Put back in, with the bottom's push and rub on the bouncer, the line runs at the bottom by itself.
    expect(tow(resting.asked).depthM).toBeGreaterThan(5.9);
    expect(resting.asked.segments[0]!.lengthM + resting.airM).toBeCloseTo(
      (harness.presentation as TowedPresentation).lineOutM,
      1,
    );
  });
  it('lifts off where it is too fast for its weight', () => expect(run(harness, { speedMps: 1.2 }).contact).toBeNull());
  it('runs in the water of its depth: faster where that water comes against the boat', () => {
    const layers = [
      { depthM: 0, alongMps: 0 },
      { depthM: 2, alongMps: -0.4 },
    ];
    const against = run(minnow, { layers });
    expect(against.lureMps).toBeCloseTo(1.9, 1);
    expect(against.sogMps).toBe(1.5);
    expect(run(minnow, { layers: [{ depthM: 0, alongMps: 0.3 }] })).toMatchObject({
      sogMps: 1.8,
      lureMps: 1.5,
      depthM: run(minnow).depthM,
    });
  });
});

describe('a bottom that rises and falls', () => {
  const profile = [
    { behindM: 0, depthM: 9 },
    { behindM: 10, depthM: 5 },
    { behindM: 30, depthM: 12 },
  ];
  it('is straight between its points and level beyond them', () => {
    expect([
      bottomUnder(profile, -5),
      bottomUnder(profile, 0),
      bottomUnder(profile, 5),
      bottomUnder(profile, 20),
      bottomUnder(profile, 99),
      bottomUnder([], 3),
    ]).toEqual([9, 9, 7, 8.5, 12, undefined]);
  });
  it('counts where the rig runs', () => {
    const rig = readRig(harness);
    const running = runOver(rig, towedOf(harness), profile);
    expect(running.depthM!).toBeCloseTo(bottomUnder(profile, running.behindM!)!, 1);
    expect(runOver(rig, towedOf(harness, { bottomM: undefined }), [])).toEqual(run(harness, { bottomM: undefined }));
  });
  it('is reached with so much line, and with it the rig touches; or no line reaches it', () => {
    const flat = [{ behindM: 0, depthM: 9 }];
    const free = run(harness, { bottomM: 9 });
    expect(free.contact).toBeNull();
    const { lineM } = lineToBottom(free, flat)!;
    expect(run(harness, { bottomM: 9, lineOutM: lineM! - 1 }).contact).toBeNull();
    expect(run(harness, { bottomM: 9, lineOutM: lineM! + 1.5 }).contact).not.toBeNull();
    expect(lineToBottom(run(minnow), [{ behindM: 0, depthM: 200 }])).toMatchObject({
      outcome: 'never-that-deep',
      lineM: null,
    });
    expect(lineToBottom(run(harness), flat)).toBeNull();
  });
});

describe('gear', () => {
  const { gear } = fly.presentation as TowedPresentation;
  if (gear?.kind !== 'downrigger') throw new Error('the char fly runs behind a ball');
  const cable = {
    water: { temperatureC: 6, salinity: 0 },
    cableM: 20,
    cable: 'steel-cable',
    cableDiameterM: 0.9e-3,
    ballKg: 3.6,
  } as const;
  const { classes } = readRig(fly);
  it('a ball hangs higher and farther behind the faster it goes, straight down when it stands', () => {
    const still = hungCable({ ...cable, speedMps: 0 }, classes);
    expect(still.depthM).toBeCloseTo(20, 4);
    const [slow, fast] = [
      hungCable({ ...cable, speedMps: 0.8 }, classes),
      hungCable({ ...cable, speedMps: 1.6 }, classes),
    ];
    expect(fast.laybackM).toBeGreaterThan(2.5 * slow.laybackM);
    expect(fast.depthM).toBeLessThan(slow.depthM);
    expect(hungCable({ ...cable, speedMps: 1.6, ballKg: 5.4 }, classes).laybackM).toBeLessThan(fast.laybackM);
  });
  it('a lure behind a release runs from its depth, and one that floats rises above it', () => {
    const running = run(fly);
    expect(running.release!.depthM).toBeLessThan(gear.cableM);
    expect(running.depthM!).toBeGreaterThan(running.release!.depthM);
    const floating: Setup = {
      ...minnow,
      parts: minnow.parts.map((part) => (part.kind === 'hard-lure' ? { ...part, lip: 'no-lip' } : part)),
    };
    const rises = runRig(readRig(floating), towedOf(floating, { gear, speedMps: 0.5 }));
    expect(rises.depthM!).toBeLessThan(rises.release!.depthM);
    expect(rises.depthM!).toBeGreaterThanOrEqual(0);
    expect(
      runRig(readRig(floating), towedOf(floating, { gear: { ...gear, cableM: 1, leadM: 60 }, speedMps: 0.2 })),
    ).toMatchObject({ outcome: 'at-surface', depthM: 0 });
  });
  it('a board takes the line aside: no air, the lure behind its lead', () => {
    const running = run(minnow, { gear: { kind: 'side-planer', boardM: 20, leadM: 30 } });
    expect(running.airM).toBe(0);
    expect(running.release).toMatchObject({ depthM: 0, cable: null });
    expect(running.depthM!).toBeGreaterThan(run(minnow, { lineOutM: 30 }).depthM!);
  });
});

describe('the weight for an angle', () => {
  const rig = readRig(harness);
  const presentation = towedOf(harness);
  const ask = { depthM: 8, surfaceAngleRad: Math.PI / 4, bottom: 'sand', material: 'lead' } as const;
  it('put back in gives that angle within half a degree, for any angle that it has', () => {
    for (const degrees of [25, 35, 45, 60, 70]) {
      const found = bottomWeight(rig, presentation, { ...ask, surfaceAngleRad: (degrees * Math.PI) / 180 });
      const back = tow({
        ...found.asked,
        end: { ...found.asked.end, netWeightN: found.contactN! / 0.3 },
        solve: { for: 'line-out', depthM: 8 },
      });
      expect(Math.abs((back.surfaceAngleRad! * 180) / Math.PI - degrees)).toBeLessThan(0.5);
    }
  });
  it('stands beside the house rule, with the reasons of what is between', () => {
    const found = bottomWeight(rig, presentation, ask);
    expect(found.thumbKg).toBeCloseTo(8 * 0.0093, 9);
    expect(found.overThumb).toBeCloseTo(found.massKg! / found.thumbKg, 9);
    const faster = bottomWeight(rig, { ...presentation, speedMps: 1 }, ask);
    expect(faster.causes[0]).toMatchObject({ of: 'speed' });
    expect(faster.causes[0]!.factor).toBeGreaterThan(3);
    // Under the rule's own conditions no cause is left.
    const own = bottomWeight(rig, { ...presentation, speedMps: 0.5 }, ask);
    expect(own.causes.find(({ of }) => of === 'speed')!.factor).toBeCloseTo(1, 6);
    expect(own.causes.find(({ of }) => of === 'angle')!.factor).toBeCloseTo(1, 6);
  });
  it('free of the bottom is lighter, tungsten hardly lighter than lead in air', () => {
    const touching = bottomWeight(rig, presentation, ask).massKg!;
    expect(bottomWeight(rig, presentation, { ...ask, bottom: null }).massKg!).toBeLessThan(touching);
    const tungsten = bottomWeight(rig, presentation, { ...ask, material: 'tungsten' }).massKg!;
    expect(tungsten / touching).toBeCloseTo((1 - 999.7 / 11340) / (1 - 999.7 / 17500), 3);
  });
  it('says where no weight does', () =>
    expect(bottomWeight(rig, presentation, { ...ask, bottom: 'rock', surfaceAngleRad: 1.35 })).toMatchObject({
      outcome: 'no-weight-does',
      massKg: null,
      causes: [],
    }));
  it('for a drift grows with the wind, and where wind goes against the water', () => {
    const drift = (change: object) =>
      driftWeight(rig, presentation, {
        windMps: 5,
        windAgainstRad: 0,
        surfaceMps: 0.3,
        bottomMps: 0.1,
        depthM: 15,
        offPlumbRad: 0.35,
        material: 'lead',
        ...change,
      });
    expect(drift({ windMps: 10 }).massKg!).toBeGreaterThan(drift({}).massKg!);
    expect(drift({}).overGroundMps).toBeCloseTo(0.3 + 0.035 * 5, 9);
    expect(drift({ windAgainstRad: Math.PI }).massKg!).toBeLessThan(drift({}).massKg!);
    expect(drift({ offPlumbRad: 0.15 }).massKg!).toBeGreaterThan(drift({}).massKg!);
  });
});

describe('turns', () => {
  const rig = readRig(minnow);
  it('the inside lure is slower and runs otherwise than the outside one', () => {
    const at = (offsetM: number) => turnRig(rig, towedOf(minnow, { lineOutM: 20 }), { radiusM: 60, offsetM });
    expect(at(3).speedMps!).toBeGreaterThan(at(-3).speedMps!);
    expect(at(-3).turningM).not.toBe(at(-3).straightM);
    expect(turnRig(rig, towedOf(minnow), { radiusM: 20, offsetM: 0 })).toMatchObject({
      outcome: 'goes-slack',
      turningM: null,
    });
  });
  it('depths along a turn are those of the speeds, each as if it were held', () => {
    const presentation = towedOf(minnow, { lineOutM: 30 });
    const [slow, fast] = depthsAt(rig, presentation, [0.7, 1.5]);
    expect(slow!).toBeCloseTo(runRig(rig, { ...presentation, speedMps: 0.7 }).depthM!, 0);
    expect(fast!).toBeCloseTo(runRig(rig, presentation).depthM!, 9);
  });
  it('the track settles on the circle of the steady turn, at its speed', () => {
    const track = turnTrack({ radiusM: 30, speedMps: 1.2, offsetM: 2, laybackM: 18, untilS: 300 });
    const steady = Math.sqrt(32 ** 2 - 18 ** 2);
    const [x, y] = track.lure.at(-1)!;
    expect(Math.hypot(x - 30, y)).toBeCloseTo(steady, 1);
    expect(track.speedMps.at(-1)!).toBeCloseTo((1.2 * steady) / 30, 1);
    for (let i = 0; i < track.timeS.length; i += 1)
      expect(Math.hypot(track.lure[i]![0] - 30, track.lure[i]![1])).toBeLessThan(200);
  });
});

describe('what is asked of a cast', () => {
  const wall = demoFile('setup-drowned-wall');
  it('changes of one thing change the countdown as they should', () => {
    const all = countdowns(wall, [3, 6]);
    const at = (change: string) => all.find((each) => each.change === change)!.table[0]!.timeS!;
    expect(all.map(({ change }) => change)).toEqual(
      expect.arrayContaining(['as-is', 'thinner-line', 'thicker-line', 'salt-water']),
    );
    expect(at('thicker-line')).toBeGreaterThan(at('as-is'));
    expect(at('thinner-line')).toBeLessThan(at('as-is'));
    expect(at('salt-water')).toBeGreaterThan(at('as-is'));
    const trailer = demoFile('setup-bladed');
    const off = countdowns(trailer, [2]);
    expect(off.find(({ change }) => change === 'no-trailer')!.netWeightN).not.toBe(off[0]!.netWeightN);
  });
  it('a lure that is wound spends a part of its cast in the band, all of it in a band that takes in everything', () => {
    const rig = readRig(wall);
    const presentation = wall.presentation as CastPresentation;
    const all = castBand(rig, presentation, { fromM: 0, toM: 50, betweenS: 0 });
    expect(all.share).toBeCloseTo(1, 2);
    const some = castBand(rig, presentation, { fromM: 1.5, toM: 3, betweenS: 8 });
    expect(some.share).toBeGreaterThan(0);
    expect(some.share).toBeLessThan(0.95);
    expect(some.path.every(([, depthM], i) => i === 0 || depthM <= some.path[i - 1]![1])).toBe(true);
  });
});

describe('boat and craft', () => {
  it('the card of a lure is what it runs at', () => {
    const card = depthCard(readRig(minnow), towedOf(minnow), [20, 40], [1, 1.5]);
    expect(card.depthsM[1]![1]).toBe(run(minnow, { lineOutM: 40 }).depthM);
    expect(card.depthsM[1]![0]!).toBeGreaterThan(card.depthsM[0]![0]!);
  });
  it('lures cost a paddler what they pull', () => {
    const rig = readRig(minnow);
    const one = paddling(rig, towedOf(minnow, { craftId: 'canoe', speedMps: 1.2 }), 1)!;
    expect(one.hullN).toBeCloseTo(7.4 * 1.44, 9);
    expect(paddling(rig, towedOf(minnow, { craftId: 'canoe', speedMps: 1.2 }), 2)!.luresN).toBeCloseTo(
      2 * one.luresN,
      9,
    );
    expect(one.paddlerW).toBeCloseTo(((one.hullN + one.luresN) * 1.2) / 0.55, 9);
    expect(paddling(rig, towedOf(minnow, { craftId: null }), 1)).toBeNull();
    const ahead = paddling(rig, towedOf(minnow, { craftId: 'canoe', speedMps: 1.2 }), 1, -4)!;
    // ½·1.225·0.5·(4 + 1.2)² against the bow.
    expect(ahead.windN).toBeCloseTo(-0.5 * 1.225 * 0.5 * 5.2 ** 2, 9);
    expect(ahead.paddlerW).toBeGreaterThan(one.paddlerW);
  });
  it('slack of a tripped release: what is down and along, less the straight way', () => {
    const found = tripped({ depthM: 12, leadM: 9, speedMps: 1.2, rodSpringM: 0.8 });
    expect(found.slackM).toBeCloseTo(21 - 15, 12);
    expect(found.rodM + found.boatM).toBeCloseTo(6, 12);
    expect(found.tightS).toBeCloseTo(5.2 / 1.2, 12);
    expect(found.halfLead.slackM).toBeLessThan(found.slackM);
    expect(tripped({ depthM: 1, leadM: 0.5, speedMps: 1, rodSpringM: 3 })).toMatchObject({ boatM: 0, tightS: 0 });
  });
  it('shock of a cable is worst near the rail; a snubber or a softer cable saves it', () => {
    const asked = { speedMps: 1, ballKg: 4.5, eaN: 45_000, strengthN: 700, cableM: 15 };
    const bare = cableShock(asked);
    expect(bare.peakN).toBeCloseTo(Math.sqrt((4.5 * 45_000) / 15), 9);
    expect(bare.nearRail.peakN).toBeCloseTo(bare.peakN * Math.sqrt(15), 6);
    expect(bare.kinkedMargin).toBeCloseTo(bare.margin / 2, 12);
    expect(cableShock({ ...asked, snubberNpM: 800 }).nearRail.peakN).toBeLessThan(0.3 * bare.nearRail.peakN);
    expect(Number.isFinite(cableShock({ ...asked, speedMps: 0 }).margin)).toBe(true);
  });
});

describe('several setups', () => {
  it('bands are joined and gaps are what is left', () => {
    expect(
      coverage(
        [
          { fromM: 4, toM: 6 },
          { fromM: 1, toM: 2 },
          { fromM: 5, toM: 8 },
        ],
        { fromM: 0, toM: 10 },
      ),
    ).toEqual({
      covered: [
        { fromM: 1, toM: 2 },
        { fromM: 4, toM: 8 },
      ],
      gaps: [
        { fromM: 0, toM: 1 },
        { fromM: 2, toM: 4 },
        { fromM: 8, toM: 10 },
      ],
      share: 0.5,
    });
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.integer({ min: 0, max: 20 }), fc.integer({ min: 0, max: 20 }))), (pairs) => {
        const bands = pairs.map(([a, b]) => ({ fromM: Math.min(a, b), toM: Math.max(a, b) }));
        const { covered, gaps } = coverage(bands, { fromM: 2, toM: 18 });
        expect([...covered, ...gaps].reduce((sum, { fromM, toM }) => sum + toM - fromM, 0)).toBeCloseTo(16, 9);
        for (let m = 2; m < 18; m += 1)
          expect(covered.some(({ fromM, toM }) => m + 0.5 > fromM && m + 0.5 < toM)).toBe(
            bands.some(({ fromM, toM }) => m + 0.5 > fromM && m + 0.5 < toM),
          );
      }),
    );
  });
  it('speeds that suit all, or the odd one out', () => {
    expect(
      commonSpeeds([
        { name: 'a', fromMps: 0.6, toMps: 1.7 },
        { name: 'b', fromMps: 1, toMps: 2 },
      ]),
    ).toEqual({ common: { fromMps: 1, toMps: 1.7 }, oddOne: null });
    expect(
      commonSpeeds([
        { name: 'a', fromMps: 0.6, toMps: 1 },
        { name: 'b', fromMps: 0.8, toMps: 1.2 },
        { name: 'fast', fromMps: 4, toMps: 6 },
      ]),
    ).toEqual({ common: null, oddOne: 'fast' });
  });
});
