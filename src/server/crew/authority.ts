import 'server-only';
import { readFile } from 'node:fs/promises';
import { routeResponse } from '../route-response';

/** The certificate of this machine's own authority, for a phone that is to trust it. */
export const authorityFile = (): Promise<Response> =>
  routeResponse(async () => {
    const path = process.env['FERULA_AUTHORITY'];
    const pem = path ? await readFile(path).catch(() => null) : null;
    if (!pem) return Response.json({ code: 'not-found' }, { status: 404 });
    return new Response(new Uint8Array(pem), {
      headers: {
        'content-type': 'application/x-x509-ca-cert',
        'content-disposition': 'attachment; filename="ferula-authority.crt"',
      },
    });
  });
