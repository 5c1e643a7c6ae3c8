import { describe, expect, it } from 'vitest';
import { demoParts } from '@/db/demo';
import { PART_KINDS, type Part } from '@/domain/parts';
import { completePart } from '@/domain/parts/class-part';
import { formatter } from '@/i18n/format-quantity';
import type { Preferences } from '@/i18n/preferences';
import { readQuantity } from '@/i18n/read-quantity';
import { editable, nameOf, originOf, partFormSchema, valuesOf, type FieldProblem } from './part-form-values';

const words = (preferences: Preferences) => ({
  ...formatter(preferences),
  read: (text: string, measure: Parameters<typeof readQuantity>[1]) => readQuantity(text, measure, preferences),
});
const METRIC = words({ locale: 'en', units: 'metric', lighting: 'day', speedUnit: 'usual', letterKeys: 'on' });
const CUSTOMARY = words({ locale: 'es', units: 'customary', lighting: 'day', speedUnit: 'usual', letterKeys: 'on' });
const everyKind: readonly Part[] = PART_KINDS.map((kind) => {
  const result = completePart({ id: `a-${kind}`, kind });
  if (!result.ok) throw new Error(kind);
  return result.data;
});
const hook = demoParts.find(({ id }) => id === 'hook-worm-offset-3x0-regular')!;
const rod = demoParts.find(({ id }) => id === 'rod-tern')!;
const save = (part: Part, changes: Readonly<Record<string, string>> = {}, of = METRIC) =>
  partFormSchema(of, part).safeParse({ ...valuesOf(of, part), ...changes });
const problems = (part: Part, changes: Readonly<Record<string, string>>) =>
  (save(part, changes).error?.issues ?? []).map(({ path, message }) => [
    path[0],
    (JSON.parse(message) as FieldProblem).code,
    (JSON.parse(message) as FieldProblem).given,
  ]);

describe('the form of a part', () => {
  it('saved untouched, keeps every part to the last digit, in any units', () => {
    for (const part of [...demoParts, ...everyKind]) {
      for (const of of [METRIC, CUSTOMARY]) {
        const result = save(part, {}, of);
        expect(result.data, part.id).toEqual(part);
      }
    }
  });

  it('reads figures as they are written, and a new figure is what its origin says', () => {
    const result = save(hook, { [nameOf('massKg')]: '1/40 oz', [originOf('massKg')]: 'measured' });
    expect(result.data).toMatchObject({
      massKg: { value: 0.025 * 0.028349523125, unit: 'kg', provenance: 'measured' },
    });
  });

  it('a figure that only changes its origin keeps its value and takes the spread of the new one', () => {
    const wireM = hook.kind === 'hook' ? hook.wireM : null;
    const { data } = save(hook, { [originOf('wireM')]: 'label' });
    expect(data?.kind === 'hook' && data.wireM).toEqual({ value: wireM!.value, unit: 'm', provenance: 'label' });
  });

  it('fills a needed figure that is left empty by its class, and drops one that is not needed', () => {
    const { data } = save(hook, { [nameOf('massKg')]: '', [nameOf('finish')]: '' });
    expect(data?.kind === 'hook' && data.massKg.provenance).toBe('class');
    expect(data && 'finish' in data).toBe(false);
  });

  it('turns a rod of words into a measured one, and back', () => {
    const measured = save(rod, {
      [nameOf('stiffness.kind')]: 'taper',
      [nameOf('stiffness.buttEiNm2')]: '8',
      [originOf('stiffness.buttEiNm2')]: 'measured',
      [nameOf('stiffness.tipRatio')]: '0.25',
      [originOf('stiffness.tipRatio')]: 'measured',
    });
    expect(measured.data).toMatchObject({ stiffness: { kind: 'taper', tipRatio: { value: 0.25 } } });
    const back = save(measured.data!, {
      [nameOf('stiffness.kind')]: 'class',
      [nameOf('stiffness.power')]: 'heavy',
      [nameOf('stiffness.action')]: 'slow',
    });
    expect(back.data).toMatchObject({ stiffness: { kind: 'class', power: 'heavy', action: 'slow' } });
  });

  it('reads a price with its currency', () => {
    expect(save(hook, { [nameOf('price.minor')]: '4,50 EUR' }).data).toMatchObject({
      price: { minor: 450, currency: 'EUR' },
    });
    expect(problems(hook, { [nameOf('price.minor')]: '4.50' })).toEqual([['price/minor', 'price', '4.50']]);
  });

  it.each<[Record<string, string>, unknown[]]>([
    [{ wireM: 'thick' }, ['wireM', 'not-a-number', 'thick']],
    [{ wireM: '3 furlong' }, ['wireM', 'unknown-unit', 'furlong']],
    [{ wireM: '90 mm' }, ['wireM', 'not-allowed', '0.09']],
    [{ size: '99/0' }, ['size', 'not-allowed', '99/0']],
  ])('refuses %j at its field', (changes, expected) => expect(problems(hook, changes)).toEqual([expected]));

  it('names a window that runs backwards', () => {
    expect(problems(rod, { [nameOf('rating.loKg')]: '50 g', [nameOf('rating.hiKg')]: '20 g' })[0]?.[0]).toBe(
      'rating/hiKg',
    );
  });

  it('leaves stock to movements', () => {
    for (const part of everyKind) expect(editable(part.kind).map(({ path }) => path)).not.toContain('left');
    expect(editable('line').map(({ path }) => path)).not.toContain('lengthM');
  });
});
