import { describe, expect, it } from 'vitest';
import { demoFiles } from '../../tests/helpers/demo';
import { wordsIn } from '../../tests/helpers/words';
import { RULES, evaluate } from '@/core/judge';
import { CLASS_FIGURES } from '@/core/tackle/defaults/classes';
import { SCHOOLS, type SchoolId } from '@/core/tackle/defaults/schools';
import { demoParts } from '@/db/demo';
import { GUIDES } from '@/domain/guides';
import { PART_KINDS, type Part } from '@/domain/parts';
import { completePart } from '@/domain/parts/class-part';
import { fieldsOf } from '@/domain/parts/fields';
import { RIG_IDS } from '@/domain/rigs';
import { sampleOf } from '@/domain/sample-rig';
import { catalogueOf } from './catalogue';
import { classFieldText, classReasonText, classRowText } from './class-text';
import { measureOfFact } from './measure-of-fact';
import { findingText, reasonText, sideText } from './setup-text';
import { DISPLAY_UNITS } from './display-units';
import { fieldLabel, fieldText } from './field-text';
import { foundAs, wordsOfPart } from './find-part';
import { measureOfField } from './measure-of-field';
import { leastKnown, partDetail, partTitle } from './part-text';
import { LOCALES, UNIT_SYSTEMS, type Preferences } from './preferences';
import { LEXICON } from './quick-add/lexicon';

const everyWay = LOCALES.flatMap((locale) =>
  UNIT_SYSTEMS.map((units): Preferences => ({ locale, units, lighting: 'day', speedUnit: 'usual', letterKeys: 'on' })),
);
const everyKind: readonly Part[] = PART_KINDS.map((kind) => {
  const result = completePart({ id: `a-${kind}`, kind });
  if (!result.ok) throw new Error(kind);
  return result.data;
});
const english = wordsIn({ locale: 'en', units: 'metric', lighting: 'day', speedUnit: 'usual', letterKeys: 'on' });

describe.each(everyWay)('words in $locale, $units', (preferences) => {
  const words = wordsIn(preferences);
  it('name every part, its detail and every field of it', () => {
    for (const part of [...everyKind, ...demoParts]) {
      expect(partTitle(words, part)).not.toMatch(/undefined|\{|NaN/);
      expect(partDetail(words, part, null)).not.toMatch(/undefined|\{|NaN/);
      for (const field of fieldsOf(part.kind)) {
        if (field.path === 'id' || field.path.startsWith('price')) continue;
        expect(fieldLabel(words, part.kind, field.path)).not.toBe('');
        expect(fieldText(words, part, field)).not.toMatch(/undefined|NaN/);
      }
    }
  });
  it('say every choice of every kind', () => {
    for (const kind of PART_KINDS)
      for (const field of fieldsOf(kind))
        if (field.kind === 'choice')
          for (const option of field.options) expect(words.t(`word.${option}` as 'word.lead')).not.toBe('');
  });
  it('give every figure a unit to show it in', () => {
    for (const kind of PART_KINDS)
      for (const field of fieldsOf(kind))
        if (field.kind === 'quantity')
          expect(DISPLAY_UNITS[measureOfField(field.path, kind).measure][preferences.units]).toBeDefined();
  });
  it('explain every guide, with its care', () => {
    for (const guide of GUIDES)
      for (const text of [
        words.t(`guideName.${guide}`),
        words.t(`guide.${guide}.what`),
        words.t(`guide.${guide}.care`),
      ])
        expect(text.length).toBeGreaterThan(3);
  });
});

describe.each(LOCALES)('what is said of a rig, in %s', (locale) => {
  const words = wordsIn({ locale, units: 'metric', lighting: 'day', speedUnit: 'usual', letterKeys: 'on' });
  it('has a sentence for every reason, remark, side and class value', () => {
    for (const setup of [...demoFiles.map(({ file }) => file), ...RIG_IDS.map((rig) => sampleOf(rig))]) {
      const { verdicts, checks } = evaluate(setup);
      for (const { reasons } of Object.values(verdicts))
        for (const reason of reasons) expect(reasonText(words, reason, setup)).not.toMatch(/undefined|\{|NaN|reason\./);
      for (const finding of checks) {
        const { title, found, todo, side } = findingText(words, finding, setup);
        for (const text of [title, found, todo, side ?? ''])
          expect(text).not.toMatch(/undefined|\{|NaN|check\.|school\./);
      }
    }
    for (const [school, { sides }] of Object.entries(SCHOOLS) as [SchoolId, { sides: readonly string[] }][])
      for (const side of sides) expect(sideText(words, school, side)).toMatch(/: .+\. .+\./);
    for (const figure of CLASS_FIGURES)
      for (const text of [classRowText(words, figure), classFieldText(words, figure), classReasonText(words, figure)])
        expect(text, figure.path).not.toMatch(/class(Row|Field|Reason)\.|word\./);
    for (const rig of RIG_IDS) expect(words.t(`rig.${rig}.name`).length).toBeGreaterThan(3);
  });
  it('has a finding and what to do for every case of every rule', () => {
    const check = catalogueOf(locale).check;
    expect(Object.keys(check).sort()).toEqual(Object.keys(RULES).sort());
    for (const { found, do: todo } of Object.values(check)) expect(Object.keys(found)).toEqual(Object.keys(todo));
  });
});

it('gives the reason of a class value as the table has it', () => {
  for (const figure of CLASS_FIGURES) expect(classReasonText(english, figure)).toBe(figure.reason);
});

it('reads the measure of a fact off its name', () => {
  expect([
    measureOfFact('clearM', 0.004),
    measureOfFact('leadM', 0.24),
    measureOfFact('askedM', 0.5),
    measureOfFact('netN', 1),
    measureOfFact('clutchN', 1),
    measureOfFact('form', 1),
    measureOfFact('stationShare', 1),
    measureOfFact('pitchRad', 1),
  ]).toEqual(['size', 'distance', 'distance', 'smallForce', 'force', null, 'share', 'angle']);
});

it('both catalogues hold the same messages with the same arguments', () => {
  const shape = (value: unknown): unknown =>
    typeof value === 'string'
      ? [...value.matchAll(/\{(\w+)[,}]/g)]
          .map(([, name]) => name)
          .sort()
          .filter((name, i, all) => all.indexOf(name) === i)
      : Object.fromEntries(Object.entries(value as object).map(([key, inner]) => [key, shape(inner)]));
  expect(shape(catalogueOf('es'))).toEqual(shape(catalogueOf('en')));
});

describe('the lexicon of quick add', () => {
  it('says only what some kind has a field and a choice for', () => {
    for (const [word, { kind, fields }] of Object.entries(LEXICON).flatMap(([each, meanings]) =>
      meanings.map((meaning) => [each, meaning] as const),
    )) {
      expect(word).toBe(word.toLowerCase());
      for (const [path, value] of Object.entries(fields ?? {})) {
        const of = (kind ? [kind] : PART_KINDS).flatMap((each) =>
          fieldsOf(each).filter((field) => field.path === path),
        );
        expect(of.length, `${word}: ${path}`).toBeGreaterThan(0);
        expect(
          of.some(
            (field) => field.kind === 'text' || (field.kind === 'choice' && field.options.includes(String(value))),
          ),
          `${word}: ${path} = ${value}`,
        ).toBe(true);
      }
    }
  });
});

describe('finding a part', () => {
  const find = (text: string) =>
    demoParts
      .map((part) => ({ part, found: foundAs(english, part, text) }))
      .filter(({ found }) => found > 0)
      .sort((a, b) => b.found - a.found);
  it('puts the one that begins so first: two keystrokes are enough', () => {
    expect(find('he')[0]?.part.id).toBe('rod-heron');
    expect(find('cor')[0]?.part.id).toBe('rod-cormorant');
  });
  it('looks into the user’s own words, kind and size together', () => {
    expect(find('dented').map(({ part }) => part.id)).toEqual(['spoon-steel-18']);
    expect(find('offset 4/0').every(({ part }) => part.kind === 'hook')).toBe(true);
    expect(find('nothing like it')).toEqual([]);
    expect(find('')).toHaveLength(demoParts.length);
  });
  it('finds a mass however it is written', () => {
    expect(find('1/4 oz').some(({ part }) => part.id === 'weight-tungsten-7')).toBe(true);
    expect(find('7 g').some(({ part }) => part.id === 'weight-tungsten-7')).toBe(true);
  });
  it('makes the words once from title, detail and kind', () => {
    expect(
      wordsOfPart(
        english,
        demoParts.find(({ id }) => id === 'rod-heron')!,
      ),
    ).toMatch(/heron.*2\.18 m.*rods/);
  });
});

it('calls a part by its least known figure', () => {
  const known = (id: string) => leastKnown(demoParts.find((part) => part.id === id)!);
  expect([
    known('rod-heron'),
    known('rod-tern'),
    known('weight-tungsten-10'),
    known('hook-worm-offset-3x0-regular'),
  ]).toEqual(['measured', 'label', 'measured', 'class']);
});
