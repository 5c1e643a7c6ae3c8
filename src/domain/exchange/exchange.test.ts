import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoParts } from '@/db/demo';
import { PART_KINDS, type Part } from '../parts';
import { completePart } from '../parts/class-part';
import { columnName, readHeader } from './columns';
import { partsToRows } from './parts-to-rows';
import { planParts, type PartsPlan } from './plan-parts';

let made = 0;
const newId = () => `new-${(made += 1)}`;
const plan = (rows: readonly (readonly string[])[], box: readonly Part[] = demoParts) =>
  planParts(rows, box, newId, () => undefined);
const outcomes = (result: PartsPlan) => (result.kind === 'plan' ? result.lines.map(({ outcome }) => outcome) : []);
const everyKind: readonly Part[] = PART_KINDS.map((kind) => {
  const result = completePart({ id: `a-${kind}`, kind });
  if (!result.ok) throw new Error(`${kind}: ${JSON.stringify(result.problems)}`);
  return result.data;
});

describe('parts as a table', () => {
  it('go out and come back the same, every kind and the whole demo Box', () => {
    for (const parts of [demoParts, everyKind]) {
      const result = plan(partsToRows(parts), parts);
      expect(outcomes(result).filter(({ kind }) => kind !== 'same')).toEqual([]);
      expect(outcomes(result)).toHaveLength(parts.length);
    }
  });

  it('come back whole into an empty Box, figures to twelve digits', () => {
    for (const outcome of outcomes(plan(partsToRows(everyKind), []))) {
      if (outcome.kind !== 'new') throw new Error(JSON.stringify(outcome));
      const original = everyKind.find(({ id }) => id === outcome.part.id)!;
      expect(rounded(outcome.part)).toEqual(rounded(original));
    }
  });

  it('take columns in any order, and leave out what is empty', () => {
    const [header, ...rows] = partsToRows(demoParts);
    const order = header!.map((_, i) => i).reverse();
    const turned = [header!, ...rows].map((row) => order.map((i) => row[i]!));
    expect(outcomes(plan(turned)).every(({ kind }) => kind === 'same')).toBe(true);
  });

  it('read any unit in the header, with decimal point or comma', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(['g', 1e-3], ['kg', 1], ['oz', 0.028349523125], ['lb', 0.45359237]),
        fc.double({ min: 0.01, max: 1, noNaN: true }),
        fc.boolean(),
        ([unit, factor], figure, comma) => {
          const text = figure.toFixed(6).replace('.', comma ? ',' : '.');
          const [outcome] = outcomes(
            plan(
              [
                ['kind', `mass [${unit}]`],
                ['weight', text],
              ],
              [],
            ),
          );
          return (
            outcome?.kind === 'new' &&
            'massKg' in outcome.part &&
            Math.abs(outcome.part.massKg!.value / (Number(figure.toFixed(6)) * Number(factor)) - 1) < 1e-12
          );
        },
      ),
    ));

  it('knows new from changed by the id, and marks a changed figure as label unless the file says more', () => {
    const hook = demoParts.find(({ kind }) => kind === 'hook')!;
    const [changed, fresh, measured] = outcomes(
      plan([
        ['id', 'kind', 'wire [mm]', 'wire origin', 'size'],
        [hook.id, 'hook', '1.5', '', ''],
        ['', 'hook', '', '', '2/0'],
        ['h9', 'hook', '1.4', 'measured', '3/0'],
      ]),
    );
    expect(changed).toMatchObject({ kind: 'changed', part: { wireM: { value: 0.0015, provenance: 'label' } } });
    expect(fresh).toMatchObject({ kind: 'new', part: { size: '2/0', wireM: { provenance: 'class' } } });
    expect(measured).toMatchObject({ kind: 'new', part: { id: 'h9', wireM: { provenance: 'measured' } } });
  });
});

describe('a table that is not right', () => {
  it.each<[row: string[], column: string, reason: string]>([
    [['hok', '3/0', '1.1', ''], 'kind', 'not-a-kind'],
    [['hook', '33/0', '1.1', ''], 'size', 'not-allowed'],
    [['hook', '3/0', 'thick', ''], 'wire', 'not-a-number'],
    [['hook', '3/0', '-1', ''], 'wire', 'not-allowed'],
    [['hook', '3/0', '1.1', '5'], 'gear', 'no-such-column'],
    [['hook', '3/0', '1.1', '', 'more'], '', 'too-many-cells'],
  ])('%j is refused at its cell', (row, column, reason) => {
    expect(outcomes(plan([['kind', 'size', 'wire [mm]', 'gear'], row]))).toMatchObject([
      { kind: 'refused', problems: [{ column, reason }] },
    ]);
  });

  it('refuses a unit that is none, and one id on two lines', () => {
    expect(
      outcomes(
        plan([
          ['kind', 'mass [stone]'],
          ['weight', '1'],
        ]),
      ),
    ).toMatchObject([{ problems: [{ column: 'mass', reason: 'unknown-unit', given: 'stone' }] }]);
    expect(
      outcomes(
        plan([
          ['kind', 'id'],
          ['hook', 'x'],
          ['hook', 'x'],
        ]),
      ),
    ).toMatchObject([{ kind: 'new' }, { kind: 'refused', problems: [{ reason: 'twice', allowed: '2' }] }]);
  });

  it('says what another table is', () => {
    expect(
      plan([
        ['date', 'species', 'weight'],
        ['1', '2', '3'],
      ]),
    ).toEqual({ kind: 'not-parts', found: ['date', 'species', 'weight'] });
    expect(plan([])).toEqual({ kind: 'empty' });
    expect(plan([['']])).toEqual({ kind: 'empty' });
  });

  it('counts lines as an editor does and skips empty ones', () => {
    const result = plan([['kind'], ['hook'], [''], ['weight']]);
    expect(result.kind === 'plan' && result.lines.map(({ line }) => line)).toEqual([2, 4]);
  });
});

it('tells columns apart', () => {
  expect(
    [
      'massKg',
      'lengthM',
      'rating.loKg',
      'stiffness.buttEiNm2',
      'volumeM3',
      'dragAreaM2',
      'worksFromMps',
      'strengthN',
      'name',
      'shares.nylon',
    ].map(columnName),
  ).toEqual([
    'mass',
    'length',
    'rating.lo',
    'stiffness.buttEi',
    'volume',
    'dragArea',
    'worksFrom',
    'strength',
    'name',
    'shares.nylon',
  ]);
  expect(readHeader('\uFEFFkind', 0)).toEqual({ at: 0, kind: 'kind' });
  expect(readHeader(' mass [oz] ', 1)).toEqual({ at: 1, kind: 'value', name: 'mass', unit: 'oz' });
  expect(readHeader('wire spread [%]', 2)).toEqual({ at: 2, kind: 'spread', name: 'wire' });
});

/** Figures to twelve digits, as the table writes them. */
const rounded = (part: Part): unknown =>
  JSON.parse(
    JSON.stringify(part, (_, value: unknown) => (typeof value === 'number' ? Number(value.toPrecision(11)) : value)),
  );
