import 'server-only';

/** The largest file that is taken [bytes]. */
export const MOST_BYTES = 64 * 1024 * 1024;

export type BodyOutcome =
  | { readonly ok: true; readonly json: unknown }
  | { readonly ok: false; readonly code: 'foreign' | 'too-large' | 'not-json'; readonly status: number };

/** The JSON body of a request that came from this site's own pages. */
export async function readBody(request: Request): Promise<BodyOutcome> {
  if (!isOwn(request.headers.get('origin'), request.headers.get('host')))
    return { ok: false, code: 'foreign', status: 403 };
  const text = await readText(request);
  if (text === null) return { ok: false, code: 'too-large', status: 413 };
  try {
    return { ok: true, json: JSON.parse(text) as unknown };
  } catch {
    return { ok: false, code: 'not-json', status: 400 };
  }
}

/** A browser names the origin of whatever page sends; programs that are no browser name none. */
const isOwn = (origin: string | null, host: string | null): boolean =>
  origin === null || (URL.canParse(origin) && new URL(origin).host === host);

/** The body as text; null once it has more bytes than are taken, whatever its headers said. */
async function readText(request: Request): Promise<string | null> {
  if (Number(request.headers.get('content-length') ?? 0) > MOST_BYTES) return null;
  const decoder = new TextDecoder();
  const pieces: string[] = [];
  let bytes = 0;
  for await (const chunk of request.body ?? []) {
    bytes += chunk.byteLength;
    if (bytes > MOST_BYTES) return null;
    pieces.push(decoder.decode(chunk, { stream: true }));
  }
  return pieces.join('') + decoder.decode();
}
