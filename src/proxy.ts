import { NextResponse, type NextRequest } from 'next/server';
import { allowedHosts, isAllowedHost } from '@/server/hosts';

/**
 * Every request comes by here. A page of another name that was made to lead to this address reads nothing: only the hosts
 * that people were told of are answered. Pages run no script but their own.
 */
export function proxy(request: NextRequest): NextResponse {
  const isHealth = request.nextUrl.pathname === '/health';
  if (!isHealth && !isAllowedHost(request.headers.get('host'), allowedHosts(process.env)))
    return sentence(
      'This address is not one that Ferula answers to. Open it by the address that ./ferula start printed, or set PUBLIC_URL.',
      421,
    );
  if (!isWellFormed(request.nextUrl.pathname))
    return sentence(
      'This address has a % that means nothing. Type it anew, or start from the list of setups: /bench',
      400,
    );
  if (isForeign(request)) return sentence('Changes are taken only from the pages of Ferula itself.', 403);
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
