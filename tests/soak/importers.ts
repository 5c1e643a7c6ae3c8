import { z } from 'zod';
import { benchFileSchema } from '@/domain/bench-file';
import type { Model } from '@/domain/contract';
import { demoHouse, demoParts } from '@/db/demo';
import { partsToRows } from '@/domain/exchange/parts-to-rows';
import { planParts } from '@/domain/exchange/plan-parts';
import { partIdSchema } from '@/domain/ids';
import { outsideProblems, parse } from '@/domain/problems';
import { setupFileSchema } from '@/domain/setup';
import { benchFileAsNow, setupFileFrom1 } from '@/domain/upgrades';
import { readPart } from '@/i18n/quick-add/read-part';
import { demoFiles } from '../helpers/demo';
import { one, type Random } from './examples';

/** A way in from outside as if it were a model, with an input that it takes. */
export interface Importer extends Model {
  readonly example: (random: Random) => unknown;
}

const importer = (name: string, example: Importer['example'], take: (raw: unknown) => unknown): Importer => ({
  name,
  example,
  input: z.unknown(),
  output: z.unknown(),
  run: (raw) => {
    const problems = outsideProblems(raw);
    if (problems.length > 0) return { ok: false, problems };
    const taken = take(raw);
    return { ok: true, data: taken ?? null };
  },
});

const { angler: _, ...house } = demoHouse;
const bench = {
  version: 2,
  kind: 'bench',
  id: 'bench',
  name: 'Bench',
  house,
  parts: demoParts.slice(0, 12).map((part) => ({ part, updatedAt: '2026-01-01T00:00:00.000Z', archivedAt: null })),
  readings: [],
  movements: [],
  setups: [],
};

const WORDS = [
  '7\'2"',
  'MH',
  'fast',
  '3/8-1 oz',
  'hook',
  '3/0',
  'braid',
  '0,28 mm',
  '#4',
  'anzuelo',
  '18 kg',
  '9 inch',
  '½',
  '1e400 g',
  '∞',
  '-',
  '"',
  '/',
  '0x10',
];

/** Every way in: files, tables, and the line that makes a part. */
export const IMPORTERS: readonly Importer[] = [
  importer(
    'bench file',
    () => structuredClone(bench),
    (raw) => parse(benchFileSchema, benchFileAsNow(raw)),
  ),
  importer(
    'setup file',
    (random) => structuredClone(one(demoFiles, random).file),
    (raw) => parse(setupFileSchema, setupFileFrom1(raw)),
  ),
  importer(
    'table of parts',
    (random) => partsToRows(demoParts.slice(Math.floor(random() * 90)).slice(0, 8)),
    (raw) => {
      const rows = Array.isArray(raw) ? raw.map((row) => (Array.isArray(row) ? row.map(String) : [String(row)])) : [];
      return planParts(
        rows,
        demoParts,
        () => 'new-part',
        () => undefined,
      );
    },
  ),
  importer(
    'quick add',
    (random) =>
      Array.from({ length: 1 + Math.floor(random() * 7) }, () => one(WORDS, random)).join(random() < 0.9 ? ' ' : ''),
    (raw) => readPart(typeof raw === 'string' ? raw : (JSON.stringify(raw) ?? ''), partIdSchema.parse('new-part')),
  ),
];
