import { describe, expect, it } from 'vitest';
import { Router, USUAL_ROUTES } from './routes';

const say = (source: string, value: number, isBare = false) => ({ source, value, isBare });

describe('Router', () => {
  it('hears the upper of two sources, and the lower once the upper is silent', () => {
    const router = new Router(USUAL_ROUTES);
    expect(router.route([say('RMC.speed', 1)], 0).taken).toEqual([{ channel: 'sogMps', value: 1 }]);
    expect(router.route([say('VTG.speed', 2), say('RMC.speed', 1)], 1).taken).toEqual([
      { channel: 'sogMps', value: 2 },
    ]);
    expect(router.route([say('RMC.speed', 1)], 5).taken).toEqual([]);
    expect(router.route([say('RMC.speed', 1.1)], 6.1).taken).toEqual([{ channel: 'sogMps', value: 1.1 }]);
  });

  it('brings a bare number into SI, adds what is to be added, and takes directions round', () => {
    const router = new Router([
      { source: 'XDR.S', channel: 'probeMps', unit: 'kn' },
      { source: 'XDR.F', channel: 'probeC', unit: 'degF' },
      { source: 'HDG.magnetic', channel: 'headingRad', plus: 0.5 },
    ]);
    const { taken } = router.route([say('XDR.S', 2, true), say('XDR.F', 50, true), say('HDG.magnetic', 6)], 0);
    expect(taken[0]!.value).toBeCloseTo(1.0289, 4);
    expect(taken[1]!.value).toBeCloseTo(10, 9);
    expect(taken[2]!.value).toBeCloseTo(6.5 - 2 * Math.PI, 9);
  });

  it('refuses what no instrument can mean, by its name, and then hears the other', () => {
    const router = new Router(USUAL_ROUTES);
    expect(router.route([say('VTG.speed', 99), say('RMC.speed', 1)], 0)).toEqual({
      taken: [{ channel: 'sogMps', value: 1 }],
      refused: ['VTG.speed'],
    });
  });

  it('leaves alone what is in no row', () =>
    expect(new Router(USUAL_ROUTES).route([say('XDR.BARO', 1013, true)], 0)).toEqual({ taken: [], refused: [] }));
});
