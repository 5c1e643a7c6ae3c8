import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import type { Db } from '@/db/client';
import { demoParts } from '@/db/demo';
import { demoBenchId } from '@/db/load-demo';
import {
  findPreferences,
  insertBench,
  insertParts,
  listAnglers,
  listBenches,
  listLinks,
  listMembers,
  listRodHolders,
  membershipsOf,
} from '@/db/repo';
import { transact } from '@/db/transact';
import type { BenchId } from '@/domain/ids';
import { BENCH_COOKIE } from '@/server/access';
import { addMember } from '@/server/crew/members';
import { as, crewOn, person, sentFor, type Person } from '../helpers/crew';
import { aBench, emptyDatabase } from '../helpers/database';
import { asked } from '../helpers/request';

let db: Db;
let close: () => Promise<void>;
let bench: BenchId;
let owner: Person;
let builder: Person;
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
  // Everybody here signs in from one address.
  await db.execute(sql`delete from rate_limit`);
  bench = await aBench(db);
  owner = await person(db, `Marta ${nth}`, bench, 'owner');
  builder = await person(db, `Nora ${nth}`, bench, 'builder');
  mate = await person(db, `Ivo ${nth}`, bench, 'mate');
});

const crew = () => import('@/server/actions/crew');
const secretOf = (n: number) => `secret-of-link-${n}-`.padEnd(40, 'x');
const links = () => listLinks(db, bench, new Date());
const rolesNow = async () =>
  Object.fromEntries((await listMembers(db, bench)).map(({ name, role }) => [name.split(' ')[0], role]));
const own = (input: unknown) => sentFor(input, bench);

describe('an invitation', () => {
  const invite = async (n: number, given: object = {}) =>
    (await crew()).inviteAction(own({ role: 'mate', name: 'For Pau', hours: 12, secret: secretOf(n), ...given }));
  const join = async (body: object): Promise<readonly [number, Record<string, unknown>]> => {
    const { join: route } = await import('@/server/crew/join');
    const answer = await route(
      new Request('http://localhost:4173/crew/join', { method: 'POST', body: JSON.stringify(body) }),
    );
    return [answer.status, (await answer.json()) as Record<string, unknown>];
  };
  const asNew = (n: number, name: string) => ({ as: 'new', secret: secretOf(n), name, password: 'a long enough word' });

  it('is made by an owner alone, and only for a builder or a mate', async () => {
    await as(builder);
    expect(await invite(nth)).toMatchObject({ ok: false });
    await as(owner);
    expect(await invite(nth, { role: 'owner' })).toMatchObject({ ok: false, code: 'bad-input' });
    expect(await invite(nth, { hours: 13 })).toMatchObject({ ok: false, code: 'bad-input' });
    expect(await invite(nth, { secret: 'short' })).toMatchObject({ ok: false, code: 'bad-input' });
    expect(await links()).toEqual([]);
    expect(await invite(nth)).toMatchObject({ ok: true });
    expect(await links()).toMatchObject([{ name: 'For Pau', to: { kind: 'invitation', role: 'mate' } }]);
  });

  it('makes one new member with an angler and recovery codes; the second taker finds it over', async () => {
    await as(owner);
    await invite(nth);
    await as(null);
    const [status, said] = await join(asNew(nth, `Pau ${nth}`));
    expect(status).toBe(200);
    expect((said['codes'] as string[]).length).toBeGreaterThan(4);
    expect(await rolesNow()).toMatchObject({ Pau: 'mate' });
    expect((await listAnglers(db, bench)).map(({ name }) => name)).toContain(`Pau ${nth}`);
    expect(await join(asNew(nth, `Late ${nth}`))).toMatchObject([410, { code: 'over' }]);
  });

  it('of two who take it at once makes one a member', async () => {
    await as(owner);
    await invite(nth);
    await as(null);
    const answers = await Promise.all([join(asNew(nth, `Left ${nth}`)), join(asNew(nth, `Right ${nth}`))]);
    expect(answers.map(([status]) => status).sort()).toEqual([200, 410]);
    expect(await listMembers(db, bench)).toHaveLength(4);
  });

  it('is not used up by a name that is taken', async () => {
    await as(owner);
    await invite(nth);
    await as(null);
    expect(await join(asNew(nth, mate.name))).toMatchObject([409, { code: 'name-taken' }]);
    expect(await links()).toHaveLength(1);
  });

  it('is taken by whoever is signed in, and by a member without using it up', async () => {
    const stranger = await person(db, `Stranger ${nth}`, null);
    await as(owner);
    await invite(nth, { role: 'builder' });
    await as(mate);
    expect(await join({ as: 'signed-in', secret: secretOf(nth) })).toMatchObject([200, { codes: [] }]);
    expect(await rolesNow()).toMatchObject({ Ivo: 'mate' });
    await as(stranger);
    expect(await join({ as: 'signed-in', secret: secretOf(nth) })).toMatchObject([200, { codes: [] }]);
    expect(await rolesNow()).toMatchObject({ Stranger: 'builder' });
    expect(await links()).toEqual([]);
    await as(null);
    expect((await join({ as: 'signed-in', secret: secretOf(nth) }))[0]).toBe(410);
  });
});

describe('a guest’s link', () => {
  const share = async (n: number) =>
    (await crew()).shareAction(own({ shown: { kind: 'helm' }, name: 'Harbour', hours: 72, secret: secretOf(n) }));

  it('is made by whoever builds, shows one thing and ends on its day', async () => {
    await as(mate);
    expect(await share(nth)).toMatchObject({ ok: false });
    await as(builder);
    const before = Date.now();
    expect(await share(nth)).toMatchObject({ ok: true });
    const [link] = await links();
    expect(link).toMatchObject({ to: { kind: 'guest', shown: { kind: 'helm' } } });
    expect(link!.until.getTime() - before).toBeGreaterThan(71.9 * 3_600_000);
    expect(await listLinks(db, bench, new Date(link!.until.getTime() + 1))).toEqual([]);
  });

  it('is ended by whoever builds; an invitation by an owner alone', async () => {
    await as(owner);
    await share(2 * nth);
    await (await crew()).inviteAction(own({ role: 'mate', name: '', hours: 12, secret: secretOf(2 * nth + 1000) }));
    const [guest, invitation] = ['guest', 'invitation'].map((kind) =>
      links().then((all) => all.find(({ to }) => to.kind === kind)!.id),
    );
    const end = async (id: string) => (await crew()).endLinkAction(own({ id }));
    await as(builder);
    await end(await invitation!);
    await end(await guest!);
    expect((await links()).map(({ to }) => to.kind)).toEqual(['invitation']);
    await as(owner);
    await end((await links())[0]!.id);
    expect(await links()).toEqual([]);
    expect(await end('none of these')).toMatchObject({ ok: true });
  });
});

describe('roles', () => {
  const setRole = async (who: Person, role: string | null) =>
    (await crew()).setRoleAction(own({ userId: who.userId, role }));

  it('are given by an owner, and a bench keeps one owner', async () => {
    await as(builder);
    expect(await setRole(mate, 'builder')).toMatchObject({ ok: false });
    await as(owner);
    expect(await setRole(mate, 'builder')).toMatchObject({ ok: true });
    expect(await setRole(owner, 'mate')).toMatchObject({ ok: false, code: 'last-owner' });
    expect(await setRole(owner, null)).toMatchObject({ ok: false, code: 'last-owner' });
    expect(await setRole(builder, 'owner')).toMatchObject({ ok: true });
    expect(await setRole(owner, 'mate')).toMatchObject({ ok: true });
    expect(await rolesNow()).toEqual({ Marta: 'mate', Nora: 'owner', Ivo: 'builder' });
  });

  it('end with sending somebody away, once, and never reach into another bench', async () => {
    const other = await aBench(db);
    await transact(db, (tx) =>
      addMember(tx, { benchId: other, userId: mate.userId, name: mate.name, role: 'mate' }, new Date()),
    );
    await as(owner);
    expect(await setRole(mate, null)).toMatchObject({ ok: true });
    expect(await setRole(mate, null)).toMatchObject({ ok: true });
    expect(await setRole(mate, 'builder')).toMatchObject({ ok: false, code: 'not-found' });
    expect((await membershipsOf(db, mate.userId)).map(({ benchId }) => benchId)).toEqual([other]);
  });

  it('two owners who demote each other at once leave one', async () => {
    await as(owner);
    await setRole(builder, 'owner');
    const asks = [];
    for (const [who, whom] of [
      [owner, builder],
      [builder, owner],
    ] as const) {
      await as(who);
      asks.push(setRole(whom, 'mate'));
      await new Promise((resume) => setTimeout(resume, 30));
    }
    await Promise.all(asks);
    expect(Object.values(await rolesNow()).filter((role) => role === 'owner').length).toBeGreaterThanOrEqual(1);
  });
});

describe('benches', () => {
  it('are made by anyone for themselves, and the browser goes there', async () => {
    await as(mate);
    const made = await (await crew()).makeBenchAction(own({ name: ' My shed ' }));
    if (!made.ok) throw new Error(JSON.stringify(made));
    const { benchId } = made.data;
    expect(asked.jar.get(BENCH_COOKIE)).toBe(benchId);
    expect((await membershipsOf(db, mate.userId)).find((each) => each.benchId === benchId)).toMatchObject({
      role: 'owner',
      benchName: 'My shed',
    });
    expect(await (await crew()).makeBenchAction(own({ name: '  ' }))).toMatchObject({ ok: false, code: 'bad-input' });
  });

  it('are chosen by their members, and no other is said to be there', async () => {
    const other = await aBench(db);
    await as(mate);
    const choose = async (id: string) => (await crew()).chooseBenchAction(id);
    expect(await choose(bench)).toEqual({ ok: true });
    expect(await choose(other)).toEqual({ ok: false });
    expect(await choose('bench-that-is-not-there')).toEqual({ ok: false });
    expect(await choose('x'.repeat(99))).toEqual({ ok: false });
    expect(asked.jar.get(BENCH_COOKIE)).toBe(bench);
    await as(null);
    expect(await choose(bench)).toEqual({ ok: false });
  });

  it('are deleted by an owner, but not the one that is open, nor the first one', async () => {
    const other = await aBench(db);
    const theirs = await aBench(db);
    await transact(db, async (tx) => {
      await addMember(tx, { benchId: other, userId: owner.userId, name: owner.name, role: 'owner' }, new Date());
      await addMember(tx, { benchId: theirs, userId: owner.userId, name: owner.name, role: 'builder' }, new Date());
    });
    if (!(await listBenches(db)).some(({ id }) => id === demoBenchId))
      await insertBench(db, { id: demoBenchId, name: 'First', createdAt: new Date() });
    const first = (await membershipsOf(db, owner.userId)).some(({ benchId }) => benchId === demoBenchId);
    if (!first)
      await transact(db, (tx) =>
        addMember(tx, { benchId: demoBenchId, userId: owner.userId, name: owner.name, role: 'owner' }, new Date()),
      );
    await as(owner);
    const remove = async (id: string) => (await crew()).deleteBenchAction(own({ id }));
    for (const id of [bench, theirs, demoBenchId])
      expect(await remove(id)).toMatchObject({ ok: false, code: 'not-found' });
    expect(await remove(other)).toMatchObject({ ok: true });
    const left = (await listBenches(db)).map(({ id }) => id);
    expect(left).not.toContain(other);
    expect(left).toEqual(expect.arrayContaining([bench, theirs, demoBenchId]));
  });
});

describe('who holds which rod', () => {
  const rod = demoParts.find(({ kind }) => kind === 'rod')!;
  const line = demoParts.find(({ kind }) => kind === 'line')!;
  beforeEach(() => transact(db, (tx) => insertParts(tx, bench, [rod, line], new Date())));
  const hand = async (input: object) =>
    (await import('@/server/actions/rods')).handRodAction(own({ partId: rod.id, ...input }));
  const held = async () => {
    const anglers = await listAnglers(db, bench);
    return (await listRodHolders(db, bench)).map(({ anglerId }) => anglers.find(({ id }) => id === anglerId)?.name);
  };
  const anglerOf = async (who: Person) =>
    (await listMembers(db, bench)).find(({ userId }) => userId === who.userId)!.anglerId;

  it('is one touch: mine, another’s, and nobody’s', async () => {
    await as(mate);
    expect(await hand({})).toMatchObject({ ok: true });
    expect(await held()).toEqual([mate.name]);
    expect(await hand({ anglerId: await anglerOf(builder) })).toMatchObject({ ok: true });
    expect(await held()).toEqual([builder.name]);
    expect(await hand({ anglerId: null })).toMatchObject({ ok: true });
    expect(await hand({ anglerId: null })).toMatchObject({ ok: true });
    expect(await held()).toEqual([]);
  });

  it('is nobody who does not fish here, and nothing but a rod', async () => {
    await as(mate);
    expect(await hand({ anglerId: 'angler-nobody' })).toMatchObject({ ok: false, code: 'not-found' });
    expect(await hand({ partId: line.id })).toMatchObject({ ok: false, code: 'not-found' });
    expect(await hand({ partId: 'part-nobody' })).toMatchObject({ ok: false, code: 'not-found' });
    expect(await held()).toEqual([]);
  });
});

describe('language, units and light', () => {
  const preferences = () => import('@/server/actions/choose-preference');

  it('stay in the browser, and with the account', async () => {
    await as(mate);
    expect(await (await preferences()).choosePreference({ name: 'lighting', value: 'lamp' })).toEqual({ ok: true });
    expect(asked.jar.get('lighting')).toBe('lamp');
    expect(await findPreferences(db, mate.userId)).toContain('lamp');
    await as(builder);
    expect(asked.jar.has('lighting')).toBe(false);
    await as(mate);
    await (await preferences()).takeOwnPreferences();
    expect(asked.jar.get('lighting')).toBe('lamp');
  });

  it('are what they can be, and nothing else is kept', async () => {
    await as(mate);
    expect(await (await preferences()).choosePreference({ name: 'lighting', value: 'disco' } as never)).toEqual({
      ok: false,
    });
    expect(await (await preferences()).choosePreference('nonsense' as never)).toEqual({ ok: false });
    expect(asked.jar.has('lighting')).toBe(false);
  });

  it('of nobody are kept in the browser alone', async () => {
    await as(null);
    expect(await (await preferences()).choosePreference({ name: 'locale', value: 'es' })).toEqual({ ok: true });
    expect(asked.jar.get('locale')).toBe('es');
    await (await preferences()).takeOwnPreferences();
    expect(asked.jar.get('locale')).toBe('es');
  });
});

it('signing out everywhere ends every session of whoever asks, and no one else’s', async () => {
  await as(builder);
  const theirs = new Map(asked.jar);
  await as(mate);
  expect(await (await crew()).signOutEverywhereAction(own({}))).toMatchObject({ ok: true });
  const { signedIn } = await import('@/server/access');
  expect(await signedIn()).toBeNull();
  asked.jar.clear();
  for (const [name, value] of theirs) asked.jar.set(name, value);
  expect((await signedIn())?.id).toBe(builder.userId);
});
