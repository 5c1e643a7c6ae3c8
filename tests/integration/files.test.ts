import { v7 as newRequestId } from 'uuid';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import type { Db } from '@/db/client';
import { demoBenchId } from '@/db/load-demo';
import { listParts } from '@/db/repo';
import { benchFileSchema } from '@/domain/bench-file';
import type { BenchId } from '@/domain/ids';
import { setupFileSchema } from '@/domain/setup';
import {
  benchJson,
  bundleJson,
  fileSchema,
  importBench,
  importBundle,
  importParts,
  importSetup,
  partsCsv,
} from '@/server/exchange/files';
import { newestSetups } from '@/server/setups/newest-setups';
import { demoFile } from '../helpers/demo';
import { aBench, demoDatabase } from '../helpers/database';
import { here } from '../helpers/here';

let db: Db;
let close: () => Promise<void>;
let bench: BenchId;
beforeAll(async () => {
  ({ db, close } = await demoDatabase());
});
afterAll(() => close());
beforeEach(async () => {
  bench = await aBench(db);
  here.benchId = bench;
});

interface Answer {
  readonly ok?: boolean;
  readonly code?: string;
  readonly fields?: readonly { readonly path: string }[];
  readonly data?: Record<string, unknown>;
  readonly [more: string]: unknown;
}
type Import = (request: Request) => Promise<Response>;

/** Sends a file to be looked at, or with a key to be taken in. */
async function send(
  take: Import,
  body: unknown,
  { key, headers = {} }: { readonly key?: string; readonly headers?: Record<string, string> } = {},
) {
  const answer = await take(
    new Request(`http://localhost:4173/files/x${key ? '?confirm=yes' : ''}`, {
      method: 'POST',
      headers: { host: 'localhost:4173', ...(key && { 'idempotency-key': key }), ...headers },
      body: typeof body === 'string' ? body : JSON.stringify(body),
    }),
  );
  return [answer.status, (await answer.json()) as Answer] as const;
}
const wall = () => ({ ...demoFile('setup-drowned-wall'), name: 'From a file' });
const names = async () => (await newestSetups(db, bench)).setups.map(({ name }) => name);

describe('files that go out', () => {
  it('are a table of the Box, the whole bench, and bundles, each under its name', async () => {
    here.benchId = demoBenchId;
    const table = await partsCsv();
    expect(table.headers.get('content-disposition')).toMatch(/parts\.csv/);
    expect((await table.text()).trim().split('\r\n')).toHaveLength((await listParts(db, demoBenchId)).length + 1);
    const whole = await benchJson();
    expect(benchFileSchema.safeParse(await whole.json()).success).toBe(true);
    const asked = (query: string) => bundleJson(new Request(`http://localhost:4173/files/bundle.json${query}`));
    expect((await asked('?setup=setup-char-flasher')).status).toBe(200);
    expect(((await (await asked('')).json()) as { readonly setups: unknown[] }).setups.length).toBeGreaterThan(15);
    for (const query of ['?setup=none', '?spread=none', '?setup=a&spread=b', '?nonsense=1'])
      expect((await asked(query)).status, query).toBe(404);
  });

  it('have schemas that say what comes in again', async () => {
    for (const name of ['bundle', 'bench', 'setup'])
      expect(await fileSchema(name)!.json()).toMatchObject({ $schema: expect.stringContaining('json-schema') });
    expect(fileSchema('nothing')).toBeNull();
  });
});

describe('a file that comes in', () => {
  it('is only looked at until it is confirmed, and says then what it said before', async () => {
    const [looked, seen] = await send(importSetup, wall());
    expect([looked, await names(), await listParts(db, bench)]).toEqual([200, [], []]);
    const [taken, done] = await send(importSetup, wall(), { key: newRequestId() });
    expect([taken, await names()]).toEqual([200, ['From a file']]);
    expect(done['newParts']).toEqual(seen['newParts']);
  });

  it('is taken once for each key, however often it is sent; the key is of that file alone', async () => {
    const key = newRequestId();
    const answers = await Promise.all([1, 2, 3].map(() => send(importSetup, wall(), { key })));
    expect(new Set(answers.map(([status]) => status))).toEqual(new Set([200]));
    expect(await names()).toEqual(['From a file']);
    expect(await send(importSetup, { ...wall(), name: 'Another' }, { key })).toEqual([409, { code: 'other-input' }]);
  });

  it('is confirmed with a key of its own', async () => {
    expect(await send(importSetup, wall(), { key: 'none' })).toEqual([400, { code: 'no-request-id' }]);
    expect(await names()).toEqual([]);
  });

  it.each([
    ['text that is no JSON', '{"version":', 400, 'not-json'],
    ['nothing', '', 400, 'not-json'],
  ])('is told as such where it is %s', async (_, body, status, code) => {
    for (const take of [importSetup, importBench, importParts, importBundle])
      expect(await send(take, body)).toMatchObject([status, { code }]);
  });

  it.each([null, 7, 'text', [], {}, { version: 1 }, { kind: 'bench' }, { version: 99, kind: 'bundle' }])(
    '%j is refused by its fields, and nothing falls over',
    async (body) => {
      for (const take of [importSetup, importBench, importParts, importBundle]) {
        const [status, { code, fields }] = await send(take, JSON.stringify(body));
        expect([status, code]).toEqual([422, 'bad-input']);
        expect(fields!.length).toBeGreaterThan(0);
      }
    },
  );

  it('names what is wrong at its path, some twenty of them at most', async () => {
    const file = wall();
    const [status, { fields }] = await send(importSetup, {
      ...file,
      presentation: { ...file.presentation, distanceM: -1 },
    });
    expect([status, fields!.map(({ path }) => path)]).toEqual([422, ['presentation.distanceM']]);
    const [, { fields: many }] = await send(importSetup, {
      ...file,
      parts: file.parts.flatMap(() => Array.from({ length: 9 }, () => ({}))),
    });
    expect(many!.length).toBeLessThanOrEqual(20);
  });

  it('that another site sends is not read', async () => {
    const foreign = { headers: { origin: 'http://elsewhere.example' } };
    expect(await send(importSetup, wall(), foreign)).toMatchObject([403, { code: 'foreign' }]);
    expect(await send(importSetup, wall(), { headers: { origin: 'nonsense' } })).toMatchObject([
      403,
      { code: 'foreign' },
    ]);
    expect((await send(importSetup, wall(), { headers: { origin: 'http://localhost:4173' } }))[0]).toBe(200);
  });
});

describe('a setup file', () => {
  it('whose chain is no rig is refused, and makes no part', async () => {
    const file = wall();
    const [status, { fields }] = await send(
      importSetup,
      { ...file, chain: file.chain.filter(({ kind }) => kind !== 'hook') },
      { key: newRequestId() },
    );
    expect(status).toBe(422);
    expect(fields![0]!.path).toMatch(/^chain/);
    expect(await listParts(db, bench)).toEqual([]);
  });
  it('goes out as it came in', async () => {
    await send(importSetup, wall(), { key: newRequestId() });
    const [mine] = (await newestSetups(db, bench)).setups;
    const { parts, chain, presentation } = setupFileSchema.parse(mine!.file);
    const sorted = (all: readonly { readonly id: string }[]) => all.toSorted((a, b) => a.id.localeCompare(b.id));
    expect([sorted(parts), chain, presentation]).toEqual([sorted(wall().parts), wall().chain, wall().presentation]);
  });
});

describe('a bench file', () => {
  it('is compared with what is there, and takes its place when it is confirmed', async () => {
    await send(importSetup, wall(), { key: newRequestId() });
    const file: unknown = await (await benchJson()).json();
    const other = await aBench(db);
    here.benchId = other;
    const [, seen] = await send(importBench, file);
    expect(JSON.stringify(seen)).toMatch(/parts|setups/);
    expect((await newestSetups(db, other)).setups).toEqual([]);
    expect((await send(importBench, file, { key: newRequestId() }))[0]).toBe(200);
    expect((await newestSetups(db, other)).setups.map(({ name }) => name)).toEqual(['From a file']);
  });
});

describe('changes of parts', () => {
  const change = async (changes: readonly object[], key?: string) =>
    send(importParts, { changes, reason: 'a table' }, key ? { key } : {});
  const [first] = demoFile('setup-drowned-wall').parts;
  it('are all made or none', async () => {
    const good = { id: first!.id, part: first, expectedVersion: null };
    const bad = {
      id: 'other',
      part: { ...first, id: 'other', lengthM: { value: -1, unit: 'm', provenance: 'label' } },
      expectedVersion: null,
    };
    expect((await change([good, bad], newRequestId()))[0]).toBe(422);
    expect(await listParts(db, bench)).toEqual([]);
    expect((await change([good], newRequestId()))[0]).toBe(200);
    expect((await listParts(db, bench)).map(({ id }) => id)).toEqual([first!.id]);
  });
  it('made from an older look are stale, and what stands in a setup stays', async () => {
    await send(importSetup, wall(), { key: newRequestId() });
    const stale = { id: first!.id, part: first, expectedVersion: 99 };
    expect((await change([stale], newRequestId()))[1]).toMatchObject({ code: 'stale' });
    expect(await names()).toEqual(['From a file']);
  });
});
