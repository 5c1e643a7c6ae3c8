import 'server-only';
import { timed } from './metrics';
import { PageFailedError } from './page-query';
import { failureCode, type FailureCode } from './reply';

const STATUS: Readonly<Record<FailureCode, number>> = {
  'bad-input': 422,
  'other-input': 409,
  'database-away': 503,
  busy: 503,
  'disk-full': 507,
  failed: 500,
  'signed-out': 401,
  'not-allowed': 403,
  'other-bench': 409,
};

/** The way of every route: none ends in a bare failure, whatever happened has a code that the page has a sentence for. */
export async function routeResponse(serve: () => Promise<Response>): Promise<Response> {
  try {
    return await timed('route', serve, ({ status }) => String(status));
  } catch (error) {
    const code = error instanceof PageFailedError ? error.digest : failureCode(error);
    return Response.json({ code }, { status: STATUS[code] });
  }
}
