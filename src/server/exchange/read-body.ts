import 'server-only';

/** The largest file that is taken [bytes]. */
export const MOST_BYTES = 64 * 1024 * 1024;

export type BodyOutcome =
  | { readonly ok: true; readonly json: unknown }
  | { readonly ok: false; readonly code: 'foreign' | 'too-large' | 'not-json'; readonly status: number };

/** The JSON body of a request that came from this site's own pages. */
export async function readBody(request: Request): Promise<BodyOutcome> {
  const origin = request.headers.get('origin');
  if (origin && new URL(origin).host !== request.headers.get('host'))
    return { ok: false, code: 'foreign', status: 403 };
  if (Number(request.headers.get('content-length') ?? 0) > MOST_BYTES)
    return { ok: false, code: 'too-large', status: 413 };
  try {
    return { ok: true, json: JSON.parse(await request.text()) as unknown };
  } catch {
    return { ok: false, code: 'not-json', status: 400 };
  }
}
