import { describe, expect, it } from 'vitest';
import { helmScript, toldOf, verdictOf } from '../../../tests/soak/helm-scripts';
import { turnOf } from './moved';

describe('what moved', () => {
  // Changes well above what what-moved resolves; npm run soak -- helm counts those near it.
  it.each(Array.from({ length: 12 }, (_, seed) => [seed, helmScript(seed, { least: 6 })] as const))(
    'names the change of script %i rightly',
    (_seed, script) => expect(verdictOf(script)).toEqual({ verdict: 'right', said: script.truth }),
  );

  it('a boat that turns is not taken for water that changed', () => {
    const script = helmScript(3, { turns: true });
    for (const told of toldOf(script)) {
      expect(told.outcome).toBe('course');
      expect(Math.abs(turnOf(told)!)).toBeGreaterThan(0.35);
    }
  });

  it('without the cable a probe that speed lifts looks moved, and with it not', () => {
    const { scenario, ...rest } = helmScript(4);
    const script = {
      ...rest,
      scenario: {
        ...scenario,
        probe: { ...scenario.probe, cableM: 40 },
        throughMps: 1,
        script: [{ atS: 170, kind: 'throttle' as const, throughMps: 1.3 }],
      },
    };
    expect(toldOf(script)[0]!.outcome).toBe('boat');
    expect(toldOf(script, { cableKnown: false })[0]!.outcome).toBe('sensor');
  });
});
