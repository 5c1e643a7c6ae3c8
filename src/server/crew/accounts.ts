import { hashPassword } from 'better-auth/crypto';
import { endSessions, findUserByName, insertAccount, putPassword, putRecoveryCodes, takeRecoveryCode } from '@/db/repo';
import type { Tx } from '@/db/client';
import { nameKey } from '@/domain/crew/names';
import { newRecoveryCodes, recoveryHash } from './secrets';

export interface NewAccount {
  readonly userId: string;
  /** shown once */
  readonly codes: readonly string[];
}

/** Makes an account; null where the name is taken. */
export async function makeAccount(
  tx: Tx,
  { name, password }: { readonly name: string; readonly password: string },
  now: Date,
): Promise<NewAccount | null> {
  if (await findUserByName(tx, nameKey(name))) return null;
  const userId = crypto.randomUUID();
  await insertAccount(tx, {
    userId,
    name: name.trim(),
    nameKey: nameKey(name),
    passwordHash: await hashPassword(password),
    now,
  });
  return { userId, codes: await renewRecoveryCodes(tx, userId) };
}

/** New recovery codes; the earlier ones are void. */
export async function renewRecoveryCodes(tx: Tx, userId: string): Promise<readonly string[]> {
  const codes = newRecoveryCodes();
  await putRecoveryCodes(tx, userId, codes.map(recoveryHash));
  return codes;
}

/** Sets a new password by a recovery code, which uses it up, and ends every session; false where name or code are wrong. */
export async function recoverAccount(
  tx: Tx,
  { name, code, password }: { readonly name: string; readonly code: string; readonly password: string },
  now: Date,
): Promise<boolean> {
  const found = await findUserByName(tx, nameKey(name));
  if (!found || !(await takeRecoveryCode(tx, found.id, recoveryHash(code)))) return false;
  await putPassword(tx, found.id, await hashPassword(password), now);
  await endSessions(tx, found.id);
  return true;
}
