import { describe, expect, it } from 'vitest';
import { differences } from '@/domain/trials/else-differs';
import { demoFiles } from '../../../../tests/helpers/demo';
import { wordsIn } from '../../../../tests/helpers/words';
import { fishedName, fishedText } from './fished-text';

const EMPTY = { chain: [], parts: [], presentation: {} } as never;
const METRIC = { locale: 'en', units: 'metric', lighting: 'day', speedUnit: 'usual', letterKeys: 'on' } as const;
const metric = wordsIn(METRIC);

describe.each(['en', 'es'] as const)('how a setup is fished, in words (%s)', (locale) => {
  const i18n = wordsIn({ ...METRIC, locale });
  const all = demoFiles.flatMap(({ file }) =>
    differences(EMPTY, { ...file, chain: [] }, []).flatMap((each) => (each.kind === 'presentation' ? [each] : [])),
  );
  it('every field has a name', () => {
    const unnamed = all.filter(({ path }) => fishedName(i18n, path) === path);
    expect([...new Set(unnamed.map(({ path }) => path))]).toEqual([]);
  });
  it('every word is one of the language', () => {
    const bare = all.filter(
      ({ path, is }) =>
        path !== 'craft' && typeof is === 'string' && fishedText(i18n, path, is) === is && is.includes('-'),
    );
    expect(bare).toEqual([]);
  });
});

it.each([
  ['mouth', 'soft', 'soft'],
  ['gear.kind', undefined, 'nothing: a flat line'],
  ['gear.kind', 'downrigger', 'a ball on its cable'],
  ['gear.cableDiameterM', 0.0009, '0.9 mm'],
  ['gear.ballKg', 4.5, '4.5 kg'],
  ['fishKg', 0.4, '0.4 kg'],
  ['bottomM', 34, '34 m'],
  ['bottomM', undefined, 'deeper than it runs'],
  ['water.temperatureC', 9, '9 °C'],
  ['clutchN', 0.5, '51 g'],
  ['sweep.way', 'two-hand', 'two hands and body'],
  ['castStyle', 'two-hand', 'two-handed'],
  ['fished', 'cast', 'cast'],
  ['craft', undefined, 'the bank'],
  ['sweep.timeS', 0.35, '0.35 s'],
  ['sweep.peakMomentNm', 55, '5.61 kg·m'],
  ['layers', [{ depthM: 0, alongMps: 0.1 }], '0 m 0.1 m/s'],
  ['layers', undefined, '–'],
] as const)('%s %j is “%s”', (path, value, text) => expect(fishedText(metric, path, value)).toBe(text));
