import { describe, expect, it } from 'vitest';
import type { Watch } from '@/core/afloat';
import { wordsIn } from '../../../tests/helpers/words';
import { ageText } from './age';
import { digitsOf, readout, scatterText } from '@/features/fields/readout';
import { alarmText, movedReason, movedTitle, type MovedEvent } from './story/words';

const shared = { lighting: 'night', letterKeys: 'on' } as const;
const metric = wordsIn({ locale: 'en', units: 'metric', speedUnit: 'km/h', ...shared });
const plain = wordsIn({ locale: 'en', units: 'metric', speedUnit: 'usual', ...shared });
const knots = wordsIn({ locale: 'es', units: 'customary', speedUnit: 'kn', ...shared });

describe('figures of the helm', () => {
  it('keep their decimals, so that they do not jump about', () => {
    expect(digitsOf(metric, 'probeMps', 1.25)).toBe('4.5');
    expect(digitsOf(metric, 'probeMps', 10 / 3.6)).toBe('10.0');
    expect(digitsOf(plain, 'probeMps', 1.2)).toBe('1.20');
    expect(digitsOf(knots, 'probeC', 8)).toBe('46,4');
    expect(digitsOf(metric, 'bottomM', 141.6)).toBe('142');
    expect(digitsOf(metric, 'probeC', null)).toBe('–');
  });

  it('give directions three digits and no turn more', () => {
    expect(readout(metric, 'headingRad', 0.05)).toBe('003°');
    expect(readout(metric, 'headingRad', 2 * Math.PI - 1e-6)).toBe('000°');
  });

  it('never call scatter none, and take a difference of degrees for what it is', () => {
    expect(scatterText(metric, 'probeMps', 0.001)).toBe('0.1 km/h');
    expect(scatterText(knots, 'probeC', 0.1)).toBe('0,2 °F');
  });

  it('are as old as one says it', () =>
    expect([0.42, 14.6, 600, 7200].map((age) => ageText(metric, age))).toEqual(['0.4 s', '15 s', '10 min', '2 h']));
});

describe('what moved', () => {
  const before: Watch = {
    n: 9,
    boatMps: { mean: 1.2, sd: 0.02 },
    sensorMps: { mean: 1.3, sd: 0.02 },
    sensorC: { mean: 9, sd: 0.05 },
    sensorDepthM: { mean: 18, sd: 0.1 },
    courseRad: 1,
    expectedDepthM: 18,
  };
  const event = (outcome: MovedEvent['outcome'], after: Partial<Watch>): MovedEvent => ({
    kind: 'moved',
    id: '0b7c3c1e-7f6f-4b70-9d69-5b8f4a0e6a11',
    atS: Date.UTC(2026, 5, 14, 21, 11) / 1000,
    outcome,
    before: { ...before, courseRad: 1, expectedDepthM: 18 },
    after: { ...before, courseRad: 1, expectedDepthM: 18, ...after } as MovedEvent['after'],
    unexplainedMps: null,
    place: null,
  });
  const said = (i18n: typeof metric, moved: MovedEvent) => movedReason(i18n, moved).replace(/^.* · /, '');

  it('says what changed and what did not', () => {
    const water = event('water', { sensorMps: { mean: 1.3 - 0.5 / 3.6, sd: 0.02 } });
    expect(movedTitle(metric, water)).toBe('The water changed, not the boat.');
    expect(said(metric, water)).toBe(
      'the probe slowed by 0.5 km/h; the temperature, the boat’s speed, and the probe’s depth did not change.',
    );
    const warmer = event('water', { sensorC: { mean: 10.2, sd: 0.05 }, boatMps: null, sensorDepthM: null });
    expect(said(knots, warmer)).toBe(
      'el agua en la sonda está 2,2 °F más caliente; sin cambio: la velocidad de la sonda.',
    );
  });

  it('says a turn by its side, and the probe by its depth', () => {
    expect(said(metric, event('course', { courseRad: 0.4 }))).toContain('the boat turned 34° to port');
    expect(said(metric, event('sensor', { sensorDepthM: { mean: 20, sd: 0.1 } }))).toContain(
      'the probe hangs 2.0 m deeper',
    );
  });

  it('says each alarm in a sentence', () => {
    const alarm = { key: '', channel: 'probeMps', sinceS: 0, isSilenced: false } as const;
    const more = { nowS: 40, sinceS: 0, bottom: null, lineNumber: () => 3 };
    expect(alarmText(metric, { ...alarm, kind: 'below' }, more)).toBe('Speed at the lures is below your range.');
    expect(alarmText(metric, { ...alarm, kind: 'break' }, more)).toBe(
      'The probe crossed the temperature break 40 s ago.',
    );
    const near = { ...more, bottom: { name: 'a', clearM: 1.25, touchesInS: null } };
    expect(alarmText(metric, { ...alarm, kind: 'bottom' }, near)).toBe('Bottom 1.3 m below lure 3.');
    const ball = { ...more, bottom: { name: 'a cable', clearM: 1.25, touchesInS: null } };
    expect(alarmText(metric, { ...alarm, kind: 'bottom' }, ball)).toBe('Bottom 1.3 m below the ball of line 3.');
    const touch = { ...more, bottom: { name: 'probe', clearM: -1, touchesInS: 19.6 } };
    expect(alarmText(metric, { ...alarm, kind: 'bottom' }, touch)).toBe('Bottom ahead: the probe touches it in 20 s.');
  });
});
