import 'server-only';
import { z } from 'zod';
import type { Db, Tx } from '@/db/client';
import { listParts, usualAnglerId } from '@/db/repo';
import { rehearse } from '@/db/transact';
import type { Need } from '@/domain/crew/roles';
import { benchFileSchema } from '@/domain/bench-file';
import { bundleSchema } from '@/domain/exchange/bundle';
import { partsToRows } from '@/domain/exchange/parts-to-rows';
import { requestIdSchema, type AnglerId, type BenchId } from '@/domain/ids';
import { outsideProblems, parse } from '@/domain/problems';
import { setupFileSchema } from '@/domain/setup';
import { benchFileAsNow, setupFileFrom1 } from '@/domain/upgrades';
import { getI18n } from '@/i18n/server';
import { routeResponse } from '../route-response';
import { changeBox, changesSchema } from '../box/change-box';
import { accessTo } from '../access';
import { asAsker } from '../asker';
import { database } from '../database';
import { csv, download } from '../download';
import { once, TakenBack } from '../once';
import { startSetup } from '../setups/start-setup';
import { bundleOf, takeBundle } from './bundles';
import { benchToFile } from './bench-to-file';
import { compareBench, fileToBench } from './file-to-bench';
import { readBody } from './read-body';

/** The Box as CSV, RFC 4180. */
export const partsCsv = (): Promise<Response> =>
  routeResponse(async () => {
    const { benchId } = await accessTo('bench');
    const parts = await listParts(database(), benchId);
    return csv(partsToRows(parts), 'parts.csv');
  });

/** The whole bench as a file. */
export const benchJson = (): Promise<Response> =>
  routeResponse(async () => {
    const { benchId } = await accessTo('bench');
    const file = await benchToFile(database(), benchId);
    return new Response(`${JSON.stringify(file, null, 1)}\n`, {
      headers: download('bench.json', 'application/json'),
    });
  });

const wantedSchema = z.union([
  z.strictObject({ setup: z.string() }).transform(({ setup }) => ({ kind: 'sheet', id: setup }) as const),
  z.strictObject({ spread: z.string() }).transform(({ spread }) => ({ kind: 'spread', id: spread }) as const),
  z.strictObject({}).transform(() => ({ kind: 'all' }) as const),
]);

/** A setup (?setup=), a spread with its setups (?spread=), or every setup, spread and part, for another bench. */
export const bundleJson = (request: Request): Promise<Response> =>
  routeResponse(async () => {
    const { benchId } = await accessTo('bench');
    const wanted = wantedSchema.safeParse(Object.fromEntries(new URL(request.url).searchParams));
    const bundle = wanted.success ? await bundleOf(database(), benchId, wanted.data) : null;
    if (!bundle) return Response.json({ code: 'not-found' }, { status: 404 });
    return new Response(`${JSON.stringify(bundle, null, 1)}\n`, {
      headers: download('bundle.json', 'application/json'),
    });
  });

const SCHEMAS = new Map<string, z.ZodType>([
  ['bundle', bundleSchema],
  ['bench', benchFileSchema],
  ['setup', setupFileSchema],
]);

/** JSON Schema of a file; null for a name that is none. */
export function fileSchema(name: string): Response | null {
  const schema = SCHEMAS.get(name);
  return schema ? Response.json(z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' })) : null;
}

/** Says what planned changes of parts would come to, or with `confirm` makes them, all or none. */
export const importParts = (request: Request): Promise<Response> =>
  importing(
    request,
    'import-parts',
    'edit',
    (json) => json,
    changesSchema,
    async ({ changes, reason }, { tx, benchId, now, authorId }) => {
      const outcome = await changeBox(tx, benchId, changes, reason, now, authorId);
      switch (outcome.kind) {
        case 'changed':
          return { ok: true, data: { count: outcome.parts.length } };
        case 'bad-input':
          return { ok: false, code: 'bad-input', fields: outcome.problems.slice(0, MOST_PROBLEMS) };
        case 'breaks':
          return { ok: false, code: 'breaks', setups: outcome.setups.slice(0, MOST_PROBLEMS) };
        case 'stale':
          return { ok: false, code: 'stale' };
        default:
          return outcome satisfies never;
      }
    },
  );

/** Compares a bench file with the bench, or with `confirm` puts it in its place. */
export const importBench = (request: Request): Promise<Response> =>
  importing(
    request,
    'import-bench',
    'crew',
    benchFileAsNow,
    benchFileSchema,
    async (file, { tx, benchId, now, confirm }) => {
      const before = confirm ? null : await benchToFile(tx, benchId);
      const broken = await fileToBench(tx, benchId, file, now);
      const setups = broken.slice(0, MOST_PROBLEMS).map(({ id, name, faults }) => ({ setupId: id, name, faults }));
      const leftOut = file.unreadable.length;
      return {
        ok: true,
        data: confirm ? { done: true } : { ...(before ? compareBench(before, file) : {}), broken: setups, leftOut },
      };
    },
  );

/** Says what a setup file would add, or with `confirm` makes a setup of it; parts that the Box holds stay as they are. */
export const importSetup = (request: Request): Promise<Response> =>
  importing(
    request,
    'import-setup',
    'edit',
    setupFileFrom1,
    setupFileSchema,
    async (file, { tx, benchId, now, reason, authorId }) => {
      const { name, parts, chain, presentation } = file;
      const outcome = await startSetup(tx, benchId, { name, reason, parts, chain, presentation }, now, authorId);
      return outcome.kind === 'started'
        ? { ok: true, data: { setupId: outcome.setupId, name, newParts: outcome.newParts } }
        : { ok: false, code: 'bad-input', fields: outcome.problems.slice(0, MOST_PROBLEMS) };
    },
  );

/** Says what a bundle would add, or with `confirm` puts it on the bench, matched with what is there. */
export const importBundle = (request: Request): Promise<Response> =>
  importing(
    request,
    'import-bundle',
    'edit',
    (json) => json,
    bundleSchema,
    async (bundle, { tx, benchId, now, reason, authorId }) => ({
      ok: true,
      data: await takeBundle(tx, benchId, bundle, { now, authorId, reason }),
    }),
  );

const MOST_PROBLEMS = 20;

type ImportAnswer =
  | { readonly ok: true; readonly data: unknown }
  | { readonly ok: false; readonly code: string; readonly fields?: unknown; readonly setups?: unknown };

interface ImportContext {
  readonly tx: Tx;
  readonly benchId: BenchId;
  readonly now: Date;
  /** who is taken to do it */
  readonly authorId: AnglerId | null;
  readonly confirm: boolean;
  /** what the first revision of a setup that came in says */
  readonly reason: string;
}

/**
 * The way of every import. Without `confirm=yes` the very same is done and taken back, so that what is shown before
 * confirming is what confirming does. With it the request carries an Idempotency-Key, a UUID of version 7.
 */
function importing<I>(
  request: Request,
  action: string,
  need: Need,
  asNow: (json: unknown) => unknown,
  schema: z.ZodType<I>,
  serve: (input: I, context: ImportContext) => Promise<ImportAnswer>,
): Promise<Response> {
  return routeResponse(async () => {
    const { benchId, anglerId } = await accessTo(need);
    const body = await readBody(request);
    if (!body.ok) return Response.json({ code: body.code }, { status: body.status });
    const outside = outsideProblems(body.json);
    const parsed = outside.length > 0 ? ({ ok: false, problems: outside } as const) : parse(schema, asNow(body.json));
    if (!parsed.ok)
      return Response.json({ code: 'bad-input', fields: parsed.problems.slice(0, MOST_PROBLEMS) }, { status: 422 });
    const confirm = new URL(request.url).searchParams.get('confirm') === 'yes';
    const [db, now] = [database(), new Date()];
    const reason = (await getI18n()).t('box.why.import');
    const work = async (tx: Tx) =>
      asAsker(anglerId, async () =>
        serve(parsed.data, {
          tx,
          benchId,
          now,
          confirm,
          reason,
          authorId: anglerId ?? (await usualAnglerId(tx, benchId)),
        }),
      );
    if (!confirm) return importResponse(await rehearsed(db, work));
    const id = requestIdSchema.safeParse(request.headers.get('idempotency-key'));
    if (!id.success) return Response.json({ code: 'no-request-id' }, { status: 400 });
    const outcome = await once(db, benchId, { id: id.data, action, input: body.json }, now, work);
    return outcome.kind === 'answered'
      ? importResponse(outcome.answer)
      : Response.json({ code: 'other-input' }, { status: 409 });
  });
}

async function rehearsed(db: Db, work: (tx: Tx) => Promise<ImportAnswer>): Promise<ImportAnswer> {
  try {
    return await rehearse(db, work);
  } catch (error) {
    if (error instanceof TakenBack) return error.answer as ImportAnswer;
    throw error;
  }
}

const importResponse = (answer: ImportAnswer): Response => {
  if (answer.ok) return Response.json(answer.data);
  const { ok: _, ...refusal } = answer;
  return Response.json(refusal, { status: answer.code === 'bad-input' ? 422 : 409 });
};
