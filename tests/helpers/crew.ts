import { v7 as newRequestId } from 'uuid';
import type { Db } from '@/db/client';
import { transact } from '@/db/transact';
import type { Role } from '@/domain/crew/roles';
import type { BenchId } from '@/domain/ids';
import { makeAccount } from '@/server/crew/accounts';
import { authRoute } from '@/server/crew/auth-route';
import { addMember } from '@/server/crew/members';
import { asked } from './request';

export const PASSWORD = 'a long enough word';

/** The environment of an instance at which people sign in. */
export function crewOn(databaseUrl: string, publicUrl = 'http://localhost:4173'): void {
  Object.assign(process.env, {
    DATABASE_URL: databaseUrl,
    PUBLIC_URL: publicUrl,
    CREW: 'on',
    FERULA_SECRET: 'x'.repeat(64),
  });
}

export interface Person {
  readonly userId: string;
  readonly name: string;
}

/** Somebody with an account, a member of a bench where one is given. */
export async function person(db: Db, name: string, benchId: BenchId | null, role: Role = 'mate'): Promise<Person> {
  const now = new Date();
  return transact(db, async (tx) => {
    const made = await makeAccount(tx, { name, password: PASSWORD }, now);
    if (!made) throw new Error(`${name} is there already`);
    if (benchId) await addMember(tx, { benchId, userId: made.userId, name, role }, now);
    return { userId: made.userId, name };
  });
}

export const signInRequest = (name: string, password: string): Request =>
  new Request('http://localhost:4173/crew/auth/sign-in/username', {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: 'http://localhost:4173', 'x-forwarded-for': '127.0.0.1' },
    body: JSON.stringify({ username: name, password }),
  });

/** From now on the code of the server is asked by this person; null: by nobody. */
export async function as(who: Person | null): Promise<void> {
  asked.jar.clear();
  asked.headers = new Headers();
  if (!who) return;
  const answer = await authRoute(signInRequest(who.name, PASSWORD));
  if (!answer.ok) throw new Error(`${who.name} could not sign in: ${answer.status} ${await answer.text()}`);
  for (const cookie of answer.headers.getSetCookie()) {
    const [pair = ''] = cookie.split(';');
    const at = pair.indexOf('=');
    asked.jar.set(pair.slice(0, at), pair.slice(at + 1));
  }
}

export const sentFor = (input: unknown, benchId?: string) => ({
  requestId: newRequestId(),
  input,
  ...(benchId && { benchId }),
});
