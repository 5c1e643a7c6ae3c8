import { isReachedFromOutside } from './reach';

type Env = Readonly<Record<string, string | undefined>>;

/** Whether people sign in here: as `./ferula crew on` set it, or the environment of this instance. */
export const isCrewOn = (env: Env): boolean => env['CREW'] === 'on';

/** @throws {Error} where others can reach this instance and nobody needs to sign in, or where people could not sign in. */
export function requireSafe(env: Env): void {
  if (isReachedFromOutside(env) && !isCrewOn(env))
    throw new Error(
      'Other machines can reach this address, so people must sign in: ./ferula crew on, then start again.',
    );
  if (!isCrewOn(env)) return;
  secretOf(env);
  if (!URL.canParse(env['PUBLIC_URL'] ?? ''))
    throw new Error('PUBLIC_URL must be the address by which people open Ferula, so that they can sign in there.');
}

/** @throws {Error} where people sign in and no secret was given to sign their cookies with. */
export function secretOf(env: Env): string {
  const secret = env['FERULA_SECRET'] ?? '';
  if (secret.length < 32)
    throw new Error('FERULA_SECRET must have 32 characters at least; ./ferula start makes one and sets it');
  return secret;
}
