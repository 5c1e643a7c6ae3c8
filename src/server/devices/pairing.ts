import { createHash, createHmac, randomInt, timingSafeEqual } from 'node:crypto';

type Env = Readonly<Record<string, string | undefined>>;

/** The cookie by which a paired device is known: its id and our signature of it. */
export const DEVICE_COOKIE = 'ferula-device';
/** As long as browsers keep any cookie [s]. */
export const COOKIE_S = 400 * 86_400;
/** A code is good for so long [ms]. */
export const CODE_MS = 10 * 60_000;

const LOOPBACK = /^(127\.\d+\.\d+\.\d+|localhost|\[?::1\]?)$/;

/** Whether anybody beyond this machine can reach it, so that every device needs to be paired. */
export function needsPairing(env: Env): boolean {
  const bind = env['BIND'] ?? '';
  const address = bind.slice(0, bind.lastIndexOf(':'));
  const publicUrl = env['PUBLIC_URL'] ?? '';
  const publicHost = URL.canParse(publicUrl) ? new URL(publicUrl).hostname : '';
  return (address !== '' && !LOOPBACK.test(address)) || (publicHost !== '' && !LOOPBACK.test(publicHost));
}

/** Eight digits: ten minutes and five tries leave nobody a chance to guess. */
export const newCode = (): string => String(randomInt(0, 100_000_000)).padStart(8, '0');

/** Spaces and dashes are as people write digits in groups. */
export const codeHash = (code: string): string => createHash('sha256').update(code.replace(/[\s-]/g, '')).digest('hex');

const signature = (id: string, secret: string): string => createHmac('sha256', secret).update(id).digest('base64url');

export const cookieOf = (id: string, secret: string): string => `${id}.${signature(id, secret)}`;

/** Whose cookie it is; null where it is none of ours. */
export function deviceOfCookie(cookie: string | undefined, secret: string): string | null {
  const dot = cookie?.lastIndexOf('.') ?? -1;
  if (!cookie || dot < 1) return null;
  const [id, given] = [cookie.slice(0, dot), Buffer.from(cookie.slice(dot + 1))];
  const right = Buffer.from(signature(id, secret));
  return given.length === right.length && timingSafeEqual(given, right) ? id : null;
}

/** @throws {Error} where devices must be paired and no secret was given to sign their cookies with. */
export function pairingSecret(env: Env): string {
  const secret = env['FERULA_SECRET'] ?? '';
  if (secret.length < 32)
    throw new Error('FERULA_SECRET must have 32 characters at least; ./ferula start makes one and sets it');
  return secret;
}
