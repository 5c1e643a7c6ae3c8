import 'server-only';
import { readFile } from 'node:fs/promises';
import { z } from 'zod';
import { insertDevice, takePairingCode } from '@/db/repo';
import { transact } from '@/db/transact';
import { database } from '../database';
import { routeResponse } from '../route-response';
import { forgetKnown } from './gate';
import { codeHash, COOKIE_S, cookieOf, DEVICE_COOKIE, pairingSecret } from './pairing';

const askedSchema = z.strictObject({
  code: z
    .string()
    .trim()
    .regex(/^[\d\s-]{8,20}$/),
  name: z.string().trim().min(1).max(60),
});

/** A code from the console and a name for the device: lets it in. The answer leads on; a wrong code leads back to the question. */
export const pairDevice = (request: Request): Promise<Response> =>
  routeResponse(async () => {
    const form = await request.formData();
    const asked = askedSchema.safeParse({ code: form.get('code'), name: form.get('name') });
    if (!asked.success) return leadTo('/pair?wrong=form');
    const id = crypto.randomUUID();
    const now = new Date();
    const taken = await transact(database(), async (tx) => {
      const outcome = await takePairingCode(tx, codeHash(asked.data.code), now);
      if (outcome === 'taken') await insertDevice(tx, { id, name: asked.data.name, pairedAt: now });
      return outcome;
    });
    if (taken === 'wrong') return leadTo('/pair?wrong=code');
    forgetKnown();
    const secure = (process.env['PUBLIC_URL'] ?? '').startsWith('https:') ? '; Secure' : '';
    const cookie = `${DEVICE_COOKIE}=${cookieOf(id, pairingSecret(process.env))}; Path=/; HttpOnly; SameSite=Strict; Max-Age=${COOKIE_S}${secure}`;
    return leadTo('/', { 'set-cookie': cookie });
  });

const leadTo = (location: string, headers: Readonly<Record<string, string>> = {}): Response =>
  new Response(null, { status: 303, headers: { location, ...headers } });

/** The authority of this machine, for a phone that is to trust it. */
export const authorityFile = (): Promise<Response> =>
  routeResponse(async () => {
    const path = process.env['FERULA_AUTHORITY'];
    const pem = path ? await readFile(path).catch(() => null) : null;
    if (!pem) return Response.json({ code: 'failed' }, { status: 404 });
    return new Response(new Uint8Array(pem), {
      headers: {
        'content-type': 'application/x-x509-ca-cert',
        'content-disposition': 'attachment; filename="ferula-authority.crt"',
      },
    });
  });
