import { afterAll, beforeAll, beforeEach, expect, it } from 'vitest';
import type { Db } from '@/db/client';
import { countUsers, findBench, listAnglers, listMembers } from '@/db/repo';
import type { BenchId } from '@/domain/ids';
import { as, crewOn, PASSWORD, person, type Person } from '../helpers/crew';
import { aBench, emptyDatabase } from '../helpers/database';

let db: Db;
let close: () => Promise<void>;
let bench: BenchId;
let owner: Person;
let mate: Person;
let nth = 0;

beforeAll(async () => {
  const empty = await emptyDatabase();
  ({ db, close } = empty);
  crewOn(empty.url);
});
afterAll(() => close());
beforeEach(async () => {
  nth += 1;
  bench = await aBench(db);
  owner = await person(db, `Marta ${nth}`, bench, 'owner');
  mate = await person(db, `Ivo ${nth}`, bench, 'mate');
});

async function leave(who: Person | null, password: string = PASSWORD): Promise<readonly [number, unknown]> {
  const { POST } = await import('@/app/crew/account/route');
  await as(who);
  const response = await POST(
    new Request('http://localhost:4173/crew/account', { method: 'POST', body: JSON.stringify({ password }) }),
  );
  return [response.status, await response.json()];
}
const names = async () => (await listMembers(db, bench)).map(({ name }) => name);

it('a member goes; their angler stays with what they did, and what is sent again does nothing', async () => {
  const anglers = await listAnglers(db, bench);
  await as(mate);
  expect(await leave(mate)).toEqual([200, { code: 'deleted' }]);
  expect(await names()).toEqual([owner.name]);
  expect((await listAnglers(db, bench)).map(({ id }) => id)).toEqual(anglers.map(({ id }) => id));
  expect((await leave(null))[0]).toBe(401);
});

it('a wrong password deletes nothing, and only a few are tried', async () => {
  for (let i = 0; i < 5; i += 1) expect(await leave(mate, 'not the password')).toEqual([403, { code: 'wrong' }]);
  expect((await leave(mate))[0]).toBe(429);
  expect(await names()).toContain(mate.name);
});

it('the last owner of a bench stays until there is another one', async () => {
  const { name } = (await findBench(db, bench))!;
  expect(await leave(owner)).toEqual([409, { code: 'last-owner', benches: [name] }]);
  await person(db, `Nora ${nth}`, bench, 'owner');
  expect((await leave(owner))[0]).toBe(200);
});

it('two owners who go at once leave one of them there', async () => {
  const other = await person(db, `Nora ${nth}`, bench, 'owner');
  const { POST } = await import('@/app/crew/account/route');
  const asks = [];
  for (const who of [owner, other]) {
    await as(who);
    asks.push(
      POST(
        new Request('http://localhost:4173/crew/account', {
          method: 'POST',
          body: JSON.stringify({ password: PASSWORD }),
        }),
      ),
    );
    // The request is known as this person's before the next one asks.
    await new Promise((resume) => setTimeout(resume, 30));
  }
  const answers = await Promise.all(asks);
  expect(answers.map(({ status }) => status).sort()).toEqual([200, 409]);
});

it('the very last account may go, and the console makes the first one anew', async () => {
  const empty = await emptyDatabase();
  bench = await aBench(db);
  owner = await person(db, 'Marta', bench, 'owner');
  expect(await leave(owner)).toEqual([200, { code: 'deleted' }]);
  expect(await countUsers(db)).toBe(0);
  await empty.close();
});
