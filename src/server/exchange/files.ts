import 'server-only';
import Papa from 'papaparse';
import { z } from 'zod';
import { connectionProblem } from '@/db/connection-problem';
import { findParts, listParts } from '@/db/repo';
import { benchFileSchema } from '@/domain/bench-file';
import { partsToRows } from '@/domain/exchange/parts-to-rows';
import { parse } from '@/domain/problems';
import { setupFileSchema } from '@/domain/setup';
import { getI18n } from '@/i18n/server';
import { changeBox, changesSchema } from '../box/change-box';
import { currentBench } from '../current-bench';
import { database } from '../database';
import { startSetup } from '../setups';
import { benchToFile } from './bench-to-file';
import { compareBench, fileToBench } from './file-to-bench';
import { readBody } from './read-body';

const download = (name: string, type: string) => ({
  'content-type': type,
  'content-disposition': `attachment; filename="${name}"`,
});

/** The Box as CSV, RFC 4180. */
export async function partsCsv(): Promise<Response> {
  const parts = await listParts(database(), await currentBench());
  return new Response(Papa.unparse(partsToRows(parts), { newline: '\r\n' }) + '\r\n', {
    headers: download('parts.csv', 'text/csv; charset=utf-8; header=present'),
  });
}

/** The whole bench as a file. */
export async function benchJson(): Promise<Response> {
  const file = await benchToFile(database(), await currentBench());
  return new Response(`${JSON.stringify(file, null, 1)}\n`, { headers: download('bench.json', 'application/json') });
}

const SCHEMAS = { bench: benchFileSchema, setup: setupFileSchema } as const;

/** JSON Schema of a file; null for a name that is none. */
export function fileSchema(name: string): Response | null {
  const schema = name in SCHEMAS ? SCHEMAS[name as keyof typeof SCHEMAS] : null;
  return schema && Response.json(z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }));
}

/** Takes planned changes of parts, all or none. */
export async function importParts(request: Request): Promise<Response> {
  return answer(request, async (json) => {
    const parsed = parse(changesSchema, json);
    if (!parsed.ok) return Response.json({ code: 'bad-input', fields: parsed.problems.slice(0, 20) }, { status: 422 });
    const outcome = await changeBox(
      database(),
      await currentBench(),
      parsed.data.changes,
      parsed.data.reason,
      new Date(),
    );
    return outcome.kind === 'changed'
      ? Response.json({ count: outcome.parts.length })
      : Response.json({ code: 'stale' }, { status: 409 });
  });
}

/** Compares a bench file with the bench, or with `confirm` puts it in its place. */
export async function importBench(request: Request): Promise<Response> {
  const confirm = new URL(request.url).searchParams.get('confirm') === 'yes';
  return answer(request, async (json) => {
    const parsed = parse(benchFileSchema, json);
    if (!parsed.ok) return Response.json({ code: 'bad-input', fields: parsed.problems.slice(0, 20) }, { status: 422 });
    const benchId = await currentBench();
    if (confirm) {
      await fileToBench(database(), benchId, parsed.data);
      return Response.json({ done: true });
    }
    const now = await benchToFile(database(), benchId);
    return Response.json(now ? compareBench(now, parsed.data) : null);
  });
}

/** Says what a setup file would add, or with `confirm` makes a setup of it; parts that the Box holds stay as they are. */
export async function importSetup(request: Request): Promise<Response> {
  const confirm = new URL(request.url).searchParams.get('confirm') === 'yes';
  return answer(request, async (json) => {
    const parsed = parse(setupFileSchema, json);
    if (!parsed.ok) return Response.json({ code: 'bad-input', fields: parsed.problems.slice(0, 20) }, { status: 422 });
    const { name, parts, chain, presentation } = parsed.data;
    const benchId = await currentBench();
    const held = new Set(
      (
        await findParts(
          database(),
          benchId,
          parts.map(({ id }) => id),
        )
      ).map(({ id }) => id),
    );
    if (!confirm) return Response.json({ name, newParts: parts.filter(({ id }) => !held.has(id)).length });
    const outcome = await startSetup(
      database(),
      benchId,
      { name, reason: (await getI18n()).t('box.why.import'), parts, chain, presentation },
      new Date(),
    );
    if (outcome.kind === 'bad-input')
      return Response.json({ code: 'bad-input', fields: outcome.problems.slice(0, 20) }, { status: 422 });
    return Response.json({ setupId: outcome.setupId });
  });
}

async function answer(request: Request, serve: (json: unknown) => Promise<Response>): Promise<Response> {
  const body = await readBody(request);
  if (!body.ok) return Response.json({ code: body.code }, { status: body.status });
  try {
    return await serve(body.json);
  } catch (error) {
    if (connectionProblem(error)) return Response.json({ code: 'database-away' }, { status: 503 });
    throw error;
  }
}
