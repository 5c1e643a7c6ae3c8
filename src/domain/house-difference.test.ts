import { describe, expect, it } from 'vitest';
import { demoHouse } from '@/db/demo';
import { houseDifference, withEntry, type RulesShape } from './house-difference';
import { entryProblems, readEntries } from './house-entries';
import { anglerIdSchema } from './ids';

const { angler, ...house } = demoHouse;
const skipper = { id: anglerIdSchema.parse('angler-1'), name: 'Skipper', usual: true, figures: angler };
const shape: RulesShape = { ...house, anglers: [skipper] };

describe('what changed of the rules', () => {
  it('is nothing where nothing did', () => expect(houseDifference(shape, structuredClone(shape))).toEqual([]));

  it('is told entry by entry, with what stood there', () => {
    const next = withEntry(shape, { document: 'schools', id: '', key: 'strike' }, 'give-line');
    expect(houseDifference(shape, next)).toEqual([
      { kind: 'entry', document: 'schools', id: '', key: 'strike', from: null, to: 'give-line' },
    ]);
    const wren = shape.crafts[0]!;
    const longer = withEntry(shape, { document: 'craft', id: wren.id, key: 'lengthM' }, 6);
    expect(houseDifference(shape, longer)).toMatchObject([{ id: wren.id, from: wren.lengthM, to: 6 }]);
    const gone = withEntry(shape, { document: 'angler', id: skipper.id, key: 'reachM' }, null);
    expect(houseDifference(shape, gone)).toMatchObject([{ document: 'angler', key: 'reachM', to: null }]);
  });

  it('knows crafts and anglers that come and go, and whose turn it is', () => {
    const raft = { ...shape.crafts[0]!, id: 'raft', name: 'Raft' };
    const mate = { id: anglerIdSchema.parse('mate'), name: 'Mate', usual: true, figures: { reachM: angler.reachM! } };
    const next = { ...shape, crafts: [...shape.crafts.slice(1), raft], anglers: [{ ...skipper, usual: false }, mate] };
    expect(houseDifference(shape, next).map(({ kind }) => kind)).toEqual([
      'remove-craft',
      'add-craft',
      'add-angler',
      'entry',
      'usual-angler',
    ]);
    const renamed = { ...shape, anglers: [{ ...skipper, name: 'Old hand' }] };
    expect(houseDifference(shape, renamed)).toEqual([
      { kind: 'name-angler', id: skipper.id, from: 'Skipper', to: 'Old hand' },
    ]);
  });
});

describe('entries', () => {
  it('are judged one by one: a bad one costs nothing but itself', () => {
    const { good, broken } = readEntries('schools', '', { strike: 'give-line', colour: 'red', 'nose-tie': 'glue' });
    expect(good).toEqual({ strike: 'give-line' });
    expect(broken.map(({ key }) => key)).toEqual(['colour', 'nose-tie']);
  });
  it.each([
    ['sheet', 'rodsPerPerson', 3, true],
    ['sheet', 'rodsPerPerson', 300, false],
    ['classes', 'mouths.soft.strengthMpa', 2.2, true],
    ['classes', 'nowhere', 2.2, false],
    ['craft', 'freeboardM', 0.4, true],
    ['craft', 'freeboardM', 'high', false],
    ['angler', 'winds', 'left', true],
    ['angler', 'heightM', 1.8, false],
  ] as const)('%s %s = %j', (document, key, value, ok) =>
    expect(entryProblems(document, key, value).length === 0).toBe(ok),
  );
});
