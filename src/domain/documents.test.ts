import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { evaluate } from '@/core/judge';
import { BENCH_FILE_VERSION, benchFileSchema } from './bench-file';
import { DOCUMENTS, opened, sealed } from './documents';
import { setupFileSchema } from './setup';
import { benchFileAsNow, chainFrom1, partFrom1, presentationFrom1, setupFileFrom1 } from './upgrades';

const fixture = (name: string): unknown =>
  JSON.parse(readFileSync(new URL(`../../tests/fixtures/documents/${name}`, import.meta.url), 'utf8'));
const stored = fixture('stored.json') as { kind: keyof typeof DOCUMENTS; stored: { version: number } }[];

describe('stored documents', () => {
  it.each(stored.map(({ kind, stored: row }, i) => [i, kind, row.version] as const))(
    '%i: %s of version %i is read',
    (i, kind) => expect(opened<unknown>(DOCUMENTS[kind], stored[i]!.stored)).toMatchObject({ ok: true }),
  );

  it('are kept here in every version, the newest too', () => {
    for (const [kind, { version }] of Object.entries(DOCUMENTS)) {
      const kept = new Set(stored.filter((each) => each.kind === kind).map((each) => each.stored.version));
      for (let n = 1; n <= version; n++) expect(kept, `${kind} of version ${n}`).toContain(n);
    }
  });

  it.each([
    ['nothing', null],
    ['text', 'part'],
    ['no envelope', { kind: 'hook' }],
    ['a version that is to come', { version: 99, data: {} }],
    ['version zero', { version: 0, data: {} }],
    ['a number', 7],
  ])('that are none are told, never thrown: %s', (_, row) => {
    const result = opened(DOCUMENTS.part, row);
    expect(result.ok).toBe(false);
    expect(result.ok || result.problems.length).toBeGreaterThan(0);
  });

  it('come back as they were sealed', () => {
    const leader = stored.find(({ kind }) => kind === 'leader')!;
    const read = opened(DOCUMENTS.leader, leader.stored);
    expect(read.ok && sealed(DOCUMENTS.leader, read.data)).toEqual(leader.stored);
  });
});

describe('files of earlier versions', () => {
  it('the first setup file is read and worked out', () => {
    const file = setupFileSchema.parse(setupFileFrom1(fixture('setup-1-first.json')));
    expect(evaluate(file).outcome).toBe('ok');
    expect(file.parts.some((part) => 'wireClass' in part && part.wireClass === 'stout')).toBe(true);
  });

  it('a bench file of version 1 is read, its angler with it', () => {
    const file = benchFileSchema.parse(benchFileAsNow(fixture('bench-1.json')));
    expect(file.version).toBe(BENCH_FILE_VERSION);
    expect(file.anglers).toMatchObject([{ id: 'angler-1', usual: true, figures: { heightM: { value: 1.76 } } }]);
    expect([file.setups.length, file.readings.length, file.decks.length, file.leaders.length]).toEqual([3, 1, 1, 1]);
  });

  it('a bench file of today stays as it is', () => {
    const file = benchFileAsNow(fixture('bench-1.json'));
    expect(benchFileAsNow(file)).toBe(file);
  });
});

describe('steps between versions', () => {
  it('rename the thickest wire, and nothing else', () => {
    expect(partFrom1({ kind: 'hook', wireClass: 'heavy', size: '2' })).toEqual({
      kind: 'hook',
      wireClass: 'stout',
      size: '2',
    });
    expect(partFrom1({ kind: 'rod', power: 'heavy' })).toEqual({ kind: 'rod', power: 'heavy' });
  });
  it('take the colon out of joints, and out of the one that should break', () => {
    expect(chainFrom1([{ id: 'a:b', kind: 'rod' }])).toEqual([{ id: 'a-b', kind: 'rod' }]);
    expect(presentationFrom1({ wanted: { breakAt: 'a:b' } })).toEqual({ wanted: { breakAt: 'a-b' } });
  });
  it.each([null, 3, 'x', [], [null], { wanted: 3 }])('leave alone what they do not know: %j', (data) => {
    for (const step of [partFrom1, chainFrom1, presentationFrom1, setupFileFrom1, benchFileAsNow])
      expect(step(data)).toEqual(data);
  });
});
