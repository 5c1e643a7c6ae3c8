import { NextResponse, type NextRequest } from 'next/server';
import { isCrewOn } from '@/server/crew/mode';
import { allowedHosts, isAllowedHost } from '@/server/hosts';

/**
 * Every request comes by here. A page of another name that was made to lead to this address reads nothing: only the hosts
 * that people were told of are answered, and where people sign in, only the way in without a session. Whose session it is and what
 * it may do is decided in `server/access`. Pages run no script but their own.
 */
export function proxy(request: NextRequest): NextResponse {
  const { pathname } = request.nextUrl;
  if (!FOR_MACHINES.has(pathname) && !isAllowedHost(request.headers.get('host'), allowedHosts(process.env)))
    return sentence(
      'This address is not one that Ferula answers to. Open it by the address that ./ferula start printed, or set PUBLIC_URL.',
      421,
    );
  if (!isWellFormed(pathname))
    return sentence(
      'This address has a % that means nothing. Type it anew, or start from the list of setups: /bench',
      400,
    );
  if (isForeign(request)) return sentence('Changes are taken only from the pages of Ferula itself.', 403);
  if (isCrewOn(process.env) && !isOpen(pathname) && !SESSION_COOKIES.some((name) => request.cookies.has(name)))
    return request.method === 'GET' && (request.headers.get('accept') ?? '').includes('text/html')
      ? NextResponse.redirect(new URL('/crew/sign-in', process.env['PUBLIC_URL'] ?? request.url), 303)
      : NextResponse.json({ code: 'signed-out' }, { status: 401 });
  const nonce = btoa(crypto.randomUUID());
  const policy = contentPolicy(nonce);
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  // Next reads the nonce for its own scripts out of the request's policy.
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  return response;
}

/** What other programs ask: whether it lives, whether it is ready, how it does. */
const FOR_MACHINES: ReadonlySet<string> = new Set(['/health', '/ready', '/metrics']);

/** What is seen without a session: the ways in, what a link shows, and the application's own code. */
const OPEN = [
  '/crew/sign-in',
  '/crew/join',
  '/crew/recover',
  '/crew/way-in',
  '/crew/auth',
  '/crew/authority.crt',
  '/shared',
  '/serwist',
  '/manifest.webmanifest',
];
const isOpen = (pathname: string): boolean =>
  FOR_MACHINES.has(pathname) || OPEN.some((each) => pathname === each || pathname.startsWith(`${each}/`));

/** Over HTTPS the library gives its cookie the stricter name. */
const SESSION_COOKIES = ['ferula.session_token', '__Secure-ferula.session_token'] as const;

const sentence = (text: string, status: number): NextResponse =>
  new NextResponse(`${text}\n`, { status, headers: { 'content-type': 'text/plain; charset=utf-8' } });

function isWellFormed(pathname: string): boolean {
  try {
    decodeURIComponent(pathname);
    return true;
  } catch {
    return false;
  }
}

/** Whether a change comes from a page of somebody else; programs that are no browser name no origin. */
function isForeign({ method, headers }: NextRequest): boolean {
  const origin = headers.get('origin');
  if (method === 'GET' || method === 'HEAD' || origin === null) return false;
  return !URL.canParse(origin) || new URL(origin).host !== headers.get('host');
}

const contentPolicy = (nonce: string): string =>
  [
    "default-src 'self'",
    `script-src 'self' 'wasm-unsafe-eval' 'nonce-${nonce}'${process.env.NODE_ENV === 'development' ? " 'unsafe-eval'" : ''}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'self'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');

export const config = {
  // Files of the build are the same for everyone and carry no data.
  matcher: [{ source: '/((?!_next/static|icon.svg|favicon.ico).*)' }],
};
