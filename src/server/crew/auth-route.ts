import 'server-only';
import { countTry, forgetTries } from '@/db/repo';
import { nameKey } from '@/domain/crew/names';
import { database } from '../database';
import { textUpTo } from '../json-body';
import { routeResponse } from '../route-response';
import { auth, AUTH_PATH } from './auth';
import { isCrewOn } from './mode';

/** What of the library is answered; accounts are made and mended by our own use cases. */
const ANSWERED: ReadonlySet<string> = new Set([
  '/sign-in/username',
  '/sign-out',
  '/change-password',
  '/passkey/generate-register-options',
  '/passkey/verify-registration',
  '/passkey/generate-authenticate-options',
  '/passkey/verify-authentication',
  '/passkey/delete-passkey',
]);

/** Wrong passwords for one account, whatever address they come from; a passkey signs in all the same. */
export const SIGN_IN_TRIES = { most: 10, withinS: 600 } as const;
const MOST_BYTES = 20_000;

export const tooMany = (withinS: number): Response =>
  Response.json({ code: 'too-many-tries' }, { status: 429, headers: { 'retry-after': String(withinS) } });

export const authRoute = (request: Request): Promise<Response> =>
  routeResponse(async () => {
    const path = new URL(request.url).pathname.slice(AUTH_PATH.length);
    if (!isCrewOn(process.env) || !ANSWERED.has(path)) return Response.json({ code: 'not-found' }, { status: 404 });
    if (path !== '/sign-in/username') return auth().handler(request);
    const body = await textUpTo(request, MOST_BYTES);
    const key = `sign-in ${nameKey(nameIn(body)).slice(0, 60)}`;
    if (!(await countTry(database(), key, SIGN_IN_TRIES, Date.now()))) return tooMany(SIGN_IN_TRIES.withinS);
    const answer = await auth().handler(new Request(request.url, { method: 'POST', headers: request.headers, body }));
    if (answer.ok) await forgetTries(database(), key);
    return answer;
  });

function nameIn(body: string | null): string {
  try {
    const json: unknown = JSON.parse(body ?? '');
    const name = typeof json === 'object' && json !== null && 'username' in json ? json.username : '';
    return typeof name === 'string' ? name : '';
  } catch {
    return '';
  }
}
