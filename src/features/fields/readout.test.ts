import { describe, expect, it } from 'vitest';
import { wordsIn } from '../../../tests/helpers/words';
import { VERDICT_NAMES, evaluate } from '@/core/judge';
import { RIG_IDS } from '@/domain/rigs';
import { sampleOf } from '@/domain/sample-rig';
import { CHANNEL_NAMES, READ_CHANNELS, isChannel, isPossible, kindOf } from '@/domain/instruments/channels';
import type { Preferences } from '@/i18n/preferences';
import { clockText, decimalsOf, digitsOf, readout, scatterText } from './readout';
import { MARK_SHAPE, MEASURE_OF_UNIT, UNDERLINE, effectColumns } from './shown-as';

const preferences: Preferences = {
  locale: 'en',
  units: 'metric',
  lighting: 'day',
  speedUnit: 'usual',
  letterKeys: 'on',
};
const metric = wordsIn(preferences);
const customary = wordsIn({ ...preferences, units: 'customary' });
const spanish = wordsIn({ ...preferences, locale: 'es' });
const knots = wordsIn({ ...preferences, speedUnit: 'kn' });

describe('a reading', () => {
  it.each([
    [metric, 'sogMps', 1.2, '1.20 m/s'],
    [knots, 'sogMps', 1.2, '2.3 kn'],
    [customary, 'sogMps', 1.2, '2.7 mph'],
    [spanish, 'probeMps', 0.8, '0,80 m/s'],
    [metric, 'probeC', 7, '7.0 °C'],
    [customary, 'probeC', 7, '44.6 °F'],
    [metric, 'surfaceC', -0.5, '−0.5 °C'],
    [metric, 'bottomM', 38.04, '38.0 m'],
    [metric, 'bottomM', 138.04, '138 m'],
    [customary, 'bottomM', 38.04, '125 ft'],
    [metric, 'headingRad', 0, '000°'],
    [metric, 'headingRad', Math.PI / 4, '045°'],
    [metric, 'cogRad', (359.8 * Math.PI) / 180, '000°'],
    [metric, 'probeM', null, '–'],
  ] as const)('%#: %s %d is %s', (words, channel, value, text) => expect(readout(words, channel, value)).toBe(text));

  it('keeps its decimals while it moves, so that it stands still on the page', () => {
    for (const words of [metric, customary, spanish, knots])
      for (const channel of ['sogMps', 'probeC', 'probeM'] as const) {
        const widths = [1, 1.04, 1.5, 9.9].map((value) => digitsOf(words, channel, value).split(/[.,]/)[1]?.length);
        expect(new Set(widths).size).toBe(1);
        expect(widths[0]).toBe(decimalsOf(words, channel));
      }
  });

  it('has scatter that is never none, of a temperature as a difference', () => {
    expect(scatterText(metric, 'probeMps', 1e-6)).toBe('0.01 m/s');
    expect(scatterText(metric, 'probeC', 0.31)).toBe('0.4 °C');
    expect(scatterText(customary, 'probeC', 1)).toBe('1.8 °F');
    expect(scatterText(metric, 'probeC', 0)).toBe('0 °C');
  });

  it('is told to the minute, or to the second', () => {
    const atS = new Date(2026, 5, 1, 7, 5, 9).getTime() / 1000;
    expect([clockText(metric, atS), clockText(metric, atS, 'seconds')]).toEqual(['07:05', '07:05:09']);
  });
});

describe('what instruments can mean', () => {
  it('is within the limits of each channel, both ends in', () => {
    for (const channel of CHANNEL_NAMES) {
      const { min, max } = kindOf(channel).limits;
      for (const value of [min, max, (min + max) / 2])
        expect(isPossible(channel, value), `${channel} ${value}`).toBe(true);
      for (const value of [min - 1, max + 1, Number.NaN, Infinity]) expect(isPossible(channel, value)).toBe(false);
    }
  });
  it('names channels, and nothing that every object has', () => {
    expect(['probeMps', 'toString', 'constructor', ''].map(isChannel)).toEqual([true, false, false, false]);
    expect(READ_CHANNELS).not.toContain('currentMps');
  });
});

describe('how figures are shown', () => {
  it('tells marks and what is known of a figure by shapes that all differ', () => {
    for (const shapes of [MARK_SHAPE, UNDERLINE])
      expect(new Set(Object.values(shapes)).size).toBe(Object.keys(shapes).length);
  });

  it('has a measure for each verdict and a column for each figure that a part can move', () => {
    for (const rig of RIG_IDS) {
      const { verdicts } = evaluate(sampleOf(rig));
      for (const name of VERDICT_NAMES) expect(MEASURE_OF_UNIT[verdicts[name].unit]).toBeDefined();
    }
    for (const fished of ['cast', 'towed', 'both'] as const) {
      const columns = effectColumns(fished);
      expect(new Set(columns.map(([key]) => key)).size, fished).toBe(columns.length);
    }
    expect(new Set(effectColumns('both').map(([key]) => key))).toEqual(
      new Set([...effectColumns('cast'), ...effectColumns('towed')].map(([key]) => key)),
    );
  });
});
