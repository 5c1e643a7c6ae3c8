import { describe, expect, it } from 'vitest';
import { demoFile } from '../../../../tests/helpers/demo';
import { finish } from '../choose';
import { evaluate } from '../../judge';
import { neededForceN } from '../../strike';
import { readRig } from '../../rig';
import { powerN } from '../../tackle';
import { rodInHand, rodTrade, USUAL_DAY } from '.';

const wall = demoFile('setup-drowned-wall');
const day = { ...USUAL_DAY, windMps: 0 };
const trade = finish(rodTrade(wall, day));

describe('choosing a rod', () => {
  it('says of the present rod what the setup says', () => {
    const { own } = trade;
    const { figures, castMassKg } = evaluate(wall);
    expect(own.set!.margin).toBeCloseTo(figures.set!.hookset.margin, 9);
    expect(own.dropShare).toBeCloseTo(figures.throw!.castFit.dropShare, 9);
    expect([own.throws!.fromKg, own.throws!.toKg]).toEqual([
      figures.throw!.castWindow.soundFrom,
      figures.throw!.castWindow.soundTo,
    ]);
    expect(castMassKg).toBeGreaterThan(own.throws!.fromKg);
  });

  it('a longer rod of the same power gathers more line, throws farther, and hangs lower and heavier', () => {
    for (const [i, { rod }] of trade.lengths.entries()) {
      const next = trade.lengths[i + 1]?.rod;
      expect(rod.powerN).toBeCloseTo(trade.own.powerN, 3);
      if (!next) continue;
      expect(next.set!.takeUpM).toBeGreaterThan(rod.set!.takeUpM);
      expect(next.cast!.distanceM).toBeGreaterThan(rod.cast!.distanceM);
      expect(next.clearM).toBeLessThan(rod.clearM);
      expect(next.circleM).toBeGreaterThan(rod.circleM);
      expect(next.load.momentNm).toBeGreaterThan(rod.load.momentNm);
    }
  });

  it('the wire it buries is the wire that asks for that pull with its margin', () => {
    const rig = readRig(wall);
    const wireM = trade.own.buriesWireM!.open;
    expect(neededForceN({ ...rig.hook.tissue, wireMm: wireM * 1e3 }, wall.presentation.mouth)).toBeCloseTo(
      trade.own.set!.atHookN / rig.classes.covers[wall.presentation.cover].through / 1.4,
      6,
    );
    expect(trade.own.buriesWireM!.dense).toBeLessThan(wireM);
  });

  it('a slower action is in later and of the same power', () => {
    const at = (action: string) => trade.actions.find((each) => each.at === action)!.rod;
    expect(at('moderate').set!.timeToSetS!).toBeGreaterThan(at('extra-fast').set!.timeToSetS!);
    expect(at('moderate').powerN / at('extra-fast').powerN).toBeCloseTo(1, 2);
  });

  it('wind shortens the cast, and what is towed is not cast', () => {
    expect(rodInHand(readRig(wall), wall.presentation, { ...day, windMps: 8 }).cast!.distanceM).toBeLessThan(
      trade.own.cast!.distanceM,
    );
    const minnow = demoFile('setup-crimped-minnow');
    expect(rodInHand(readRig(minnow), minnow.presentation, day)).toMatchObject({
      cast: null,
      throws: null,
      dropShare: null,
    });
  });
});

it('power of a class rod is what its word says', () =>
  expect(powerN({ lengthM: 2, stiffness: { kind: 'class', power: 'medium', action: 'fast' } })).toBeCloseTo(
    0.33 * 9.80665,
    2,
  ));
