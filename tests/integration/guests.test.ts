import { sql } from 'drizzle-orm';
import { v7 as newRequestId } from 'uuid';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import type { Db } from '@/db/client';
import { demoBenchId } from '@/db/load-demo';
import { spreadRepo } from '@/db/repo';
import type { Shown } from '@/domain/crew/shown';
import type { BenchId } from '@/domain/ids';
import { recover } from '@/server/crew/join';
import { getGuestPage } from '@/server/guest/guest-page';
import { takeShown } from '@/server/guest/take';
import { newestSetups } from '@/server/setups/newest-setups';
import { as, crewOn, person, sentFor, signInRequest, type Person } from '../helpers/crew';
import { aBench, demoDatabase } from '../helpers/database';
import { here } from '../helpers/here';

let db: Db;
let close: () => Promise<void>;
let owner: Person;
let friend: Person;
let theirs: BenchId;
let nth = 0;

beforeAll(async () => {
  const open = await demoDatabase();
  ({ db, close } = open);
  crewOn(open.url);
  owner = await person(db, 'Marta Guests', demoBenchId, 'owner');
});
afterAll(() => close());
beforeEach(async () => {
  nth += 1;
  await db.execute(sql`delete from rate_limit`);
  theirs = await aBench(db);
  friend = await person(db, `Pau Guests ${nth}`, theirs, 'owner');
});

/** A link to one thing of the demo, as its owner makes it. */
async function shown(thing: Shown): Promise<string> {
  const secret = `guest-${nth}-${thing.kind}-`.padEnd(40, 'x');
  await as(owner);
  const { shareAction } = await import('@/server/actions/crew');
  const made = await shareAction(sentFor({ shown: thing, name: 'Harbour', hours: 72, secret }, demoBenchId));
  if (!made.ok) throw new Error(JSON.stringify(made));
  await as(null);
  return secret;
}
const firstTrip = async () => {
  const [rows] = (await db.execute(sql`select trip_id from trip_event limit 1`)) as unknown as [{ trip_id: string }[]];
  return rows[0]!.trip_id;
};

describe('what a guest sees', () => {
  it('is one sheet, judged as the crew judges it, without the figures of its angler', async () => {
    const secret = await shown({ kind: 'sheet', id: 'setup-char-flasher' } as Shown);
    const page = (await getGuestPage(secret))!;
    if (page.thing.kind !== 'sheet') throw new Error(page.thing.kind);
    const { file, evaluation } = page.thing;
    expect(file.house).toMatchObject({ angler: {}, crafts: [] });
    expect(Object.keys(evaluation.verdicts)).toHaveLength(5);
    expect(page.takeInto).toBeNull();
    expect(new Date(page.until).getTime()).toBeGreaterThan(Date.now());
  });

  it('is one spread with what stands in it, on its own boat', async () => {
    const secret = await shown({ kind: 'spread', id: 'spread-lake' } as Shown);
    const { thing } = (await getGuestPage(secret))!;
    if (thing.kind !== 'spread') throw new Error(thing.kind);
    expect(thing.page.spreads.map(({ spread }) => spread.id)).toEqual(['spread-lake']);
    expect(thing.page.house).toMatchObject({ angler: {} });
    expect(thing.page.house.crafts.map(({ id }) => id)).toEqual([thing.page.spreads[0]!.spread.craftId]);
  });

  it('is one trip without its pictures', async () => {
    const id = await firstTrip();
    const { thing } = (await getGuestPage(await shown({ kind: 'trip', id } as Shown)))!;
    if (thing.kind !== 'trip') throw new Error(thing.kind);
    expect(thing.day.strikes.length).toBeGreaterThan(0);
    for (const { photoIds } of thing.day.strikes) expect(photoIds).toEqual([]);
  });

  it('is the helm without where its instruments are reached', async () => {
    const { thing } = (await getGuestPage(await shown({ kind: 'helm' } as Shown)))!;
    if (thing.kind !== 'helm') throw new Error(thing.kind);
    if (thing.helm) expect([thing.helm.connections, thing.helm.routes]).toEqual([[], []]);
  });

  it('is nothing where the link is another, has ended, or the thing is gone', async () => {
    expect(await getGuestPage('no such secret'.padEnd(40, 'x'))).toBeNull();
    const secret = await shown({ kind: 'sheet', id: 'setup-char-flasher' } as Shown);
    await db.execute(sql`update link set until = '2020-01-01 00:00:00'`);
    expect(await getGuestPage(secret)).toBeNull();
    await db.execute(sql`delete from link`);
    for (const kind of ['sheet', 'spread', 'trip'] as const)
      expect(await getGuestPage(await shown({ kind, id: 'gone' } as Shown)), kind).toBeNull();
  });
});

describe('what a guest takes along', () => {
  const take = async (secret: string, key = newRequestId()) => {
    here.benchId = theirs;
    const request = new Request('http://localhost:4173/guest/take', {
      method: 'POST',
      headers: { 'idempotency-key': key, origin: 'http://localhost:4173' },
    });
    const answer = await takeShown(request, secret);
    return [
      answer.status,
      (await answer.json()) as { readonly href?: string; readonly newParts?: number; readonly code?: string },
    ] as const;
  };

  it('is offered to whoever signs in and may build on another bench', async () => {
    const secret = await shown({ kind: 'sheet', id: 'setup-char-flasher' } as Shown);
    await as(friend);
    expect((await getGuestPage(secret))!.takeInto).toMatchObject({ id: theirs });
    const mate = await person(db, `Ivo Guests ${nth}`, theirs, 'mate');
    await as(mate);
    expect((await getGuestPage(secret))!.takeInto).toBeNull();
    await as(owner);
    expect((await getGuestPage(secret))!.takeInto).toBeNull();
  });

  it('is a copy on their bench, once for each time that it is asked', async () => {
    const secret = await shown({ kind: 'sheet', id: 'setup-char-flasher' } as Shown);
    await as(friend);
    const key = newRequestId();
    const [status, first] = await take(secret, key);
    expect([status, first.newParts! > 5]).toEqual([200, true]);
    expect(await take(secret, key)).toEqual([200, first]);
    // Asked anew it finds what is there.
    expect(await take(secret)).toEqual([200, { newParts: 0, href: first.href }]);
    const { setups } = await newestSetups(db, theirs);
    expect(setups.map(({ id }) => `/bench/${id}`)).toEqual([first.href]);
  });

  it('is a spread with its setups', async () => {
    const secret = await shown({ kind: 'spread', id: 'spread-lake' } as Shown);
    await as(friend);
    const [status, { href }] = await take(secret);
    expect([status, href]).toEqual([200, expect.stringMatching(/^\/spread\?spread=/)]);
    const { rows } = await spreadRepo.list(db, theirs);
    expect(rows.map(({ document }) => document.name)).toEqual(
      (await spreadRepo.list(db, demoBenchId)).rows
        .filter(({ document }) => document.id === 'spread-lake')
        .map(({ document }) => document.name),
    );
  });

  it('is nothing that is only looked at, and nothing without a link', async () => {
    const helm = await shown({ kind: 'helm' } as Shown);
    await as(friend);
    expect((await take(helm))[0]).toBe(404);
    expect((await take('none'.padEnd(40, 'x')))[0]).toBe(404);
    const sheet = await shown({ kind: 'sheet', id: 'setup-char-flasher' } as Shown);
    await as(friend);
    expect(await take(sheet, 'not an id')).toEqual([400, { code: 'no-request-id' }]);
    await as(null);
    expect([401, 403]).toContain((await take(sheet))[0]);
  });
});

describe('a forgotten password', () => {
  const ask = async (body: object) => {
    const answer = await recover(
      new Request('http://localhost:4173/crew/recover', {
        method: 'POST',
        headers: { origin: 'http://localhost:4173' },
        body: JSON.stringify(body),
      }),
    );
    return [answer.status, ((await answer.json()) as { readonly code?: string }).code] as const;
  };
  const codeOf = async (who: Person) => {
    const { transact } = await import('@/db/transact');
    const { renewRecoveryCodes } = await import('@/server/crew/accounts');
    return (await transact(db, (tx) => renewRecoveryCodes(tx, who.userId)))[0]!;
  };
  const signIn = async (name: string, password: string) => {
    const { authRoute } = await import('@/server/crew/auth-route');
    return (await authRoute(signInRequest(name, password))).status;
  };

  it('is set anew by a recovery code, once; the old one opens nothing any more', async () => {
    const code = await codeOf(friend);
    const asked = { name: friend.name, code, password: 'another long word' };
    expect(await ask(asked)).toEqual([200, 'recovered']);
    expect(await signIn(friend.name, 'another long word')).toBe(200);
    expect(await signIn(friend.name, 'a long enough word')).toBe(401);
    expect(await ask(asked)).toEqual([403, 'wrong']);
  });

  it('is not set by a wrong code, and not tried for ever', async () => {
    const asked = { name: friend.name, code: 'none-of-my-codes', password: 'another long word' };
    const answers = [];
    for (let i = 0; i < 6; i += 1) answers.push((await ask(asked))[0]);
    expect(answers).toEqual([403, 403, 403, 403, 403, 429]);
    expect(await ask({ ...asked, name: 'Nobody at all' })).toEqual([403, 'wrong']);
  });
});
