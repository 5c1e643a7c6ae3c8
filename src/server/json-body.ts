import 'server-only';
import type { z } from 'zod';
import type { Need } from '@/domain/crew/roles';
import { parse, type Problem } from '@/domain/problems';
import { accessTo, type Access } from './access';
import { routeResponse } from './route-response';

/** The way of every JSON body: read up to its limit, parsed, then one use case; what is wrong is named field by field. */
export async function withBody<T>(
  request: Request,
  schema: z.ZodType<T>,
  serve: (data: T) => Promise<Response>,
  mostBytes = 100_000,
): Promise<Response> {
  return routeResponse(() => served(request, schema, serve, mostBytes));
}

/** The same for members: whether they may is checked before the body is read. */
export const withMembersBody = <T>(
  need: Need,
  request: Request,
  schema: z.ZodType<T>,
  serve: (data: T, access: Access) => Promise<Response>,
  mostBytes = 100_000,
): Promise<Response> =>
  routeResponse(async () => {
    const access = await accessTo(need);
    return served(request, schema, (data) => serve(data, access), mostBytes);
  });

async function served<T>(
  request: Request,
  schema: z.ZodType<T>,
  serve: (data: T) => Promise<Response>,
  mostBytes: number,
): Promise<Response> {
  const text = await textUpTo(request, mostBytes);
  let raw: unknown = null;
  try {
    raw = JSON.parse(text ?? '');
  } catch {
    return refusedInput([{ path: '$', given: null, allowed: { kind: 'format', format: 'JSON' } }]);
  }
  const parsed = parse(schema, raw);
  return parsed.ok ? serve(parsed.data) : refusedInput(parsed.problems);
}

export const refusedInput = (fields: readonly Problem[]): Response =>
  Response.json({ code: 'bad-input', fields }, { status: 422 });

/** The body as text, or null once it grows beyond what is taken. */
export const textUpTo = async (request: Request, mostBytes: number): Promise<string | null> =>
  (await bytesUpTo(request, mostBytes))?.toString('utf8') ?? null;

/** The body, or null once it grows beyond what is taken. */
export async function bytesUpTo(request: Request, mostBytes: number): Promise<Buffer | null> {
  const reader = request.body?.getReader();
  if (!reader) return Buffer.alloc(0);
  const pieces: Uint8Array[] = [];
  let bytes = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return Buffer.concat(pieces);
    bytes += value.length;
    if (bytes > mostBytes) {
      await reader.cancel();
      return null;
    }
    pieces.push(value);
  }
}
